import { useCallback, useEffect, useReducer, useRef, useState } from 'react';
import { ProblemError } from '../api/client';
import { service } from '../api/service';
import type { CircuitResource, FieldPath } from '../api/contract';
import { arrived, isBegunHere } from '../away/begun';
import { isAwayError, isSignedOutError, remember } from '../away/lastSeen';
import { benchIsOpen } from '../away/unsaved';
import { onSignIn } from '../session/signedIn';
import { type Draft, withValue } from './circuit';
import { forgetLocally, keepLocally, keptLocally } from './localDrafts';
import { changed, type History, redone, startHistory, undone } from './history';

/** Where the draft stands against what the service keeps. */
export type SaveState =
    | { kind: 'saved'; at: string; by: string | null }
    | { kind: 'unsaved' }
    | { kind: 'saving' }
    | { kind: 'refused'; problem: ProblemError }
    /** The service does not answer, or not yet. */
    | { kind: 'offline' }
    /** The session is over. */
    | { kind: 'signed_out' }
    /** `base` is the state that both went out from. */
    | { kind: 'conflict'; current: CircuitResource; base: Draft };

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

/** Tells one save from another; nothing is guarded by it. */
const newKey = (): string => `${Date.now().toString(36)}-${Math.random().toString(36).slice(2)}`;

const IDLE_MS = 1000;
/** Keys of the last saves that are remembered. */
const SENT_KEPT = 8;
/** Between tries while the service is away: growing pauses. */
const RETRY_MS = [2000, 4000, 8000, 15_000, 30_000];

export interface DraftState {
    draft: Draft;
    version: number;
    state: SaveState;
    /** What is typed is kept on this device, known for sure: where it stores nothing, it is lost with the page. */
    keptHere: boolean;
    canUndo: boolean;
    canRedo: boolean;
    set: (path: FieldPath, value: string | boolean | null) => void;
    undo: () => void;
    redo: () => void;
    /** In a conflict: keep mine over the other's state, take theirs, or what was put together of both. */
    resolve: (choice: 'mine' | 'theirs' | Draft) => void;
    /** Saves at once what is not saved yet; resolves to the version that is kept. */
    flush: () => Promise<number | null>;
}

