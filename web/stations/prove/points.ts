import type { ReadingKind } from '../../api/contract';

/** A place on the circuit where an instrument can be held, and what it reads there. */
export interface Point {
    name: 'supply' | 'line' | 'capacitor' | 'motor' | 'terminals' | 'shaft';
    label: string;
    /** Middle of its button on the drawing, percent of width and height. */
    at: readonly [number, number];
    where: 'line' | 'motor' | null;
    kinds: readonly { kind: ReadingKind; instrument: string }[];
}

const ANALYSER = 'Power analyser';
const BENCH = 'Motor test bench';

export const POINTS: readonly Point[] = [
    {
        name: 'supply',
        label: 'Between the lines',
        at: [12, 24],
        where: null,
        kinds: [{ kind: 'supply_voltage', instrument: ANALYSER }],
    },
    {
        name: 'line',
        label: 'In the lines',
        at: [34, 24],
        where: 'line',
        kinds: [
            { kind: 'line_current', instrument: ANALYSER },
            { kind: 'power', instrument: ANALYSER },
        ],
    },
    { name: 'capacitor', label: 'At the capacitor', at: [50, 84], where: null, kinds: [{ kind: 'capacitor', instrument: 'Clamp meter' }] },
    {
        name: 'motor',
        label: 'Before the motor',
        at: [62, 24],
        where: 'motor',
        kinds: [
            { kind: 'line_current', instrument: ANALYSER },
            { kind: 'power', instrument: ANALYSER },
            { kind: 'no_load_current', instrument: ANALYSER },
            { kind: 'inrush', instrument: 'Clamp meter' },
        ],
    },
    {
        name: 'terminals',
        label: 'On its terminals',
        at: [80, 84],
        where: null,
        kinds: [
            { kind: 'winding_resistance', instrument: 'Winding-resistance meter' },
            { kind: 'insulation_resistance', instrument: 'Insulation tester' },
        ],
    },
    {
        name: 'shaft',
        label: 'On the shaft',
        at: [91, 24],
        where: null,
        kinds: [
            { kind: 'speed', instrument: BENCH },
            { kind: 'vibration', instrument: BENCH },
            { kind: 'temperature', instrument: BENCH },
        ],
    },
];
