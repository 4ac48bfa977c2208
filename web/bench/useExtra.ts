import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { service } from '../api/service';
import type { Solution } from '../api/contract';
import { anyAnswer } from '../carried/answered';
import { useBench } from './BenchContext';
import { toSolve } from './circuit';

/** What a solution holds only when it is asked for by itself, so that typing stays quick. */
export function useExtra(extra: 'methods' | 'margins' | 'time_current' | 'wiring' | 'sensitivity' | 'learned'): {
    curves: Solution['curves'] | undefined;
    waiting: boolean;
    failed: boolean;
} {
    const { draft, place } = useBench();
    const circuit = useMemo(() => toSolve(draft, place?.settings ?? {}), [draft, place]);
    const query = useQuery({
        queryKey: ['extra', extra, circuit],
        queryFn: ({ signal }) =>
            anyAnswer(() => service.extra.ask({ with: extra }, circuit, signal), { ask: 'extra', circuit, with: extra }, signal),
        staleTime: Infinity,
        gcTime: 60_000,
        retry: 1,
    });
    return { curves: query.data?.curves, waiting: query.isPending, failed: query.isError };
}
