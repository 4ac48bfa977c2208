import { useSyncExternalStore } from 'react';

let since: string | null = null;
const listeners = new Set<() => void>();

/** Says that what is shown is as it was last seen at a time, or that the service answers. */
export function setAway(at: string | null): void {
    // The oldest of what is shown counts.
    const next = at === null || since === null || at < since ? at : since;
    if (next !== since) {
        since = next;
        for (const listener of listeners) {
            listener();
        }
    }
}

export const isAway = (): boolean => since !== null;

/** Since when nothing newer was seen, while the service is away; null while it answers. */
export function useAway(): string | null {
    return useSyncExternalStore(
        (listener) => {
            listeners.add(listener);
            return () => listeners.delete(listener);
        },
        () => since,
    );
}
