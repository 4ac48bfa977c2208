import { type IDBPDatabase, openDB } from 'idb';
import type { Draft } from './circuit';

/** A draft as it was last typed on this device, with the version that it was typed over. */
export interface LocalDraft {
    circuit: number;
    /** Login of whoever typed it: nobody else is offered it. */
    person: string;
    version: number;
    /** The state that it was typed over: what a person changed is told by it. */
    base: Draft;
    draft: Draft;
    /** By which it is saved: sent again, from here or from elsewhere on this device, it is the same save. */
    key: string;
    /** Keys of saves that were sent and may have been answered for after all. */
    sent?: readonly string[];
    at: string;
}

const STORE = 'drafts';

let opened: Promise<IDBPDatabase> | null = null;

const database = () =>
    (opened ??= openDB('brave-anvil', 1, {
        upgrade(made) {
            made.createObjectStore(STORE, { keyPath: ['circuit', 'person'] });
        },
        terminated() {
            opened = null;
        },
    }));

/** Keeps what is typed on this device. Where the device keeps nothing (a private window), typing goes on without. */
export async function keepLocally(entry: LocalDraft): Promise<boolean> {
    try {
        await (await database()).put(STORE, entry);
        return true;
    } catch {
        return false;
    }
}

/** What this person typed on this device and the service has not answered for yet. */
export async function keptLocally(circuit: number, person: string): Promise<LocalDraft | null> {
    try {
        return ((await (await database()).get(STORE, [circuit, person])) as LocalDraft | undefined) ?? null;
    } catch {
        return null;
    }
}

/** All that this person typed on this device and the service has not answered for yet. */
export async function keptByPerson(person: string): Promise<LocalDraft[]> {
    try {
        return ((await (await database()).getAll(STORE)) as LocalDraft[]).filter((entry) => entry.person === person);
    } catch {
        return [];
    }
}

/** Forgets it: the service keeps it now. */
export async function forgetLocally(circuit: number, person: string): Promise<void> {
    try {
        await (await database()).delete(STORE, [circuit, person]);
    } catch {
        // Nothing was kept where nothing can be.
    }
}
