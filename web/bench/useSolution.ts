import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { call } from '../api/client';
import type { Figure, FieldError, Solution } from '../api/contract';
import { type Draft, withSettings } from './circuit';

/** A solution with its figures and errors at hand by key. */
export class Solved {
    private readonly figures: ReadonlyMap<string, Figure>;
    private readonly errors: ReadonlyMap<string, FieldError>;

    constructor(readonly solution: Solution) {
        this.figures = new Map(solution.figures.map((figure) => [figure.key, figure]));
        this.errors = new Map(solution.errors.map((error) => [error.path, error]));
    }

    figure(key: string): Figure | undefined {
        return this.figures.get(key);
    }

    number(key: string): number | undefined {
        const value = this.figures.get(key)?.value;
        return typeof value === 'number' ? value : undefined;
    }

    text(key: string): string | undefined {
        const value = this.figures.get(key)?.value;
        return typeof value === 'string' ? value : undefined;
    }

    /** As a person reads it, or a dash where the figure waits. */
    shown(key: string): string {
        return this.figures.get(key)?.shown ?? '–';
    }

    error(path: string): FieldError | undefined {
        return this.errors.get(path);
    }

    /** The rule book's word for a thing. */
    word(key: string, fallback: string): string {
        return this.solution.words[key] ?? fallback;
    }
}

/** The solution of the draft as it stands. The former one stays readable, and `stale`, until the new one is there. */
export function useSolution(
    draft: Draft,
    settings: Record<string, unknown>,
): { solved: Solved | undefined; stale: boolean; failed: boolean } {
    const circuit = useMemo(() => withSettings(draft, settings), [draft, settings]);
    const query = useQuery({
        queryKey: ['solution', circuit],
        queryFn: ({ signal }) => call<Solution>('POST', 'solve', circuit, signal),
        placeholderData: keepPreviousData,
        staleTime: Infinity,
        gcTime: 60_000,
        retry: 2,
    });
    const solved = useMemo(() => (query.data === undefined ? undefined : new Solved(query.data)), [query.data]);
    return { solved, stale: query.isPlaceholderData, failed: query.isError };
}
