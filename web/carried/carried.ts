import { useSyncExternalStore } from 'react';
import { isAwayError } from '../away/lastSeen';
import { errorOf } from '../api/client';
import { DamagedError, fetchParts, hindrance, keptParts, removeParts } from './parts';
import { askCore, endCore, onDamage } from './shared';

/** Whether this device can calculate by itself. */
export type Carried = { state: 'none'; why: string } | { state: 'fetching'; percent: number } | { state: 'ready' };

const OFFLINE = 'offline';

/** Remembers that somebody took it off. */
const REMOVED = 'brave-anvil-carried-removed';

let now: Carried = { state: 'none', why: 'not fetched yet' };
let begun: Promise<void> | null = null;
const listeners = new Set<() => void>();

function set(next: Carried): void {
    now = next;
    for (const listener of listeners) {
        listener();
    }
}

export const canCalculate = (): boolean => now.state === 'ready';

export function useCarried(): Carried {
    return useSyncExternalStore(
        (listener) => {
            listeners.add(listener);
            return () => listeners.delete(listener);
        },
        () => now,
    );
}

const wantsToSave = (): boolean =>
    'connection' in navigator && (navigator.connection as { saveData?: boolean } | undefined)?.saveData === true;

const wasRemoved = (): boolean => {
    try {
        return localStorage.getItem(REMOVED) !== null;
    } catch {
        return false;
    }
};

function whyNot(error: unknown): string {
    if (error instanceof DOMException && error.name === 'QuotaExceededError') {
        return 'no room on this device';
    }
    return error instanceof DamagedError ? 'it came damaged; try again' : isAwayError(error) ? OFFLINE : errorOf(error).message;
}

/** Fetches what is missing or newer; what is here serves meanwhile. */
async function fetched(): Promise<void> {
    const had = canCalculate();
    try {
        await fetchParts((percent) => {
            if (!had) {
                set({ state: 'fetching', percent });
            }
        });
        set({ state: 'ready' });
    } catch (error) {
        if (!had) {
            set({ state: 'none', why: whyNot(error) });
        }
    }
}

/** Once after sign-in, when the page has nothing else to do: looks for the copy on this device, and fetches it unless the device saves data. */
export function carryAlong(): Promise<void> {
    begun ??= (async () => {
        const why = hindrance();
        if (why !== null) {
            set({ state: 'none', why });
            return;
        }
        if (wasRemoved()) {
            set({ state: 'none', why: 'removed' });
            return;
        }
        try {
            if ((await keptParts()) !== null) {
                set({ state: 'ready' });
            } else if (wantsToSave()) {
                set({ state: 'none', why: 'this device saves data' });
                return;
            }
        } catch {
            set({ state: 'none', why: 'this browser stores nothing here' });
            return;
        }
        await fetched();
        if (now.state === 'none' && now.why === OFFLINE) {
            window.addEventListener('online', () => void fetched(), { once: true });
        }
    })();
    return begun;
}

/** Somebody wants it now. */
export async function fetchCarried(): Promise<void> {
    try {
        localStorage.removeItem(REMOVED);
    } catch {
        // Then it is asked again next time.
    }
    const why = hindrance();
    if (why === null) {
        await fetched();
    } else {
        set({ state: 'none', why });
    }
}

/** Somebody wants the room. */
export async function removeCarried(): Promise<void> {
    try {
        localStorage.setItem(REMOVED, '1');
    } catch {
        // Then it comes back with the next sign-in.
    }
    endCore();
    await removeParts();
    set({ state: 'none', why: 'removed' });
}

// A copy that could not be used is fetched anew.
onDamage(() => {
    set({ state: 'none', why: 'damaged' });
    void removeParts().then(fetched);
});

/** Begins the core before it is needed: its first answer takes the longest. What keeps it from beginning is told where it is asked. */
export async function warm(circuit: object): Promise<void> {
    if (canCalculate()) {
        await askCore({ ask: 'solve', circuit }).catch(() => undefined);
    }
}
