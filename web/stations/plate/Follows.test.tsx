import { screen } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Figure } from '../../api/contract';
import { figure, showOnBench, solution } from '../../testing';
import { Follows } from './Follows';
import { SupplyVerdict } from './SupplyVerdict';

const row = (name: string) => screen.getByText(name).parentElement?.textContent ?? '';

const show = (...figures: readonly Figure[]) => showOnBench(<Follows />, {}, solution({ figures: [...figures] }));

test('poles are told with the synchronous speed and the slip that they leave', () => {
    show(
        figure('plate.poles', 4, '4'),
        figure('plate.synchronous_speed', 1500, '1500 rpm'),
        figure('plate.slip', 0.012, '1.2 %'),
        figure('plate.rated_torque', 238, '238 N·m'),
    );
    expect(row('Poles, slip')).toContain('4, 1500 rpm synchronous, slip 1.2 %');
    expect(row('Rated torque')).toContain('238 N·m');
});

test('the stamped current stands beside the computed one, with how far they differ', () => {
    show(
        figure('power.computed_current', 67.2, '67.2 A'),
        figure('power.plate_current', 66, '66 A'),
        figure('power.current_difference', -1.8, '−1.8 %'),
    );
    expect(row('Current check')).toContain('calculated 67.2 A, nameplate 66 A (−1.8 %)');
});

test('a locked rotor is told with the code letter that is like it', () => {
    show(figure('start.locked_rotor_current', 462, '462 A'), figure('start.code_letter', 'G', 'G'));
    expect(row('Locked rotor')).toContain('462 A, equivalent to code letter G');
});

test('what waits for a stamp is not made up', () => {
    show();
    expect(row('Poles, slip')).not.toContain('synchronous');
    expect(row('Locked rotor')).not.toContain('code letter');
    expect(row('Current check')).not.toContain('(');
});

test('on its supply the motor is told how to be joined, and what output a weak or hot place leaves it', () => {
    const figures = [
        figure('plate.connection', 'delta', 'delta'),
        figure('plate.fit', 'fits', '400 V on windings for 400 V'),
        figure('plate.usable_output', 33300, '33.3 kW'),
    ];
    showOnBench(<SupplyVerdict />, { supply: { voltage: '400' } }, solution({ figures }));
    expect(row('Connect in')).toContain('delta');
    expect(row('Match')).toContain('400 V on windings for 400 V');
    expect(row('Available output here')).toContain('33.3 kW');
});

test('where all of its output is left nothing is said of it', () => {
    showOnBench(<SupplyVerdict />, {}, solution({ figures: [figure('plate.connection', 'star', 'star')] }));
    expect(screen.queryByText('Available output here')).toBeNull();
});
