import readings from '../../contract/readings.json';
import type { ReadingField, ReadingKind } from './contract';

/** What is typed for each kind of reading, in the order in which a circuit is proved. */
export const READINGS: Readonly<Record<ReadingKind, { label: string; fields: readonly ReadingField[] }>> = readings;
