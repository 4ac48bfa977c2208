import { describe, expect, it } from 'vitest';
import { differences } from './ConflictDialog';

describe('what differs between two states of a circuit', () => {
    it('names the fields, in my order, and takes null for empty', () => {
        const mine = { tag: 'A', plate: { power: '37 kW', year: '1999', ip: null }, starter: { changeover: { value: '9' } } };
        const theirs = { tag: 'A', plate: { power: '45 kW', ip: '' }, starter: { changeover: { value: '8' } }, drives: 'fan' };
        expect(differences(mine, theirs)).toEqual(['plate.power', 'plate.year', 'starter.changeover.value', 'drives']);
        expect(differences(mine, mine)).toEqual([]);
    });
});
