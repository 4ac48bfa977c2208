import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { resource, showOnBench, solution } from '../testing';
import { CircuitDialog } from './CircuitDialog';

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

const show = (readOnly = false, flush: () => Promise<number | null> = () => Promise.resolve(5)) => {
    const onClose = vi.fn();
    const dialog = <CircuitDialog resource={resource()} open onClose={onClose} error={undefined} />;
    showOnBench(dialog, { tag: 'KF-204' }, solution(), { readOnly, place: { circuit: 7, site: 1, settings: {}, flush } });
    return onClose;
};

describe('this circuit', () => {
    it('is archived only after a question that says what happens', async () => {
        const fetcher = vi.fn<(url: string, init: RequestInit) => Promise<Response>>(() =>
            Promise.resolve(new Response(null, { status: 204 })),
        );
        vi.stubGlobal('fetch', fetcher);
        show();
        fireEvent.click(screen.getByRole('button', { name: 'Archive…' }));
        expect(screen.getByText(/Archive KF-204\?.*Nothing is deleted/)).toBeTruthy();
        expect(fetcher).not.toHaveBeenCalled();
        fireEvent.click(screen.getByRole('button', { name: 'Cancel' }));
        expect(screen.queryByText(/Nothing is deleted/)).toBeNull();
        fireEvent.click(screen.getByRole('button', { name: 'Archive…' }));
        fireEvent.click(screen.getByRole('button', { name: 'Archive' }));
        await waitFor(() => expect(fetcher).toHaveBeenCalledTimes(1));
        // As it was seen, with what was typed saved before.
        expect(fetcher.mock.calls[0]?.[1].body).toBe('{"version":5}');
    });

    it('is not archived over what is not saved, nor over what somebody else saved', async () => {
        const fetcher = vi.fn(() =>
            Promise.resolve(
                new Response(JSON.stringify({ type: 'x', title: 'x', status: 409, detail: 'Somebody saved it.', errors: [] }), {
                    status: 409,
                }),
            ),
        );
        vi.stubGlobal('fetch', fetcher);
        const flush = vi.fn(() => Promise.resolve<number | null>(null));
        show(false, flush);
        fireEvent.click(screen.getByRole('button', { name: 'Archive…' }));
        fireEvent.click(screen.getByRole('button', { name: 'Archive' }));
        await waitFor(() => expect(screen.getByText(/Save your changes first/)).toBeTruthy());
        expect(fetcher).not.toHaveBeenCalled();
        flush.mockImplementation(() => Promise.resolve<number | null>(5));
        fireEvent.click(screen.getByRole('button', { name: 'Archive' }));
        await waitFor(() => expect(screen.getByText('Somebody saved it.')).toBeTruthy());
    });

    it('of a planner can be neither archived nor copied', () => {
        show(true);
        expect(screen.queryByRole('button', { name: 'Archive…' })).toBeNull();
        expect(screen.queryByRole('button', { name: 'Make a copy' })).toBeNull();
        expect(screen.getByRole('button', { name: 'Close' })).toBeTruthy();
    });

    it('closes with Done', () => {
        const onClose = show();
        fireEvent.click(screen.getByRole('button', { name: 'Close' }));
        expect(onClose).toHaveBeenCalled();
    });
});
