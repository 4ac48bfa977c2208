import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, test, vi } from 'vitest';
import { ProblemError } from '../api/client';
import { WithdrawDialog } from './WithdrawDialog';

const problem = (path: string, text: string) =>
    new ProblemError({
        type: 'x',
        title: 'Request rejected',
        status: 422,
        detail: 'It cannot be withdrawn.',
        errors: [{ path, text, accepted: '' }],
    });

function show(withdraw: (why: string) => Promise<void>) {
    const onClose = vi.fn();
    render(
        <QueryClientProvider client={new QueryClient()}>
            <WithdrawDialog what="reading" form="reading:5" open onClose={onClose} withdraw={withdraw} />
        </QueryClientProvider>,
    );
    return onClose;
}

test('a reading goes with the reason that was given, and the dialog closes', async () => {
    const withdraw = vi.fn<(why: string) => Promise<void>>(() => Promise.resolve());
    const onClose = show(withdraw);
    expect(screen.getByText(/stays in the list, struck through/)).toBeTruthy();
    await userEvent.type(screen.getByLabelText('Reason'), 'Clamp on the wrong conductor.');
    await userEvent.click(screen.getByRole('button', { name: 'Withdraw reading' }));
    await waitFor(() => expect(onClose).toHaveBeenCalledOnce());
    expect(withdraw).toHaveBeenCalledWith('Clamp on the wrong conductor.');
});

test('without a reason the service refuses, at the field, and the dialog stays', async () => {
    const onClose = show(() => Promise.reject(problem('why', 'Say why it counts no more.')));
    await userEvent.click(screen.getByRole('button', { name: 'Withdraw reading' }));
    await screen.findByText('Say why it counts no more.');
    expect(onClose).not.toHaveBeenCalled();
});

test('what stands against it elsewhere is told too, and what was typed stays', async () => {
    const onClose = show(() => Promise.reject(problem('', 'Somebody withdrew it already.')));
    await userEvent.type(screen.getByLabelText('Reason'), 'Wrong motor.');
    await userEvent.click(screen.getByRole('button', { name: 'Withdraw reading' }));
    await screen.findByText('It cannot be withdrawn.');
    expect(screen.getByLabelText<HTMLInputElement>('Reason').value).toBe('Wrong motor.');
    expect(onClose).not.toHaveBeenCalled();
});

test('whoever thinks better of it withdraws nothing', async () => {
    const withdraw = vi.fn<(why: string) => Promise<void>>(() => Promise.resolve());
    const onClose = show(withdraw);
    await userEvent.click(screen.getByRole('button', { name: 'Cancel' }));
    expect(onClose).toHaveBeenCalledOnce();
    expect(withdraw).not.toHaveBeenCalled();
});
