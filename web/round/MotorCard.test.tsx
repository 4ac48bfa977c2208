import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { afterEach, expect, test, vi } from 'vitest';
import type { Round, RoundMotor } from '../api/contract';
import { MotorCard } from './MotorCard';

const motor = (more: Partial<RoundMotor> = {}): RoundMotor => ({ id: 7, tag: 'KF-204', drives: 'Kiln fan 4', checks: [], ...more });

const round = (one: RoundMotor): Round => ({
    id: 2,
    site: 1,
    area: 'Kilns',
    by: 'Shift electrician A',
    at: '2026-11-26T08:00:00Z',
    ended: false,
    motors: [one],
    defects: [],
});

function show(one: RoundMotor, readOnly = false, status = 200) {
    const sent: unknown[] = [];
    const checked = vi.fn();
    vi.stubGlobal(
        'fetch',
        vi.fn((_path: string, options: RequestInit) => {
            if (options.method === 'GET') {
                return Promise.resolve(
                    new Response(JSON.stringify({ items: [{ item: 'dial', label: 'Overload relay setting', expected: '66 A' }] })),
                );
            }
            sent.push(JSON.parse(typeof options.body === 'string' ? options.body : ''));
            const problem = {
                type: 'x',
                title: 'x',
                status,
                detail: 'See the marked field.',
                errors: [{ path: 'found', text: '“high” cannot be read.', accepted: '' }],
            };
            return Promise.resolve(new Response(JSON.stringify(status === 200 ? round(one) : problem), { status }));
        }),
    );
    render(
        <MemoryRouter>
            <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
                <MotorCard round={round(one)} motor={one} readOnly={readOnly} onChecked={checked} />
            </QueryClientProvider>
        </MemoryRouter>,
    );
    return { sent, checked };
}

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

test('the same is one touch', async () => {
    const { sent, checked } = show(motor());
    await userEvent.click(await screen.findByText('Same'));
    await waitFor(() => expect(checked).toHaveBeenCalledOnce());
    expect(sent).toEqual([{ item: 'dial', same: true, seen: false }]);
});

test('what is otherwise is typed and judged', async () => {
    const { sent } = show(motor());
    await userEvent.click(await screen.findByText('Different'));
    await userEvent.type(screen.getByLabelText('Found'), '80 A');
    await userEvent.click(screen.getByText('Check'));
    await waitFor(() => expect(sent).toEqual([{ item: 'dial', same: false, found: '80 A', seen: false }]));
});

test('what cannot be read is told at its field, and stays typed', async () => {
    show(motor(), false, 422);
    await userEvent.click(await screen.findByText('Different'));
    await userEvent.type(screen.getByLabelText('Found'), 'high');
    await userEvent.click(screen.getByText('Check'));
    await screen.findByText('“high” cannot be read.');
    expect(screen.getByLabelText<HTMLInputElement>('Found').value).toBe('high');
});

test('whoever only reads sees what was found and touches nothing', async () => {
    show(
        motor({
            checks: [
                {
                    item: 'dial',
                    label: 'Overload relay setting',
                    expected: '66 A',
                    same: false,
                    found: '80 A',
                    grade: 'stop',
                    says: 'Turn it down.',
                },
            ],
        }),
        true,
    );
    await screen.findByText(/Turn it down/);
    expect(screen.queryByText('Same')).toBeNull();
});
