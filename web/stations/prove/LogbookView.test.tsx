import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { LogAnswer } from '../../api/contract';
import { showOnBench, solution } from '../../testing';
import { LogbookView } from './LogbookView';

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

const book: LogAnswer = {
    entries: [
        {
            id: 4,
            kind: 'greased',
            happened_at: '2026-06-16T06:40:00Z',
            recorded_by: 'Shift electrician A',
            values: { end: 'both', grams: '30/25', grease: 'lithium complex' },
            withdrawn: null,
        },
    ],
    state: {
        hours: '55 610 h run, by 20 h a day since the last reading.',
        trips: '2 trips in a year whose cause nobody named: it will trip again.',
        warranty: '',
        greasing: {
            state: 'overdue',
            says: 'Greasing is overdue by 3 days.',
            due_at: '2026-11-23T00:00:00Z',
            working: ['interval 4000 h, stamped'],
            task: ['Grease: 30 g at the drive end, 25 g at the other.', 'Never mix greases.'],
        },
    },
};

const show = (...answers: readonly { status: number; body: unknown }[]) => {
    const fetched = vi.fn<typeof fetch>();
    for (const { status, body } of [{ status: 200, body: book }, ...answers]) {
        fetched.mockResolvedValueOnce(new Response(JSON.stringify(body), { status }));
    }
    vi.stubGlobal('fetch', fetched);
    showOnBench(
        <QueryClientProvider client={new QueryClient()}>
            <LogbookView />
        </QueryClientProvider>,
        {},
        solution(),
        { place: { circuit: 7, site: 1, settings: {}, flush: () => Promise.resolve(1) } },
    );
    return fetched;
};

describe('The logbook', () => {
    it('says what is due first, how it is done, and how that follows', async () => {
        show();
        await waitFor(() => expect(screen.getByRole('heading', { name: /overdue by 3 days/ })).toBeTruthy());
        expect(screen.getByText('Grease: 30 g at the drive end, 25 g at the other.')).toBeTruthy();
        expect(screen.getByText('interval 4000 h, stamped')).toBeTruthy();
        expect(screen.getByText(/whose cause nobody named/)).toBeTruthy();
        expect(screen.getByRole('row', { name: /Greased both ends, 30\/25 g, lithium complex/ })).toBeTruthy();
    });

    it('takes an entry in three touches, and keeps what was typed when it is refused', async () => {
        const user = userEvent.setup();
        const refused = {
            type: 'about:blank',
            status: 422,
            code: 'invalid',
            title: '',
            detail: 'See the marked fields.',
            errors: [{ path: 'values.meter', text: 'The meter stood at 55 430 h before.', accepted: '' }],
        };
        const fetched = show({ status: 422, body: refused });
        await user.click(await screen.findByRole('button', { name: 'Hour meter read' }));
        const form = screen.getByRole('form', { name: 'Hour meter read' });
        await user.type(within(form).getByLabelText('Hour meter'), '5543');
        await user.click(within(form).getByRole('button', { name: 'Add entry' }));
        await waitFor(() => expect(screen.getByText(/The meter stood at/)).toBeTruthy());
        expect(within(form).getByLabelText<HTMLInputElement>('Hour meter').value).toBe('5543');
        const sent = fetched.mock.calls[1]?.[1]?.body;
        expect(typeof sent === 'string' ? JSON.parse(sent) : null).toEqual({ kind: 'hours', values: { meter: '5543' }, happened_at: null });
    });
});
