import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { ComparedRow, Comparison, StartCourse, StartMoment, TorqueSpeedCurve } from '../../api/contract';
import type { Bench } from '../../bench/BenchContext';
import { figure, showOnBench, shown, solution } from '../../testing';
import { CoursePicture } from './CoursePicture';
import { MethodsView } from './MethodsView';
import { RunUpView } from './RunUpView';
import { StopwatchView } from './StopwatchView';
import { TorqueSpeedPicture } from './TorqueSpeedPicture';
import { wiring } from './wiring/testing';
import { WiringView } from './wiring/WiringView';

/** A moment of a start, for tests. */
const moment = (phase: StartMoment['phase'], time: number, speed: number, line: number): StartMoment => ({
    phase,
    time: shown(time, `${time} s`),
    speed: shown(speed, `${speed} rpm`),
    line: shown(line, `${line} A`),
    volts: shown(380, '380 V'),
    torque: shown(190, '190 N·m'),
    load: shown(90, '90 N·m'),
});

const course: StartCourse = {
    first: 'Star',
    points: [
        moment('first', 0, 0, 154),
        moment('first', 5, 900, 120),
        moment('first', 9, 1390, 80),
        moment('gap', 9, 1390, 0),
        moment('gap', 9.05, 1378, 0),
        moment('full', 9.05, 1378, 260),
        moment('full', 9.3, 1453, 110),
    ],
    worst: [
        { time: 0, speed: 0, line: 154 },
        { time: 9.6, speed: 1440, line: 140 },
    ],
    supply: shown(400, '400 V'),
    runs_up: true,
    runs_up_at_worst: true,
};

const torque = (speed: number, first: number, load: number, full: number | null): TorqueSpeedCurve['points'][number] => ({
    speed,
    torque: first,
    load,
    line: 150,
    full_torque: full,
    full_line: full === null ? null : 450,
});

const carried: TorqueSpeedCurve = {
    first: 'Star',
    synchronous: shown(1500, '1500 rpm'),
    points: [torque(0, 190, 0, 570), torque(750, 195, 55, 585), torque(1390, 230, 190, 690), torque(1500, 0, 220, 0)],
    stall: null,
    changeover: shown(1390, '1390 rpm'),
    steady: shown(1484, '1484 rpm'),
};

const stalled: TorqueSpeedCurve = { ...carried, stall: shown(620, '620 rpm'), changeover: null };

const row = (key: ComparedRow['key'], name: string, more: Partial<ComparedRow> = {}): ComparedRow => ({
    key,
    name,
    chosen: false,
    recommended: false,
    verdict: 'runs_up',
    verdict_word: 'reaches full speed',
    reason: 'Up in 2 s.',
    line: shown(462, '462 A'),
    peak: null,
    torque: null,
    margin: null,
    time: shown(2, '2 s'),
    worst: null,
    dip: null,
    dip_at_motor: null,
    heat: null,
    step: null,
    generator: null,
    parts: ['one contactor'],
    sets: { method: key, tap_percent: null, transition: null },
    course: [
        { time: 0, line: 462, speed: 0 },
        { time: 2, line: 100, speed: 1460 },
    ],
    ...more,
});

const comparison: Comparison = {
    sentence: 'Soft starter is recommended: the simplest that will do.',
    rows: [
        row('direct', 'Direct-on-line', { chosen: true, verdict: 'above_limit', verdict_word: 'above the site’s limit' }),
        row('star_delta', 'Star-delta', { verdict: 'refused', verdict_word: 'not possible', reason: 'Only three leads.', course: [] }),
        row('autotransformer_65', 'Autotransformer 65 %', {
            sets: { method: 'autotransformer', tap_percent: '65', transition: null },
        }),
        row('soft_starter', 'Soft starter', { recommended: true }),
    ],
};

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
    vi.useRealTimers();
});

const asking = (part: React.ReactNode) => (
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>{part}</QueryClientProvider>
);

