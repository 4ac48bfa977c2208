import type { Draft } from './circuit';

/** Past and future of a draft, for undo and redo. */
export interface History {
    readonly past: readonly Draft[];
    readonly present: Draft;
    readonly future: readonly Draft[];
    /** Field of the latest change, so that typing into one field is one step. */
    readonly path: string | null;
    readonly at: number;
}

const LONGEST = 200;
const ONE_STEP_MS = 1500;

export const startHistory = (draft: Draft): History => ({ past: [], present: draft, future: [], path: null, at: 0 });

/** A change of one field. Changes to the same field in quick succession are one step of undo. */
export function changed(history: History, next: Draft, path: string, now: number): History {
    const same = history.path === path && now - history.at < ONE_STEP_MS;
    return { past: same ? history.past : [...history.past, history.present].slice(-LONGEST), present: next, future: [], path, at: now };
}

export function undone(history: History): History {
    const last = history.past.at(-1);
    return last === undefined
        ? history
        : { past: history.past.slice(0, -1), present: last, future: [history.present, ...history.future], path: null, at: 0 };
}

export function redone(history: History): History {
    const [next, ...future] = history.future;
    return next === undefined ? history : { past: [...history.past, history.present], present: next, future, path: null, at: 0 };
}
