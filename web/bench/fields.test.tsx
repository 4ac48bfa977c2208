import { cleanup, fireEvent, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it } from 'vitest';
import type { Solution } from '../api/contract';
import { choices, fieldError, showOnBench, solution } from '../testing';
import { Choice, Field } from './fields';

afterEach(cleanup);

const fields = {
    'guard.scpd': {
        empty: 'gG fuse (usual)',
        choices: [...choices(['fuse_gg', 'gG fuse'], ['breaker_d', 'MCB type D']), { value: 'fuse_am', label: 'aM fuse' }],
    },
    'cable.tray': { unused: true, choices: choices(['ladder', 'Ladder']) },
} satisfies Solution['fields'];

describe('a field of the circuit', () => {
    it('shows what is typed and hands on what is typed next, character for character', () => {
        const { set } = showOnBench(<Field path="cable.length" />, { cable: { length: ' 60' } }, solution({ fields }));
        const input = screen.getByLabelText<HTMLInputElement>('Length, starter to motor');
        expect(input.value).toBe(' 60');
        fireEvent.change(input, { target: { value: '1,5e' } });
        expect(set).toHaveBeenCalledWith('cable.length', '1,5e');
        fireEvent.change(input, { target: { value: '' } });
        expect(set).toHaveBeenCalledWith('cable.length', null);
    });

    it('says what is wrong and what is accepted, at the field, and keeps the text', () => {
        showOnBench(
            <Field path="cable.length" />,
            { cable: { length: 'far' } },
            solution({ fields, errors: [fieldError('cable.length', '“far” cannot be read.')] }),
        );
        const input = screen.getByLabelText<HTMLInputElement>('Length, starter to motor');
        expect(input.value).toBe('far');
        expect(input.getAttribute('aria-invalid')).toBe('true');
        expect(screen.getByText('“far” cannot be read. accepted at cable.length')).toBeTruthy();
    });

    it('takes a wanted value for a hint and not for an error', () => {
        showOnBench(
            <Field path="cable.length" />,
            {},
            solution({ fields, errors: [fieldError('cable.length', 'The length is wanted.', 'missing')] }),
        );
        expect(screen.getByLabelText('Length, starter to motor').getAttribute('aria-invalid')).not.toBe('true');
        expect(screen.getByText('The length is wanted.')).toBeTruthy();
    });

    it('repeats what was read only where it says more', () => {
        const { unmount } = showOnBench(
            <Field path="cable.length" />,
            { cable: { length: '200 ft' } },
            solution({ fields, read: { 'cable.length': '60.96\u00A0m' } }),
        );
        expect(screen.getByText(/read as 60.96.m/)).toBeTruthy();
        unmount();
        showOnBench(
            <Field path="cable.length" />,
            { cable: { length: '60' } },
            solution({ fields, read: { 'cable.length': '60\u00A0m' } }),
        );
        expect(screen.queryByText(/read as/)).toBeNull();
    });

    it('shows its unit until one is typed', () => {
        const { unmount } = showOnBench(<Field path="cable.length" />, { cable: { length: '60' } }, solution({ fields }));
        expect(screen.getByText('m')).toBeTruthy();
        unmount();
        showOnBench(<Field path="cable.length" />, { cable: { length: '200 ft' } }, solution({ fields }));
        expect(screen.queryByText('m')).toBeNull();
    });

    it('cannot be changed by somebody who only reads', () => {
        showOnBench(<Field path="cable.length" />, { cable: { length: '60' } }, solution({ fields }), { readOnly: true });
        expect(screen.getByLabelText<HTMLInputElement>('Length, starter to motor').readOnly).toBe(true);
    });
});

describe('a choice of the circuit', () => {
    it.each([
        ['MCB type D', 'breaker_d'],
        ['gG fuse (usual)', null],
    ])('hands on what %s means', async (name, value) => {
        const { set } = showOnBench(<Choice path="guard.scpd" />, { guard: { scpd: 'fuse_gg' } }, solution({ fields }));
        const user = userEvent.setup();
        await user.click(screen.getByRole('button', { name: /gG fuse/ }));
        await user.click(await screen.findByRole('option', { name }));
        expect(set).toHaveBeenLastCalledWith('guard.scpd', value);
    });

    it('shows a value that it does not know as it is', () => {
        showOnBench(
            <Choice path="guard.scpd" />,
            { guard: { scpd: 'something_else' } },
            solution({ fields, errors: [fieldError('guard.scpd', 'Not one of the choices.')] }),
        );
        expect(screen.getByRole('button', { name: /something_else/ })).toBeTruthy();
        expect(screen.getByText(/Not one of the choices/)).toBeTruthy();
    });

    it('is absent where the rule book has no use for it, and says so where something is typed', () => {
        const { container, unmount } = showOnBench(<Choice path="cable.tray" />, {}, solution({ fields }));
        expect(container.textContent).toBe('');
        unmount();
        showOnBench(<Choice path="cable.tray" />, { cable: { tray: 'ladder' } }, solution({ fields }));
        expect(screen.getByText('Not used for this circuit.')).toBeTruthy();
    });
});
