import { render, screen, within } from '@testing-library/react';
import { describe, expect, test } from 'vitest';
import type { Reading, ReadingComparison } from '../../api/contract';
import { showOnBench, solution } from '../../testing';
import { QuantityTable } from './QuantityTable';
import { TerminalPicture } from './TerminalPicture';
import { TrendPicture } from './TrendPicture';

type Quantity = ReadingComparison['quantities'][number];

const quantity = (name: string, measured: number | null, more: Partial<Quantity> = {}): Quantity => ({
    name,
    measured,
    expected: null,
    low: null,
    high: null,
    unit: '',
    label: name,
    shown: `${measured ?? '–'}`,
    expected_shown: '',
    band_shown: '',
    ...more,
});

const comparison = (reading: number, quantities: Quantity[], more: Partial<ReadingComparison> = {}): ReadingComparison => ({
    reading,
    kind: 'insulation_resistance',
    verdict: 'agrees',
    grade: null,
    pattern: null,
    wanted: [],
    missing: [],
    points_to: [],
    next: '',
    says: '',
    quantities,
    ...more,
});

const reading = (id: number, taken_at: string, more: Partial<Reading> = {}): Reading => ({
    id,
    kind: 'insulation_resistance',
    load_percent: null,
    simulated: false,
    document: {},
    method: 'insulation_resistance',
    instrument: 'insulation tester',
    note: '',
    core: '0',
    taken_at,
    taken_by: 'Shift electrician A',
    values: {},
    figures: [],
    withdrawn: null,
    ...more,
});

describe('a reading over time', () => {
    // Latest first, as the service hands them out.
    const readings = [reading(3, '2026-11-01T08:00:00Z'), reading(2, '2026-05-01T08:00:00Z'), reading(1, '2025-11-01T08:00:00Z')];
    const solved = (values: readonly number[], low = 5) =>
        solution({
            comparisons: values.map((value, i) =>
                comparison(i, [
                    quantity('raw', value * 3),
                    quantity('at_reference', value, {
                        label: 'At 40 °C',
                        low,
                        shown: `${value} MΩ`,
                        band_shown: 'at least 5 MΩ',
                    }),
                ]),
            ),
        });

    test('is drawn from the oldest to the latest, brought to one temperature', () => {
        const { container } = showOnBench(<TrendPicture kind="insulation_resistance" />, {}, solved([40, 90, 120]), { readings });
        expect(screen.getAllByText('At 40 °C over time').length).toBeGreaterThan(0);
        const rows = within(screen.getByRole('table')).getAllByRole('cell');
        expect(rows.map((cell) => cell.textContent)).toEqual(['120 MΩ, at least 5 MΩ', '90 MΩ, at least 5 MΩ', '40 MΩ, at least 5 MΩ']);
        const heights = [...container.querySelectorAll('circle')].map((point) => point.getAttribute('cy') ?? '');
        // It falls: each point lies lower, that is further down, than the one before.
        expect([...heights].sort((a, b) => +a - +b)).toEqual(heights);
        expect(screen.getByText('lower limit')).toBeTruthy();
    });

    test('leaves out what was withdrawn, and one reading alone is no trend', () => {
        const withdrawn = { at: '2026-11-02T08:00:00Z', by: 'Shift electrician B', why: 'wrong motor' };
        const [latest, ...older] = readings;
        const some = [{ ...(latest ?? reading(3, '')), withdrawn }, ...older];
        showOnBench(<TrendPicture kind="insulation_resistance" />, {}, solved([40, 90, 120]), { readings: some });
        expect(within(screen.getByRole('table')).getAllByRole('cell')).toHaveLength(2);
        const { container } = showOnBench(<TrendPicture kind="insulation_resistance" />, {}, solved([40]), {
            readings: readings.slice(0, 1),
        });
        expect(container.textContent).toBe('');
    });

    test('tells a simulated reading from a measured one', () => {
        const some = readings.map((one, i) => ({ ...one, simulated: i === 1 }));
        const { container } = showOnBench(<TrendPicture kind="insulation_resistance" />, {}, solved([40, 90, 120]), { readings: some });
        expect([...container.querySelectorAll('circle')].map((point) => point.getAttribute('fill'))).toEqual([
            'currentColor',
            'none',
            'currentColor',
        ]);
        expect(screen.getByText('hollow: simulated')).toBeTruthy();
    });
});

