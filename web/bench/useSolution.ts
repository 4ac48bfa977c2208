import { keepPreviousData, queryOptions, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo } from 'react';
import { service } from '../api/service';
import { isAway } from '../away/away';
import {
    type FieldError,
    type FieldNote,
    type FieldPath,
    FIELDS,
    type Figure,
    type FigureKey,
    type Reading,
    type Solution,
    type Words,
} from '../api/contract';
import { type Draft, type ToSolve, toSolve } from './circuit';

/** What the service says of a field, complete. */
export type Note = Required<FieldNote> & (typeof FIELDS)[FieldPath];

/** A solution with its figures and errors at hand by key. */
export class Solved {
    private readonly figures: ReadonlyMap<FigureKey, Figure>;
    private readonly errors: ReadonlyMap<string, FieldError>;

    constructor(readonly solution: Solution) {
        this.figures = new Map(solution.figures.map((figure) => [figure.key, figure]));
        this.errors = new Map(solution.errors.map((error) => [error.path, error]));
    }

    figure(key: FigureKey): Figure | undefined {
        return this.figures.get(key);
    }

    /** The first of these that there is. */
    first(...keys: readonly FigureKey[]): Figure | undefined {
        return keys.map((key) => this.figures.get(key)).find((figure) => figure !== undefined);
    }

    number(key: FigureKey): number | undefined {
        const value = this.figures.get(key)?.value;
        return typeof value === 'number' ? value : undefined;
    }

    text(key: FigureKey): string | undefined {
        const value = this.figures.get(key)?.value;
        return typeof value === 'string' ? value : undefined;
    }

    /** As a person reads it, or a dash where the figure waits. */
    shown(key: FigureKey): string {
        return this.figures.get(key)?.shown ?? '–';
    }

    error(path: FieldPath): FieldError | undefined {
        return this.errors.get(path);
    }

    /** What the service says of a field: its label, choices, and what an empty one is taken as. */
    note(path: FieldPath): Note {
        return { ...FIELDS[path], empty: '', why: '', choices: [], unused: false, ...this.solution.fields[path] };
    }

    /** The word of a field's choice for a value that is typed or found; the value itself where it has none. */
    choice(path: FieldPath, value: string): string {
        return this.note(path).choices.find((choice) => choice.value === value)?.label ?? value;
    }

    /** The rule book's word for a thing. */
    word(key: keyof Words, fallback: string): string {
        return this.solution.words[key] ?? fallback;
    }
}

const NONE: readonly Reading[] = [];

const RETRY_MS = 4000;

const solution = (circuit: ToSolve) =>
    queryOptions({
        queryKey: ['solution', circuit],
        queryFn: ({ signal }) => service.solve.ask({}, circuit, signal),
        staleTime: Infinity,
        gcTime: 60_000,
        retry: (count) => count < 2 && !isAway(),
        // A service that is back recomputes what it missed.
        refetchInterval: (query) => (query.state.status === 'error' ? RETRY_MS : false),
    });

/** Asks for the solution of a draft at once, before the page has drawn what was typed; whoever draws it then finds the answer under way. */
export function useAhead(settings: Record<string, unknown>, readings: readonly Reading[]): (draft: Draft) => void {
    const client = useQueryClient();
    return useCallback(
        (draft) => {
            // What fails here is asked again, and told, by whoever draws it.
            client.query(solution(toSolve(draft, settings, readings))).catch(() => undefined);
        },
        [client, settings, readings],
    );
}

/** The solution of the draft as it stands. The former one stays readable, and `stale`, until the new one is there. */
export function useSolution(
    draft: Draft,
    settings: Record<string, unknown>,
    readings: readonly Reading[] = NONE,
): { solved: Solved | undefined; stale: boolean; failed: boolean } {
    const circuit = useMemo(() => toSolve(draft, settings, readings), [draft, settings, readings]);
    const query = useQuery({ ...solution(circuit), placeholderData: keepPreviousData });
    const solved = useMemo(() => (query.data === undefined ? undefined : new Solved(query.data)), [query.data]);
    return { solved, stale: query.isPlaceholderData, failed: query.isError };
}
