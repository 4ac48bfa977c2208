import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Drill, PlanCurve, Reading, ReadingComparison } from '../../api/contract';
import type { Place } from '../../bench/BenchContext';
import { showOnBench, solution } from '../../testing';
import { refusal, serve } from '../../testing.service';
import { DrillView } from './DrillView';
import { KeptView } from './KeptView';
import { MethodView } from './MethodView';
import { PlanView } from './PlanView';

const place: Place = { circuit: 7, site: 1, settings: {}, flush: () => Promise.resolve(3) };

const plan: PlanCurve = {
    next: 'insulation_resistance',
    phases: [
        {
            phase: 'dead',
            label: 'Dead: isolated and locked off',
            caution: 'Isolate, lock off, prove it dead.',
            steps: [
                {
                    kind: 'insulation_resistance',
                    label: 'Insulation resistance',
                    needed: true,
                    proves: 'The winding is dry.',
                    expects: '5 MΩ or more at 40 °C',
                    before: ['Drive disconnected from the motor.'],
                    state: 'open',
                    reading: null,
                },
            ],
        },
        {
            phase: 'under_load',
            label: 'Under load, warm',
            caution: 'Keep clear of the shaft.',
            steps: [
                {
                    kind: 'vibration',
                    label: 'Vibration',
                    needed: true,
                    proves: 'Bearings are in order.',
                    expects: '',
                    before: [],
                    state: 'differs',
                    reading: 0,
                },
            ],
        },
    ],
};

const vibration: ReadingComparison = {
    reading: 0,
    kind: 'vibration',
    verdict: 'differs',
    grade: 'caution',
    pattern: null,
    wanted: [],
    missing: [],
    points_to: ['alignment', 'unbalance'],
    next: 'Look at alignment, feet and fan.',
    says: '',
    quantities: [
        {
            name: 'velocity',
            measured: 3.2,
            expected: null,
            low: null,
            high: 2.8,
            unit: 'mm/s',
            label: 'Worse bearing end',
            shown: '3.2 mm/s',
            expected_shown: '',
            band_shown: 'at most 2.8 mm/s',
        },
    ],
};

const kept: Reading = {
    id: 5,
    kind: 'vibration',
    load_percent: null,
    simulated: false,
    document: {},
    method: 'vibration',
    instrument: 'vibration pen',
    note: '',
    core: '0',
    taken_at: '2026-11-17T09:10:00Z',
    taken_by: 'Shift electrician B',
    values: { de: '3.2' },
    figures: [],
    withdrawn: null,
};

const inClient = (part: ReactNode) => <QueryClientProvider client={new QueryClient()}>{part}</QueryClientProvider>;

const solved = solution({ curves: { plan, measuring: { ways: [], scope: [], shunt: '' } }, comparisons: [vibration] });

const answers = (...replies: readonly { status: number; body: unknown }[]) => {
    const fetched = vi.fn<typeof fetch>();
    for (const { status, body } of replies) {
        fetched.mockResolvedValueOnce(new Response(JSON.stringify(body), { status }));
    }
    vi.stubGlobal('fetch', fetched);
    return fetched;
};

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

describe('The plan of readings', () => {
    it('goes from dead to loaded, says what comes next, and warns before hands go anywhere', () => {
        showOnBench(inClient(<PlanView />), {}, solved, { place, readings: [kept] });
        const headings = screen.getAllByRole('heading', { level: 2 }).map((heading) => heading.textContent);
        expect(headings).toEqual(['Dead: isolated and locked off', 'Under load, warm']);
        expect(screen.getByText('Isolate, lock off, prove it dead.')).toBeTruthy();
        expect(screen.getByRole('button', { name: /Insulation resistance.*next/ })).toBeTruthy();
        expect(screen.getByRole('button', { name: /Vibration/ }).textContent).toContain('at most 2.8 mm/s');
    });

    it('opens a step with what must be off before, and keeps what was typed when it is refused', async () => {
        const user = userEvent.setup();
        const sent = serve({
            'POST readings/check': { errors: [] },
            'POST circuits/7/readings/typed': refusal(422, 'See the marked fields.', [
                { path: 'values.megohms', text: '“lots” cannot be read.', accepted: 'Megohms, such as 60.' },
            ]),
        });
        showOnBench(inClient(<PlanView />), {}, solved, { place, readings: [kept] }, '/circuits/7/prove?step=insulation_resistance');
        expect(screen.getByText('Drive disconnected from the motor.')).toBeTruthy();
        await user.click(screen.getByRole('checkbox', { name: 'drive' }));
        await user.type(screen.getByLabelText('Insulation resistance after 1 minute'), 'lots');
        await user.type(screen.getByLabelText('Instrument'), 'tester 1');
        await user.click(screen.getByRole('button', { name: 'Save this reading' }));
        await waitFor(() => expect(screen.getByText(/“lots” cannot be read/)).toBeTruthy());
        expect(screen.getByLabelText<HTMLInputElement>('Insulation resistance after 1 minute').value).toBe('lots');
        expect(sent.find(({ path }) => path.endsWith('/typed'))?.body).toMatchObject({
            kind: 'insulation_resistance',
            values: { disconnected: ['drive'], megohms: 'lots' },
        });
    });

    it('says of a reading that differs what it points to and what to look at next', () => {
        showOnBench(inClient(<PlanView />), {}, solved, { place, readings: [kept] }, '/circuits/7/prove?step=vibration');
        const table = screen.getByRole('table', { name: /Not as expected: .*vibration pen/ });
        expect(within(table).getByText(/3.2 mm\/s/).textContent).toContain('✕');
        expect(screen.getByText(/alignment; unbalance/)).toBeTruthy();
        expect(screen.getByText('Look at alignment, feet and fan.')).toBeTruthy();
    });

    it('says so of a step that was only simulated', () => {
        const [first] = plan.phases;
        const step = first?.steps[0];
        const simulated = { ...vibration, kind: 'insulation_resistance' as const };
        const phases =
            first === undefined || step === undefined ? [] : [{ ...first, steps: [{ ...step, state: 'simulated' as const, reading: 0 }] }];
        const curves = { plan: { ...plan, phases } };
        showOnBench(inClient(<PlanView />), {}, solution({ curves, comparisons: [simulated] }), { place, readings: [kept] });
        expect(screen.getByRole('button', { name: /Insulation resistance.*simulated/ })).toBeTruthy();
        expect(screen.getByRole('img', { name: 'simulated only' })).toBeTruthy();
    });

    it('offers no form to those who only read', () => {
        const at = '/circuits/7/prove?step=vibration';
        showOnBench(inClient(<PlanView />), {}, solved, { place, readings: [kept], readOnly: true }, at);
        expect(screen.queryByRole('button', { name: 'Save this reading' })).toBeNull();
    });
});

