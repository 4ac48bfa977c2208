import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, screen } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, describe, expect, it } from 'vitest';
import type { Arrow, PhasorCurve, WaveformCurves } from '../../api/contract';
import { figure, shown, showOnBench, solution } from '../../testing';
import { ChainView } from './ChainView';
import { HarmonicPicture } from './HarmonicPicture';
import { InstrumentPicture } from './InstrumentPicture';
import { MeasureView } from './MeasureView';
import { PhasorView } from './PhasorView';
import { Schools } from './Schools';
import { WaveformPicture } from './WaveformPicture';
import { WindingsView } from './WindingsView';

afterEach(cleanup);

const withQueries = (part: ReactNode) => <QueryClientProvider client={new QueryClient()}>{part}</QueryClientProvider>;

describe('where the instruments stand', () => {
    it('joins two wattmeters to the common line', () => {
        showOnBench(<InstrumentPicture />, { measure: { method: 'two_wattmeters', common: '3' } }, solution());
        expect(screen.getByRole('row', { name: 'Wattmeter, current coil in L1 voltage coil from L1 to L3' })).toBeTruthy();
        expect(screen.getByRole('row', { name: 'Wattmeter, current coil in L2 voltage coil from L2 to L3' })).toBeTruthy();
    });

    it('puts the voltage coil of one wattmeter where it is said to stand', () => {
        showOnBench(<InstrumentPicture />, { measure: { method: 'one_wattmeter', wattmeter: 'other_lines', line: '2' } }, solution());
        expect(screen.getByRole('row', { name: 'Wattmeter, current coil in L2 voltage coil from L3 to L1' })).toBeTruthy();
    });

    it('puts a known capacitor across the load, never into its line', () => {
        showOnBench(<InstrumentPicture />, { supply: { phases: '1' }, measure: { method: 'clamp_capacitor' } }, solution());
        expect(screen.getByRole('row', { name: 'Capacitor L1 to N' })).toBeTruthy();
        expect(screen.getByRole('row', { name: 'Voltmeter L1 to N' })).toBeTruthy();
    });

    it('takes three elements in delta for three lines, and two probes for a screen', () => {
        const { unmount } = showOnBench(<InstrumentPicture />, { measure: { method: 'before_after' } }, solution());
        expect(screen.getAllByRole('row', { name: /^Capacitor/ }).map((row) => row.textContent)).toEqual([
            'CapacitorL1 to L2',
            'CapacitorL2 to L3',
            'CapacitorL3 to L1',
        ]);
        unmount();
        showOnBench(<InstrumentPicture />, { measure: { method: 'scope_screen' } }, solution());
        expect(screen.getByRole('row', { name: 'Voltage probe L1 to N' })).toBeTruthy();
        expect(screen.getByRole('row', { name: 'Current probe or shunt L1' })).toBeTruthy();
    });

    it('has a neutral and one line for one phase', () => {
        showOnBench(<InstrumentPicture />, { supply: { phases: '1' }, measure: { method: 'volts_amps_watts' } }, solution());
        expect(screen.getByRole('row', { name: 'Voltmeter L1 to N' })).toBeTruthy();
        expect(screen.queryByText('L2')).toBeNull();
    });
});

describe('measuring', () => {
    it('shows the load with its band, and what else follows', () => {
        showOnBench(
            withQueries(<MeasureView />),
            { measure: { method: 'volts_amps' } },
            solution({
                figures: [
                    figure('measured.load_by_slip', 55, '55 %'),
                    figure('measured.load_by_slip_low', 44, '44 %'),
                    figure('measured.load_by_slip_high', 66, '66 %'),
                    figure('measured.current_unbalance', 3, '3 %'),
                ],
            }),
        );
        expect(screen.getByText('between 44 % and 66 %')).toBeTruthy();
        expect(screen.getByRole('row', { name: /Current unbalance 3/ })).toBeTruthy();
        expect(screen.getByText(/by qualified persons only/)).toBeTruthy();
    });

    it('teaches the next step while nothing is chosen', () => {
        showOnBench(withQueries(<MeasureView />), {}, solution());
        expect(screen.getByText(/Choose your instrument/)).toBeTruthy();
    });
});

