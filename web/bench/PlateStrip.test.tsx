import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { RunCurve, Solution } from '../api/contract';
import { figure, finding, resource, shown, site, solution } from '../testing';
import { type Bench, BenchContext } from './BenchContext';
import { PlateStrip } from './PlateStrip';
import type { DraftState } from './useDraft';
import { Solved } from './useSolution';

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

const here = resource({ site: site({ id: 2, name: 'Cold Brook Yard', rule_book: 'nec' }), circuit: { tag: 'DX-501' } });
const nothing = { line: null, lead: null, power_factor: null };
const run: RunCurve = {
    six_leads: false,
    drawing: 'contactor',
    phases: 3,
    refused: false,
    output: '50 hp, 37.3 kW',
    length: '180 ft',
    running: { before: { ...nothing, line: shown(58, '58 A') }, after: null, torque: null, winding: null },
    starting: { line: null, lead: null, direct: null, torque: null, winding: null },
};
const solved: Solution = solution({
    rule_book: 'nec',
    words: { name: 'NEC', star: 'wye', star_delta: 'wye-delta' },
    figures: [
        figure('plate.rated_voltage', 460, '460 V'),
        figure('plate.connection', 'delta', 'delta'),
        figure('power.plate_current', 58, '58 A'),
    ],
    findings: [finding('caution', 'start', 'reclosing_peak'), finding('note', 'guard', 'slash_rating')],
    curves: { run },
});

function show(readOnly = false, working = false) {
    vi.stubGlobal('fetch', () =>
        Promise.resolve(new Response(JSON.stringify({ person: null }), { status: 200, headers: { 'Content-Type': 'application/json' } })),
    );
    const undo = vi.fn();
    const onWorking = vi.fn();
    const draft: DraftState = {
        draft: { tag: 'DX-501', drives: 'Dust extraction fan 1' },
        version: 3,
        state: { kind: 'saved', at: '', by: null },
        keptHere: false,
        canUndo: true,
        canRedo: false,
        set: vi.fn(),
        undo,
        redo: vi.fn(),
        resolve: vi.fn(),
        flush: () => Promise.resolve(3),
    };
    const bench: Bench = {
        draft: draft.draft,
        solved: new Solved(solved),
        readOnly,
        set: vi.fn(),
        flow: 'running',
        correction: 'before',
        moment: null,
        setMoment: vi.fn(),
        readings: [],
        place: null,
    };
    render(
        <QueryClientProvider client={new QueryClient()}>
            <MemoryRouter>
                <BenchContext.Provider value={bench}>
                    <PlateStrip
                        resource={here}
                        draft={draft}
                        failed={false}
                        carried={false}
                        unread={false}
                        working={working}
                        onWorking={onWorking}
                    />
                </BenchContext.Provider>
            </MemoryRouter>
        </QueryClientProvider>,
    );
    return { undo, onWorking };
}

describe('the strip', () => {
    it('reads the output in the units of the book, with volts, connection and amperes behind it', () => {
        show();
        expect(screen.getByText(/Dust extraction fan 1.*50 hp, 37.3 kW.*460 V Δ.*58 A/)).toBeTruthy();
        expect(screen.getByText('NEC')).toBeTruthy();
        expect(screen.getByText('Cold Brook Yard')).toBeTruthy();
    });

    it('counts the findings by their grade and leaves out what there is none of', () => {
        show();
        expect(screen.getByTitle('1 caution')).toBeTruthy();
        expect(screen.getByTitle('1 note')).toBeTruthy();
        expect(screen.queryByTitle(/stop/)).toBeNull();
    });

    it('opens and shuts the working, and says which it is', () => {
        const { onWorking } = show(false, true);
        const button = screen.getByRole('button', { name: /^Findings and calculation: .*1 caution.*1 note/ });
        expect(button.getAttribute('aria-pressed')).toBe('true');
        fireEvent.click(button);
        expect(onWorking).toHaveBeenCalledTimes(1);
    });

    it('undoes for those who edit, and offers it to nobody else', () => {
        const { undo } = show();
        fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
        expect(undo).toHaveBeenCalledTimes(1);
        expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Redo' }).disabled).toBe(true);
        cleanup();
        show(true);
        expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull();
    });
});
