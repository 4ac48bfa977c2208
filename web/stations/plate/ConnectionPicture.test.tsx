import { cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { ConnectionCurve } from '../../api/contract';
import { showOnBench, solution } from '../../testing';
import { ConnectionPicture } from './ConnectionPicture';

afterEach(cleanup);

const delta: ConnectionCurve = {
    supply: 400,
    connection: 'delta',
    leads: 6,
    other: 'star',
    other_volts: [690, 690],
    winding_volts: 400,
    other_winding_volts: 230.94,
};

describe('the terminal box', () => {
    it('links U1 to W2, V1 to U2 and W1 to V2 in delta, and says what star would do', () => {
        showOnBench(<ConnectionPicture />, {}, solution({ curves: { connection: delta } }));
        expect(screen.getByRole('row', { name: 'Links U1–W2, V1–U2, W1–V2' })).toBeTruthy();
        expect(screen.getByText('Star here would starve it: 231 V a winding')).toBeTruthy();
    });

    it('uses T1 to T6 under the NEC: T1–T6, T2–T4, T3–T5', () => {
        showOnBench(<ConnectionPicture />, {}, solution({ rule_book: 'nec', words: { star: 'wye' }, curves: { connection: delta } }));
        expect(screen.getByRole('row', { name: 'Links T1–T6, T2–T4, T3–T5' })).toBeTruthy();
        expect(screen.getByText('Wye here would starve it: 231 V a winding')).toBeTruthy();
    });

    it('warns of delta where the motor runs in star', () => {
        showOnBench(
            <ConnectionPicture />,
            {},
            solution({
                curves: {
                    connection: {
                        supply: 400,
                        connection: 'star',
                        leads: 6,
                        other: 'delta',
                        other_volts: [230, 230],
                        winding_volts: 230.94,
                        other_winding_volts: 400,
                    },
                },
            }),
        );
        expect(screen.getByRole('row', { name: 'Links W2–U2–V2 together' })).toBeTruthy();
        expect(screen.getByText('Delta here would burn it: 400 V on a 230 V winding')).toBeTruthy();
    });

    it('draws no links that it does not know', () => {
        showOnBench(
            <ConnectionPicture />,
            {},
            solution({ curves: { connection: { ...delta, connection: 'single', other: null, other_volts: null } } }),
        );
        expect(screen.getByText(/Type D or Y with it/)).toBeTruthy();
        expect(document.querySelector('svg')).toBeNull();
    });
});
