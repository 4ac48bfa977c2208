import { screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { OnePhaseWiringCurve } from '../../../api/contract';
import { showOnBench, solution } from '../../../testing';
import { OnePhaseWiring } from './OnePhaseWiring';

const wiring: OnePhaseWiringCurve = {
    symbols: 'international',
    wires: [
        { name: 'L1', colour: 'brown' },
        { name: 'N', colour: 'blue' },
    ],
    has_neutral: true,
    main: ['U1', 'U2'],
    start: ['Z1', 'Z2'],
    type: 'capacitor_start_run',
    has_switch: true,
    has_start_capacitor: true,
    has_run_capacitor: true,
    start_capacitor: '189–227 µF, 250 V',
    run_capacitor: '50 µF, 450 V',
    sequence: ['Start and run capacitor are in parallel at standstill.'],
    reversing: 'To reverse it, swap Z1 and Z2.',
};

const show = (more: Partial<OnePhaseWiringCurve> = {}) => showOnBench(<OnePhaseWiring wiring={{ ...wiring, ...more }} />, {}, solution());

const drawing = () => screen.getByRole('img', { name: 'Wiring of the single-phase motor' });

// What stands before the start winding decides how such a motor starts; common practice.
describe('a single-phase motor is wired', () => {
    it('with both capacitors, of which the switch takes one off', () => {
        show();
        expect(within(drawing()).getByText('C2 run')).toBeTruthy();
        expect(within(drawing()).getByText('C1 start')).toBeTruthy();
        expect(within(drawing()).getByText('S1')).toBeTruthy();
        const table = screen.getByRole('table', { name: /Single-phase motor/ });
        expect(table.textContent).toContain('Start capacitor189–227 µF, 250 V');
        expect(table.textContent).toContain('SupplyL1 brown, N blue');
        expect(screen.getByText(/swap Z1 and Z2/)).toBeTruthy();
    });

    it('with a capacitor that stays, and no switch that could fail', () => {
        show({ type: 'permanent_capacitor', has_switch: false, has_start_capacitor: false });
        expect(within(drawing()).getByText('C1 run')).toBeTruthy();
        expect(within(drawing()).queryByText(/S1/)).toBeNull();
    });

    it('with a switch alone where its start winding is split off', () => {
        show({ type: 'split_phase', has_start_capacitor: false, has_run_capacitor: false });
        expect(within(drawing()).getByText('S1 start switch')).toBeTruthy();
        expect(within(drawing()).queryByText(/C1/)).toBeNull();
    });

    it('says that it does not know, instead of drawing a guess', () => {
        show({ type: null, has_switch: false, has_start_capacitor: false, has_run_capacitor: false });
        expect(within(drawing()).getByText('not known')).toBeTruthy();
    });

    it('fuses both wires where both are lines, and never the neutral', () => {
        const fuses = () => drawing().querySelectorAll('rect[width="14"]').length;
        const { unmount } = show();
        expect(fuses()).toBe(1);
        unmount();
        show({ has_neutral: false });
        expect(fuses()).toBe(2);
    });
});
