import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { AfterCurve, Reading, ResonanceCurve } from '../../api/contract';
import { figure, showOnBench, shown, solution } from '../../testing';
import { AfterView } from './AfterView';
import { ResonancePicture } from './ResonancePicture';

afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
});

const curve: AfterCurve = {
    rows: [{ label: 'Current', before: '6.4 A', after: '4.26 A', expected: '4.19 A' }],
    before: { real: shown(960, '960 W'), reactive: shown(1116, '1.12 kvar'), current: shown(6.4, '6.4 A'), in_phase: 4.17, behind: 4.85 },
    after: { real: shown(962, '962 W'), reactive: shown(207, '207 var'), current: shown(4.26, '4.26 A'), in_phase: 4.16, behind: 0.9 },
};

const kept = (id: number, figures: Reading['figures'], withdrawn: Reading['withdrawn'] = null): Reading =>
    ({
        id,
        method: 'volts_amps_watts',
        instrument: `clamp ${id}`,
        note: '',
        taken_at: '2026-11-02T14:05:00Z',
        taken_by: 'A',
        figures,
        withdrawn,
    }) as unknown as Reading;

const power = [figure('measured.voltage', 231, '231 V'), figure('measured.current', 4.26, '4.26 A'), figure('measured.real', 962, '962 W')];

function show(readings: readonly Reading[], set = vi.fn()) {
    const figures = [figure('correct.after_verdict', 'agrees', 'agrees'), figure('measured.real', 960, '960 W')];
    showOnBench(<AfterView />, {}, solution({ figures, curves: { after_fitting: curve } }), {
        set,
        readings,
        place: { circuit: 7, site: 1, settings: {}, flush: () => Promise.resolve(1) },
    });
    return set;
}

describe('after fitting', () => {
    it('puts both readings beside what was to be expected', () => {
        show([]);
        expect(screen.getByText('✓ The capacitor works as calculated.')).toBeTruthy();
        expect(screen.getByRole('row', { name: 'Current 6.4 A 4.26 A 4.19 A' })).toBeTruthy();
        expect(screen.getByRole('img', { name: /Currents before and after/ }).textContent).toContain('after 4.26 A');
    });

    it('takes a reading that is kept, never a withdrawn one or one of three lines to neutral', () => {
        const lines = [
            ...power.slice(1),
            figure('measured.voltage', 231, '231 V'),
            { ...power[0], key: 'waveform.rms_v2' },
        ] as Reading['figures'];
        const set = show([kept(1, power), kept(2, power, { by: 'B', why: 'wrong range', at: '' }), kept(3, lines)]);
        fireEvent.click(screen.getByRole('button', { name: /as the one with the capacitor on/ }));
        expect(set.mock.calls).toEqual([
            ['correction.after_volts', '231'],
            ['correction.after_amps', '4.26'],
            ['correction.after_watts', '962'],
        ]);
        expect(screen.getAllByRole('button', { name: /as the one with the capacitor on/ })).toHaveLength(1);
    });
});

describe('the resonance', () => {
    it('tells what the usual harmonics meet', () => {
        const resonance: ResonanceCurve = {
            order: shown(6.9, '6.9'),
            detuned: false,
            points: [1, 5, 7, 11].map((order) => ({ order, times: order === 7 ? 22.5 : 1.4 })),
        };
        showOnBench(<ResonancePicture />, {}, solution({ curves: { resonance } }));
        expect(screen.getAllByText(/resonance near 6\.9/).length).toBeGreaterThan(0);
        expect(screen.getByRole('row', { name: 'Order 7 22.5 times the impedance of the supply alone' })).toBeTruthy();
    });
});
