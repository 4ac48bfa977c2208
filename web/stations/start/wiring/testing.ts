import type { WiringCurve } from '../../../api/contract';

/** Six leads on a star-delta starter, for tests. */
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
    ohms: [
        { pairs: ['U1–U2', 'V1–V2', 'W1–W2'], none: 'R', star: 'R', delta: '⅔ R' },
        { pairs: ['U1–V1', 'U1–W1', 'V1–W1'], none: 'OL', star: '2 R', delta: '⅔ R' },
    ],
};
