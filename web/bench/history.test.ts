import { describe, expect, it } from 'vitest';
import { typed, toSolve, withValue } from './circuit';
import { changed, redone, startHistory, undone } from './history';

describe('a draft', () => {
    it('changes one field and leaves the others alone', () => {
        const draft = { tag: 'A', plate: { power: '37 kW', speed: 1482 }, supply: {} };
        const next = withValue(draft, 'plate.power', '45 kW');
        expect(next).toEqual({ tag: 'A', plate: { power: '45 kW', speed: 1482 }, supply: {} });
        expect(next.supply).toBe(draft.supply);
        expect(draft.plate.power).toBe('37 kW');
    });

    it('makes the groups that a field needs', () => {
        expect(withValue({}, 'starter.changeover.value', '9')).toEqual({ starter: { changeover: { value: '9' } } });
    });

    it('shows what is typed, as text', () => {
        const draft = { plate: { speed: 1482, current: null, voltage: ' 400 ' }, correction: { own_contactor: true } };
        expect(typed(draft, 'plate.speed')).toBe('1482');
        expect(typed(draft, 'plate.voltage')).toBe(' 400 ');
        expect(typed(draft, 'plate.current')).toBe('');
        expect(typed(draft, 'cable.length')).toBe('');
        expect(typed(draft, 'correction.own_contactor')).toBe('true');
    });

    it('is sent as it was typed, with what the site says beside it', () => {
        const draft = { rule_book: 'iec', settings: { drop_limit_running: '3', tray: '' } };
        expect(toSolve(draft, { tray: 'ladder' })).toEqual({ ...draft, site_settings: { tray: 'ladder' } });
    });
});

describe('undo and redo', () => {
    it('takes typing into one field as one step', () => {
        let history = startHistory({ v: '' });
        history = changed(history, { v: '4' }, 'v', 1000);
        history = changed(history, { v: '40' }, 'v', 1200);
        history = changed(history, { v: '400' }, 'v', 1400);
        expect(undone(history).present).toEqual({ v: '' });
        expect(redone(undone(history)).present).toEqual({ v: '400' });
    });

    it('keeps fields and pauses apart', () => {
        let history = startHistory({ a: '', b: '' });
        history = changed(history, { a: '1', b: '' }, 'a', 1000);
        history = changed(history, { a: '1', b: '2' }, 'b', 1100);
        history = changed(history, { a: '1', b: '23' }, 'b', 9000);
        expect(undone(history).present).toEqual({ a: '1', b: '2' });
        expect(undone(undone(undone(undone(history)))).present).toEqual({ a: '', b: '' });
    });

    it('forgets the future when something new is typed', () => {
        const history = changed(undone(changed(startHistory({ v: '' }), { v: 'x' }, 'v', 1)), { v: 'y' }, 'v', 9000);
        expect(redone(history)).toBe(history);
    });
});
