import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { call } from '../api/client';
import { lastSeen } from '../away/lastSeen';
import type { Reading, ReadingsAnswer } from '../api/contract';

const NONE: readonly Reading[] = [];

/** The readings kept on a circuit, latest first; none before they are there. */
export function useReadings(circuit: number): readonly Reading[] {
    const query = useQuery({
        queryKey: ['readings', circuit],
        queryFn: () => lastSeen(`readings:${circuit}`, () => call<ReadingsAnswer>('GET', `circuits/${circuit}/readings`)),
        staleTime: 60_000,
    });
    return query.data?.readings ?? NONE;
}

/** Asks for the readings of a circuit again: one was kept or withdrawn. */
export function useRefresh(circuit: number | undefined): () => Promise<void> {
    const client = useQueryClient();
    return useCallback(() => client.invalidateQueries({ queryKey: ['readings', circuit] }), [client, circuit]);
}
