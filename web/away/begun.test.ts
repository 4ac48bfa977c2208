import 'fake-indexeddb/auto';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { CircuitResource, Site } from '../api/contract';
import { arrived, beginHere, begunHere, isBegunHere, numberOf, onArrival } from './begun';

const site: Site = {
    id: 3,
    name: 'Mill',
    rule_book: 'iec',
    facts: '',
    supply: { voltage: '400', frequency: '50' },
    settings: {},
    areas: [],
    version: 1,
};

afterEach(() => vi.restoreAllMocks());

describe('a circuit that is begun without the service', () => {
    it('has the supply and the rule book of its site, and a number that the service never gives', async () => {
        const begun = await beginHere(site, 1_800_000_000_123);
        expect(isBegunHere(begun.id)).toBe(true);
        expect(isBegunHere(17)).toBe(false);
        expect(begun.circuit).toMatchObject({ tag: 'NEW-000123', rule_book: 'iec', supply: site.supply });
        expect(await begunHere(begun.id)).toEqual(begun);
    });

    it('is not there where this device never began it', async () => {
        await expect(begunHere(-4)).rejects.toThrow('Cannot reach the server.');
    });

    it('goes on under its own number once the service has it', async () => {
        const begun = await beginHere(site, 1_800_000_000_456);
        const told = vi.fn();
        const end = onArrival(told);
        expect(await numberOf(begun.id)).toBeNull();
        await arrived(begun.id, { ...begun, id: 88, version: 1 } satisfies CircuitResource);
        expect(told).toHaveBeenCalledWith(begun.id, 88);
        expect(await numberOf(begun.id)).toBe(88);
        end();
    });
});
