import { screen } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { PlacementCurve } from '../../api/contract';
import { figure, showOnBench, solution } from '../../testing';
import { PlacePicture } from './PlacePicture';

const at = (place: string, name: string): PlacementCurve => ({
    place,
    name,
    overload: 'unchanged',
    fuse: true,
    disconnect: true,
    discharge: 'own resistors',
    schools: [],
});

const figures = [figure('correct.capacitor_rating', 12500, '12.5 kvar'), figure('correct.capacitor_current', 18, '18 A')];

const columnOf = (container: HTMLElement) => container.querySelector('circle.dot')?.parentElement?.getAttribute('transform');

test('the capacitor stands where the circuit has it, and the other places are left open', () => {
    const columns = (['board', 'before_controller', 'after_controller', 'behind_relay', 'at_motor'] as const).map((place) => {
        const { container, unmount } = showOnBench(<PlacePicture />, {}, solution({ figures, curves: { placement: at(place, place) } }));
        expect(container.querySelectorAll('path.not')).toHaveLength(4);
        const column = columnOf(container);
        unmount();
        return column;
    });
    // From the board to the motor, ever further along the line, on either side of contactor and relay.
    expect(columns).toEqual(['translate(110 60)', 'translate(220 60)', 'translate(335 60)', 'translate(445 60)', 'translate(520 60)']);
});

test('its rating and its current stand beside it', () => {
    showOnBench(<PlacePicture />, {}, solution({ figures, curves: { placement: at('at_motor', 'at the motor, behind the relay') } }));
    expect(screen.getByText('12.5 kvar')).toBeTruthy();
    expect(screen.getByText('18 A')).toBeTruthy();
    expect(screen.getAllByText('Position: at the motor, behind the relay').length).toBeGreaterThan(0);
});

test('a single-phase load has it behind its switch, never ahead of it', () => {
    const single = [
        figure('correct.capacitance_required', 37e-6, '37 µF'),
        figure('correct.capacitance_delta', 35e-6, '35 µF'),
        figure('correct.rated_voltage', 250, '250 V'),
    ];
    showOnBench(<PlacePicture />, {}, solution({ figures: single }));
    expect(screen.getByText('not before the switch: the capacitor would stay on by itself')).toBeTruthy();
    expect(screen.getByText('35 µF')).toBeTruthy();
    expect(screen.getByRole('img', { name: 'Capacitor across the load, on the load side of the switch' })).toBeTruthy();
});

test('each place is named by where it joins, so that the load side of the contactor is not mistaken', () => {
    showOnBench(
        <PlacePicture />,
        {},
        solution({ figures, curves: { placement: at('after_controller', 'between contactor and overload relay') } }),
    );
    expect(screen.getByText('1 at the board · 2 before the contactor · 3 between contactor and overload relay')).toBeTruthy();
    expect(screen.getByText('4 after the overload relay · 5 at the motor terminals')).toBeTruthy();
});
