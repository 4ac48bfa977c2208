import { useEffect, useState } from 'react';

/** True once something has been true for a while; false at once. */
export function useLate(now: boolean, afterMs: number): boolean {
    const [late, setLate] = useState(false);
    useEffect(() => {
        if (!now) {
            setLate(false);
            return;
        }
        const timer = setTimeout(() => setLate(true), afterMs);
        return () => clearTimeout(timer);
    }, [now, afterMs]);
    return late && now;
}