/** A service that answers by path; what it was asked, with what was sent. */
function service(answers: Record<string, unknown>) {
    const asked: [string, unknown][] = [];
    vi.stubGlobal('fetch', (path: string, init: RequestInit) => {
        asked.push([path, typeof init.body === 'string' ? JSON.parse(init.body) : null]);
        const answer = Object.entries(answers).find(([part]) => path.includes(part))?.[1] ?? {};
        return Promise.resolve(new Response(JSON.stringify(answer), { status: 200, headers: { 'Content-Type': 'application/json' } }));
    });
    return asked;
}

describe('torque over speed', () => {
    it('says where star hands over', () => {
        showOnBench(<TorqueSpeedPicture />, {}, solution({ curves: { torque_speed: carried } }));
        expect(screen.getByText('changeover, 1390 rpm')).toBeTruthy();
        expect(screen.getByRole('row', { name: 'Changeover at 1390 rpm' })).toBeTruthy();
    });

    it('prints alone', () => {
        const print = vi.fn(() => expect(document.body.dataset['printing']).toBe('true'));
        vi.stubGlobal('print', print);
        showOnBench(<TorqueSpeedPicture />, {}, solution({ curves: { torque_speed: carried } }));
        fireEvent.click(screen.getByRole('button', { name: 'Print “Torque and current over speed”' }));
        expect(print).toHaveBeenCalledOnce();
        expect(document.body.dataset['printing']).toBeUndefined();
    });

    it('shows a stall as a stall', () => {
        showOnBench(<TorqueSpeedPicture />, {}, solution({ curves: { torque_speed: stalled } }));
        expect(screen.getByText('stalls at 620 rpm').getAttribute('class')).toContain('bad');
        expect(screen.queryByText(/change over/)).toBeNull();
    });
});

describe('the start over time', () => {
    it('moves its cursor by keyboard, from moment to moment', () => {
        const setMoment = vi.fn<Bench['setMoment']>();
        showOnBench(<CoursePicture />, {}, solution({ curves: { start_course: course } }), { setMoment });
        const cursor = screen.getByRole('slider', { name: /Time in the start/ });
        act(() => cursor.focus());
        fireEvent.keyDown(cursor, { key: 'ArrowRight' });
        fireEvent.keyUp(cursor, { key: 'ArrowRight' });
        expect(setMoment).toHaveBeenCalledWith(1);
    });

    it('says what flows at the cursor', () => {
        showOnBench(<CoursePicture />, {}, solution({ curves: { start_course: course } }), { moment: course.points[5] ?? null });
        expect(screen.getByRole('status').textContent).toContain('9.05 s, full voltage: 260 A, 1378 rpm, 380 V');
        expect(screen.getByText('then 260 A')).toBeTruthy();
    });

    it('says that the worst case does not reach full speed', () => {
        const worst = { ...course, runs_up_at_worst: false };
        showOnBench(<CoursePicture />, {}, solution({ curves: { start_course: worst } }));
        expect(screen.getByRole('status').textContent).toContain('does not reach full speed');
    });
});

describe('the run-up', () => {
    it('gives a card to set the starter by', () => {
        const figures = [
            figure('start.star_time', 9, '9.1 s'),
            figure('start.timer_first', 8, '8.5 s'),
            figure('start.timer_last', 30, '35.7 s'),
            figure('start.run_up_time', 9.3, '9.3 s'),
            figure('start.run_up_time_worst', 9.6, '9.6 s'),
            figure('start.changeover_current', 260, '260 A'),
        ];
        showOnBench(<RunUpView />, {}, solution({ figures, curves: { start_course: course, torque_speed: carried } }));
        const card = screen.getByRole('complementary', { name: 'Setting card' });
        expect(card.textContent).toContain('Timer9.1 s');
        expect(card.textContent).toContain('Latest35.7 s');
        expect(card.textContent).toContain('rises to about 260 A');
    });

    it('asks for points only where the load goes by points', () => {
        showOnBench(<RunUpView />, { load: { kind: 'points' } }, solution());
        expect(screen.getByLabelText('Load points')).toBeTruthy();
        cleanup();
        showOnBench(<RunUpView />, { load: { kind: 'quadratic' } }, solution());
        expect(screen.queryByLabelText('Load points')).toBeNull();
    });
});

