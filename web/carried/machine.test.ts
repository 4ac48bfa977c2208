import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { CarriedError, Machine } from './machine';
import type { Asked, Handed, Told } from './carriedWorker';
import * as parts from './parts';

/** Stands for the worker: answers what it is told to, or fails. */
class FakeWorker {
    static readonly made: FakeWorker[] = [];
    onmessage: ((event: { data: Told }) => void) | null = null;
    onerror: ((event: { message: string }) => void) | null = null;
    ended = false;

    constructor() {
        FakeWorker.made.push(this);
    }

    postMessage(data: Handed | Asked): void {
        const tell = (told: Told) => queueMicrotask(() => this.onmessage?.({ data: told }));
        if ('php' in data) {
            tell({ ready: true });
        } else if (data.question.includes('breaks')) {
            tell({ id: data.id, failure: 'Allowed memory size exhausted' });
        } else if (!data.question.includes('hangs')) {
            tell({ id: data.id, answer: `{"of":${data.question}}` });
        }
    }

    terminate(): void {
        this.ended = true;
    }
}

beforeEach(() => {
    const part = { name: 'x', bytes: 1, sha256: 'a1' };
    vi.stubGlobal('Worker', FakeWorker);
    vi.spyOn(parts, 'keptParts').mockResolvedValue({ core: '1', archive: part, php: part });
    vi.spyOn(parts, 'keptPart').mockResolvedValue(new TextEncoder().encode('{}').buffer);
    vi.spyOn(WebAssembly, 'compile').mockResolvedValue({});
});

afterEach(() => {
    vi.restoreAllMocks();
    vi.unstubAllGlobals();
    vi.useRealTimers();
    FakeWorker.made.length = 0;
});

describe('PHP in a worker', () => {
    it('answers one question after the other', async () => {
        const machine = await Machine.started();
        expect(await Promise.all([machine.ask('1'), machine.ask('2')])).toEqual(['{"of":1}', '{"of":2}']);
        expect(machine.archive).toBe('a1');
    });

    it('does not begin what nobody waits for any more: keys that were typed over', async () => {
        const machine = await Machine.started();
        const posted = vi.spyOn(FakeWorker.made[0] as FakeWorker, 'postMessage');
        const over = new AbortController();
        const [first, second, third] = [machine.ask('1'), machine.ask('2', over.signal), machine.ask('3')];
        over.abort();
        await expect(second).rejects.toThrow();
        expect(await Promise.all([first, third])).toEqual(['{"of":1}', '{"of":3}']);
        expect(posted).toHaveBeenCalledTimes(2);
        expect(machine.ended).toBe(false);
    });

    it('ends over a circuit that breaks it, and tells everybody who waits', async () => {
        const machine = await Machine.started();
        const [broken, behind] = [machine.ask('"breaks"'), machine.ask('"hangs"')];
        await expect(broken).rejects.toThrow('Allowed memory size exhausted');
        await expect(behind).rejects.toThrow(CarriedError);
        expect(machine.ended).toBe(true);
        expect(FakeWorker.made[0]?.ended).toBe(true);
        await expect(machine.ask('1')).rejects.toThrow('it has ended');
    });

    it('does not wait for ever', async () => {
        const machine = await Machine.started();
        vi.useFakeTimers();
        const asked = expect(machine.ask('"hangs"')).rejects.toThrow('it took too long');
        await vi.advanceTimersByTimeAsync(31_000);
        await asked;
    });

    it('is not begun from a copy that was damaged', async () => {
        vi.spyOn(parts, 'keptPart').mockRejectedValue(new parts.DamagedError());
        await expect(Machine.started()).rejects.toThrow(parts.DamagedError);
        expect(FakeWorker.made).toHaveLength(0);
    });
});
