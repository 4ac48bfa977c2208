import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useRef, useState } from 'react';
import type { SessionAnswer } from '../api/contract';

const PREFIX = 'typed:';

/** Texts that this device would not keep: leaving the page asks while there are any. */
const unkept = new Set<string>();

const ask = (event: BeforeUnloadEvent) => event.preventDefault();

function mark(key: string, isKept: boolean) {
    const before = unkept.size;
    if (isKept) {
        unkept.delete(key);
    } else {
        unkept.add(key);
    }
    if (before === 0 && unkept.size > 0) {
        window.addEventListener('beforeunload', ask);
    } else if (before > 0 && unkept.size === 0) {
        window.removeEventListener('beforeunload', ask);
    }
}

function read<T>(key: string, initial: T): T {
    try {
        const kept = localStorage.getItem(key);
        return kept === null ? initial : (JSON.parse(kept) as T);
    } catch {
        return initial;
    }
}

function write(key: string, value: unknown, initial: unknown) {
    const isInitial = JSON.stringify(value) === JSON.stringify(initial);
    try {
        if (isInitial) {
            localStorage.removeItem(key);
        } else {
            localStorage.setItem(key, JSON.stringify(value));
        }
        mark(key, true);
    } catch {
        mark(key, isInitial);
    }
}

/**
 * What is typed into a form, kept on this device for whoever is signed in until it is sent: it outlives a reload, another station, a
 * send that failed and a session that ended. Set back to how it began, nothing is kept. Never for passwords.
 *
 * @param name of the field: the form, what it is about, the field
 */
export function useKept<T>(name: string, initial: T): [T, (next: T | ((before: T) => T)) => void] {
    const person = useQueryClient().getQueryData<SessionAnswer>(['session'])?.person?.login ?? '';
    const key = `${PREFIX}${person}:${name}`;
    const [state, setState] = useState(() => ({ key, value: read(key, initial) }));
    const present = state.key === key ? state : { key, value: read(key, initial) };
    const now = useRef(present);
    now.current = present;
    const began = useRef(initial);
    began.current = initial;
    const set = useCallback(
        (next: T | ((before: T) => T)) => {
            const before = now.current.key === key ? now.current.value : read(key, began.current);
            const value = typeof next === 'function' ? (next as (before: T) => T)(before) : next;
            now.current = { key, value };
            write(key, value, began.current);
            setState({ key, value });
        },
        [key],
    );
    return [present.value, set];
}
