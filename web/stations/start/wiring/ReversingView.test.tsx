import { screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { WiringCurve } from '../../../api/contract';
import { showOnBench, solution } from '../../../testing';
import { ReversingView } from './ReversingView';
import { wiring } from './testing';

const by = (drawing: WiringCurve['drawing']): WiringCurve => ({ ...wiring, drawing });

const show = (of: WiringCurve) => showOnBench(<ReversingView wiring={of} star="star" />, {}, solution());

/** What a picture says in words, by its rows. */
const rows = (title: string) => {
    const table = screen.getByRole('table', { name: new RegExp(title) });
    return new Map(
        within(table)
            .getAllByRole('row')
            .map((row) => [row.querySelector('th')?.textContent ?? '', row.querySelector('td')?.textContent ?? '']),
    );
};

// Two lines exchanged turn the field round; common practice.
describe('turning a motor the other way', () => {
    it('exchanges exactly two lines behind the contactor of the other way', () => {
        show(by('contactor'));
        const said = rows('Both directions, power circuit');
        expect(said.get('Forward contactor K1')).toBe('L1, L2, L3');
        expect(said.get('Reverse contactor K2')).toBe('L2, L1, L3');
    });

    it('keeps each contactor out while the other is in, and the relay stops both', () => {
        show(by('contactor'));
        const said = rows('Both directions, control circuit');
        expect(said.get('K1 21–22, K2 21–22')).toBe('interlock: only one can close');
        expect(said.get('F2 95–96')).toContain('opens when the relay trips');
        expect(said.get('S0 21–22')).toContain('stop');
    });

    it('gives any other starter two contactors of its own before it', () => {
        show(by('thyristors'));
        expect([...rows('Both directions, power circuit').keys()]).toEqual(
            expect.arrayContaining(['Forward contactor K6', 'Reverse contactor K7']),
        );
        expect(screen.getByText(/The soft starter must be at rest too/)).toBeTruthy();
    });

    it('swaps whole windings of a motor with six leads, or the mild changeover becomes a hard one', () => {
        show(by('six_leads'));
        expect(screen.getByText(/Swap two complete windings, starts and ends alike: lines on V1, U1, W1/)).toBeTruthy();
        expect(
            screen.getByText(/one direction has the lower changeover peak from star to delta and the other the higher one/),
        ).toBeTruthy();
    });

    it('needs no contactor behind a drive', () => {
        show(by('converter'));
        expect(screen.queryByRole('img')).toBeNull();
        expect(screen.getByText(/swap two leads between drive and motor: V1, U1, W1/)).toBeTruthy();
    });

    it('warns of turning it at full speed, whatever starts it', () => {
        for (const drawing of ['contactor', 'thyristors', 'six_leads'] as const) {
            const { unmount } = show(by(drawing));
            expect(screen.getByText(/four times the rotor heat of a start/)).toBeTruthy();
            unmount();
        }
    });
});
