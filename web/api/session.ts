import { type QueryClient, queryOptions, useQuery } from '@tanstack/react-query';
import { forgetAll, lastSeen, recall, remember } from '../away/lastSeen';
import { service } from './service';
import type { Person, SessionAnswer } from './contract';

const AGAIN_MS = 5000;

/** Name of the session among what was last seen on this device. */
const SEEN = 'session';

/** What another person has seen on this device is forgotten before this one sees anything. */
async function only(answer: SessionAnswer): Promise<SessionAnswer> {
    const before = (await recall<SessionAnswer>(SEEN))?.answer.person?.login;
    if (answer.person === null || (before !== undefined && before !== answer.person.login)) {
        await forgetAll();
    }
    return answer;
}

/** Notes who has just signed in, so that the page opens for this person without a network too. */
export async function signedIn(client: QueryClient, answer: SessionAnswer): Promise<void> {
    await only(answer);
    await remember(SEEN, answer);
    client.setQueryData(sessionQuery.queryKey, answer);
}

export const sessionQuery = queryOptions({
    queryKey: ['session'],
    queryFn: ({ signal }) => lastSeen(SEEN, async () => only(await service.session.show(signal))),
    staleTime: 60_000,
    // Who is here is asked until somebody answers.
    refetchInterval: (query) => (query.state.status === 'error' ? AGAIN_MS : false),
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
