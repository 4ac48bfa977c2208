const KEY = 'brave-anvil-tab';

/** A page that is read anew holds its lock for a moment longer; a tab that was duplicated holds it for good. */
const LETS_GO_MS = 1500;

const fresh = (): string => `${Date.now().toString(36)}-${Math.random().toString(36).slice(2)}`;

/** Name of the lock that a tab holds as long as it is open. */
const lockOf = (tab: string): string => `brave-anvil-tab-${tab}`;

/** Missing where a page is not served safely. */
const locks = (): LockManager | undefined => ('locks' in navigator ? navigator.locks : undefined);

const remembered = (): string | null => {
    try {
        return sessionStorage.getItem(KEY);
    } catch {
        return null;
    }
};

/** Holds a tab's lock until the page goes; false where another tab has it. */
const held = (across: LockManager, tab: string): Promise<boolean> =>
    new Promise((resolve) => {
        const waiting = new AbortController();
        const timer = setTimeout(() => waiting.abort(), LETS_GO_MS);
        across
            .request(lockOf(tab), { signal: waiting.signal }, () => {
                clearTimeout(timer);
                resolve(true);
                // A page that the browser keeps for going back holds nothing, and takes it again when it is shown.
                return new Promise<void>((release) => {
                    window.addEventListener('pagehide', () => release(), { once: true });
                    window.addEventListener('pageshow', (event) => void (event.persisted && held(across, tab)), { once: true });
                });
            })
            .catch(() => resolve(false));
    });

async function begin(): Promise<string> {
    const across = locks();
    let tab = remembered() ?? fresh();
    if (across !== undefined && !(await held(across, tab))) {
        tab = fresh();
        await held(across, tab);
    }
    try {
        sessionStorage.setItem(KEY, tab);
    } catch {
        // The name is known as long as the page stands.
    }
    return tab;
}

let mine: Promise<string> | null = null;

/** Name of this tab: the same after a reload, another one in each tab. */
export const thisTab = (): Promise<string> => (mine ??= begin());

/** The tabs of this browser that are open; null where the browser does not tell. */
export async function openTabs(): Promise<ReadonlySet<string> | null> {
    const across = locks();
    if (across === undefined) {
        return null;
    }
    const { held: all = [] } = await across.query();
    const prefix = lockOf('');
    return new Set(all.flatMap(({ name }) => (name?.startsWith(prefix) ? [name.slice(prefix.length)] : [])));
}
