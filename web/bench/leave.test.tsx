import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { useAskBeforeLeaving } from './leave';
import type { DraftState, SaveState } from './useDraft';

interface Given {
    flush: () => Promise<number | null>;
    state: SaveState;
    go: () => void;
    keptHere?: boolean;
}

function Bench({ flush, state, go, keptHere = true }: Given) {
    const { leave, question } = useAskBeforeLeaving({ flush, state, keptHere } as DraftState);
    return (
        <>
            <button type="button" onClick={() => leave(go)}>
                To the yard
            </button>
            {question}
        </>
    );
}

afterEach(cleanup);

describe('leaving a bench', () => {
    it('saves what is typed, and goes without a question', async () => {
        const go = vi.fn();
        render(<Bench flush={() => Promise.resolve(4)} state={{ kind: 'unsaved' }} go={go} />);
        fireEvent.click(screen.getByRole('button', { name: 'To the yard' }));
        await waitFor(() => expect(go).toHaveBeenCalledTimes(1));
        expect(screen.queryByRole('dialog')).toBeNull();
    });

    it('asks where it cannot be saved now, and goes nowhere by itself', async () => {
        const go = vi.fn();
        render(<Bench flush={() => Promise.resolve(null)} state={{ kind: 'offline' }} go={go} />);
        fireEvent.click(screen.getByRole('button', { name: 'To the yard' }));
        await waitFor(() => expect(screen.getByText(/stored on this device.*saved automatically/)).toBeTruthy());
        fireEvent.click(screen.getByRole('button', { name: 'Stay here' }));
        await waitFor(() => expect(screen.queryByText(/stored on this device/)).toBeNull());
        expect(go).not.toHaveBeenCalled();
        fireEvent.click(screen.getByRole('button', { name: 'To the yard' }));
        fireEvent.click(await screen.findByRole('button', { name: 'Leave without saving' }));
        expect(go).toHaveBeenCalledTimes(1);
    });

    it('says that it is lost where the device stores nothing', async () => {
        render(<Bench flush={() => Promise.resolve(null)} state={{ kind: 'offline' }} keptHere={false} go={vi.fn()} />);
        fireEvent.click(screen.getByRole('button', { name: 'To the yard' }));
        expect(await screen.findByRole('button', { name: 'Leave and lose the changes' })).toBeTruthy();
        expect(screen.getByText(/cannot store your changes/)).toBeTruthy();
        expect(screen.queryByText(/are stored on this device/)).toBeNull();
    });

    it('says that a refused draft waits for the person', async () => {
        const state = { kind: 'refused' } as SaveState;
        render(<Bench flush={() => Promise.resolve(null)} state={state} go={vi.fn()} />);
        fireEvent.click(screen.getByRole('button', { name: 'To the yard' }));
        await waitFor(() => expect(screen.getByText(/until you fix the problem shown here/)).toBeTruthy());
    });
});
