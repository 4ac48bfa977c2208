import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, test, vi } from 'vitest';
import { STATIONS } from '../bench/BenchContext';
import { KeysDialog } from './KeysDialog';

test('every station is on the list of keys, in the order of its number', () => {
    render(<KeysDialog open onOpen={vi.fn()} onClose={vi.fn()} />);
    expect(screen.getByText('1 – 8')).toBeTruthy();
    expect(screen.getByText('Plate, Power, Start, Cable, Guard, Correct, Prove, Sheet')).toBeTruthy();
    expect(STATIONS).toHaveLength(8);
});

test('a question mark opens it, but not while somebody types', async () => {
    const onOpen = vi.fn();
    render(
        <>
            <input aria-label="Tag" />
            <KeysDialog open={false} onOpen={onOpen} onClose={vi.fn()} />
        </>,
    );
    await userEvent.type(screen.getByLabelText('Tag'), '?');
    expect(onOpen).not.toHaveBeenCalled();
    await userEvent.tab();
    await userEvent.keyboard('?');
    expect(onOpen).toHaveBeenCalledOnce();
});

test('it closes by its button and by Escape', async () => {
    const onClose = vi.fn();
    render(<KeysDialog open onOpen={vi.fn()} onClose={onClose} />);
    await userEvent.click(screen.getByRole('button', { name: 'Close' }));
    await userEvent.keyboard('{Escape}');
    expect(onClose).toHaveBeenCalledTimes(2);
});
