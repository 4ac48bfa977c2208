import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { service } from '../../api/service';
import type { RevisionRow } from '../../api/contract';

const NONE: readonly RevisionRow[] = [];

/** The kept revisions of a circuit, latest first; `known` once the service has told them. */
export function useRevisions(circuit: number | undefined): {
    revisions: readonly RevisionRow[];
    known: boolean;
    isError: boolean;
    error: Error | null;
} {
    const query = useQuery({
        queryKey: ['revisions', circuit],
        queryFn: () => service.revision.index(circuit ?? ''),
        enabled: circuit !== undefined,
    });
    return { revisions: query.data?.revisions ?? NONE, known: query.data !== undefined, isError: query.isError, error: query.error };
}

/** Asks for the revisions again: one was kept, or moved on. */
export function useMovedOn(circuit: number | undefined): () => Promise<void> {
    const client = useQueryClient();
    return useCallback(async () => {
        await client.invalidateQueries({ queryKey: ['revisions', circuit] });
        await client.invalidateQueries({ queryKey: ['review'] });
    }, [client, circuit]);
}

export const STATES: Readonly<Record<RevisionRow['state'], string>> = {
    draft: 'saved, not sent',
    in_review: 'in review',
    returned: 'returned',
    issued: 'issued, in force',
    superseded: 'superseded',
    withdrawn: 'withdrawn',
};

export const KINDS: Readonly<Record<RevisionRow['kind'], string>> = { '': '', for_use: 'for use', as_found: 'as found' };