describe('what was read beside what was expected', () => {
    test('marks the value that lies outside its band, and says what it points to and what to do', () => {
        const off = comparison(
            0,
            [
                quantity('unbalance', 7, { label: 'Unbalance', high: 5, shown: '7 %', expected_shown: '0 %', band_shown: 'at most 5 %' }),
                quantity('current', 50, { label: 'Current', low: 45, high: 55, shown: '50 A' }),
            ],
            { verdict: 'differs', points_to: ['a loose joint', 'a voltage that is unequal'], next: 'Measure the voltages too.' },
        );
        render(<QuantityTable comparison={off} caption="line current" />);
        expect(screen.getByText('Not as expected: line current')).toBeTruthy();
        expect(screen.getByRole('row', { name: /Unbalance/ }).textContent).toContain('7 % ✕');
        expect(screen.getByRole('row', { name: /^Current/ }).textContent).not.toContain('✕');
        expect(screen.getByText('Usual causes: a loose joint; a voltage that is unequal.')).toBeTruthy();
        expect(screen.getByText('Measure the voltages too.')).toBeTruthy();
    });

    test('says what is wanted before anything can be compared', () => {
        const waits = comparison(0, [], { verdict: 'cannot_be_compared', wanted: [], missing: ['load', 'winding temperature'] });
        render(<QuantityTable comparison={waits} caption="power" />);
        expect(screen.getByText('Cannot be compared: power')).toBeTruthy();
        expect(screen.getByText('Missing: load, winding temperature.')).toBeTruthy();
    });

    test('a value at its very limit is inside', () => {
        render(<QuantityTable comparison={comparison(0, [quantity('v', 2.8, { high: 2.8, low: 2.8 })])} caption="vibration" />);
        expect(screen.queryByText(/✕/)).toBeNull();
    });
});

describe('readings between the terminals', () => {
    const values = { ohms_uv: '0.842', ohms_vw: '0.8435', ohms_wu: '0.841' };
    const windings = comparison(
        0,
        [1, 2, 3].map((n) => quantity(`winding_${n}`, n / 10, { shown: `0.${n} Ω` })),
    );
    const show = (joined: string, words = {}) =>
        showOnBench(
            <TerminalPicture reading={reading(1, '2026-11-01T08:00:00Z', { values: { ...values, joined } })} comparison={windings} />,
            {},
            solution({ words }),
        );

    test('in star each winding goes from its terminal to the middle', () => {
        const { container } = show('star', { star: 'wye' });
        expect(screen.getAllByText('Between the terminals, connected in wye').length).toBeGreaterThan(0);
        expect([...container.querySelectorAll('path.apparent')].every((path) => path.getAttribute('d')?.endsWith('L150 147'))).toBe(true);
        expect(screen.getByText('U–V 0.842')).toBeTruthy();
    });

    test('in delta each winding lies between two terminals', () => {
        const { container } = show('delta');
        expect(container.querySelector('path.apparent')?.getAttribute('d')).toBe('M150 40L250 200');
        expect(screen.getByText('0.2 Ω')).toBeTruthy();
    });

    test('with the links out the windings do not meet, and no pair is named', () => {
        const { container } = show('open');
        expect(screen.getAllByText('The windings, links removed').length).toBeGreaterThan(0);
        expect(container.querySelector('path.apparent')?.getAttribute('d')?.endsWith('L150 147')).toBe(false);
        expect(screen.queryByText(/^U–V /)).toBeNull();
    });
});
