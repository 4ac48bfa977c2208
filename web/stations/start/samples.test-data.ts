import type { ComparedRow, Comparison, StartCourse, StartMoment, TorqueSpeedCurve, WiringCurve } from '../../api/contract';
import { shown } from '../../testing';

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

export const course: StartCourse = {
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

export const carried: TorqueSpeedCurve = {
    first: 'Star',
    synchronous: shown(1500, '1500 rpm'),
    points: [torque(0, 190, 0, 570), torque(750, 195, 55, 585), torque(1390, 230, 190, 690), torque(1500, 0, 220, 0)],
    stall: null,
    changeover: shown(1390, '1390 rpm'),
    steady: shown(1484, '1484 rpm'),
};

export const stalled: TorqueSpeedCurve = { ...carried, stall: shown(620, '620 rpm'), changeover: null };

const row = (key: ComparedRow['key'], name: string, more: Partial<ComparedRow> = {}): ComparedRow => ({
    key,
    name,
    chosen: false,
    recommended: false,
    verdict: 'runs_up',
    verdict_word: 'runs up',
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
    parts: ['one contactor'],
    sets: { method: key, tap_percent: null, transition: null },
    course: [
        { time: 0, line: 462, speed: 0 },
        { time: 2, line: 100, speed: 1460 },
    ],
    ...more,
});

export const comparison: Comparison = {
    sentence: 'Soft starter is recommended: the simplest that will do.',
    rows: [
        row('direct', 'Direct on line', { chosen: true, verdict: 'above_limit', verdict_word: 'above the site’s limit' }),
        row('star_delta', 'Star-delta', { verdict: 'refused', verdict_word: 'not possible', reason: 'Only three leads.', course: [] }),
        row('autotransformer_65', 'Autotransformer 65 %', {
            sets: { method: 'autotransformer', tap_percent: '65', transition: null },
        }),
        row('soft_starter', 'Soft starter', { recommended: true }),
    ],
};

export const wiring: WiringCurve = {
    symbols: 'international',
    drawing: 'six_leads',
    phases: [
        { name: 'L1', colour: 'brown' },
        { name: 'L2', colour: 'black' },
        { name: 'L3', colour: 'grey' },
    ],
    starts: ['U1', 'V1', 'W1'],
    ends: ['U2', 'V2', 'W2'],
    boxes: [
        {
            key: 'star_6',
            leads: 6,
            title: 'Star, 6 leads',
            now: false,
            rows: [
                ['U1', 'V1', 'W1'],
                ['W2', 'U2', 'V2'],
            ],
            joins: [
                { terminals: ['U2', 'V2', 'W2'], line: null },
                { terminals: ['U1'], line: 0 },
            ],
        },
        {
            key: 'delta_6',
            leads: 6,
            title: 'Delta, 6 leads',
            now: true,
            rows: [
                ['U1', 'V1', 'W1'],
                ['W2', 'U2', 'V2'],
            ],
            joins: [{ terminals: ['U1', 'W2'], line: 0 }],
        },
    ],
    crossed: [
        { lines: ['L3', 'L1', 'L2'], does: 'runs', says: 'Right.', shown_by: 'Alike.', volts: ['400 V', '400 V', '400 V'] },
        {
            lines: ['L1', 'L3', 'L2'],
            does: 'growls',
            says: 'One winding is dead.',
            shown_by: 'Far apart.',
            volts: ['0 V', '400 V', '400 V'],
        },
    ],
    exchanged: { says: 'It growls.', shown_by: 'The kick test tells.' },
    found: [
        { found: 'star', name: 'Star', right: false, winding: '231 V', says: 'It runs slow.' },
        { found: 'delta', name: 'Delta', right: true, winding: '400 V', says: 'As it should be.' },
    ],
    reversed: ['V1', 'U1', 'W1'],
    sequence: [{ name: 'Star contactor', from: 0, to: 9, shown: 'closed until 9 s' }],
};
