import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { BankAnswer } from '../api/contract';
import { shown } from '../testing';
import BankPage from './BankPage';

afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
});

const answer: BankAnswer = {
    site: {
        id: 1,
        name: 'Larkrigg Mill',
        rule_book: 'iec',
        facts: '',
        supply: {},
        settings: {},
        areas: [],
        version: 1,
    },
    version: 3,
    typed: { target_power_factor: '0.95', pattern: '06:00 A' },
    tags: ['A', 'B'],
    figures: [{ key: 'bank.steps', label: 'Number of steps', shown: '2', working: '', assumed: false }],
    findings: [
        {
            grade: 'caution',
            code: 'bank_coarse_step',
            title: 'Step too large for the smallest need',
            text: 'It hunts.',
            action: 'Use smaller steps.',
        },
    ],
    errors: [],
    sentence: '2 steps of 12.5 kvar',
    day: {
        step: shown(12500, '12.5 kvar'),
        steps: 2,
        target: '0.95',
        intervals: [
            {
                from: 0,
                until: 1440,
                clock: '00:00',
                power: shown(30000, '30 kW'),
                reactive: shown(24000, '24 kvar'),
                need: shown(14139, '14.1 kvar'),
                on: 1,
                given: shown(12500, '12.5 kvar'),
                before: '0.781',
                after: '0.934',
            },
        ],
    },
};

function open(fetched: (url: string, init?: RequestInit) => Response) {
    vi.stubGlobal(
        'fetch',
        vi.fn((url: string, init?: RequestInit) => Promise.resolve(fetched(url, init))),
    );
    render(
        <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
            <MemoryRouter initialEntries={['/sites/1/bank']}>
                <Routes>
                    <Route path="/sites/:id/bank" element={<BankPage />} />
                </Routes>
            </MemoryRouter>
        </QueryClientProvider>,
    );
}

const json = (body: unknown, status = 200) =>
    new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });

describe('the bank of a site', () => {
    it('tells the day interval by interval, and what to mind', async () => {
        open((url) => (url.includes('session') ? json({ person: null }) : json(answer)));
        expect(await screen.findByText('2 steps of 12.5 kvar')).toBeTruthy();
        expect(
            screen.getByRole('row', { name: /00:00 14\.1 kvar required, 1 steps supply 12\.5 kvar; power factor 0\.781, then 0\.934/ }),
        ).toBeTruthy();
        expect(screen.getByText(/It hunts/)).toBeTruthy();
    });

    it('keeps what is typed, and says at its field what cannot be used', async () => {
        const bodies: string[] = [];
        open((url, init) => {
            if (url.includes('session')) {
                return json({ person: null });
            }
            if (init?.method === 'PUT') {
                bodies.push(typeof init.body === 'string' ? init.body : '');
                return json({
                    ...answer,
                    version: 4,
                    errors: [{ path: 'steps', text: '“many” cannot be read.', accepted: 'A whole number.' }],
                });
            }
            return json(answer);
        });
        fireEvent.change(await screen.findByLabelText('Number of steps'), { target: { value: 'many' } });
        await waitFor(() => expect(screen.getByText(/cannot be read/)).toBeTruthy(), { timeout: 3000 });
        expect(JSON.parse(bodies[0] ?? '{}')).toEqual({ version: 3, typed: { ...answer.typed, steps: 'many' } });
        expect(screen.getByLabelText<HTMLInputElement>('Number of steps').value).toBe('many');
        expect(screen.getByText('Saved.')).toBeTruthy();
    });

    it('says so while it cannot be kept', async () => {
        open((url, init) =>
            init?.method === 'PUT'
                ? json({ type: 'x', title: 'Circuit removed', detail: 'It is gone.' }, 500)
                : json(url.includes('session') ? { person: null } : answer),
        );
        fireEvent.change(await screen.findByLabelText('Number of steps'), { target: { value: '3' } });
        await waitFor(() => expect(screen.getByText(/Not saved yet/)).toBeTruthy(), { timeout: 3000 });
        expect(screen.getByLabelText<HTMLInputElement>('Number of steps').value).toBe('3');
    });
});
