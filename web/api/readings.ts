import readings from '../../contract/readings.json';
import type { ReadingField, ReadingKind } from './contract';

/** One kind of reading: its name, what a value other than the expected one usually means, and what is typed. */
export interface ReadingOf {
    label: string;
    tells: readonly { sign: string; means: string }[];
    /** The same of a single-phase motor; empty where it is no other. */
    one_phase_tells: readonly { sign: string; means: string }[];
    fields: readonly ReadingField[];
}

/** What is typed for each kind of reading, in the order in which a circuit is proved. */
export const READINGS: Readonly<Record<ReadingKind, ReadingOf>> = readings;
