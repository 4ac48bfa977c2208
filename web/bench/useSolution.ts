import { keepPreviousData, queryOptions, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo } from 'react';
import { isAway } from '../away/away';
import { isAwayError } from '../away/lastSeen';
import { answered, type Answered, confirmed, type Kind } from '../carried/answered';
import { differsAt } from '../carried/differs';
import { CarriedError } from '../carried/machine';
import {
    type FieldError,
    type FieldNote,
    type FieldPath,
    FIELDS,
    type Figure,
    type FigureKey,
    type Reading,
    type Solution,
    type StationName,
    type Words,
} from '../api/contract';
import { type Draft, type ToSolve, toSolve } from './circuit';
import { askSolution, type Seen, type OnScreen, shownOf } from './parts';

/** What the service says of a field, complete. */
export type Note = Required<FieldNote> & (typeof FIELDS)[FieldPath];

/** A solution with its figures and errors at hand by key. */
export class Solved {
    private readonly figures: ReadonlyMap<FigureKey, Figure>;
    private readonly errors: ReadonlyMap<string, FieldError>;

    /** @param of the station that has shown all of it; null where the solution is whole */
    constructor(
        readonly solution: Solution,
        private readonly of: StationName | null = null,
    ) {
        this.figures = new Map(solution.figures.map((figure) => [figure.key, figure]));
        this.errors = new Map(solution.errors.map((error) => [error.path, error]));
    }

    get isWhole(): boolean {
        return this.of === null;
    }

    /** Whether it has all that a station shows. */
    has(station: StationName): boolean {
        return this.of === null || this.of === station;
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

/** What is not shown is asked for once nobody types. */
const REST_AFTER_MS = 1000;

/** What the service gives of a solution, against all that this device works out. */
const kind = (shown: OnScreen | null): Kind<Seen> => ({
    read: (carried) => ({ solution: carried as Solution, of: null }),
    differsAt: (ours, carried) => differsAt(ours.solution, shown === null ? carried.solution : shownOf(carried.solution, shown)),
});

const keyOf = (circuit: ToSolve) => ['solution', circuit] as const;

/** @param shown what is on the screen now; null: all of it */
const solution = (circuit: ToSolve, shown: () => OnScreen | null) =>
    queryOptions({
        queryKey: keyOf(circuit),
        queryFn: async ({ signal, client, queryKey }): Promise<Answered<Seen>> => {
            const held = client.getQueryData<Answered<Seen>>(queryKey);
            if (held?.by === 'carried') {
                // This device has answered: the service alone is asked, whether it says the same.
                return askSolution(circuit, null, signal).then(
                    (answer) => confirmed(answer, held, kind(null).differsAt),
                    (error: unknown) => {
                        if (isAwayError(error)) {
                            return held;
                        }
                        throw error;
                    },
                );
            }
            const wanted = shown();
            return answered(
                () => askSolution(circuit, wanted, signal),
                { ask: 'solve', circuit },
                signal,
                (answer) => client.setQueryData<Answered<Seen>>(queryKey, answer),
                kind(wanted),
            );
        },
        staleTime: Infinity,
        gcTime: 60_000,
        retry: (count) => count < 2 && !isAway(),
        // A service that is back recomputes what it missed, and confirms what this device answered.
        refetchInterval: (query) => (query.state.status === 'error' || query.state.data?.by === 'carried' ? RETRY_MS : false),
    });

/** Asks for the solution of a draft at once, before the page has drawn what was typed; whoever draws it then finds the answer under way. */
export function useAhead(settings: Record<string, unknown>, readings: readonly Reading[], shown: () => OnScreen): (draft: Draft) => void {
    const client = useQueryClient();
    return useCallback(
        (draft) => {
            // What fails here is asked again, and told, by whoever draws it.
            client.query(solution(toSolve(draft, settings, readings), shown)).catch(() => undefined);
        },
        [client, settings, readings, shown],
    );
}

/**
 * Asks for what is missing of a solution: what another station shows at once when it is opened, and the rest when nobody types.
 *
 * @param of the station that has shown all of it; null where it is whole
 */
function useRest(circuit: ToSolve, of: StationName | null, station: StationName | undefined): void {
    const client = useQueryClient();
    const isPart = of !== null;
    useEffect(() => {
        if (isPart && of !== station) {
            void client.refetchQueries({ queryKey: keyOf(circuit), exact: true });
        }
    }, [client, circuit, isPart, of, station]);
    useEffect(() => {
        if (!isPart) {
            return undefined;
        }
        const stop = new AbortController();
        const timer = setTimeout(() => {
            askSolution(circuit, null, stop.signal).then(
                (answer) => client.setQueryData<Answered<Seen>>(keyOf(circuit), { answer, by: 'service' }),
                // What is shown stands; the rest comes with the next key, or when another station is opened.
                () => undefined,
            );
        }, REST_AFTER_MS);
        return () => {
            clearTimeout(timer);
            stop.abort();
        };
    }, [client, circuit, isPart]);
}

const ALL = () => null;

/**
 * The solution of the draft as it stands. The former one stays readable, and `stale`, until the new one is there; `carried` while only this
 * device has worked it out; `why` this device could not.
 *
 * @param shown what is on the screen now; all of the solution is asked for at once where it is not given
 */
export function useSolution(
    draft: Draft,
    settings: Record<string, unknown>,
    readings: readonly Reading[] = NONE,
    shown: () => OnScreen | null = ALL,
): { solved: Solved | undefined; stale: boolean; failed: boolean; carried: boolean; why: string } {
    const circuit = useMemo(() => toSolve(draft, settings, readings), [draft, settings, readings]);
    const query = useQuery({ ...solution(circuit, shown), placeholderData: keepPreviousData });
    const seen = query.data?.answer;
    useRest(circuit, query.isPlaceholderData ? null : (seen?.of ?? null), shown()?.station);
    const solved = useMemo(() => (seen === undefined ? undefined : new Solved(seen.solution, seen.of)), [seen]);
    return {
        solved,
        stale: query.isPlaceholderData,
        failed: query.isError,
        carried: query.data?.by === 'carried',
        why: query.error instanceof CarriedError ? query.error.message : '',
    };
}
