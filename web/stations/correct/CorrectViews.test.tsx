import { cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { CorrectionCurve, PlacementCurve } from '../../api/contract';
import { choices, figure, showOnBench, shown, solution } from '../../testing';
import CorrectStation from './CorrectStation';

afterEach(cleanup);

const correction: CorrectionCurve = {
    load: '70 % load',
    power: shown(35400, '35.4 kW'),
    reactive: shown(23200, '23.2 kvar'),
    chosen: shown(16500, '16.5 kvar'),
    left: shown(6640, '6.64 kvar left'),
    full_load_left: shown(7890, '7.89 kvar left'),
    current_before: shown(66, '66 A'),
    current_after: shown(57.2, '57.2 A'),
    over_load: [
        {
            load: shown(20, '20 %'),
            before: shown(34, '34 A'),
            after: shown(18, '18 A'),
            factor_before: shown(0.4, '0.4'),
            factor_after: shown(0.98, '0.98 leading'),
            leads: true,
        },
        {
            load: shown(100, '100 %'),
            before: shown(66, '66 A'),
            after: shown(57.2, '57.2 A'),
            factor_before: shown(0.85, '0.85'),
            factor_after: shown(0.96, '0.96'),
            leads: false,
        },
    ],
    steps: [
        { kvar: '12.5', chosen: false, refused: false, reason: 'less than required' },
        { kvar: '15', chosen: false, refused: false, reason: 'less than required' },
        { kvar: '20', chosen: true, refused: false, reason: 'meets the requirement' },
        { kvar: '25', chosen: false, refused: true, reason: 'leading at the lowest load' },
    ],
};
const placement: PlacementCurve = {
    place: 'board',
    name: 'at the board',
    overload: 'unchanged',
    fuse: true,
    disconnect: false,
    discharge: 'own resistors',
    schools: ['Some go to unity at no load.'],
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
        expect(screen.getByRole('row', { name: 'Line current after 57.2 A' })).toBeTruthy();
        expect(screen.getAllByText('6.64 kvar left').length).toBeGreaterThan(0);
    });

    it('lists the steps around the chosen one, each with what speaks for or against it', () => {
        showOnBench(<CorrectStation />, {}, solution({ figures, fields, curves: { correction, placement } }));
        const steps = screen.getAllByRole('listitem').map((item) => item.textContent);
        expect(steps).toEqual([
            '12.5less than required',
            '15less than required',
            '✓ 20meets the requirement',
            '25leading at the lowest load',
        ]);
        expect(screen.getAllByRole('listitem').at(-1)?.hasAttribute('data-refused')).toBe(true);
    });

    it('says what its place asks for and what it does not', () => {
        showOnBench(<CorrectStation />, {}, solution({ figures, fields, curves: { correction, placement } }));
        expect(screen.getByRole('row', { name: /Own fuse 50/ })).toBeTruthy();
        expect(screen.getByRole('row', { name: 'Own disconnect not required here' })).toBeTruthy();
        expect(screen.getByRole('row', { name: /Capacitor conductors 6.*for 39\.4/ })).toBeTruthy();
    });

    it('without a place shows what would be required and asks for no contactor', () => {
        showOnBench(<CorrectStation />, {}, solution({ figures: [figure('correct.reactive_required', 12800, '12.8 kvar')], fields }));
        expect(screen.getByText('required for the target')).toBeTruthy();
        expect(screen.getByRole('button', { name: /None \(assumed\)/ })).toBeTruthy();
        expect(screen.queryByText('Own contactor')).toBeNull();
        expect(screen.queryAllByRole('listitem')).toHaveLength(0);
    });

    it('shades the loads at which the line leads, and says what others hold to be right', () => {
        showOnBench(<CorrectStation />, {}, solution({ figures, fields, curves: { correction, placement } }));
        expect(screen.getByText('leading up to 20 %')).toBeTruthy();
        expect(screen.getByRole('row', { name: /20 % 34 A before, 18 A after; power factor 0\.4, then 0\.98 leading/ })).toBeTruthy();
        expect(screen.getByText('Some go to unity at no load.')).toBeTruthy();
    });

    it('puts both values that are sold beside what is wanted, and marks the chosen one', () => {
        const onePhase = [
            figure('correct.capacitor_rating', 1548, '1.55 kvar'),
            figure('correct.capacitance_required', 34.7e-6, '34.7 µF'),
            figure('correct.capacitance_delta', 30e-6, '30 µF'),
            figure('correct.choice_below_capacitance', 30e-6, '30 µF'),
            figure('correct.choice_below_current', 1.85, '1.85 A'),
            figure('correct.choice_above_capacitance', 35e-6, '35 µF'),
            figure('correct.choice_above_power_factor', 0.935, '0.935', { label: 'Power factor with the next value above, leading' }),
        ];
        showOnBench(<CorrectStation />, {}, solution({ figures: onePhase, fields, curves: { correction } }));
        expect(screen.getByRole('row', { name: /✓ Next below 30.µF 1\.85.A/ })).toBeTruthy();
        expect(screen.getByRole('row', { name: /^Next above 35.µF .* leading/ })).toBeTruthy();
    });
});
