import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { OfflineError, ProblemError } from '../api/client';
import { isAway, setAway } from './away';
import { forgetAll, lastSeen, recall, remember } from './lastSeen';

const refused = (status: number) => new ProblemError({ type: 'x', title: 'Request rejected', status, detail: 'Refused.', errors: [] });
const fails = (error: Error) => () => Promise.reject<string>(error);

describe('what was last seen on this device', () => {
    beforeEach(async () => {
        await forgetAll();
        setAway(null);
    });

    it('is answered while the service is away, and says so', async () => {
        await expect(lastSeen('circuit:1', () => Promise.resolve('as it is'))).resolves.toBe('as it is');
        expect(isAway()).toBe(false);
        for (const error of [new OfflineError(), refused(502), refused(503)]) {
            await expect(lastSeen('circuit:1', fails(error))).resolves.toBe('as it is');
        }
        expect(isAway()).toBe(true);
    });

    it('never hides a refusal: who may not see it does not see it', async () => {
        await remember('circuit:1', 'as it was');
        for (const status of [401, 403, 404, 410, 419, 422]) {
            await expect(lastSeen('circuit:1', fails(refused(status)))).rejects.toThrow('Refused.');
        }
        expect(isAway()).toBe(false);
    });

    it('is asked for under a wider name where this very one was never seen', async () => {
        await lastSeen('register:', () => Promise.resolve('all'), 'register');
        await expect(lastSeen('register:worst=stop', fails(new OfflineError()), 'register')).resolves.toBe('all');
        await expect(lastSeen('circuit:2', fails(new OfflineError()))).rejects.toThrow('Cannot reach the server.');
    });

    it('is gone with its person', async () => {
        await remember('circuit:1', 'as it was');
        await forgetAll();
        await expect(recall('circuit:1')).resolves.toBeNull();
    });

    it('holds no more than a shift opens, the oldest go first', async () => {
        for (let i = 0; i < 305; i++) {
            await remember(`circuit:${i}`, i);
        }
        await expect(recall('circuit:304')).resolves.toMatchObject({ answer: 304 });
        await expect(recall('circuit:0')).resolves.toBeNull();
    });
});
