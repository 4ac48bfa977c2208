import { queryOptions, useQuery } from '@tanstack/react-query';
import { call } from './client';
import type { Person, SessionAnswer } from './contract';

export const sessionQuery = queryOptions({
    queryKey: ['session'],
    queryFn: ({ signal }) => call<SessionAnswer>('GET', 'session', undefined, signal),
    staleTime: 60_000,
});

/** Who is signed in; undefined while that is not known. */
export function usePerson(): Person | null | undefined {
    return useQuery(sessionQuery).data?.person;
}

export const mayEdit = (person: Person | null | undefined): boolean => person != null && person.role !== 'viewer';

/** Whether this person signs sheets that others prepared. */
export const mayReview = (person: Person | null | undefined): boolean => person?.role === 'reviewer';
