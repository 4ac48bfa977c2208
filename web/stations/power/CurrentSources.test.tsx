import { screen, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Figure } from '../../api/contract';
import { figure, showOnBench, solution } from '../../testing';
import { CurrentSources } from './CurrentSources';

const computed = figure('power.computed_current', 67.2, '67.2 A');
const plate = figure('power.plate_current', 66, '66 A');
const table = figure('power.table_current', 65, '65 A');
const from = (key: 'power.plate_current' | 'power.table_current') => ({ from: [{ placeholder: 'I', figure: key }] });

const show = (...figures: readonly Figure[]) => showOnBench(<CurrentSources />, {}, solution({ figures: [...figures] }));
const row = (name: string) => within(screen.getByRole('row', { name: new RegExp(`^${name}`) }));

test('under an American book the table sizes the circuit and the plate sets the overload', () => {
    show(
        computed,
        plate,
        table,
        figure('power.design_current', 65, '65 A', from('power.table_current')),
        figure('power.overload_current', 66, '66 A', from('power.plate_current')),
    );
    expect(row('Table').getByText('used for conductors, device and disconnect')).toBeTruthy();
    expect(row('Nameplate').getByText('used for overload')).toBeTruthy();
    expect(row('Calculated').getByText(/checks the nameplate/)).toBeTruthy();
});

test('under IEC the plate does both, and the table is for comparison', () => {
    show(
        computed,
        plate,
        table,
        figure('power.design_current', 66, '66 A', from('power.plate_current')),
        figure('power.overload_current', 66, '66 A', from('power.plate_current')),
    );
    expect(row('Nameplate').getByText('used for conductors, device and disconnect; overload')).toBeTruthy();
    expect(row('Table').getByText('for comparison')).toBeTruthy();
});

test('a motor that no table lists, and a plate without a current, say so', () => {
    show(computed);
    expect(row('Nameplate').getByText('not on the nameplate')).toBeTruthy();
    expect(row('Table').getByText('no entry for this motor')).toBeTruthy();
});

test('how far they lie apart is told with why that is usual', () => {
    show(computed, plate, table, figure('power.current_difference', -1.8, '−1.8 %'), figure('power.table_difference', -3.3, '−3.3 %'));
    expect(row('Nameplate').getByText(/−1\.8 % compared with the calculated current: manufacturers round/)).toBeTruthy();
    expect(row('Table').getByText(/−3\.3 % compared with this motor: one value for every motor of the size/)).toBeTruthy();
});

test('the longest bar is the largest of the three', () => {
    const { container } = show(computed, plate, figure('power.table_current', 33.6, '33.6 A'));
    const widths = [...container.querySelectorAll('td > span[aria-hidden]')].map((bar) => getComputedStyle(bar).width);
    expect(widths).toEqual(['100%', `${(100 * 66) / 67.2}%`, '50%']);
});
