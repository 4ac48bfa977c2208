import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Reading } from '../../api/contract';
import { figure } from '../../testing';
import { person, serve, showBenchTo } from '../../testing.service';
import { KeptReadings } from './KeptReadings';
import { MoneyView } from './MoneyView';
import { TrialView } from './TrialView';

const reading = (more: Partial<Reading> = {}): Reading => ({
    id: 3,
    kind: 'power',
    load_percent: '75',
    simulated: false,
    document: {},
    method: 'volts_amps_watts',
    instrument: 'clamp 7',
    note: '',
    core: '0',
    taken_at: '2026-11-26T08:00:00Z',
    taken_by: 'Shift electrician A',
    values: {},
    figures: [
        figure('measured.voltage', 400, '400 V'),
        figure('measured.current', 48.2, '48.2 A'),
        figure('measured.real', 30000, '30 kW'),
    ],
    withdrawn: null,
    ...more,
});

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

describe('the money', () => {
    it('of a year stands load by load, with the bill before and after', () => {
        serve({});
        showBenchTo(person('electrician'), <MoneyView />, {
            curves: {
                money: {
                    rows: [
                        { load: '75 %', hours: '4000 h', power: '29.6 kW', energy: '118 MWh', cost: '14 200' },
                        { load: '30 %', hours: '1000 h', power: '12.4 kW', energy: '12.4 MWh', cost: '' },
                    ],
                    energy: '',
                    form: '',
                    bill: [{ label: 'Reactive energy', before: '820', after: '0', saved: '820' }],
                },
            },
            figures: [figure('correct.payback', 1.4, '1.4 years', { label: 'Payback of the correction' })],
        });
        expect(screen.getByText('14 200')).toBeTruthy();
        // What no price is known for costs nothing that could be told.
        expect(screen.getAllByText('–').length).toBeGreaterThan(0);
        expect(screen.getByText('Reactive energy')).toBeTruthy();
        expect(screen.getByText('1.4 years')).toBeTruthy();
        expect(screen.queryByText('Savings per year from the better motor')).toBeNull();
    });

    it('asks for hours and says where prices are typed', () => {
        serve({});
        showBenchTo(person('electrician'), <MoneyView />);
        expect(screen.getByRole('link', { name: 'sites' }).getAttribute('href')).toBe('/setup');
    });
});

describe('a reading that is kept', () => {
    it('is taken as the one after fitting: volts, amperes and watts at once', () => {
        serve({});
        const { set } = showBenchTo(person('electrician'), <KeptReadings />, {}, { readings: [reading()] });
        fireEvent.click(screen.getByRole('button', { name: /Use the reading of/ }));
        expect(set.mock.calls).toEqual([
            ['correction.after_volts', '400'],
            ['correction.after_amps', '48.2'],
            ['correction.after_watts', '30000'],
        ]);
    });

    it('that was withdrawn, lacks one of the three, or holds volts to neutral, is not offered', () => {
        serve({});
        const readings = [
            reading({ withdrawn: { at: '', by: '', why: 'wrong clamp' } }),
            reading({ id: 4, figures: [figure('measured.current', 48.2, '48.2 A')] }),
            reading({ id: 5, figures: [...reading().figures, figure('waveform.rms_v2', 231, '231 V')] }),
        ];
        showBenchTo(person('electrician'), <KeptReadings />, {}, { readings });
        expect(screen.queryByRole('button', { name: /Use the reading of/ })).toBeNull();
        cleanup();
        showBenchTo(person('viewer'), <KeptReadings />, {}, { readings: [reading()], readOnly: true });
        expect(screen.queryByRole('button', { name: /Use the reading of/ })).toBeNull();
    });
});

describe('the trial', () => {
    it('goes step by step for so many minutes, and keeps hands away', () => {
        serve({});
        showBenchTo(person('electrician'), <TrialView />, {
            curves: { trial: { minutes: 10, steps: ['Isolate and prove dead.', 'Clamp the capacitor behind the contactor.'] } },
        });
        expect(screen.getByText('Test run: 10 minutes at most, before permanent wiring')).toBeTruthy();
        expect(screen.getByText('Isolate and prove dead.')).toBeTruthy();
        expect(screen.getByText(/Keep everyone away from bare clips/)).toBeTruthy();
    });

    it('waits for a capacitor', () => {
        serve({});
        showBenchTo(person('electrician'), <TrialView />);
        expect(screen.getByText(/once a capacitor is chosen/)).toBeTruthy();
    });
});
