import { cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { SizeLadder } from '../../api/contract';
import { choices, fieldError, figure, showOnBench, shown, solution } from '../../testing';
import CableStation from './CableStation';

afterEach(cleanup);

const ladder: SizeLadder = {
    required: shown(66, '66 A'),
    drop_limit: shown(5, '5 %'),
    starting_drop_limit: shown(15, '15 %'),
    installed: false,
    faults: false,
    rows: [
        {
            size: '10 mm²',
            ampacity: shown(60, '60 A'),
            drop: shown(3.63, '3.63 %'),
            starting_drop: shown(9.82, '9.82 %'),
            fails: ['terminals'],
            rejected_by: 'terminal temperature',
            chosen: false,
        },
        { size: '16 mm²', ampacity: shown(80, '80 A'), drop: null, starting_drop: null, fails: [], rejected_by: '', chosen: true },
    ],
};
const figures = [
    figure('cable.size', '16', '16\u00A0mm²', { assumed: true, assumptions: ['terminals for 70 °C'] }),
    figure('cable.conductors', 3, '3'),
    figure('cable.required_ampacity', 66, '66 A'),
];
const fields = {
    'cable.terminal_temperature': { empty: '90 °C (site)', choices: choices(['70', '70 °C'], ['90', '90 °C']) },
    'cable.raceway_material': { unused: true },
};

describe('the cable', () => {
    it('says what the site has decided in a field that is left empty', () => {
        showOnBench(<CableStation />, {}, solution({ figures, fields, curves: { ladder } }));
        expect(screen.getByRole('button', { name: /90 °C \(site\)/ })).toBeTruthy();
    });

    it('asks for nothing that the rule book has no use for', () => {
        showOnBench(<CableStation />, {}, solution({ figures, fields }));
        expect(screen.queryByText('Raceway')).toBeNull();
        expect(screen.getByLabelText('Circuits grouped, motor run')).toBeTruthy();
    });

    it('marks a size that rests on something assumed', () => {
        showOnBench(<CableStation />, {}, solution({ figures, fields }));
        expect(screen.getByTitle('assumed: terminals for 70 °C').textContent).toBe('16');
        expect(screen.getByText('conductors from starter to motor: 3')).toBeTruthy();
        expect(screen.getByText('current-carrying capacity (66 A required)')).toBeTruthy();
    });

    it('says that a drop is not checked where the length is not typed', () => {
        const errors = [fieldError('cable.length', 'The length is wanted for the voltage drop.', 'missing')];
        showOnBench(<CableStation />, {}, solution({ figures, fields, errors, curves: { ladder } }));
        expect(screen.getByText('The length is wanted for the voltage drop.')).toBeTruthy();
        expect(screen.getByRole('row', { name: /16 mm².*drop not checked, smallest by current/ })).toBeTruthy();
        expect(screen.queryByText(/✓/)).toBeNull();
    });
});
