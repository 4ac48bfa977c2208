import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, test, vi } from 'vitest';
import type { ReadingKind, SimulatedReading } from '../../api/contract';
import { figure, showOnBench, solution } from '../../testing';
import { InstrumentPanel } from './InstrumentPanel';

type Read = (kind: ReadingKind, where: 'line' | 'motor' | null) => Promise<SimulatedReading>;

const volts: SimulatedReading = {
    kind: 'supply_voltage',
    load_percent: '100',
    instrument: 'Power analyser',
    values: { volts_12: '398.6', volts_23: '399.1', volts_31: '398.9' },
    comparison: null,
};

const withCapacitor = solution({ figures: [figure('correct.capacitor_rating', 12500, '12.5 kvar')] });

const show = (read: Read, keep?: (reading: SimulatedReading) => Promise<void>, solved = solution(), readOnly = false) =>
    showOnBench(<InstrumentPanel read={read} {...(keep === undefined ? {} : { keep })} />, {}, solved, { readOnly });

test('it says before anything is read that it proves nothing of the real circuit', () => {
    show(vi.fn<Read>());
    expect(screen.getByText('Simulated reading. It proves nothing about the real circuit.')).toBeTruthy();
    expect(screen.getByText(/no reading yet/)).toBeTruthy();
});

test('a reading is shown with its units, settles, and can then be kept', async () => {
    const keep = vi.fn(() => Promise.resolve());
    show(() => Promise.resolve(volts), keep);
    await userEvent.click(screen.getByRole('button', { name: 'Read' }));
    const face = within(await screen.findByLabelText('Power analyser shows'));
    expect(face.getByText(/398\.6/)).toBeTruthy();
    expect(face.getByText(/399\.1/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Save' })).toBeNull();
    await userEvent.click(await screen.findByRole('button', { name: 'Save' }, { timeout: 3000 }));
    expect(keep).toHaveBeenCalledWith(volts);
    expect(await screen.findByText('Saved, marked as simulated.')).toBeTruthy();
});

test('without a capacitor both places in the lines are one', async () => {
    const read = vi.fn<Read>(() => Promise.resolve({ ...volts, kind: 'line_current' }));
    show(read);
    await userEvent.click(screen.getByRole('button', { name: 'In the lines' }));
    await userEvent.click(screen.getByRole('button', { name: 'Read' }));
    expect(read).toHaveBeenLastCalledWith('line_current', 'motor');
    expect(screen.queryByRole('button', { name: 'At the capacitor' })).toBeNull();
});

test('with one, before and behind it are told apart', async () => {
    const read = vi.fn<Read>(() => Promise.resolve({ ...volts, kind: 'line_current' }));
    show(read, undefined, withCapacitor);
    await userEvent.click(screen.getByRole('button', { name: 'In the lines' }));
    await userEvent.click(screen.getByRole('button', { name: 'Read' }));
    expect(read).toHaveBeenLastCalledWith('line_current', 'line');
    await userEvent.click(screen.getByRole('button', { name: 'Before the motor' }));
    await userEvent.click(screen.getByRole('button', { name: 'Read' }));
    expect(read).toHaveBeenLastCalledWith('line_current', 'motor');
    expect(screen.getByRole('button', { name: 'At the capacitor' })).toBeTruthy();
});

test('an instrument that cannot be read says why, and shows no value', async () => {
    show(() => Promise.reject(new Error('The motor does not run: nothing turns to be timed.')));
    await userEvent.click(screen.getByRole('button', { name: 'Read' }));
    expect(await screen.findByText('The motor does not run: nothing turns to be timed.')).toBeTruthy();
    expect(screen.getByText(/no reading yet/)).toBeTruthy();
});

test('what could not be kept is still on its face', async () => {
    show(
        () => Promise.resolve(volts),
        () => Promise.reject(new Error('Cannot reach the server.')),
    );
    await userEvent.click(screen.getByRole('button', { name: 'Read' }));
    await userEvent.click(await screen.findByRole('button', { name: 'Save' }, { timeout: 3000 }));
    expect(await screen.findByText('Cannot reach the server.')).toBeTruthy();
    expect(screen.getByText(/398\.6/)).toBeTruthy();
});

test('another point of the circuit begins anew', async () => {
    show(() => Promise.resolve(volts));
    await userEvent.click(screen.getByRole('button', { name: 'Read' }));
    await screen.findByText(/398\.6/);
    await userEvent.click(screen.getByRole('button', { name: 'On the shaft' }));
    expect(screen.queryByText(/398\.6/)).toBeNull();
    expect(screen.getByText(/no reading yet/)).toBeTruthy();
});
