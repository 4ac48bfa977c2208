import { describe, expect, it } from 'vitest';
import { differences, together } from './ConflictDialog';

describe('what differs between two states of a circuit', () => {
    it('names the fields, in my order, and takes null for empty', () => {
        const mine = { tag: 'A', plate: { power: '37 kW', year: '1999', ip: null }, starter: { changeover: { value: '9' } } };
        const theirs = { tag: 'A', plate: { power: '45 kW', ip: '' }, starter: { changeover: { value: '8' } }, drives: 'fan' };
        expect(differences(mine, theirs)).toEqual(['plate.power', 'plate.year', 'starter.changeover.value', 'drives']);
        expect(differences(mine, mine)).toEqual([]);
    });
});

it('some fields are taken as the other has them, the rest stays mine', () => {
    const mine = { tag: 'KF-204', plate: { power: '45 kW', current: '80' }, starter: { changeover: { value: '9' } } };
    const theirs = { tag: 'KF-204', plate: { power: '55 kW' }, starter: { changeover: { value: '11' } } };
    expect(together(mine, theirs, ['plate.current', 'starter.changeover.value'])).toEqual({
        tag: 'KF-204',
        plate: { power: '45 kW', current: null },
        starter: { changeover: { value: '11' } },
    });
    expect(together(mine, theirs, [])).toBe(mine);
});
