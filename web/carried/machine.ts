import type { Asked, Handed, Told } from './carriedWorker';
import { keptPart, keptParts } from './parts';

/** Longer than any answer takes; then it hangs. */
const MOST_MS = 30_000;

/** The core of this page failed over a question, and begins anew with the next. */
export class CarriedError extends Error {
    constructor(readonly why: string) {
        super(`This device could not calculate it: ${why}. It has started again; change a value, or wait for the server.`);
        this.name = 'CarriedError';
    }
}

/** PHP with the core in a worker: one question after the other. */
export class Machine {
    private readonly waiting = new Map<number, { answer: (text: string) => void; fail: (error: Error) => void }>();
    private last = 0;
    private over = false;
    /** PHP does one thing at a time: the next question waits here, where it can still be dropped. */
    private turn: Promise<unknown> = Promise.resolve();

    private constructor(
        private readonly worker: Worker,
        /** SHA-256 of the core that runs. */
        readonly archive: string,
    ) {}

    /**
     * Starts it from the copy on this device.
     *
     * @throws DamagedError where the copy is not what was packed
     * @throws CarriedError where it does not begin
     */
    static async started(): Promise<Machine> {
        const parts = await keptParts();
        if (parts === null) {
            throw new CarriedError('there is no copy on it');
        }
        const [archive, wasm] = await Promise.all([keptPart(parts.archive), keptPart(parts.php)]);
        const handed: Handed = {
            php: await WebAssembly.compile(wasm),
            files: JSON.parse(new TextDecoder().decode(archive)) as Handed['files'],
        };
        const worker = new Worker(new URL('./carriedWorker.ts', import.meta.url), { type: 'module' });
        const machine = new Machine(worker, parts.archive.sha256);
        await new Promise<void>((ready, fail) => {
            const timer = setTimeout(() => fail(new CarriedError('it does not begin')), MOST_MS);
            worker.onerror = (event) => {
                const error = new CarriedError(event.message === '' ? 'the worker ended' : event.message);
                fail(error);
                machine.end(error);
            };
            worker.onmessage = ({ data }: MessageEvent<Told>) => {
                if ('ready' in data) {
                    clearTimeout(timer);
                    ready();
                } else if ('broken' in data) {
                    clearTimeout(timer);
                    fail(new CarriedError(data.broken));
                } else {
                    machine.told(data);
                }
            };
            worker.postMessage(handed);
        }).catch((error: unknown) => {
            worker.terminate();
            throw error;
        });
        return machine;
    }

    get ended(): boolean {
        return this.over;
    }

    /**
     * @param question JSON
     * @param signal that nobody waits for the answer any more: it is not begun then
     * @return JSON
     * @throws CarriedError where the core fails over it; it has ended then
     */
    ask(question: string, signal?: AbortSignal): Promise<string> {
        const asked = this.turn.then(() => {
            signal?.throwIfAborted();
            return this.send(question);
        });
        this.turn = asked.catch(() => undefined);
        return asked;
    }

    private send(question: string): Promise<string> {
        if (this.over) {
            return Promise.reject(new CarriedError('it has ended'));
        }
        const id = ++this.last;
        return new Promise((answer, fail) => {
            const timer = setTimeout(() => this.end(new CarriedError('it took too long')), MOST_MS);
            this.waiting.set(id, {
                answer: (text) => {
                    clearTimeout(timer);
                    answer(text);
                },
                fail: (error) => {
                    clearTimeout(timer);
                    fail(error);
                },
            });
            this.worker.postMessage({ id, question } satisfies Asked);
        });
    }

    /** Whoever still waits is told why. */
    end(why: Error): void {
        this.over = true;
        this.worker.terminate();
        for (const { fail } of this.waiting.values()) {
            fail(why);
        }
        this.waiting.clear();
    }

    private told(data: Exclude<Told, { ready: true } | { broken: string }>): void {
        const waits = this.waiting.get(data.id);
        this.waiting.delete(data.id);
        if ('answer' in data) {
            waits?.answer(data.answer);
            return;
        }
        // What a failure leaves behind in PHP is not trusted.
        const error = new CarriedError(data.failure);
        waits?.fail(error);
        this.end(error);
    }
}
