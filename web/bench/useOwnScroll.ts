import { type RefObject, useEffect, useRef } from 'react';
import { useLocation } from 'react-router';

const TRIES = 20;
const TRY_MS = 50;

/** A station opens at its top, or where one was in it; one that was opened for a field or a figure is brought there by `useFollow`. */
export function useOwnScroll(area: RefObject<HTMLElement | null>, station: string): void {
    const places = useRef<Record<string, number>>({});
    // Only another station moves it; whether it was opened for something counts at that moment alone.
    const aimed = useRef(false);
    aimed.current = (useLocation().state as { to?: unknown } | null)?.to !== undefined;
    useEffect(() => {
        const element = area.current;
        if (element === null) {
            return;
        }
        const wanted = aimed.current ? 0 : (places.current[station] ?? 0);
        element.scrollTop = wanted;
        // The station may still be loading: it grows under what is asked of it.
        let tries = 0;
        const timer = setInterval(() => {
            if (element.scrollTop < wanted && ++tries < TRIES) {
                element.scrollTop = wanted;
            } else {
                clearInterval(timer);
            }
        }, TRY_MS);
        const keep = () => {
            places.current[station] = element.scrollTop;
        };
        element.addEventListener('scroll', keep, { passive: true });
        return () => {
            clearInterval(timer);
            element.removeEventListener('scroll', keep);
        };
    }, [area, station]);
}
