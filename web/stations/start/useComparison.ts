import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { call } from '../../api/client';
import type { Comparison, Solution } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { withSettings } from '../../bench/circuit';

/** Every starting method for the circuit as it stands. It is asked for by itself, so that typing stays quick. */
export function useComparison(): { comparison: Comparison | undefined; waiting: boolean; failed: boolean } {
    const { draft, place } = useBench();
    const circuit = useMemo(() => withSettings(draft, place?.settings ?? {}), [draft, place]);
    const query = useQuery({
        queryKey: ['comparison', circuit],
        queryFn: ({ signal }) => call<Solution>('POST', 'solve?compare=methods', circuit, signal),
        staleTime: Infinity,
        gcTime: 60_000,
        retry: 1,
    });
    return { comparison: query.data?.curves.comparison, waiting: query.isPending, failed: query.isError };
}
