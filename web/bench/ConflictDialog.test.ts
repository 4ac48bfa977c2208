import { describe, expect, it } from 'vitest';
import { differences, together, untouched } from './ConflictDialog';

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

it('takes what only the other changed as they have it, and leaves what I typed', () => {
    const base = { plate: { current: '66/38', ip: 'IP55' } };
    const mine = { plate: { current: '64/37', ip: 'IP55' } };
    const theirs = { plate: { current: '67/39', ip: 'IP65' } };
    expect(untouched(mine, base, differences(mine, theirs))).toEqual(['plate.ip']);
});
