import { createContext, useContext } from 'react';
import type { FieldPath, Reading, StartMoment, StationName } from '../api/contract';
import type { Draft } from './circuit';
import type { Solved } from './useSolution';

export type Flow = 'running' | 'starting';
export type Correction = 'before' | 'after';
export type { StationName };

export const STATIONS: readonly { name: StationName; label: string }[] = [
    { name: 'plate', label: 'Plate' },
    { name: 'power', label: 'Power' },
    { name: 'start', label: 'Start' },
    { name: 'cable', label: 'Cable' },
    { name: 'guard', label: 'Guard' },
    { name: 'correct', label: 'Correct' },
    { name: 'prove', label: 'Prove' },
    { name: 'sheet', label: 'Sheet' },
];

/** Where a bench is kept: what hangs on a circuit beside its draft is saved there. */
export interface Place {
    circuit: number;
    site: number;
    settings: Record<string, unknown>;
    /** Saves at once what is not saved yet; resolves to the version that is kept. */
    flush: () => Promise<number | null>;
}

/** What every part of a bench needs: the draft, its solution, and how to change a field. */
export interface Bench {
    draft: Draft;
    solved: Solved;
    readOnly: boolean;
    set: (path: FieldPath, value: string | boolean | null) => void;
    flow: Flow;
    correction: Correction;
    /** The moment of the start that the cursor stands at; null while nobody has moved it. */
    moment: StartMoment | null;
    /** Puts the cursor at a point of the start's course. */
    setMoment: (index: number | null) => void;
    /** Readings kept on this circuit, latest first; the solution compares them in this order. */
    readings: readonly Reading[];
    /** Null where a bench is only looked at or tried out. */
    place: Place | null;
}

export const BenchContext = createContext<Bench | null>(null);

export function useBench(): Bench {
    const bench = useContext(BenchContext);
    if (bench === null) {
        throw new Error('useBench outside a bench');
    }
    return bench;
}
