import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { choices, showOnBench, solution } from '../testing';
import { several } from './circuit';
import { TraitField } from './TraitField';

afterEach(cleanup);

const fields = { 'load.traits': { choices: choices(['jogging', 'Jogging (inching)'], ['reversing', 'Reversing']) } };

describe('several choices of one field', () => {
    it('reads a list and words parted by commas', () => {
        expect(several({ load: { traits: ['jogging', 'reversing'] } }, 'load.traits')).toEqual(['jogging', 'reversing']);
        expect(several({ load: { traits: 'jogging, reversing' } }, 'load.traits')).toEqual(['jogging', 'reversing']);
        expect(several({}, 'load.traits')).toEqual([]);
    });

    it('ticks what holds and adds what is ticked', () => {
        const set = vi.fn();
        showOnBench(<TraitField path="load.traits" />, { load: { traits: ['jogging'] } }, solution({ fields }), { set });
        expect(screen.getByRole<HTMLInputElement>('checkbox', { name: 'Jogging (inching)' }).checked).toBe(true);
        fireEvent.click(screen.getByRole('checkbox', { name: 'Reversing' }));
        expect(set).toHaveBeenCalledWith('load.traits', 'jogging, reversing');
    });
});
