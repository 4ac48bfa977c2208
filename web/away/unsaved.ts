import { useEffect, useSyncExternalStore } from 'react';
import { ProblemError } from '../api/client';
import { service } from '../api/service';
import type { CircuitResource } from '../api/contract';
import { forgetLocally, keptByPerson, type KeptDraft, type LocalDraft } from '../bench/localDrafts';
import { arrived, begunHere, isBegunHere } from './begun';
import { isAwayError, isSignedOutError, recall, remember } from './lastSeen';

/** A circuit that was typed into on this device and is not saved yet. */
export interface Unsaved {
    circuit: number;
    tag: string;
    at: string;
    because: Hindrance;
}

/** What keeps it: the service is away, somebody else saved in between, the session is over, or it is refused, in words. */
type Hindrance = { kind: 'away' | 'conflict' | 'signed_out' } | { kind: 'refused'; title: string };

const EVERY_MS = 10_000;

let list: readonly Unsaved[] = [];
/** Whose list it is; nobody else is shown it. */
let whose: string | null = null;
const listeners = new Set<() => void>();
/** Circuits that are open on this page: their benches save them. */
const open = new Map<number, number>();

function show(next: readonly Unsaved[]): void {
    if (JSON.stringify(next) !== JSON.stringify(list)) {
        list = next;
        listeners.forEach((listener) => listener());
    }
}

/** Name of the lock that a bench holds on its circuit, across the tabs of this browser. */
const lockOf = (circuit: number): string => `brave-anvil-bench-${circuit}`;

/** Missing where a page is not served safely: only this page's benches are known then. */
const locks = (): LockManager | undefined => ('locks' in navigator ? navigator.locks : undefined);

/** Says that a bench is open; ends with the function that it returns. */
export function benchIsOpen(circuit: number): () => void {
    open.set(circuit, (open.get(circuit) ?? 0) + 1);
    let release: () => void = () => undefined;
    const closed = new Promise<void>((resolve) => {
        release = resolve;
    });
    void locks()?.request(lockOf(circuit), { mode: 'shared' }, () => closed);
    return () => {
        open.set(circuit, (open.get(circuit) ?? 1) - 1);
        release();
    };
}

/** Runs something unless a bench of any tab holds the circuit. */
async function unlessOpen(circuit: number, work: () => Promise<void>): Promise<void> {
    if ((open.get(circuit) ?? 0) > 0) {
        return;
    }
    const across = locks();
    if (across === undefined) {
        await work();
    } else {
        await across.request(lockOf(circuit), { ifAvailable: true }, (lock) => (lock === null ? undefined : work()));
    }
}

const tagOf = (draft: LocalDraft): string => {
    const { tag } = draft.draft as { tag?: unknown };
    return typeof tag === 'string' && tag !== '' ? tag : `circuit ${draft.circuit}`;
};

/** Sends one draft; says what keeps it. */
async function send(draft: KeptDraft): Promise<Hindrance | null> {
    try {
        if (isBegunHere(draft.circuit)) {
            const begun = await begunHere(draft.circuit);
            const made = await service.circuit.store({ site_id: begun.site.id, circuit: draft.draft, key: draft.key });
            await forgetLocally(draft.circuit, draft.person, draft.tab);
            await arrived(draft.circuit, made);
            return null;
        }
        const saved = await service.circuit.update(draft.circuit, {
            version: draft.version,
            circuit: draft.draft,
            key: draft.key,
        });
        await forgetLocally(draft.circuit, draft.person, draft.tab);
        const seen = await recall<CircuitResource>(`circuit:${draft.circuit}`);
        if (seen !== null) {
            await remember(`circuit:${draft.circuit}`, { ...seen.answer, ...saved, circuit: draft.draft });
        }
        return null;
    } catch (error) {
        if (isAwayError(error)) {
            return { kind: 'away' };
        }
        if (error instanceof ProblemError) {
            if (isSignedOutError(error)) {
                return { kind: 'signed_out' };
            }
            return error.status === 409 ? { kind: 'conflict' } : { kind: 'refused', title: error.problem.title };
        }
        throw error;
    }
}

/** Sends what this person typed on this device and the service has not answered for, one circuit after the other. */
export async function sendUnsaved(person: string): Promise<void> {
    whose = person;
    const left: Unsaved[] = [];
    for (const draft of await keptByPerson(person)) {
        await unlessOpen(draft.circuit, async () => {
            const because = await send(draft);
            if (because !== null) {
                left.push({ circuit: draft.circuit, tag: tagOf(draft), at: draft.at, because });
            }
        });
    }
    // Somebody else may have signed in meanwhile.
    if (whose === person) {
        show(left);
    }
}

/** Sends it now, when the network is back, and every ten seconds; ends with the view that asks. */
export function useSending(person: string | undefined): void {
    useEffect(() => {
        if (person === undefined) {
            return;
        }
        let running = false;
        const run = () => {
            if (!running) {
                running = true;
                void sendUnsaved(person).finally(() => {
                    running = false;
                });
            }
        };
        run();
        const timer = setInterval(run, EVERY_MS);
        window.addEventListener('online', run);
        return () => {
            clearInterval(timer);
            window.removeEventListener('online', run);
            whose = null;
            show([]);
        };
    }, [person]);
}

/** What is not saved yet of the circuits that no bench holds. */
export function useUnsaved(): readonly Unsaved[] {
    return useSyncExternalStore(
        (listener) => {
            listeners.add(listener);
            return () => listeners.delete(listener);
        },
        () => list,
    );
}
