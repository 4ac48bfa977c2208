import { useEffect, useRef } from 'react';
import { carryAlong, useCarried, warm } from './carried';

/** Where a browser has no such thing: after what is under way. */
const whenIdle = (work: () => void): (() => void) => {
    if (typeof requestIdleCallback === 'function') {
        const handle = requestIdleCallback(work);
        return () => cancelIdleCallback(handle);
    }
    const timer = setTimeout(work, 1500);
    return () => clearTimeout(timer);
};

/** Fetches the core for this device once somebody is signed in and the page has nothing else to do. */
export function useCarrying(signedIn: boolean): void {
    useEffect(() => (signedIn ? whenIdle(() => void carryAlong()) : undefined), [signedIn]);
}

/**
 * Begins it where a circuit is open: its first answer takes the longest.
 *
 * @param known whether there is something to ask
 * @param circuit as it stands then
 */
export function useWarm(known: boolean, circuit: () => object): void {
    const { state } = useCarried();
    const latest = useRef(circuit);
    latest.current = circuit;
    useEffect(() => (known && state === 'ready' ? whenIdle(() => void warm(latest.current())) : undefined), [known, state]);
}
