import { useCallback, useSyncExternalStore } from 'react';

/** Whether the screen is as a media query asks, and again when that changes. */
export function useMedia(query: string): boolean {
    const subscribe = useCallback(
        (changed: () => void) => {
            const media = window.matchMedia(query);
            media.addEventListener('change', changed);
            return () => media.removeEventListener('change', changed);
        },
        [query],
    );
    return useSyncExternalStore(subscribe, () => window.matchMedia(query).matches);
}
