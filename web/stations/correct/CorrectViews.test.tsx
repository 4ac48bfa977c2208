import { cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { CorrectionCurve, PlacementCurve } from '../../api/contract';
import { choices, figure, showOnBench, shown, solution } from '../../testing';
import CorrectStation from './CorrectStation';

afterEach(cleanup);

const correction: CorrectionCurve = {
    load: '70 %',
    power: shown(35400, '35.4 kW'),
    reactive: shown(23200, '23.2 kvar'),
    chosen: shown(16500, '16.5 kvar'),
    left: shown(6640, '6.64 kvar left'),
    full_load_left: shown(7890, '7.89 kvar left'),
    current_before: shown(66, '66 A'),
    current_after: shown(57.2, '57.2 A'),
    steps: [
        { kvar: '12.5', chosen: false, refused: false, reason: 'less than required' },
        { kvar: '15', chosen: false, refused: false, reason: 'less than required' },
        { kvar: '20', chosen: true, refused: false, reason: 'gives what is required' },
        { kvar: '25', chosen: false, refused: true, reason: 'would lead at the lowest load' },
    ],
};
const placement: PlacementCurve = {
    place: 'board',
    name: 'at the board',
    overload: 'unchanged',
    fuse: true,
    disconnect: false,
    discharge: 'own resistors',
};
const figures = [
    figure('correct.capacitor_rating', 20000, '20 kvar'),
    figure('correct.reactive_required', 12800, '12.8 kvar'),
    figure('correct.conductor_size', 6, '6 mm²'),
    figure('correct.conductor_ampacity', 39.4, '39.4 A'),
    figure('correct.fuse_rating', 50, '50 A'),
];
const fields = {
    'correction.place': { empty: 'None (assumed)', choices: choices(['none', 'None'], ['board', 'At the board']) },
    'correction.own_contactor': { unused: true },
};

describe('the correction', () => {
    it('draws what the capacitor takes off, in the words of the service', () => {
        showOnBench(<CorrectStation />, {}, solution({ figures, fields, curves: { correction, placement } }));
        expect(screen.getByRole('row', { name: 'Reactive power before 23.2 kvar' })).toBeTruthy();
        expect(screen.getByRole('row', { name: 'Line current at full load after 57.2 A' })).toBeTruthy();
        expect(screen.getAllByText('6.64 kvar left').length).toBeGreaterThan(0);
    });

    it('lists the steps around the chosen one, each with what speaks for or against it', () => {
        showOnBench(<CorrectStation />, {}, solution({ figures, fields, curves: { correction, placement } }));
        const steps = screen.getAllByRole('listitem').map((item) => item.textContent);
        expect(steps).toEqual([
            '12.5less than required',
            '15less than required',
            '✓ 20gives what is required',
            '25would lead at the lowest load',
        ]);
        expect(screen.getAllByRole('listitem').at(-1)?.hasAttribute('data-refused')).toBe(true);
    });

    it('says what its place asks for and what it does not', () => {
        showOnBench(<CorrectStation />, {}, solution({ figures, fields, curves: { correction, placement } }));
        expect(screen.getByRole('row', { name: /Own fuse 50/ })).toBeTruthy();
        expect(screen.getByRole('row', { name: 'Own disconnect not required here' })).toBeTruthy();
        expect(screen.getByRole('row', { name: /Its conductors 6.*for 39\.4/ })).toBeTruthy();
    });

    it('without a place shows what would be required and asks for no contactor', () => {
        showOnBench(<CorrectStation />, {}, solution({ figures: [figure('correct.reactive_required', 12800, '12.8 kvar')], fields }));
        expect(screen.getByText('required for the target')).toBeTruthy();
        expect(screen.getByRole('button', { name: /None \(assumed\)/ })).toBeTruthy();
        expect(screen.queryByText('Own contactor')).toBeNull();
        expect(screen.queryAllByRole('listitem')).toHaveLength(0);
    });
});
