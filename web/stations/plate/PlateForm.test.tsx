import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { fieldError, figure, finding, showOnBench, solution } from '../../testing';
import { PlateForm } from './PlateForm';

afterEach(cleanup);

describe('the nameplate', () => {
    it('is filled in stamp by stamp, in reading order', () => {
        const { set } = showOnBench(<PlateForm />, { plate: { power: '37 kW' } }, solution());
        // By element: asking for roles reads the whole plate again for each stamp.
        const labels = [...document.querySelectorAll('input')].map((box) => box.closest('div')?.querySelector('label')?.textContent);
        expect(labels.slice(0, 10)).toEqual([
            'Phases',
            'Type',
            'Serial no.',
            'Year',
            'Standard',
            'Volts',
            'Hz',
            'Output, kW or hp',
            'Amps',
            'rpm',
        ]);
        fireEvent.change(screen.getByLabelText('Volts'), { target: { value: '400/690' } });
        expect(set).toHaveBeenCalledWith('plate.voltage', '400/690');
    });

    it('shows an assumed value in its empty place, marked', () => {
        showOnBench(
            <PlateForm />,
            {},
            solution({
                figures: [
                    figure('plate.efficiency', 0.939, '0.939', { assumed: true, assumptions: ['IE3'] }),
                    figure('plate.power_factor', 0.84, '0.84'),
                ],
                fields: { 'plate.efficiency': { empty: '93.9' } },
            }),
        );
        const efficiency = screen.getByLabelText<HTMLInputElement>('Efficiency, %');
        expect(efficiency.placeholder).toBe('93.9');
        expect(efficiency.value).toBe('');
        expect(screen.getByText('assumed')).toBeTruthy();
        expect(screen.getByText('derived')).toBeTruthy();
    });

    it('says below the row what is wrong, tied to the field', () => {
        showOnBench(
            <PlateForm />,
            { plate: { speed: '1502' } },
            solution({
                errors: [
                    fieldError('plate.speed', '1502 rpm is just above 1500 rpm.', 'impossible'),
                    fieldError('plate.power', 'wanted', 'missing'),
                ],
            }),
        );
        const speed = screen.getByLabelText('rpm');
        expect(speed.getAttribute('aria-invalid')).toBe('true');
        const message = document.getElementById(speed.getAttribute('aria-describedby') ?? '');
        expect(message?.textContent).toBe('rpm: 1502 rpm is just above 1500 rpm. accepted at plate.speed');
        expect(screen.getByLabelText('Output, kW or hp').getAttribute('aria-invalid')).toBe('false');
    });

    it('explains the stamp that has the focus', () => {
        showOnBench(
            <PlateForm />,
            { plate: { ip: 'IP55' } },
            solution({
                meanings: { 'plate.ip': { text: 'Solids: dust-protected; water: water jets.', figures: ['plate.poles'] } },
                figures: [figure('plate.poles', 4, '4')],
                findings: [{ ...finding('caution', 'plate', 'protection_too_low'), fields: ['plate.ip'] }],
            }),
        );
        expect(screen.getByText('Tap a field to see what it means.')).toBeTruthy();
        fireEvent.focus(screen.getByLabelText('IP'));
        expect(screen.getByText(/dust-protected; water: water jets/)).toBeTruthy();
        expect(screen.getByText('plate.poles')).toBeTruthy();
        expect(screen.getByText(/title of protection_too_low/)).toBeTruthy();
        fireEvent.focus(screen.getByLabelText('Frame'));
        expect(screen.getByText(/Enter it exactly as stamped/)).toBeTruthy();
    });

    it('asks for horsepower first under the American books', () => {
        showOnBench(<PlateForm />, {}, solution({ rule_book: 'nec', words: { plate_layout: 'nema' } }));
        expect(screen.getByLabelText('Output, hp or kW')).toBeTruthy();
    });

    it('lights a stamp that a finding is about', () => {
        showOnBench(
            <PlateForm />,
            { plate: { ip: 'IP23' } },
            solution({ findings: [{ ...finding('caution', 'plate', 'protection_too_low'), fields: ['plate.ip'] }] }),
        );
        expect(screen.getByLabelText('IP').parentElement?.querySelector('[aria-label="caution"]')).not.toBeNull();
        expect(screen.getByLabelText('Frame').parentElement?.querySelector('[aria-label="caution"]')).toBeNull();
    });

    it('opens a second row for another frequency, and takes it away with what is in it', () => {
        const { set } = showOnBench(<PlateForm />, { plate: { second: { frequency: '60' } } }, solution({}));
        expect(screen.getByLabelText('Volts, 2nd row')).toBeTruthy();
        fireEvent.click(screen.getByRole('button', { name: 'Remove second row' }));
        expect(set).toHaveBeenCalledWith('plate.second.frequency', null);
        cleanup();
        showOnBench(<PlateForm />, {}, solution({}));
        expect(screen.queryByLabelText('Volts, 2nd row')).toBeNull();
        fireEvent.click(screen.getByRole('button', { name: '50/60 Hz row' }));
        expect(screen.getByLabelText('Hz, 2nd row')).toBeTruthy();
    });

    it('shows a NEMA plate under the NEC, and either on demand', () => {
        showOnBench(<PlateForm />, {}, solution({ rule_book: 'nec', words: { plate_layout: 'nema' } }));
        expect(screen.getByLabelText('Output, hp or kW')).toBeTruthy();
        expect(screen.getByLabelText('SFA')).toBeTruthy();
        fireEvent.click(screen.getByRole('radio', { name: 'IEC' }));
        expect(screen.getByLabelText('Output, kW or hp')).toBeTruthy();
        localStorage.clear();
    });
});
