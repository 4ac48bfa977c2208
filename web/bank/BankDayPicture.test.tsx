import { render, screen, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { BankDay } from '../api/contract';
import { shown } from '../testing';
import { BankDayPicture } from './BankDayPicture';

type Interval = BankDay['intervals'][number];

const interval = (hours: readonly [number, number], kvar: number, on: number): Interval => ({
    from: hours[0] * 60,
    until: hours[1] * 60,
    clock: `${hours[0]} h to ${hours[1]} h`,
    power: shown(80000, '80 kW'),
    reactive: shown(60000, '60 kvar'),
    need: shown(kvar * 1000, `${kvar} kvar`),
    on,
    given: shown(on * 12500, `${on * 12.5} kvar`),
    before: '0.8',
    after: '0.96',
});

const day = (intervals: Interval[]): BankDay => ({ step: shown(12500, '12.5 kvar'), steps: 4, target: '0.95', intervals });

test('each stretch of the day is told with what is wanted and what the steps give', () => {
    render(<BankDayPicture day={day([interval([0, 6], 10, 0), interval([6, 22], 42, 3), interval([22, 24], 10, 0)])} />);
    expect(screen.getAllByText('Steps over the day, each 12.5 kvar').length).toBeGreaterThan(0);
    const rows = within(screen.getByRole('table')).getAllByRole('row');
    expect(rows).toHaveLength(3);
    expect(rows[1]?.textContent).toContain('42 kvar required, 3 steps supply 37.5 kvar; power factor 0.8, then 0.96');
});

test('steps and time are drawn to scale', () => {
    const { container } = render(<BankDayPicture day={day([interval([0, 6], 10, 1), interval([6, 24], 45, 3)])} />);
    const [morning, rest] = [...container.querySelectorAll('rect.on')];
    const [width, height] = [
        +(rest?.getAttribute('width') ?? '') / +(morning?.getAttribute('width') ?? '1'),
        +(rest?.getAttribute('height') ?? '') / +(morning?.getAttribute('height') ?? '1'),
    ];
    expect(width).toBeCloseTo(3, 6);
    expect(height).toBeCloseTo(3, 6);
});

test('what is wanted above all steps stays in the picture', () => {
    const { container } = render(<BankDayPicture day={day([interval([0, 24], 90, 4)])} />);
    const line = container.querySelector('path.need')?.getAttribute('d') ?? '';
    const height = +(/^M[\d.]+ ([\d.]+)H/.exec(line)?.[1] ?? '-1');
    expect(height).toBeGreaterThanOrEqual(26);
    expect(height).toBeLessThan(60);
});

test('a line is drawn for every step of the bank and for none on', () => {
    const { container } = render(<BankDayPicture day={day([interval([0, 24], 20, 2)])} />);
    expect(container.querySelectorAll('path.step-line')).toHaveLength(5);
});

test('a day without a stretch draws nothing', () => {
    expect(render(<BankDayPicture day={day([])} />).container.textContent).toBe('');
});
