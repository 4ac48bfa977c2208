import { cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { choices, figure, inDelta, showOnBench, solution } from '../../testing';
import StartStation from './StartStation';

afterEach(cleanup);

const direct = [
    figure('start.locked_rotor_current', 462, '462 A'),
    figure('start.locked_rotor_torque', 572, '572 N·m'),
    figure('power.plate_current', 66, '66 A'),
];
const starDelta = [
    ...direct,
    figure('start.star_line_current', 154, '154 A'),
    figure('start.star_torque', 191, '191 N·m'),
    figure('start.delta_winding_current', 38.1, '38.1 A'),
    figure('start.star_time', 9, '9 s'),
];
const unused = { unused: true };
const method = { empty: 'Direct on line (assumed)', choices: choices(['direct', 'Direct-on-line'], ['star_delta', 'Star-delta']) };

describe('the start', () => {
    it('of a direct starter asks for no changeover', () => {
        const fields = { 'starter.method': method, 'starter.changeover.by': unused, 'starter.changeover.value': unused };
        showOnBench(<StartStation />, {}, solution({ figures: direct, fields }));
        expect(screen.getByText('locked rotor')).toBeTruthy();
        expect(screen.getByRole('button', { name: /Direct on line \(assumed\)/ })).toBeTruthy();
        expect(screen.queryByLabelText('After')).toBeNull();
        expect(screen.getByText('The windings are shown once star and delta are known from the nameplate.')).toBeTruthy();
    });

    it('in star and delta shows a third of the current beside the whole', () => {
        const fields = { 'starter.method': method };
        showOnBench(
            <StartStation />,
            { starter: { method: 'star_delta' } },
            solution({ figures: starDelta, fields, curves: { connection: inDelta } }),
        );
        expect(screen.getByText('first inrush in star')).toBeTruthy();
        expect(screen.getByRole('row', { name: 'direct-on-line, standstill 462 A' })).toBeTruthy();
        expect(screen.getByRole('row', { name: 'in star, standstill 154 A' })).toBeTruthy();
        expect(screen.getByLabelText<HTMLInputElement>('After').placeholder).toBe('9 s');
    });

    it('changes over by speed in percent of the synchronous speed', () => {
        showOnBench(
            <StartStation />,
            { starter: { method: 'star_delta', changeover: { by: 'speed', value: '90' } } },
            solution({ figures: starDelta, fields: { 'starter.method': method } }),
        );
        expect(screen.getByLabelText<HTMLInputElement>('At speed').value).toBe('90');
        expect(screen.getByText('% of ns')).toBeTruthy();
    });

    it('says what delta would do to a motor that runs in star', () => {
        const star = { ...inDelta, connection: 'star' as const };
        showOnBench(<StartStation />, {}, solution({ figures: direct, curves: { connection: star } }));
        expect(screen.getByText('would burn it here')).toBeTruthy();
        expect(screen.getByRole('img', { name: 'Delta 400 V, star 231 V per winding' })).toBeTruthy();
    });

    it('speaks of wye where the rule book does', () => {
        showOnBench(<StartStation />, {}, solution({ figures: starDelta, curves: { connection: inDelta }, words: { star: 'wye' } }));
        expect(screen.getByText('torque in wye')).toBeTruthy();
        expect(screen.getByRole('row', { name: 'wye 231 V' })).toBeTruthy();
    });
});
