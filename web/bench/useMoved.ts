import { useEffect, useRef, useState } from 'react';

const MARKED_MS = 1400;

/** True for a moment after a shown value has changed, so that the ripple of an input is seen. */
export function useMoved(shown: string): boolean {
    const before = useRef(shown);
    const [moved, setMoved] = useState(false);
    useEffect(() => {
        if (before.current === shown) {
            return;
        }
        before.current = shown;
        setMoved(true);
        const timer = setTimeout(() => setMoved(false), MARKED_MS);
        return () => clearTimeout(timer);
    }, [shown]);
    return moved;
}
