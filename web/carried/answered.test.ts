import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { OfflineError, ProblemError } from '../api/client';
import { setServiceArchive } from '../api/archive';
import { service } from '../api/service';
import { isAway, setAway } from '../away/away';
import { answered, confirmed, type Answered } from './answered';
import * as carried from './carried';
import { CarriedError } from './machine';
import * as shared from './shared';

interface Size {
    size: number;
    text: string;
}

const OURS: Size = { size: 25, text: '25 mm²' };
const question = { ask: 'solve', circuit: {} } as const;
const never = () => new Promise<Size>(() => undefined);
const after = (ms: number, answer: Size) => new Promise<Size>((resolve) => setTimeout(() => resolve(answer), ms));

function core(answer: Size | Error, archive = 'a1') {
    return vi
        .spyOn(shared, 'askCore')
        .mockImplementation(() =>
            answer instanceof Error ? Promise.reject(answer) : Promise.resolve({ answer: JSON.stringify(answer), archive }),
        );
}

beforeEach(() => {
    vi.spyOn(carried, 'canCalculate').mockReturnValue(true);
    setServiceArchive('a1');
});

afterEach(() => {
    vi.restoreAllMocks();
    setAway(null);
});

describe('who answers', () => {
    it('is the service where it answers in time: the device is not even asked', async () => {
        const asked = core(OURS);
        expect(await answered(() => Promise.resolve(OURS), question, undefined)).toEqual({ answer: OURS, by: 'service' });
        expect(asked).not.toHaveBeenCalled();
    });

    it('is the device where the service is away', async () => {
        core(OURS);
        const one = await answered(() => Promise.reject(new OfflineError()), question, undefined);
        expect(one).toEqual({ answer: OURS, by: 'carried', archive: 'a1' });
        await vi.waitFor(() => expect(isAway()).toBe(true));
    });

    it('is the device where the service is slow, and the service confirms it later', async () => {
        core(OURS);
        const late: Answered<Size>[] = [];
        const one = await answered(
            () => after(900, OURS),
            question,
            undefined,
            (answer) => late.push(answer),
        );
        expect(one.by).toBe('carried');
        await vi.waitFor(() => expect(late).toEqual([{ answer: OURS, by: 'service' }]), 3000);
    });

    it('is the service, however late, where the device fails over the circuit', async () => {
        core(new CarriedError('out of memory'));
        expect((await answered(() => after(600, OURS), question, undefined)).by).toBe('service');
        await expect(answered(() => Promise.reject(new OfflineError()), question, undefined)).rejects.toThrow('out of memory');
    });

    it('is nobody where the service refuses: what it says of the request counts', async () => {
        core(OURS);
        const refusal = new ProblemError({ type: '', title: '', status: 422, detail: 'No circuit.', errors: [] });
        await expect(answered(() => Promise.reject(refusal), question, undefined)).rejects.toThrow('No circuit.');
    });

    it('is the service alone on a device that carries nothing', async () => {
        vi.spyOn(carried, 'canCalculate').mockReturnValue(false);
        await expect(answered(() => Promise.reject(new OfflineError()), question, undefined)).rejects.toThrow(OfflineError);
        void answered(never, question, undefined);
    });
});

describe('two answers', () => {
    const by = (answer: Size, archive: string): Answered<Size> => ({ answer, by: 'carried', archive });

    it('that differ with one core are told, in the console and to the service', () => {
        const told = vi.spyOn(service.carried, 'differs').mockResolvedValue(undefined);
        const said = vi.spyOn(console, 'error').mockImplementation(() => undefined);
        expect(confirmed(OURS, by({ ...OURS, size: 35 }, 'a1'))).toEqual({ answer: OURS, by: 'service' });
        expect(told).toHaveBeenCalledWith({ path: 'size', archive: 'a1' });
        expect(said).toHaveBeenCalled();
    });

    it('of two versions of the core may differ', () => {
        const told = vi.spyOn(service.carried, 'differs').mockResolvedValue(undefined);
        confirmed(OURS, by({ ...OURS, size: 35 }, 'an older one'));
        confirmed(OURS, by({ ...OURS, size: 25 * (1 + 1e-13) }, 'a1'));
        expect(told).not.toHaveBeenCalled();
    });
});