/** The draft of one circuit: typed values, undo and redo, and saving by itself one second after the last change. */
export function useDraft(resource: CircuitResource, readOnly: boolean, person = ''): DraftState {
    const [history, dispatch] = useReducer(step, resource.circuit, startHistory);
    const [state, setState] = useState<SaveState>({ kind: 'saved', at: resource.updated_at, by: resource.updated_by });
    const [version, setVersion] = useState(resource.version);
    const stateNow = useRef(state);
    stateNow.current = state;
    // Begun on this device: the service has nothing of it yet.
    const kept = useRef<Draft>(isBegunHere(resource.id) ? {} : resource.circuit);
    const latest = useRef({ draft: history.present, version });
    latest.current = { draft: history.present, version };
    /** The last state that this device keeps. */
    const [keptHere, setKeptHere] = useState<Draft | null>(null);
    /** Something was typed here: what an earlier page kept is not forgotten before it is taken. */
    const typed = useRef(false);
    /** Of a circuit that was begun here all that is typed lies on this device: it is looked for before anything is kept over it. */
    const [looked, setLooked] = useState(!isBegunHere(resource.id));
    const running = useRef<Promise<number | null> | null>(null);
    const tries = useRef(0);
    /** The key of each state: where an answer was lost, the same state is sent again under the same one. */
    const keys = useRef(new WeakMap<Draft, string>());
    /** Keys that were sent from here and may have been answered for: what stands under one of them is one's own. */
    const sent = useRef<readonly string[]>([]);
    const keyOf = useCallback((draft: Draft): string => {
        const key = keys.current.get(draft) ?? newKey();
        keys.current.set(draft, key);
        return key;
    }, []);

    /** The service takes a circuit that was begun here; what was typed meanwhile goes along under its own number. */
    const sendBegun = useCallback(
        async (draft: Draft, key: string): Promise<number> => {
            const made = await service.circuit.store({ site_id: resource.site.id, circuit: draft, key });
            const now = latest.current.draft;
            if (now !== draft) {
                await keepLocally({
                    circuit: made.id,
                    person,
                    version: made.version,
                    base: draft,
                    draft: now,
                    key: keyOf(now),
                    at: new Date().toISOString(),
                });
            }
            kept.current = now;
            await forgetLocally(resource.id, person);
            setState({ kind: 'saved', at: made.updated_at, by: made.updated_by });
            await arrived(resource.id, made);
            return made.version;
        },
        [resource, person, keyOf],
    );

    const save = useCallback(async (): Promise<number | null> => {
        // One after the other: two at once would stand in each other's way.
        while (running.current !== null) {
            await running.current;
        }
        const { draft, version: base } = latest.current;
        if (draft === kept.current) {
            return base;
        }
        const work = (async () => {
            setState({ kind: 'saving' });
            const key = keyOf(draft);
            sent.current = [...sent.current.slice(-SENT_KEPT), key];
            try {
                if (isBegunHere(resource.id)) {
                    return await sendBegun(draft, key);
                }
                const saved = await service.circuit.update(resource.id, {
                    version: base,
                    circuit: draft,
                    key,
                });
                kept.current = draft;
                void remember(`circuit:${resource.id}`, { ...resource, ...saved, circuit: draft });
                tries.current = 0;
                if (latest.current.draft === draft) {
                    void forgetLocally(resource.id, person);
                }
                latest.current.version = saved.version;
                setVersion(saved.version);
                setState(
                    latest.current.draft === draft ? { kind: 'saved', at: saved.updated_at, by: saved.updated_by } : { kind: 'unsaved' },
                );
                return saved.version;
            } catch (error) {
                if (error instanceof ProblemError && error.status === 409 && error.problem.current !== undefined) {
                    const current = error.problem.current as unknown as CircuitResource;
                    if (current.version > base && sent.current.includes(current.save_key)) {
                        // One's own save, whose answer was lost: what was typed since is saved over it.
                        kept.current = current.circuit;
                        latest.current.version = current.version;
                        setVersion(current.version);
                        setState({ kind: 'unsaved' });
                    } else {
                        setState({ kind: 'conflict', current, base: kept.current });
                    }
                } else if (isSignedOutError(error)) {
                    setState({ kind: 'signed_out' });
                } else if (isAwayError(error)) {
                    tries.current += 1;
                    setState({ kind: 'offline' });
                } else if (error instanceof ProblemError) {
                    setState({ kind: 'refused', problem: error });
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
    }, [resource, person, keyOf, sendBegun]);

    useEffect(() => benchIsOpen(resource.id), [resource.id]);

    // What was typed here before a reload, a crash or a sign-out, and never got an answer.
    useEffect(() => {
        if (readOnly) {
            return;
        }
        let gone = false;
        void keptLocally(resource.id, person).then((local) => {
            setLooked(true);
            if (gone || local === null || (latest.current.draft !== kept.current && !isBegunHere(resource.id))) {
                return;
            }
            if (!isBegunHere(resource.id) && JSON.stringify(local.draft) === JSON.stringify(resource.circuit)) {
                void forgetLocally(resource.id, person);
                return;
            }
            keys.current.set(local.draft, local.key);
            sent.current = local.sent ?? [];
            dispatch({ do: 'take', draft: local.draft });
            // What stands there may be one's own save, whose answer never came.
            if (local.version !== resource.version && !sent.current.includes(resource.save_key)) {
                setState({ kind: 'conflict', current: resource, base: local.base });
            }
        });
        return () => {
            gone = true;
        };
    }, [resource, readOnly, person]);

    useEffect(() => {
        if (readOnly || !looked || history.present === kept.current) {
            return;
        }
        const draft = history.present;
        typed.current = true;
        void keepLocally({
            circuit: resource.id,
            person,
            version: latest.current.version,
            base: kept.current,
            draft,
            key: keyOf(draft),
            sent: sent.current,
            at: new Date().toISOString(),
        }).then((isKept) => {
            if (isKept) {
                setKeptHere(draft);
            }
        });
    }, [history.present, readOnly, looked, resource.id, person, keyOf]);

    useEffect(() => {
        if (readOnly || !looked) {
            return;
        }
        if (history.present === kept.current) {
            // Undone back to what is kept: there is nothing to save.
            setState((before) => (before.kind === 'unsaved' || before.kind === 'refused' ? { kind: 'saved', at: '', by: null } : before));
            if (typed.current) {
                void forgetLocally(resource.id, person);
            }
            return;
        }
        setState((before) => (before.kind === 'conflict' ? before : { kind: 'unsaved' }));
    }, [history.present, readOnly, looked, resource.id, person]);

    // Whatever is not saved is saved a second later: typed, or undone while the save before was under way. A conflict waits for the person.
    useEffect(() => {
        if (readOnly || state.kind !== 'unsaved') {
            return;
        }
        const timer = setTimeout(() => void save(), IDLE_MS);
        return () => clearTimeout(timer);
    }, [state, readOnly, save]);

    useEffect(() => {
        if (state.kind !== 'offline') {
            return;
        }
        const timer = setTimeout(() => void save(), RETRY_MS[Math.min(tries.current, RETRY_MS.length) - 1] ?? IDLE_MS);
        return () => clearTimeout(timer);
    }, [state, save]);

    // The session was over here, and another tab signed in.
    useEffect(() => (state.kind === 'signed_out' ? onSignIn(() => void save()) : undefined), [state, save]);

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
        keptHere: keptHere === history.present,
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
                void forgetLocally(resource.id, person);
                dispatch({ do: 'take', draft: state.current.circuit });
                setState({ kind: 'saved', at: state.current.updated_at, by: state.current.updated_by });
            } else if (choice === 'mine') {
                void save();
            } else {
                kept.current = state.current.circuit;
                setState({ kind: 'unsaved' });
                dispatch({ do: 'take', draft: choice });
            }
        },
        flush: save,
    };
}
