import type { WiringCurve } from '../../../api/contract';

/** What is drawn of a starter, and what is said of it. */
export interface Drawn {
    title: string;
    /** Contactors that follow one another: none; one beside the first; two that change over, with an interlock. */
    stages: 'one' | 'second' | 'interlocked';
    /** What stands between the contactor and the motor, in a box of this name. */
    box: string | null;
    /** What lies in each line until the second stage. */
    series: 'resistor' | 'reactor' | null;
    /** Whether it turns the motor the other way by its own command. */
    reverses: boolean;
    /** Whether its own contactor is the forward one of a reversing starter. */
    forward: boolean;
    /** What else must be at rest before the motor is reversed. */
    rest: string;
}

const PLAIN: Drawn = { title: '', stages: 'one', box: null, series: null, reverses: false, forward: false, rest: '' };

/** By the drawing that the core names: a new one does not compile until it has its line here. */
export const DRAWN: Readonly<Record<WiringCurve['drawing'], Drawn>> = {
    contactor: { ...PLAIN, title: 'Power circuit, one contactor', forward: true },
    six_leads: { ...PLAIN, title: 'Power circuit with six leads', stages: 'interlocked' },
    tapped_winding: { ...PLAIN, title: 'Power circuit with a tapped winding', stages: 'second' },
    series_resistor: { ...PLAIN, title: 'Power circuit with resistors', stages: 'second', series: 'resistor' },
    series_reactor: { ...PLAIN, title: 'Power circuit with reactors', stages: 'second', series: 'reactor' },
    thyristors: {
        ...PLAIN,
        title: 'Power circuit of the soft starter',
        box: 'soft starter',
        rest: ' The soft starter must be at rest too: its stopping time counts.',
    },
    converter: { ...PLAIN, title: 'Power circuit of the drive', box: 'drive', reverses: true },
};
