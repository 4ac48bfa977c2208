import { type IDBPDatabase, type IDBPTransaction, openDB } from 'idb';
import type { Draft } from './circuit';
import { openTabs, thisTab } from './tab';

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

/** The same as it lies on the device: each tab has its own. */
export interface KeptDraft extends LocalDraft {
    tab: string;
}

const STORE = 'drafts by tab';
/** Of versions before, which told no tab from another. */
const FORMER_STORE = 'drafts';

async function carryOver(made: IDBPDatabase, transaction: IDBPTransaction<unknown, string[], 'versionchange'>): Promise<void> {
    for (const entry of (await transaction.objectStore(FORMER_STORE).getAll()) as LocalDraft[]) {
        await transaction.objectStore(STORE).put({ ...entry, tab: '' });
    }
    made.deleteObjectStore(FORMER_STORE);
}

let opened: Promise<IDBPDatabase> | null = null;

const database = () =>
    (opened ??= openDB('brave-anvil', 2, {
        upgrade(made, _from, _to, transaction) {
            made.createObjectStore(STORE, { keyPath: ['circuit', 'person', 'tab'] });
            if (made.objectStoreNames.contains(FORMER_STORE)) {
                void carryOver(made, transaction);
            }
        },
        // A tab with a newer page waits for this one to let go.
        blocking() {
            void opened?.then((made) => made.close());
            opened = null;
        },
        terminated() {
            opened = null;
        },
    }).catch((error: unknown) => {
        // Refused now, it may be granted at the next try.
        opened = null;
        throw error;
    }));

/** Keeps what is typed on this device, apart from what other tabs keep; false where the device keeps nothing: it is full, or refuses. */
export async function keepLocally(entry: LocalDraft): Promise<boolean> {
    try {
        await (await database()).put(STORE, { ...entry, tab: await thisTab() });
        return true;
    } catch {
        return false;
    }
}

/**
 * What this person typed into a circuit on this device and the service has not answered for yet: what this tab typed, else the latest of a
 * tab that is gone, which is this tab's from now on.
 */
export async function keptLocally(circuit: number, person: string): Promise<LocalDraft | null> {
    try {
        const tab = await thisTab();
        const all = (await keptByPerson(person)).filter((entry) => entry.circuit === circuit);
        const own = all.find((entry) => entry.tab === tab);
        if (own !== undefined) {
            return own;
        }
        const open = await openTabs();
        const left = all.filter((entry) => open?.has(entry.tab) !== true).sort((a, b) => b.at.localeCompare(a.at))[0];
        if (left === undefined) {
            return null;
        }
        const { store, done } = (await database()).transaction(STORE, 'readwrite');
        await Promise.all([store.put({ ...left, tab }), store.delete([circuit, person, left.tab]), done]);
        return left;
    } catch {
        return null;
    }
}

/** All that this person typed on this device, in any tab, and the service has not answered for yet; the first typed first. */
export async function keptByPerson(person: string): Promise<KeptDraft[]> {
    try {
        const all = (await (await database()).getAll(STORE)) as KeptDraft[];
        return all.filter((entry) => entry.person === person).sort((a, b) => a.at.localeCompare(b.at));
    } catch {
        return [];
    }
}

/** Forgets what a tab kept, this one where none is named: the service keeps it now. */
export async function forgetLocally(circuit: number, person: string, tab?: string): Promise<void> {
    try {
        await (await database()).delete(STORE, [circuit, person, tab ?? (await thisTab())]);
    } catch {
        // Nothing was kept where nothing can be.
    }
}