describe('starters compared', () => {
    it('recommends one, tells why another is not possible, and takes one over with a touch', async () => {
        const asked = service({ 'with=methods': solution({ curves: { comparison } }) });
        const { set } = showOnBench(asking(<MethodsView />), { tag: 'KF-204' }, solution());
        expect(await screen.findByText('Soft starter is recommended: the simplest that will do.')).toBeTruthy();
        expect(asked[0]?.[0]).toBe('/api/solve/extra?with=methods');
        expect(screen.getByRole('heading', { name: 'Soft starter: reaches full speed' })).toBeTruthy();
        fireEvent.click(screen.getByRole('button', { name: 'Star-delta' }));
        expect(screen.getByText('Only three leads.')).toBeTruthy();
        expect(screen.queryByRole('button', { name: 'Use this starter' })).toBeNull();
        fireEvent.click(screen.getByRole('button', { name: 'Autotransformer 65 %' }));
        fireEvent.click(screen.getByRole('button', { name: 'Use this starter' }));
        expect(set).toHaveBeenCalledWith('starter.method', 'autotransformer');
        expect(set).toHaveBeenCalledWith('starter.tap_percent', '65');
        expect(set).toHaveBeenCalledWith('starter.changeover.value', null);
    });

    it('says what is wanted where nothing can be compared', async () => {
        service({ 'with=methods': solution() });
        showOnBench(asking(<MethodsView />), {}, solution());
        expect(await screen.findByText(/enter the driven machine under Run-up/)).toBeTruthy();
    });
});

describe('the stopwatch', () => {
    it('counts from switching on to full speed, and lets the core take the inertia from it', () => {
        vi.useFakeTimers({ toFake: ['performance', 'setInterval', 'clearInterval'] });
        const { set } = showOnBench(asking(<StopwatchView />), {}, solution());
        const touch = (name: string) => {
            const button = screen.getByRole('button', { name });
            fireEvent.keyDown(button, { key: 'Enter' });
            fireEvent.keyUp(button, { key: 'Enter' });
        };
        touch('Switching on');
        act(() => void vi.advanceTimersByTime(3200));
        touch('Changeover');
        act(() => void vi.advanceTimersByTime(900));
        touch('Full speed');
        expect(screen.getByText('3.2 s')).toBeTruthy();
        expect(screen.getByText('4.1 s')).toBeTruthy();
        fireEvent.click(screen.getByRole('button', { name: 'Calculate the inertia from this time' }));
        expect(set).toHaveBeenCalledWith('starter.run_up_time', '4.1 s');
        expect(set).toHaveBeenCalledWith('load.inertia', null);
        expect(set).toHaveBeenCalledWith('starter.changeover.value', '3.2');
    });

    it('of a direct starter knows no changeover', () => {
        const fields = { 'starter.changeover.value': { unused: true } };
        showOnBench(asking(<StopwatchView />), {}, solution({ fields }));
        const button = screen.getByRole('button', { name: 'Switching on' });
        fireEvent.keyDown(button, { key: 'Enter' });
        fireEvent.keyUp(button, { key: 'Enter' });
        expect(screen.getByRole('button', { name: 'Full speed' })).toBeTruthy();
    });
});

