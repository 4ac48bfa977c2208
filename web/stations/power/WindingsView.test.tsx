import { cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { figure, showOnBench, solution } from '../../testing';
import { WindingsView } from './WindingsView';

afterEach(cleanup);

// Three heating elements of 2 kW at 400 V: 80 Ω each.
const elements = [
    figure('windings.each', 80, '80 Ω'),
    figure('windings.star_voltage', 230.94, '231 V'),
    figure('windings.star_current', 2.887, '2.89 A'),
    figure('windings.star_power', 2000, '2 kW'),
    figure('windings.ohms_star', 160, '160 Ω'),
    figure('windings.delta_voltage', 400, '400 V'),
    figure('windings.delta_winding_current', 5, '5 A'),
    figure('windings.delta_line_current', 8.66, '8.66 A'),
    figure('windings.delta_power', 6000, '6 kW'),
    figure('windings.ohms_delta', 53.33, '53.3 Ω'),
];

const row = (label: string): (string | null)[] =>
    screen
        .getAllByRole('row')
        .filter((one) => one.querySelector('th')?.textContent === label && one.querySelectorAll('td').length === 2)
        .flatMap((one) => [...one.querySelectorAll('td')].map((cell) => cell.textContent));

describe('three equal windings', () => {
    it('say which of three things is wanted before anything is typed', () => {
        showOnBench(<WindingsView />, {}, solution());
        expect(screen.getByText(/the resistance of a winding, the rating of an element, or the ohmmeter reading/)).toBeTruthy();
        expect(screen.queryByRole('table')).toBeNull();
    });

    it('take three times the power and the line current in delta', () => {
        showOnBench(<WindingsView />, { windings: { element_power: '2 kW', element_voltage: '400' } }, solution({ figures: elements }));
        expect(row('Real power')).toEqual(['2 kW', '6 kW']);
        expect(row('Line current')).toEqual(['2.89 A', '8.66 A']);
        expect(row('Voltage per winding')).toEqual(['231 V', '400 V']);
    });

    it('read twice their ohms between two terminals in star, two thirds in delta', () => {
        showOnBench(<WindingsView />, { windings: { impedance: '80' } }, solution({ figures: elements }));
        expect(row('Ohmmeter between two terminals')).toEqual(['160 Ω', '53.3 Ω']);
        expect(screen.getByText(/Prove the circuit dead before you connect an ohmmeter/)).toBeTruthy();
    });

    it('are joined in wye where the book says so', () => {
        showOnBench(<WindingsView />, {}, solution({ figures: elements, words: { star: 'wye' } }));
        expect(screen.getByRole('columnheader', { name: 'wye' })).toBeTruthy();
        expect(screen.getByRole('img', { name: 'Three elements in wye and in delta' })).toBeTruthy();
        expect(screen.queryByRole('columnheader', { name: 'star' })).toBeNull();
    });
});
