import { screen, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { CorrectionCurve, Figure, PlacementCurve } from '../../api/contract';
import { figure, showOnBench, shown, solution } from '../../testing';
import { OverLoadPicture } from './OverLoadPicture';
import { PlacementTable } from './PlacementTable';
import { SoldValues } from './SoldValues';
import { StepList } from './StepList';

const place = (more: Partial<PlacementCurve> = {}): PlacementCurve => ({
    place: 'at_motor',
    name: 'at the motor, behind the relay',
    overload: 'set for less',
    fuse: false,
    disconnect: false,
    discharge: 'through the motor and own resistors',
    schools: [],
    ...more,
});

const point = (percent: number, before: number, after: number, leads: boolean): CorrectionCurve['over_load'][number] => ({
    load: shown(percent, `${percent} %`),
    before: shown(before, `${before} A`),
    after: shown(after, `${after} A`),
    factor_before: shown(0.5, '0.5'),
    factor_after: shown(0.9, leads ? '0.9 leading' : '0.9'),
    leads,
});

const step = (kvar: string, more: Partial<CorrectionCurve['steps'][number]> = {}): CorrectionCurve['steps'][number] => ({
    kvar,
    chosen: false,
    refused: false,
    reason: 'less than required',
    ...more,
});

const correction = (more: Partial<CorrectionCurve>): CorrectionCurve => ({
    load: 'full load',
    power: shown(39400, '39.4 kW'),
    reactive: shown(24400, '24.4 kvar'),
    chosen: shown(12500, '12.5 kvar'),
    left: shown(11900, '11.9 kvar left'),
    full_load_left: shown(11900, '11.9 kvar left'),
    current_before: shown(66, '66 A'),
    current_after: shown(59, '59 A'),
    over_load: [],
    steps: [],
    ...more,
});

const rowOf = (name: RegExp) => within(screen.getByRole('row', { name }));

test('behind the relay it says that the dial goes down, and to what', () => {
    const figures = [
        figure('guard.overload_dial', 61.4, '61.4 A'),
        figure('correct.conductor_size', 10, '10 mm²'),
        figure('correct.conductor_ampacity', 21.4, '21.4 A'),
    ];
    showOnBench(<PlacementTable />, {}, solution({ figures, curves: { placement: place() } }));
    expect(screen.getByText('At the motor, behind the relay')).toBeTruthy();
    expect(rowOf(/^Overload relay/).getByText('61.4 A')).toBeTruthy();
    expect(rowOf(/^Own fuse/).getByText('not required here')).toBeTruthy();
    expect(rowOf(/^Own disconnect/).getByText('not required here')).toBeTruthy();
    expect(screen.queryByText('Own contactor')).toBeNull();
});

test('switched by itself at the board it wants a fuse, a disconnect and a contactor for capacitors', () => {
    const figures = [
        figure('correct.fuse_rating', 32, '32 A'),
        figure('correct.disconnect_rating', 24.3, '24.3 A'),
        figure('correct.contactor_rating', 27, '27 A'),
        figure('correct.reactor_inductance', 0.003, '3 mH'),
        figure('correct.tuning_frequency', 189, '189 Hz'),
        figure('correct.discharge_time', 41, '41 s'),
        figure('correct.resistor_power', 3.2, '3.2 W'),
    ];
    const curves = { placement: place({ fuse: true, disconnect: true, schools: ['Some fuse it at 1.35 times its current.'] }) };
    showOnBench(<PlacementTable />, {}, solution({ figures, curves }));
    expect(rowOf(/^Own fuse/).getByText('32 A')).toBeTruthy();
    expect(rowOf(/^Own disconnect/).getByText(/minimum/)).toBeTruthy();
    expect(rowOf(/^Own contactor/).getByText(/capacitor duty/)).toBeTruthy();
    expect(rowOf(/^Reactor, per phase/).getByText(/tuned to/)).toBeTruthy();
    expect(rowOf(/^Installed resistor/).getByText(/discharged after/)).toBeTruthy();
    expect(screen.getByText('Some fuse it at 1.35 times its current.')).toBeTruthy();
});

test('of values that are sold the taken one is ticked, and one that leads says so', () => {
    const sold = (side: 'below' | 'above', farads: number, factor: Partial<Figure>): Figure[] => [
        figure(`correct.choice_${side}_capacitance`, farads, `${farads * 1e6} µF`),
        figure(`correct.choice_${side}_current`, 3.1, '3.1 A'),
        figure(`correct.choice_${side}_power_factor`, 0.98, '0.98', factor),
    ];
    const figures = [
        figure('correct.capacitance_required', 37.2e-6, '37.2 µF'),
        figure('correct.capacitance_delta', 35e-6, '35 µF'),
        ...sold('below', 35e-6, { label: 'Power factor' }),
        ...sold('above', 40e-6, { label: 'Power factor, leading' }),
    ];
    showOnBench(<SoldValues />, {}, solution({ figures }));
    expect(screen.getByText('37.2 µF required')).toBeTruthy();
    expect(screen.getByText('✓ Next below')).toBeTruthy();
    expect(screen.getByText('Next above')).toBeTruthy();
    expect(rowOf(/Next above/).getByText(/leading/)).toBeTruthy();
    expect(rowOf(/Next below/).queryByText(/leading/)).toBeNull();
});

test('of the standard steps two on each side of the chosen one are shown, with what speaks against them', () => {
    const steps = [
        step('5'),
        step('7.5'),
        step('10'),
        step('12.5', { chosen: true, reason: 'meets the requirement' }),
        step('15', { refused: true, reason: 'more than the motor bears' }),
        step('20', { refused: true, reason: 'more than the motor bears' }),
        step('25', { refused: true, reason: 'would lead' }),
    ];
    showOnBench(<StepList />, {}, solution({ curves: { correction: correction({ steps }) } }));
    const items = screen.getAllByRole('listitem');
    expect(items.map((item) => item.firstChild?.textContent)).toEqual(['7.5', '10', '✓ ', '15', '20']);
    expect(items[2]?.hasAttribute('data-chosen')).toBe(true);
    expect(items[3]?.hasAttribute('data-refused')).toBe(true);
});

test('where no step was chosen there is no list', () => {
    const { container } = showOnBench(<StepList />, {}, solution({ curves: { correction: correction({ steps: [step('5')] }) } }));
    expect(container.textContent).toBe('');
});

test('over the load it is shaded up to where the line leads', () => {
    const over_load = [point(10, 20, 14, true), point(40, 33, 22, true), point(70, 48, 38, false), point(100, 66, 57, false)];
    const { container } = showOnBench(<OverLoadPicture />, {}, solution({ curves: { correction: correction({ over_load }) } }));
    expect(screen.getByText('leading up to 40 %')).toBeTruthy();
    const shade = container.querySelector('rect.leads');
    // The picture runs from 10 to 100 % over 464 units: 40 % lies at a third of it.
    expect(shade?.getAttribute('width')).toMatch(/^154\.6/);
});

test('a line that never leads is not shaded, and no motor draws nothing', () => {
    const lagging = correction({ over_load: [point(10, 20, 18, false), point(100, 66, 57, false)] });
    expect(
        showOnBench(<OverLoadPicture />, {}, solution({ curves: { correction: lagging } })).container.querySelector('rect.leads'),
    ).toBeNull();
    const none = solution({ curves: { correction: correction({}) } });
    expect(showOnBench(<OverLoadPicture />, {}, none).container.textContent).toBe('');
});
