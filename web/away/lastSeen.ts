import { type IDBPDatabase, openDB } from 'idb';
import { OfflineError, ProblemError } from '../api/client';
import { setAway } from './away';

/** An answer of the service as it was last seen on this device. */
export interface Seen<T> {
    name: string;
    answer: T;
    at: string;
}

const STORE = 'answers';

/** More than a shift opens; the oldest go first. */
const MOST = 300;

let opened: Promise<IDBPDatabase> | null = null;

const database = () =>
    (opened ??= openDB('brave-anvil-seen', 1, {
        upgrade(made) {
            made.createObjectStore(STORE, { keyPath: 'name' }).createIndex('at', 'at');
        },
        terminated() {
            opened = null;
        },
    }));

/** Whether an error says that the service is down or out of reach, not that it refuses. */
export const isAwayError = (error: unknown): boolean =>
    error instanceof OfflineError || (error instanceof ProblemError && error.status >= 500);

/** Whether an error says that nobody is signed in any more. */
export const isSignedOutError = (error: unknown): boolean =>
    error instanceof ProblemError && (error.status === 401 || error.status === 419);

/** Keeps an answer on this device. Where the device keeps nothing (a private window), nothing is kept. */
export async function remember(name: string, answer: unknown): Promise<void> {
    try {
        const open = await database();
        await open.put(STORE, { name, answer, at: new Date().toISOString() });
        const excess = (await open.count(STORE)) - MOST;
        if (excess > 0) {
            for (const key of (await open.getAllKeysFromIndex(STORE, 'at')).slice(0, excess)) {
                await open.delete(STORE, key);
            }
        }
    } catch {
        // Without a store the page works as long as the service answers.
    }
}

/** An answer as it was last seen here; null where it never was. */
export async function recall<T>(name: string): Promise<Seen<T> | null> {
    try {
        return ((await (await database()).get(STORE, name)) as Seen<T> | undefined) ?? null;
    } catch {
        return null;
    }
}

/** Forgets every answer: another person sits here now, or nobody. */
export async function forgetAll(): Promise<void> {
    try {
        await (await database()).clear(STORE);
    } catch {
        // Nothing was kept where nothing can be.
    }
}

/**
 * The service's answer, or while it is away the one last seen on this device.
 *
 * @param name of the answer; `instead` is looked for where this very one was never seen
 * @throws ProblemError when the service refuses
 * @throws OfflineError when it does not answer and nothing was seen
 */
export async function lastSeen<T>(name: string, ask: () => Promise<T>, instead?: string): Promise<T> {
    try {
        const answer = await ask();
        void remember(name, answer);
        if (instead !== undefined) {
            void remember(instead, answer);
        }
        return answer;
    } catch (error) {
        if (!isAwayError(error)) {
            throw error;
        }
        const seen = (await recall<T>(name)) ?? (instead === undefined ? null : await recall<T>(instead));
        if (seen === null) {
            throw error;
        }
        setAway(seen.at);
        return seen.answer;
    }
}
