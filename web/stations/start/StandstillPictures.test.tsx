import { screen, within } from '@testing-library/react';
import { describe, expect, test } from 'vitest';
import { figure, inDelta, showOnBench, shown, solution } from '../../testing';
import { StartCurrents } from './StartCurrents';
import { WindingVoltages } from './WindingVoltages';

describe('the currents of a start', () => {
    const figures = [
        figure('start.locked_rotor_current', 462, '462 A'),
        figure('start.star_line_current', 154, '154 A'),
        figure('power.plate_current', 66, '66 A'),
        figure('start.delta_winding_current', 38.1, '38.1 A'),
    ];

    test('stand to one scale: in star the line carries a third', () => {
        const { container } = showOnBench(<StartCurrents />, {}, solution({ figures }));
        const [direct, star] = [...container.querySelectorAll('rect')].map((bar) => +(bar.getAttribute('width') ?? ''));
        expect((direct ?? 0) / (star ?? 1)).toBeCloseTo(3, 6);
    });

    test('are hot only while the motor stands still', () => {
        const { container } = showOnBench(<StartCurrents />, {}, solution({ figures }));
        expect([...container.querySelectorAll('rect')].map((bar) => bar.getAttribute('class'))).toEqual(['hot', 'hot', 'run', 'bar']);
    });

    test('are told in words beside the picture, those that are known', () => {
        showOnBench(<StartCurrents />, {}, solution({ figures: figures.slice(0, 1), words: { star: 'wye' } }));
        const table = within(screen.getByRole('table'));
        expect(table.getByText('direct-on-line, standstill')).toBeTruthy();
        expect(table.getAllByRole('row')).toHaveLength(1);
        expect(screen.getAllByText('Starting currents, direct-on-line and wye').length).toBeGreaterThan(0);
    });

    test('wait for a stamp that tells them', () => {
        showOnBench(<StartCurrents />, {}, solution());
        expect(screen.getByText('Enter Ia/In or the code letter from the nameplate.')).toBeTruthy();
    });
});

describe('what a winding sees', () => {
    test('a motor for delta here runs in star at a third of current and torque', () => {
        const { container } = showOnBench(<WindingVoltages />, {}, solution({ curves: { connection: inDelta } }));
        expect(screen.getByText('its connection in run')).toBeTruthy();
        expect(screen.getByText('one third of current and torque')).toBeTruthy();
        expect(container.querySelectorAll('path.winding.star')).toHaveLength(3);
        expect(container.querySelector('path.bad')).toBeNull();
    });

    test('a motor for star here would burn in delta', () => {
        const inStar = { ...inDelta, connection: 'star' as const, delta_volts: shown(400, '400 V'), star_volts: shown(231, '231 V') };
        const { container } = showOnBench(<WindingVoltages />, {}, solution({ curves: { connection: inStar } }));
        expect(screen.getByText('would burn it here')).toBeTruthy();
        expect(container.querySelectorAll('path.bad')).toHaveLength(1);
    });

    test('both are told with their volts, in the words of the rule book', () => {
        showOnBench(<WindingVoltages />, {}, solution({ curves: { connection: inDelta }, words: { star: 'wye' } }));
        expect(screen.getByRole('img', { name: 'Delta 400 V, wye 231 V per winding' })).toBeTruthy();
    });

    test('nothing is drawn while the plate does not tell how it is joined', () => {
        showOnBench(<WindingVoltages />, {}, solution());
        expect(screen.getByText('The windings are shown once star and delta are known from the nameplate.')).toBeTruthy();
    });
});
