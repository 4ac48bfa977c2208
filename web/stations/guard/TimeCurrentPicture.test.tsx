import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { TimeCurrentCurve } from '../../api/contract';
import { shown } from '../../testing';
import { TimeCurrentPicture } from './TimeCurrentPicture';

afterEach(cleanup);

const curve: TimeCurrentCurve = {
    amperes: [50, 5000],
    seconds: [0.01, 10000],
    device: {
        name: 'gG fuse 100 A',
        asks: '',
        lower: [
            [125, 7200],
            [290, 10],
            [820, 0.1],
        ],
        upper: [
            [160, 7200],
            [580, 5],
            [1450, 0.1],
        ],
    },
    setting: null,
    relay: { name: 'Overload relay, class 10', asks: '', lower: [], upper: [] },
    feeder: null,
    traces: [
        {
            kind: 'start',
            name: 'The start',
            points: [
                [392, 0.02],
                [392, 2.5],
                [56, 2.5],
                [56, 10000],
            ],
        },
    ],
    first_peak: shown(690, '690 A'),
    rotor: { amperes: shown(392, '392 A'), seconds: shown(12, '12 s'), usual: true },
    smallest: shown(700, '700 A'),
    largest: shown(4000, '4000 A'),
    readings: [
        { amperes: shown(50, '50 A'), says: [{ name: 'gG fuse 100 A', text: 'holds 2 h and need not act' }] },
        { amperes: shown(500, '500 A'), says: [{ name: 'gG fuse 100 A', text: 'acts after 0.8 s to 9 s' }] },
    ],
    checks: [],
};

describe('time and current', () => {
    it('reads every line off at one current', () => {
        render(<TimeCurrentPicture curve={curve} />);
        expect(screen.getByText(/Slide to read/)).toBeTruthy();
        fireEvent.change(screen.getByRole('slider'), { target: { value: '1' } });
        expect(screen.getByText('At 500 A')).toBeTruthy();
        expect(screen.getByText('acts after 0.8 s to 9 s')).toBeTruthy();
    });

    it('says that a locked-rotor time is taken as usual, and at which faults devices must act', () => {
        render(<TimeCurrentPicture curve={curve} />);
        expect(screen.getByText(/withstand: 392 A for 12 s \(assumed\)/)).toBeTruthy();
        expect(screen.getByText('minimum fault 700 A')).toBeTruthy();
        expect(screen.getByText('maximum fault 4000 A')).toBeTruthy();
    });

    it('draws a band between both edges, and only limits where a standard gives no more', () => {
        const { container } = render(<TimeCurrentPicture curve={curve} />);
        expect(container.querySelector('path.device')?.getAttribute('d')).toMatch(/Z$/);
        cleanup();
        const limits = { ...curve.device, lower: [], asks: 'the maker’s curve is wanted' };
        const other = render(<TimeCurrentPicture curve={{ ...curve, device: limits }} />).container;
        expect(other.querySelector('path.device')?.getAttribute('d')).not.toMatch(/Z$/);
        expect(other.querySelectorAll('circle.device')).toHaveLength(3);
    });
});
