import { useCallback, useEffect, useReducer, useRef, useState } from 'react';
import { call, OfflineError, ProblemError } from '../api/client';
import type { CircuitResource, FieldPath, Saved } from '../api/contract';
import { type Draft, withValue } from './circuit';
import { changed, type History, redone, startHistory, undone } from './history';

/** Where the draft stands against what the service keeps. */
export type SaveState =
    | { kind: 'saved'; at: string; by: string | null }
    | { kind: 'unsaved' }
    | { kind: 'saving' }
    | { kind: 'refused'; problem: ProblemError }
    | { kind: 'offline' }
    | { kind: 'conflict'; current: CircuitResource };

type Step =
    { do: 'change'; path: FieldPath; value: string | boolean | null } | { do: 'undo' } | { do: 'redo' } | { do: 'take'; draft: Draft };

function step(history: History, action: Step): History {
    switch (action.do) {
        case 'change':
            return changed(history, withValue(history.present, action.path, action.value), action.path, Date.now());
        case 'undo':
            return undone(history);
        case 'redo':
            return redone(history);
        case 'take':
            return { ...startHistory(action.draft), past: [...history.past, history.present] };
    }
}

const IDLE_MS = 1000;
const RETRY_MS = 5000;

export interface DraftState {
    draft: Draft;
    version: number;
    state: SaveState;
    canUndo: boolean;
    canRedo: boolean;
    set: (path: FieldPath, value: string | boolean | null) => void;
    undo: () => void;
    redo: () => void;
    /** In a conflict: keep mine over the other's state, or take theirs. */
    resolve: (choice: 'mine' | 'theirs') => void;
    /** Saves at once what is not saved yet; resolves to the version that is kept. */
    flush: () => Promise<number | null>;
}

/** The draft of one circuit: typed values, undo and redo, and saving by itself one second after the last change. */
export function useDraft(resource: CircuitResource, readOnly: boolean): DraftState {
    const [history, dispatch] = useReducer(step, resource.circuit, startHistory);
    const [state, setState] = useState<SaveState>({ kind: 'saved', at: resource.updated_at, by: resource.updated_by });
    const [version, setVersion] = useState(resource.version);
    const kept = useRef<Draft>(resource.circuit);
    const latest = useRef({ draft: history.present, version });
    latest.current = { draft: history.present, version };
    const running = useRef<Promise<number | null> | null>(null);

    const save = useCallback(async (): Promise<number | null> => {
        if (running.current !== null) {
            await running.current;
        }
        const { draft, version: base } = latest.current;
        if (draft === kept.current) {
            return base;
        }
        const work = (async () => {
            setState({ kind: 'saving' });
            try {
                const saved = await call<Saved>('PUT', `circuits/${resource.id}`, { version: base, circuit: draft });
                kept.current = draft;
                latest.current.version = saved.version;
                setVersion(saved.version);
                setState(
                    latest.current.draft === draft ? { kind: 'saved', at: saved.updated_at, by: saved.updated_by } : { kind: 'unsaved' },
                );
                return saved.version;
            } catch (error) {
                if (error instanceof ProblemError && error.status === 409 && error.problem.current !== undefined) {
                    setState({ kind: 'conflict', current: error.problem.current as unknown as CircuitResource });
                } else if (error instanceof ProblemError) {
                    setState({ kind: 'refused', problem: error });
                } else if (error instanceof OfflineError) {
                    setState({ kind: 'offline' });
                } else {
                    throw error;
                }
                return null;
            } finally {
                running.current = null;
            }
        })();
        running.current = work;
        return work;
    }, [resource.id]);

    useEffect(() => {
        if (readOnly) {
            return;
        }
        if (history.present === kept.current) {
            // Undone back to what is kept: there is nothing to save.
            setState((before) => (before.kind === 'unsaved' || before.kind === 'refused' ? { kind: 'saved', at: '', by: null } : before));
            return;
        }
        setState((before) => (before.kind === 'conflict' ? before : { kind: 'unsaved' }));
        const timer = setTimeout(() => void save(), IDLE_MS);
        return () => clearTimeout(timer);
    }, [history.present, readOnly, save]);

    useEffect(() => {
        if (state.kind !== 'offline') {
            return;
        }
        const timer = setTimeout(() => void save(), RETRY_MS);
        return () => clearTimeout(timer);
    }, [state, save]);

    useEffect(() => {
        const leave = (event: BeforeUnloadEvent) => {
            if (latest.current.draft !== kept.current) {
                void save();
                event.preventDefault();
            }
        };
        window.addEventListener('beforeunload', leave);
        return () => {
            window.removeEventListener('beforeunload', leave);
            // Leaving the bench inside the application: what is typed goes along.
            if (!readOnly && latest.current.draft !== kept.current) {
                void save();
            }
        };
    }, [save, readOnly]);

    return {
        draft: history.present,
        version,
        state,
        canUndo: history.past.length > 0,
        canRedo: history.future.length > 0,
        set: useCallback((path, value) => dispatch({ do: 'change', path, value }), []),
        undo: useCallback(() => dispatch({ do: 'undo' }), []),
        redo: useCallback(() => dispatch({ do: 'redo' }), []),
        resolve: (choice) => {
            if (state.kind !== 'conflict') {
                return;
            }
            latest.current.version = state.current.version;
            setVersion(state.current.version);
            if (choice === 'theirs') {
                kept.current = state.current.circuit;
                dispatch({ do: 'take', draft: state.current.circuit });
                setState({ kind: 'saved', at: state.current.updated_at, by: state.current.updated_by });
            } else {
                void save();
            }
        },
        flush: save,
    };
}
