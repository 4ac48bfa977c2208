import { cleanup, fireEvent, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { fieldError, showOnBench, solution } from '../testing';
import { Choice, Field } from './fields';

// The test page has no CSS object; lists ask it to escape identifiers.
vi.stubGlobal('CSS', { escape: (text: string) => text });
afterEach(cleanup);

describe('a field of the circuit', () => {
    it('shows what is typed and hands on what is typed next, character for character', () => {
        const { set } = showOnBench(<Field path="cable.length" label="Length" unit="m" />, { cable: { length: ' 60' } }, solution());
        const input = screen.getByLabelText<HTMLInputElement>('Length');
        expect(input.value).toBe(' 60');
        fireEvent.change(input, { target: { value: '1,5e' } });
        expect(set).toHaveBeenCalledWith('cable.length', '1,5e');
        fireEvent.change(input, { target: { value: '' } });
        expect(set).toHaveBeenCalledWith('cable.length', null);
    });

    it('says what is wrong and what is accepted, at the field, and keeps the text', () => {
        showOnBench(
            <Field path="cable.length" label="Length" />,
            { cable: { length: 'far' } },
            solution({ errors: [fieldError('cable.length', '“far” cannot be read.')] }),
        );
        const input = screen.getByLabelText<HTMLInputElement>('Length');
        expect(input.value).toBe('far');
        expect(input.getAttribute('aria-invalid')).toBe('true');
        expect(screen.getByText('“far” cannot be read. accepted at cable.length')).toBeTruthy();
    });

    it('takes a wanted value for a hint and not for an error', () => {
        showOnBench(
            <Field path="cable.length" label="Length" />,
            {},
            solution({ errors: [fieldError('cable.length', 'The length is wanted.', 'missing')] }),
        );
        expect(screen.getByLabelText('Length').getAttribute('aria-invalid')).not.toBe('true');
        expect(screen.getByText('The length is wanted.')).toBeTruthy();
    });

    it('repeats what was read only where it says more', () => {
        const { unmount } = showOnBench(
            <Field path="cable.length" label="Length" />,
            { cable: { length: '200 ft' } },
            solution({ read: { 'cable.length': '60.96\u00A0m' } }),
        );
        expect(screen.getByText(/read as 60.96.m/)).toBeTruthy();
        unmount();
        showOnBench(
            <Field path="cable.length" label="Length" />,
            { cable: { length: '60' } },
            solution({ read: { 'cable.length': '60\u00A0m' } }),
        );
        expect(screen.queryByText(/read as/)).toBeNull();
    });

    it('shows its unit until one is typed', () => {
        const { unmount } = showOnBench(<Field path="cable.length" label="Length" unit="m" />, { cable: { length: '60' } }, solution());
        expect(screen.getByText('m')).toBeTruthy();
        unmount();
        showOnBench(<Field path="cable.length" label="Length" unit="m" />, { cable: { length: '200 ft' } }, solution());
        expect(screen.queryByText('m')).toBeNull();
    });

    it('cannot be changed by somebody who only reads', () => {
        showOnBench(<Field path="cable.length" label="Length" />, { cable: { length: '60' } }, solution(), { readOnly: true });
        expect(screen.getByLabelText<HTMLInputElement>('Length').readOnly).toBe(true);
    });
});

describe('a choice of the circuit', () => {
    const options = [
        { value: '', label: 'Usual' },
        { value: 'fuse_gg', label: 'gG fuse' },
        { value: 'breaker_d', label: 'Breaker type D' },
    ];

    it.each([
        ['Breaker type D', 'breaker_d'],
        ['Usual', null],
    ])('hands on what %s means', async (name, value) => {
        const { set } = showOnBench(
            <Choice path="guard.scpd" label="Device" options={options} />,
            { guard: { scpd: 'fuse_gg' } },
            solution(),
        );
        const user = userEvent.setup();
        await user.click(screen.getByRole('button', { name: /gG fuse/ }));
        await user.click(await screen.findByRole('option', { name }));
        expect(set).toHaveBeenLastCalledWith('guard.scpd', value);
    });

    it('shows a value that it does not know as it is', () => {
        showOnBench(
            <Choice path="guard.scpd" label="Device" options={options} />,
            { guard: { scpd: 'something_else' } },
            solution({ errors: [fieldError('guard.scpd', 'Not one of the choices.')] }),
        );
        expect(screen.getByRole('button', { name: /something_else/ })).toBeTruthy();
        expect(screen.getByText(/Not one of the choices/)).toBeTruthy();
    });
});