describe('the wiring', () => {
    it('draws starter and controls with numbered terminals', async () => {
        service({ 'with=wiring': solution({ curves: { wiring } }) });
        showOnBench(asking(<WiringView />), {}, solution());
        expect(await screen.findByRole('img', { name: 'Power circuit with six leads' })).toBeTruthy();
        expect(screen.getByRole('row', { name: 'Delta contactor K2 U2–L3, V2–L1, W2–L2' })).toBeTruthy();
        expect(screen.getByRole('row', { name: 'Star contactor closed until 9 s' })).toBeTruthy();
    });

    it('turns a motor the other way by two contactors that keep each other out', async () => {
        service({ 'with=wiring': solution({ curves: { wiring } }) });
        showOnBench(asking(<WiringView />), {}, solution());
        fireEvent.click(await screen.findByRole('radio', { name: 'Both directions' }));
        expect(screen.getByRole('row', { name: 'Forward contactor K6 L1, L2, L3' })).toBeTruthy();
        expect(screen.getByRole('row', { name: 'Reverse contactor K7 L2, L1, L3' })).toBeTruthy();
        expect(screen.getByRole('row', { name: 'K6 21–22, K7 21–22 interlock: only one can close' })).toBeTruthy();
        expect(screen.getByText(/Swap two complete windings/)).toBeTruthy();
        expect(screen.getByText(/four times the rotor heat/)).toBeTruthy();
    });

    it('leaves the direction to a drive', async () => {
        service({ 'with=wiring': solution({ curves: { wiring: { ...wiring, drawing: 'converter' } } }) });
        showOnBench(asking(<WiringView />), {}, solution());
        fireEvent.click(await screen.findByRole('radio', { name: 'Both directions' }));
        expect(screen.getByText(/by its own command/)).toBeTruthy();
        expect(screen.queryByRole('img', { name: /Both directions/ })).toBeNull();
    });

    it('judges links as they are found, and leads that are crossed', async () => {
        service({ 'with=wiring': solution({ curves: { wiring } }) });
        showOnBench(asking(<WiringView />), {}, solution());
        fireEvent.click(await screen.findByRole('radio', { name: 'Terminal box' }));
        expect(screen.getByRole('img', { name: 'Terminal box: Delta, 6 leads' })).toBeTruthy();
        fireEvent.click(screen.getByRole('button', { name: /Links as found/ }));
        fireEvent.click(await screen.findByRole('option', { name: 'Star' }));
        expect(screen.getByText('Not correct: 231 V on each winding')).toBeTruthy();
        fireEvent.click(screen.getByRole('radio', { name: 'Crossed leads' }));
        expect(screen.getByText('Right.')).toBeTruthy();
        fireEvent.click(screen.getByRole('button', { name: /At U2/ }));
        fireEvent.click(await screen.findByRole('option', { name: 'L1' }));
        await waitFor(() => expect(screen.queryByText('Right.')).toBeNull());
    });

    it('asks the service for the names of unmarked leads', async () => {
        const asked = service({
            'with=wiring': solution({ curves: { wiring } }),
            '/leads': { labels: { 1: 'U1', 4: 'U2' }, refusal: null },
        });
        showOnBench(asking(<WiringView />), { rule_book: 'iec' }, solution());
        fireEvent.click(await screen.findByRole('radio', { name: 'Unmarked leads' }));
        fireEvent.click(screen.getByRole('button', { name: /1 has continuity with/ }));
        fireEvent.click(await screen.findByRole('option', { name: '4' }));
        fireEvent.click(screen.getByRole('button', { name: /2 has continuity with/ }));
        fireEvent.click(await screen.findByRole('option', { name: '5' }));
        expect(screen.getByText('The third winding is 3 and 6.')).toBeTruthy();
        expect(await screen.findByText('lead 1')).toBeTruthy();
        expect(asked.at(-1)).toEqual([
            '/api/leads',
            {
                rule_book: 'iec',
                pairs: [
                    ['1', '4'],
                    ['2', '5'],
                    ['3', '6'],
                ],
                second_forward: null,
                third_forward: null,
            },
        ]);
    });
});
