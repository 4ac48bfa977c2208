import { CarriedError, Machine } from './machine';
import { DamagedError } from './parts';

/** One core runs for all tabs: who holds this lock runs it, and the others ask over a channel of the same name. */
const NAME = 'brave-anvil-core';
const MOST_MS = 35_000;

type Across =
    { to: 'core'; id: string; question: string } | { to: string; answer: string; archive: string } | { to: string; failure: string };

/** An answer, and the core that gave it. */
export interface CarriedAnswer {
    answer: string;
    archive: string;
}

let machine: Promise<Machine> | null = null;
let leads = false;
let entered: Promise<void> | null = null;
let channel: BroadcastChannel | null = null;

let whenDamaged: () => void = () => undefined;

/** What is done where the copy on this device turns out to be damaged, whichever tab noticed it. */
export function onDamage(then: () => void): void {
    whenDamaged = then;
}

async function own(question: string, signal?: AbortSignal): Promise<CarriedAnswer> {
    machine ??= Machine.started();
    const mine = machine;
    try {
        const running = await mine;
        return { answer: await running.ask(question, signal), archive: running.archive };
    } catch (error) {
        if (error instanceof DamagedError) {
            whenDamaged();
        }
        // The next question starts another, unless one before it has.
        if (machine === mine && signal?.aborted !== true) {
            machine = null;
        }
        throw error;
    }
}

/** Waits for a place: to run the core, or to ask who does. */
function enter(): Promise<void> {
    entered ??= new Promise((resolve) => {
        channel = new BroadcastChannel(NAME);
        channel.addEventListener('message', ({ data }: MessageEvent<Across>) => {
            if (data.to === 'core' && leads && 'question' in data) {
                own(data.question).then(
                    (answer) => channel?.postMessage({ to: data.id, ...answer } satisfies Across),
                    (error: unknown) =>
                        channel?.postMessage({
                            to: data.id,
                            failure: error instanceof CarriedError ? error.why : String(error),
                        } satisfies Across),
                );
            }
        });
        void navigator.locks.request(NAME, () => {
            leads = true;
            resolve();
            return new Promise(() => undefined);
        });
        void navigator.locks.query().then(({ held }) => {
            if (held?.some((lock) => lock.name === NAME) === true) {
                resolve();
            }
        });
    });
    return entered;
}

function across(question: string): Promise<CarriedAnswer> {
    const id = crypto.randomUUID();
    return new Promise((resolve, reject) => {
        const end = () => {
            clearTimeout(timer);
            channel?.removeEventListener('message', listen);
        };
        const listen = ({ data }: MessageEvent<Across>) => {
            if (data.to === id) {
                end();
                if ('answer' in data) {
                    resolve({ answer: data.answer, archive: data.archive });
                } else {
                    reject(new CarriedError('failure' in data ? data.failure : ''));
                }
            }
        };
        const timer = setTimeout(() => {
            end();
            reject(new CarriedError('the other tab does not answer'));
        }, MOST_MS);
        channel?.addEventListener('message', listen);
        channel?.postMessage({ to: 'core', id, question } satisfies Across);
    });
}

/**
 * Asks the core on this device.
 *
 * @param signal that nobody waits for the answer any more
 * @throws CarriedError where it fails over the question
 * @throws DamagedError where the copy of it is not what was packed; it is fetched anew
 */
export async function askCore(question: object, signal?: AbortSignal): Promise<CarriedAnswer> {
    await enter();
    signal?.throwIfAborted();
    return leads ? own(JSON.stringify(question), signal) : across(JSON.stringify(question));
}

/** Ends the core that runs in this tab; the copy has gone. */
export function endCore(): void {
    void machine?.then((running) => running.end(new CarriedError('it was removed')));
    machine = null;
}