describe('All readings', () => {
    it('strike through what was withdrawn and say why', () => {
        const withdrawn = { ...kept, withdrawn: { at: '', by: 'Planner', why: 'sensor loose' } };
        showOnBench(inClient(<KeptView />), {}, solved, { place, readings: [withdrawn] });
        expect(screen.getByText('withdrawn by Planner: sensor loose')).toBeTruthy();
        expect(screen.queryByRole('button', { name: /Withdraw/ })).toBeNull();
    });

    it('mark a stand-in’s reading as simulated', () => {
        showOnBench(inClient(<KeptView />), {}, solved, { place, readings: [{ ...kept, simulated: true }] });
        expect(screen.getByText(/simulated; vibration pen/)).toBeTruthy();
    });
});

describe('Which method', () => {
    it('names the best way first, and why others do not go', () => {
        const ways = [
            { way: 'two_wattmeters', label: 'Two wattmeters', shows: 'Real power.', cannot: 'A neutral.', lacks: '' },
            { way: 'one_wattmeter', label: 'One wattmeter', shows: 'Real power.', cannot: 'Unbalance.', lacks: 'the load is unbalanced' },
        ];
        showOnBench(<MethodView />, {}, solution({ curves: { measuring: { ways, scope: [], shunt: '' } } }), { place });
        const rows = screen.getAllByRole('row').slice(1);
        expect(rows[0]?.textContent).toContain('Two wattmeters');
        expect(rows[1]?.textContent).toContain('the load is unbalanced');
    });
});

describe('A hidden fault', () => {
    const drill: Drill = {
        id: 3,
        set_by: 'Shift electrician A',
        begun_at: '2026-11-26T08:00:00Z',
        load_percent: '80',
        ended_at: '2026-11-26T08:20:00Z',
        named: 'overload',
        taken: [{ kind: 'vibration', values: { de: '3.2' }, comparison: vibration }],
        fault: { kind: 'worn_bearing', label: 'Worn bearing' },
        right: false,
        assessment: { told: ['vibration'], needless: ['supply_voltage'], possible: ['worn_bearing'] },
    };
    const faults = [
        { value: 'worn_bearing', label: 'Worn bearing' },
        { value: 'overload', label: 'Overload' },
    ];

    it('is told once it is named, with what told it apart and what was not needed', async () => {
        answers({ status: 200, body: { drills: [drill], faults } });
        showOnBench(inClient(<DrillView />), {}, solved, { place });
        await waitFor(() => expect(screen.getByText('✕ It was worn bearing, not overload.')).toBeTruthy());
        expect(screen.getByText('Shown by: vibration.')).toBeTruthy();
        expect(screen.getByText('Not needed: supply voltages.')).toBeTruthy();
    });

    it('is not shown by a reading that agrees: that only rules others out', async () => {
        const agrees = { kind: 'supply_voltage' as const, values: {}, comparison: { ...vibration, verdict: 'agrees' as const } };
        const assessment = { told: ['supply_voltage' as const], needless: [], possible: ['worn_bearing', 'overload'] };
        answers({ status: 200, body: { drills: [{ ...drill, taken: [agrees], assessment }], faults } });
        showOnBench(inClient(<DrillView />), {}, solved, { place });
        await waitFor(() => expect(screen.getByText(/Nothing here shows the fault/)).toBeTruthy());
        expect(screen.getByText('Other faults are ruled out by: supply voltages.')).toBeTruthy();
        expect(screen.getByText('These readings also fit: overload.')).toBeTruthy();
    });

    it('cannot be named before anything was read', async () => {
        const open = { ...drill, ended_at: null, named: null, taken: [], fault: null, right: null, assessment: null };
        answers({ status: 200, body: { drills: [open], faults } });
        showOnBench(inClient(<DrillView />), {}, solved, { place });
        await waitFor(() => expect(screen.getByText(/A fault was hidden by Shift electrician A/)).toBeTruthy());
        expect(screen.queryByRole('button', { name: 'Name the fault' })).toBeNull();
        expect(screen.getByRole('button', { name: 'On the shaft' })).toBeTruthy();
    });
});