describe('phasors', () => {
    const arrows: Arrow[] = [
        { name: 'V1N', of: 'phase voltage', size: 231, angle: 0, shown: '231 V at 0°' },
        { name: 'V12', of: 'line voltage', size: 400, angle: 30, shown: '400 V at 30°' },
        { name: 'I1', of: 'line current', size: 66, angle: -31.8, shown: '66 A at −31.8°' },
    ];
    const curve: PhasorCurve = {
        from: 'nameplate, at full load',
        angle: 31.8,
        lag: shown(31.8, '31.8°'),
        current: 66,
        volts: 400,
        star: { lagging: arrows, leading: arrows },
        delta: { lagging: arrows, leading: arrows },
    };

    it('say which angle is whose, and turn only on demand', () => {
        showOnBench(<PhasorView />, {}, solution({ curves: { phasors: curve } }));
        expect(screen.getByText(/V12 is 30° ahead of the phase voltage V1N/)).toBeTruthy();
        expect(screen.getByRole('button', { name: 'Rotate' })).toBeTruthy();
        fireEvent.click(screen.getByRole('radio', { name: 'delta' }));
        expect(screen.getByText(/each winding gets the line voltage/)).toBeTruthy();
        expect(screen.getByRole('row', { name: /V12\s400\sV at 30°/ })).toBeTruthy();
    });

    it('wait for voltage, current and power factor', () => {
        showOnBench(<PhasorView />, {}, solution());
        expect(screen.getByText(/to see the phasors/)).toBeTruthy();
    });
});

describe('rule books side by side', () => {
    it('marks the one of this circuit and says where each figure comes from', () => {
        showOnBench(
            <Schools />,
            {},
            solution({
                curves: {
                    schools: [
                        {
                            name: 'IEC 60364',
                            used: true,
                            table: shown(66, '66\u00A0A'),
                            table_from: '37 kW',
                            design: shown(66, '66\u00A0A'),
                            design_from: 'nameplate current',
                        },
                        {
                            name: 'NEC',
                            used: false,
                            table: null,
                            table_from: null,
                            design: null,
                            design_from: 'enter the nameplate current',
                        },
                    ],
                },
            }),
        );
        expect(screen.getByRole('row', { name: /IEC 60364\s*this circuit 66\sA\s*nameplate current/ })).toBeTruthy();
        expect(screen.getByText('enter the nameplate current')).toBeTruthy();
        expect(screen.getByText('no entry for this motor')).toBeTruthy();
    });
});

describe('the chain', () => {
    it('asks a bench load for two of three and draws no motor', () => {
        showOnBench(<ChainView />, { subject: 'bench_load' }, solution());
        expect(screen.getByLabelText('Real power')).toBeTruthy();
        expect(screen.queryByText('Full-load current from three sources')).toBeNull();
        cleanup();
        showOnBench(<ChainView />, {}, solution());
        expect(screen.getByLabelText('Operating load')).toBeTruthy();
        expect(screen.getByText('Full-load current from three sources')).toBeTruthy();
    });
});

describe('windings', () => {
    it('show star beside delta once one of them is known', () => {
        showOnBench(<WindingsView />, {}, solution());
        expect(screen.getByText(/Enter one of the three/)).toBeTruthy();
        cleanup();
        showOnBench(
            <WindingsView />,
            {},
            solution({
                figures: [
                    figure('windings.each', 12, '12 Ω'),
                    figure('windings.star_current', 19.2, '19.2 A'),
                    figure('windings.delta_line_current', 57.7, '57.7 A'),
                ],
            }),
        );
        expect(screen.getByRole('row', { name: 'Line current 19.2 A 57.7 A' })).toBeTruthy();
    });
});

describe('a waveform', () => {
    const wave = (size: number): [number, number][] => [
        [0, 0],
        [0.005, size],
        [0.015, -size],
        [0.04, 0],
    ];
    const curves: WaveformCurves = {
        largest: { v1: '325\u00A0V', i1: '14\u00A0A', power: '4.55\u00A0kW' },
        drawn: '40\u00A0ms',
        whole: '40\u00A0ms',
        shift: '2.2 ms behind',
        detail: { v1: wave(325), i1: wave(14) },
        record: { v1: wave(325), i1: wave(14) },
        power: wave(4550),
        harmonics: {
            i1: [
                { order: 1, rms: 10, percent: 100, angle: 0, shown: '100 %' },
                { order: 5, rms: 2, percent: 20, angle: 0, shown: '20 %' },
            ],
            v1: [{ order: 1, rms: 230, percent: 100, angle: 0, shown: '100 %' }],
        },
        crossings: { v1: 0.002, i1: 0.0042 },
        system: 'single',
        seconds: 0.04,
    };

    it('is drawn with its peaks and its shift', () => {
        showOnBench(<WaveformPicture curves={curves} />, {}, solution());
        expect(screen.getByRole('row', { name: /Voltage, peak 325\sV/ })).toBeTruthy();
        expect(screen.getAllByText('2.2 ms behind')).toHaveLength(2);
    });

    it('has its harmonics beside it', () => {
        showOnBench(
            <HarmonicPicture curves={curves} figure={(key) => (key === 'thd_i1' ? figure('waveform.thd_i1', 20, '20 %') : undefined)} />,
            {},
            solution(),
        );
        expect(screen.getAllByText(/current 20 %, voltage –/)).not.toHaveLength(0);
        expect(screen.getByRole('row', { name: /Order 5 20\s?%/ })).toBeTruthy();
    });
});
