import { screen, within } from '@testing-library/react';
import { describe, expect, test } from 'vitest';
import type { PartLoadCurve, PartLoadRow, TriangleCurve } from '../../api/contract';
import { figure, showOnBench, shown, solution } from '../../testing';
import { PartLoadPicture } from './PartLoadPicture';
import { PowerTriangle } from './PowerTriangle';

const triangle = (more: Partial<TriangleCurve> = {}): TriangleCurve => ({
    output: shown(37000, '37 kW'),
    input: shown(39400, '39.4 kW'),
    losses: shown(2400, '2.4 kW'),
    reactive: shown(24400, '24.4 kvar'),
    apparent: shown(46400, '46.4 kVA'),
    power_factor: shown(0.85, '0.85'),
    ...more,
});

const lengths = (container: HTMLElement, name: string) =>
    /^M([\d.]+) ([\d.]+)[HVL]([\d.]+)/.exec(container.querySelector(`path.${name}`)?.getAttribute('d') ?? '')?.slice(1) ?? [];

describe('the power triangle', () => {
    test('tells real, reactive and apparent power, and what the losses take', () => {
        showOnBench(<PowerTriangle />, {}, solution({ curves: { triangle: triangle() } }));
        expect(screen.getByText('P 39.4 kW')).toBeTruthy();
        expect(screen.getByText('Q 24.4 kvar')).toBeTruthy();
        expect(screen.getByText('S 46.4 kVA')).toBeTruthy();
        expect(screen.getByText('cos φ 0.85')).toBeTruthy();
        expect(screen.getByText('shaft 37 kW, losses 2.4 kW')).toBeTruthy();
    });

    test('draws both sides to one scale', () => {
        const same = triangle({ reactive: shown(39400, '39.4 kvar') });
        const { container } = showOnBench(<PowerTriangle />, {}, solution({ curves: { triangle: same } }));
        const [left, base, ...across] = /^M([\d.]+) ([\d.]+)L([\d.]+) ([\d.]+)/
            .exec(container.querySelector('path.apparent')?.getAttribute('d') ?? '')
            ?.slice(1) ?? ['', '', '', ''];
        // As much reactive as real power: the hypotenuse goes down as far as it goes right.
        expect(left).toBe('12');
        expect(base).toBe('40');
        expect(across[1]).toBe(`${+(across[0] ?? '') - 12 + 40}`);
    });

    test('a bench load has no shaft', () => {
        showOnBench(<PowerTriangle />, {}, solution({ curves: { triangle: triangle({ losses: shown(0, '0 W') }) } }));
        expect(screen.queryByText(/shaft/)).toBeNull();
        expect(screen.queryByText('Shaft output')).toBeNull();
    });

    test('says what it waits for', () => {
        showOnBench(<PowerTriangle />, {}, solution());
        expect(screen.getByText('Enter output, efficiency and power factor to see the triangle.')).toBeTruthy();
    });
});

const row = (percent: number, amps: string): PartLoadRow => ({
    load: shown(percent, `${percent} %`),
    efficiency: shown(93, '93 %'),
    power_factor: shown(0.8, '0.8'),
    current: shown(50, amps),
    input: shown(30000, '30 kW'),
    reactive: shown(20000, '20 kvar'),
    slip: null,
});

const partLoad = (more: Partial<PartLoadCurve> = {}): PartLoadCurve => ({
    way: 'motor model',
    rows: [row(0, '26.7 A'), row(100, '66 A')],
    line: [
        { percent: 0, efficiency: 0, power_factor: 0.05, current: 26.7 },
        { percent: 62.5, efficiency: 0.94, power_factor: 0.78, current: 45 },
        { percent: 125, efficiency: 0.93, power_factor: 0.86, current: 83 },
    ],
    most_current: shown(83, '83 A'),
    ...more,
});

describe('part load', () => {
    test('has its figures in a table, and says that the machine was fitted', () => {
        showOnBench(<PartLoadPicture />, {}, solution({ curves: { part_load: partLoad() } }));
        expect(screen.getAllByText('Part load, from the motor model fitted to the nameplate').length).toBeGreaterThan(0);
        const table = within(screen.getByRole('group', { name: 'Part-load values' }));
        expect(table.getByText('26.7 A')).toBeTruthy();
        expect(table.getByText('66 A')).toBeTruthy();
    });

    test('says where it is an approximation', () => {
        showOnBench(<PartLoadPicture />, {}, solution({ curves: { part_load: partLoad({ way: 'approximation' }) } }));
        expect(screen.getAllByText('Part load, by approximation').length).toBeGreaterThan(0);
    });

    test('marks the load that was typed, at its share of the rated output', () => {
        const figures = [figure('power.load_output', 18500, '18.5 kW'), figure('power.output', 37000, '37 kW')];
        const { container } = showOnBench(<PartLoadPicture />, {}, solution({ figures, curves: { part_load: partLoad() } }));
        // Half load lies at two fifths of 0 to 125 %, between 46 and 588.
        expect(lengths(container, 'here')[0]).toBe(`${46 + (588 - 46) * 0.4}`);
    });

    test('marks nothing while no load is typed, and waits for what it follows from', () => {
        const { container } = showOnBench(<PartLoadPicture />, {}, solution({ curves: { part_load: partLoad() } }));
        expect(container.querySelector('path.here')).toBeNull();
        showOnBench(<PartLoadPicture />, {}, solution());
        expect(screen.getByText('Enter output, efficiency, power factor and speed to see part load.')).toBeTruthy();
    });
});
