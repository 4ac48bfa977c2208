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

const EDITORS: readonly string[] = ['electrician', 'reviewer', 'administrator'];

/** Whether this person changes anything: only roles that are known to. */
export const mayEdit = (person: Person | null | undefined): boolean => person != null && EDITORS.includes(person.role);

/** Whether this person signs sheets that others prepared. */
export const mayReview = (person: Person | null | undefined): boolean => person?.role === 'reviewer';
