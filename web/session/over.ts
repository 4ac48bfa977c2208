import { useSyncExternalStore } from 'react';

let over = false;
const listeners = new Set<() => void>();

/** Says that the session ended while the page is open, or that somebody signed in again. */
export function setSessionOver(next: boolean): void {
    if (next !== over) {
        over = next;
        for (const listener of listeners) {
            listener();
        }
    }
}

/** Whether the service refused something because the session is over. */
export function useSessionOver(): boolean {
    return useSyncExternalStore(
        (listener) => {
            listeners.add(listener);
            return () => listeners.delete(listener);
        },
        () => over,
    );
}
