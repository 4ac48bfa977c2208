import { cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { figure, fieldError, showOnBench, solution } from '../testing';
import { StationPage } from './StationPage';

afterEach(cleanup);

const large = [{ figure: 'cable.size', label: '3 from starter to motor' }] as const;

describe('a station', () => {
    it('shows its large figures while it is open', () => {
        showOnBench(
            <StationPage name="cable" large={large} children={null} />,
            {},
            solution({ figures: [figure('cable.size', 16, '16 mm²')] }),
        );
        expect(screen.getByText('3 from starter to motor')).toBeTruthy();
    });

    it('that waits leads to the fields that it waits for, and shows no dashes', () => {
        const waits = solution({
            blocked: ['cable'],
            errors: [fieldError('plate.current', 'The plate current is wanted.'), fieldError('cable.length', '“far” is not a number.')],
        });
        showOnBench(<StationPage name="cable" large={large} children={null} />, {}, waits);
        expect(screen.queryByText('3 from starter to motor')).toBeNull();
        expect(screen.getByRole('link', { name: 'Rated current' }).getAttribute('href')).toBe('/circuits/1/plate');
        expect(screen.getByRole('link', { name: 'Length, starter to motor' }).getAttribute('href')).toBe('/circuits/1/cable');
        expect(screen.getByText('“far” is not a number.')).toBeTruthy();
    });
});
