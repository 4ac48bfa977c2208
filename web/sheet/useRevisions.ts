import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { service } from '../api/service';
import type { RevisionRow } from '../api/contract';
import type { Subject } from './subject';

const NONE: readonly RevisionRow[] = [];

/** The kept revisions of a circuit or a board, latest first; `known` once the service has told them. */
export function useRevisions(subject: Subject | undefined): {
    revisions: readonly RevisionRow[];
    known: boolean;
    isError: boolean;
    error: Error | null;
} {
    const query = useQuery({
        queryKey: ['revisions', subject?.kind, subject?.id],
        queryFn: () => (subject?.kind === 'board' ? service.revision.ofBoard(subject.id) : service.revision.index(subject?.id ?? '')),
        enabled: subject !== undefined,
    });
    return { revisions: query.data?.revisions ?? NONE, known: query.data !== undefined, isError: query.isError, error: query.error };
}

/** Asks for the revisions again: one was kept, or moved on. */
export function useMovedOn(subject: Subject | undefined): () => Promise<void> {
    const client = useQueryClient();
    const [kind, id] = [subject?.kind, subject?.id];
    return useCallback(async () => {
        await client.invalidateQueries({ queryKey: ['revisions', kind, id] });
        await client.invalidateQueries({ queryKey: ['review'] });
    }, [client, kind, id]);
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
