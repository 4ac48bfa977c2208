import 'fake-indexeddb/auto';
import { openDB } from 'idb';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

/** What tells one tab from another in a browser: names of locks that are held, for all tabs at once. */
class Locks {
    private readonly held = new Set<string>();

    request(name: string, { signal }: { signal: AbortSignal }, work: () => unknown): Promise<unknown> {
        if (this.held.has(name)) {
            return new Promise((_, reject) => {
                signal.addEventListener('abort', () => reject(new DOMException('aborted', 'AbortError')));
            });
        }
        this.held.add(name);
        return Promise.resolve(work());
    }

    query() {
        return Promise.resolve({ held: [...this.held].map((name) => ({ name })) });
    }

    /** A tab was closed, or its page is read anew: it holds nothing any more. */
    close(tab: string) {
        this.held.delete(`brave-anvil-tab-${tab}`);
    }
}

const KEY = 'brave-anvil-tab';

const entry = (power: string, at = '2026-12-01T08:00:00Z') => ({
    circuit: 7,
    person: 'electrician-a',
    version: 3,
    base: { tag: 'KF-204' },
    draft: { tag: 'KF-204', plate: { power } },
    key: power,
    at,
});

describe('drafts that this device keeps', () => {
    let locks: Locks;

    /** The page as it begins in a tab: a new one, one that is read anew under its name, or a duplicate. */
    const page = async (tab: string | null = null) => {
        if (tab === null) {
            sessionStorage.removeItem(KEY);
        } else {
            sessionStorage.setItem(KEY, tab);
        }
        vi.resetModules();
        const drafts = await import('./localDrafts');
        const own = await (await import('./tab')).thisTab();
        return { ...drafts, own };
    };

    beforeEach(() => {
        locks = new Locks();
        Object.defineProperty(navigator, 'locks', { value: locks, configurable: true });
    });
    afterEach(async () => {
        const { keptByPerson, forgetLocally } = await page();
        for (const { circuit, person, tab } of await keptByPerson('electrician-a')) {
            await forgetLocally(circuit, person, tab);
        }
        Reflect.deleteProperty(navigator, 'locks');
        sessionStorage.clear();
    });

    it('are each tab its own, also after both were read anew', async () => {
        const one = await page();
        const two = await page();
        await one.keepLocally(entry('45 kW'));
        await two.keepLocally(entry('55 kW'));
        expect(await one.keptLocally(7, 'electrician-a')).toMatchObject(entry('45 kW'));
        expect(await two.keptLocally(7, 'electrician-a')).toMatchObject(entry('55 kW'));
        locks.close(one.own);
        locks.close(two.own);
        const [oneAgain, twoAgain] = [await page(one.own), await page(two.own)];
        expect(await twoAgain.keptLocally(7, 'electrician-a')).toMatchObject(entry('55 kW'));
        expect(await oneAgain.keptLocally(7, 'electrician-a')).toMatchObject(entry('45 kW'));
    });

    it('are not taken from a tab that is open, and from one that is gone only once', async () => {
        const one = await page();
        await one.keepLocally(entry('45 kW'));
        const two = await page();
        expect(await two.keptLocally(7, 'electrician-a')).toBeNull();
        locks.close(one.own);
        expect(await two.keptLocally(7, 'electrician-a')).toMatchObject(entry('45 kW'));
        const three = await page();
        expect(await three.keptLocally(7, 'electrician-a')).toBeNull();
        await two.forgetLocally(7, 'electrician-a');
        expect(await two.keptByPerson('electrician-a')).toEqual([]);
    });

    it('are of a duplicated tab apart from those of the tab that it was made from', async () => {
        const one = await page();
        const copy = await page(one.own);
        expect(copy.own).not.toBe(one.own);
        await one.keepLocally(entry('45 kW'));
        expect(await copy.keptLocally(7, 'electrician-a')).toBeNull();
    });

    it('are all sent, the first typed first, and each forgotten by itself', async () => {
        const one = await page();
        const two = await page();
        await two.keepLocally(entry('55 kW', '2026-12-01T08:05:00Z'));
        await one.keepLocally(entry('45 kW', '2026-12-01T08:00:00Z'));
        const all = await two.keptByPerson('electrician-a');
        expect(all.map(({ key }) => key)).toEqual(['45 kW', '55 kW']);
        await two.forgetLocally(7, 'electrician-a', one.own);
        expect((await two.keptByPerson('electrician-a')).map(({ key }) => key)).toEqual(['55 kW']);
    });

    it('of a browser that tells nothing of its tabs are still none of another person', async () => {
        Reflect.deleteProperty(navigator, 'locks');
        const one = await page();
        await one.keepLocally(entry('45 kW'));
        const two = await page();
        expect(await two.keptLocally(7, 'electrician-b')).toBeNull();
        expect(await two.keptLocally(7, 'electrician-a')).toMatchObject(entry('45 kW'));
    });

    it('of a version before are found', async () => {
        indexedDB.deleteDatabase('former');
        vi.doMock('idb', () => ({
            openDB: (_name: string, version: number, more: object) => openDB('former', version, more),
        }));
        const made = await openDB('former', 1, {
            upgrade: (base) => void base.createObjectStore('drafts', { keyPath: ['circuit', 'person'] }),
        });
        await made.put('drafts', entry('45 kW'));
        made.close();
        const now = await page();
        expect(await now.keptLocally(7, 'electrician-a')).toMatchObject(entry('45 kW'));
        vi.doUnmock('idb');
    });

    it('are not said to be kept where the device refuses', async () => {
        vi.doMock('idb', () => ({ openDB: () => Promise.reject(new DOMException('full', 'QuotaExceededError')) }));
        const now = await page();
        expect(await now.keepLocally(entry('45 kW'))).toBe(false);
        expect(await now.keptLocally(7, 'electrician-a')).toBeNull();
        vi.doUnmock('idb');
    });
});
