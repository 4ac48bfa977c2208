import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { LogAnswer } from '../../api/contract';
import { figure, showOnBench, solution } from '../../testing';
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
        trips: {
            says: '2 trips in a year whose cause nobody named: it will trip again.',
            in_a_year: 2,
            last_at: '2026-11-20T10:00:00Z',
            dial_found: { value: 72, shown: '72 A' },
        },
        warranty: '',
        greasing: {
            state: 'overdue',
            says: 'Greasing is overdue by 3 days.',
            due_at: '2026-11-23T00:00:00Z',
            working: ['interval 4000 h, stamped'],
            task: ['Grease: 30 g at the drive end, 25 g at the other.', 'Never mix greases.'],
            plate: {
                grease: 'lithium complex',
                grams: '30/25',
                ends: [
                    { end: 'de', amount: '30 g', last_at: '2026-06-16T06:40:00Z' },
                    { end: 'nde', amount: '25 g', last_at: null },
                ],
            },
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
        solution({
            figures: [figure('guard.overload_dial', 66, '66 A')],
            curves: {
                plan: {
                    next: null,
                    phases: [
                        {
                            phase: 'under_load',
                            label: 'Under load',
                            caution: '',
                            steps: [
                                {
                                    kind: 'line_current',
                                    label: 'Line currents',
                                    needed: true,
                                    proves: '',
                                    expects: 'about 59 A at 90 % load',
                                    before: [],
                                    state: 'open',
                                    reading: null,
                                },
                            ],
                        },
                    ],
                },
            },
        }),
        { place: { circuit: 7, site: 1, settings: {}, flush: () => Promise.resolve(1) } },
    );
    return fetched;
};

/** What was sent with one call. */
const sent = (fetched: ReturnType<typeof show>, call: number): unknown => {
    const body = fetched.mock.calls[call]?.[1]?.body;
    return typeof body === 'string' ? JSON.parse(body) : null;
};

describe('The logbook', () => {
    it('says what is due first, how it is done, and how that follows', async () => {
        show();
        await waitFor(() => expect(screen.getByRole('heading', { name: /overdue by 3 days/ })).toBeTruthy());
        const grease = screen.getByLabelText('Grease').textContent;
        expect(grease).toContain('lithium complex');
        expect(grease).toContain('Drive end30 glast 2026-06-16');
        expect(grease).toContain('Non-drive end25 gno greasing in the logbook');
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
        expect(sent(fetched, 1)).toEqual({
            kind: 'hours',
            values: { meter: '5543' },
            happened_at: null,
            is_minded: false,
        });
    });

    it('writes down a greasing as stamped by one touch', async () => {
        const fetched = show({ status: 201, body: book });
        await userEvent.click(await screen.findByRole('button', { name: 'Greased as on the nameplate' }));
        await screen.findByText('Entry added.');
        expect(sent(fetched, 1)).toEqual({
            kind: 'greased',
            values: { end: 'both', grams: '30/25', grease: 'lithium complex' },
            happened_at: null,
        });
    });

    it('minds another grease before it is kept, and keeps it when it is wanted so', async () => {
        const minded = {
            type: '/problems/to_mind',
            status: 422,
            title: '',
            detail: 'Correct the marked values, or add the entry as it is.',
            errors: [{ path: 'values.grease', text: 'The nameplate says lithium complex. Never mix greases.', accepted: '' }],
        };
        const fetched = show({ status: 422, body: minded }, { status: 201, body: book });
        await userEvent.click(await screen.findByRole('button', { name: 'Greased' }));
        const form = screen.getByRole('form', { name: 'Greased' });
        await userEvent.type(within(form).getByLabelText('Grams'), '30');
        await userEvent.type(within(form).getByLabelText('Grease'), 'polyurea');
        await userEvent.click(within(form).getByRole('button', { name: 'Add entry' }));
        await screen.findByText('The nameplate says lithium complex. Never mix greases.');
        await userEvent.click(within(form).getByRole('button', { name: 'Add it as entered' }));
        await screen.findByText('Entry added.');
        expect(sent(fetched, 1)).toMatchObject({ is_minded: false });
        expect(sent(fetched, 2)).toMatchObject({ is_minded: true, values: { grease: 'polyurea' } });
    });

    it('after a second trip leads to what to read next, with the dial that was found beside the one it should be', async () => {
        show();
        const next = await screen.findByRole('region', { name: 'What to read next' });
        expect(within(next).getByRole('heading', { name: '2 trips in a year: what to read next' })).toBeTruthy();
        const dial = within(next).getByRole('link', { name: 'Read the setting on the relay' });
        expect(dial.getAttribute('href')).toBe('/circuits/7/guard');
        expect(dial.closest('li')?.textContent).toContain('should be: set to 66 A');
        expect(dial.closest('li')?.textContent).toContain('Found: 72 A at the last trip');
        expect(within(dial.closest('li') as HTMLElement).getByRole('img', { name: 'differs' })).toBeTruthy();
        const amps = within(next).getByRole('link', { name: /three line currents/ });
        expect(amps.getAttribute('href')).toBe('/circuits/7/prove?step=line_current');
        expect(amps.closest('li')?.textContent).toContain('about 59 A at 90 % load');
    });
});
