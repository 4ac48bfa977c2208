import { queryOptions, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { service } from '../api/service';
import { isBegunHere } from '../away/begun';
import { lastSeen } from '../away/lastSeen';
import type { Reading } from '../api/contract';

const AGAIN_MS = 5000;

const NONE: readonly Reading[] = [];

const readingsQuery = (circuit: number) =>
    queryOptions({
        queryKey: ['readings', circuit],
        // The service has none of a circuit that it does not have.
        queryFn: () =>
            isBegunHere(circuit)
                ? Promise.resolve({ readings: [] })
                : lastSeen(`readings:${circuit}`, () => service.reading.index(circuit)),
        staleTime: 60_000,
        refetchInterval: (query) => (query.state.status === 'error' ? AGAIN_MS : false),
    });

/** The readings kept on a circuit, latest first; none before they are there. */
export function useReadings(circuit: number): readonly Reading[] {
    return useQuery(readingsQuery(circuit)).data?.readings ?? NONE;
}

/** Whether they could not be loaded: what is computed then rests on none of them. */
export function useReadingsMissing(circuit: number): boolean {
    const query = useQuery(readingsQuery(circuit));
    return query.isError && query.data === undefined;
}

/** Asks for the readings of a circuit again: one was kept or withdrawn. */
export function useRefresh(circuit: number | undefined): () => Promise<void> {
    const client = useQueryClient();
    return useCallback(() => client.invalidateQueries({ queryKey: ['readings', circuit] }), [client, circuit]);
}
