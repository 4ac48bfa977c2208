import { cleanup, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Link, MemoryRouter } from 'react-router';
import { afterEach, beforeAll, describe, expect, it, vi } from 'vitest';
import { stationOfField, useFollow, viewOf } from './follow';

afterEach(cleanup);
beforeAll(() => {
    // The test page has no layout to scroll.
    Element.prototype.scrollIntoView = vi.fn();
});

function Page() {
    useFollow();
    return (
        <>
            <Link to="." state={{ to: { figure: 'power.input' } }}>
                figure
            </Link>
            <Link to="." state={{ to: { field: 'cable.length' } }}>
                field
            </Link>
            <div id="figure-power.input" tabIndex={-1}>
                Input power
            </div>
            <div data-path="cable.length">
                <input aria-label="Length" />
            </div>
        </>
    );
}

describe('following a working', () => {
    it('brings the figure or the field into focus', async () => {
        render(
            <MemoryRouter>
                <Page />
            </MemoryRouter>,
        );
        const user = userEvent.setup();
        await user.click(screen.getByRole('link', { name: 'figure' }));
        await waitFor(() => expect(document.activeElement?.id).toBe('figure-power.input'));
        await user.click(screen.getByRole('link', { name: 'field' }));
        await waitFor(() => expect(document.activeElement).toBe(screen.getByLabelText('Length')));
    });

    it('knows where each field is typed', () => {
        expect(stationOfField('plate.second.power')).toBe('plate');
        expect(stationOfField('supply.ambient')).toBe('plate');
        expect(stationOfField('load.output_percent')).toBe('power');
        expect(stationOfField('load.inertia')).toBe('start');
        expect(stationOfField('correction.rated_kvar')).toBe('correct');
        expect(stationOfField('settings.voltage_tolerance')).toBeUndefined();
    });

    it('opens the view that has a field', () => {
        expect(viewOf({ field: 'measure.watts_1' })).toBe('?view=measure');
        expect(viewOf({ field: 'windings.impedance' })).toBe('?view=windings');
        expect(viewOf({ field: 'plate.power' })).toBe('');
        expect(viewOf({ figure: 'power.input' })).toBe('');
        expect(viewOf({ figure: 'measured.real' })).toBe('?view=measure');
        expect(viewOf({ figure: 'cable.size' })).toBeUndefined();
    });
});
