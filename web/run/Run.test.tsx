import { cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Solution } from '../api/contract';
import { choices, figure, finding, shown, showOnBench, solution } from '../testing';
import { Run } from './Run';

afterEach(cleanup);

const solved: Solution = solution({
    figures: [
        figure('plate.supply_voltage', 400, '400 V'),
        figure('plate.frequency', 50, '50 Hz'),
        figure('power.output', 37000, '37 kW'),
        figure('plate.winding_voltage', 400, '400 V'),
        figure('plate.rated_torque', 238, '238 N·m'),
        figure('start.method', 'star_delta', 'star_delta'),
        figure('start.star_time', 9, '9 s'),
        figure('start.star_torque', 191, '191 N·m'),
        figure('cable.conductors', 6, '6'),
        figure('cable.size', 6, '6 mm²'),
        figure('guard.scpd', 'fuse_gg', 'fuse_gg'),
        figure('guard.scpd_rating', 80, '80 A'),
        figure('guard.overload_dial', 38.1, '38.1 A'),
        figure('guard.overload_place', 'delta', 'delta'),
        figure('correct.capacitor_rating', 15000, '15 kvar'),
    ],
    findings: [finding('caution', 'start', 'reclosing_peak')],
    curves: {
        run: {
            six_leads: true,
            phases: 3,
            refused: false,
            output: '37 kW',
            length: '60 m',
            drawing: 'six_leads',
            running: {
                before: { line: shown(66, '66 A'), lead: shown(38.105, '38.1 A'), power_factor: shown(0.85, '0.85') },
                after: { line: shown(58.6, '58.6 A'), lead: shown(38.105, '38.1 A'), power_factor: shown(0.958, '0.958') },
                torque: shown(238, '238 N·m'),
                winding: shown(400, '400 V'),
            },
            starting: {
                line: shown(154, '154 A'),
                lead: shown(154, '154 A'),
                direct: shown(462, '462 A'),
                torque: shown(191, '191 N·m'),
                winding: shown(231, '231 V'),
            },
        },
    },
    fields: {
        'starter.method': { choices: choices(['star_delta', 'Star-delta']) },
        'guard.scpd': { choices: choices(['fuse_gg', 'gG fuse']) },
        'guard.overload_place': { choices: choices(['delta', 'In the motor leads (delta)']) },
        'load.kind': { choices: choices(['quadratic', 'Fan or pump']) },
        'correction.place': { choices: choices(['board', 'At the board']) },
    },
});
const draft = {
    cable: { length: '60' },
    correction: { place: 'board' },
    load: { kind: 'quadratic', torque_percent: '90', inertia: '6.5' },
};
const show = (more = {}) => {
    const onFlow = vi.fn();
    const onCorrection = vi.fn();
    showOnBench(<Run base="/circuits/1" onFlow={onFlow} onCorrection={onCorrection} hasAfter />, draft, solved, more);
    return { onFlow, onCorrection };
};

describe('the run', () => {
    it('carries the solved figures of every part and leads to its station', () => {
        show();
        expect(screen.getByRole('link', { name: /Protection.*80 A.*gG fuse/ }).getAttribute('href')).toBe('/circuits/1/guard');
        expect(screen.getByRole('link', { name: /Starter.*Star-delta, 9 s.*relay 38.1 A in the motor leads/ }).getAttribute('href')).toBe(
            '/circuits/1/start',
        );
        expect(screen.getByRole('link', { name: /Cable.*6 × 6 mm².*60 m/ })).toBeTruthy();
        expect(screen.getByRole('link', { name: /Load.*fan or pump, 90 %, 6.5 kg·m²/ })).toBeTruthy();
        expect(screen.getByRole('link', { name: /Capacitor.*15 kvar.*at the board/ })).toBeTruthy();
    });

    it('marks a part with its worst finding, in a word too', () => {
        show();
        expect(screen.getByRole('link', { name: /Starter ?caution/ })).toBeTruthy();
        expect(screen.getByRole('link', { name: /^Protection ?80/ })).toBeTruthy();
    });

    it('shows what flows in each position of its switches', () => {
        show();
        expect(screen.getByText('66 A')).toBeTruthy();
        expect(screen.getByText('38.1 A in each lead')).toBeTruthy();
        cleanup();
        show({ correction: 'after' });
        expect(screen.getByText('58.6 A')).toBeTruthy();
        expect(screen.getByText('cos φ 0.958')).toBeTruthy();
        cleanup();
        show({ flow: 'starting' });
        expect(screen.getByText('154 A')).toBeTruthy();
        expect(screen.getByText('direct-on-line 462 A')).toBeTruthy();
        expect(screen.getByText(/231 V per winding, 191 N·m/)).toBeTruthy();
    });

    it('hands its switches on', async () => {
        const { onFlow, onCorrection } = show();
        const user = userEvent.setup();
        await user.click(screen.getByRole('radio', { name: 'Starting' }));
        expect(onFlow).toHaveBeenCalledWith('starting');
        await user.click(screen.getByRole('radio', { name: 'Corrected' }));
        expect(onCorrection).toHaveBeenCalledWith('after');
    });

    it('draws a capacitor behind the part that is upstream of it', () => {
        const order = (place: string) => {
            showOnBench(
                <Run base="/circuits/1" onFlow={vi.fn()} onCorrection={vi.fn()} hasAfter />,
                { ...draft, correction: { place } },
                solved,
            );
            const parts = screen.getAllByRole('link').map((link) => link.getAttribute('data-part'));
            cleanup();
            return parts[parts.indexOf('capacitor') - 1];
        };
        expect(order('board')).toBe('supply');
        expect(order('before_controller')).toBe('guard');
        expect(order('after_controller')).toBe('six_leads');
        expect(order('at_motor')).toBe('cable');
    });

    it('says that a refused starter is refused, and draws the phases that there are', () => {
        const run = solved.curves.run;
        const refused = run === undefined ? solved : { ...solved, curves: { run: { ...run, refused: true, phases: 1 } } };
        showOnBench(<Run base="/circuits/1" onFlow={vi.fn()} onCorrection={vi.fn()} hasAfter />, draft, refused);
        expect(screen.getByText('Star-delta, not possible')).toBeTruthy();
        expect(screen.getByText('1 ~')).toBeTruthy();
    });

    it('names a source that is not the mains', () => {
        const fields = { ...solved.fields, 'supply.source': { choices: choices(['generator', 'Generator set']) } } as Solution['fields'];
        showOnBench(
            <Run base="/circuits/1" onFlow={vi.fn()} onCorrection={vi.fn()} hasAfter />,
            { ...draft, supply: { source: 'generator' } },
            { ...solved, fields },
        );
        expect(screen.getByText('Generator set')).toBeTruthy();
        expect(screen.queryByText('Supply')).toBeNull();
    });
});
