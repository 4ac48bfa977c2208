import { cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { ConnectionCurve } from '../../api/contract';
import { inDelta, shown, showOnBench, solution } from '../../testing';
import { ConnectionPicture } from './ConnectionPicture';

afterEach(cleanup);

const delta: ConnectionCurve = {
    ...inDelta,
    other: { connection: 'star', volts: '690 V', winding_volts: shown(230.94, '231 V') },
};
const nema: ConnectionCurve = { ...delta, starts: ['T1', 'T2', 'T3'], ends: ['T6', 'T4', 'T5'] };

describe('the terminal box', () => {
    it('links U1 to W2, V1 to U2 and W1 to V2 in delta, and says what star would do', () => {
        showOnBench(<ConnectionPicture />, {}, solution({ curves: { connection: delta } }));
        expect(screen.getByRole('row', { name: 'Links U1–W2, V1–U2, W1–V2' })).toBeTruthy();
        expect(screen.getByText('Star would give too little: 231 V per winding')).toBeTruthy();
    });

    it('uses T1 to T6 under the NEC: T1–T6, T2–T4, T3–T5', () => {
        showOnBench(<ConnectionPicture />, {}, solution({ rule_book: 'nec', words: { star: 'wye' }, curves: { connection: nema } }));
        expect(screen.getByRole('row', { name: 'Links T1–T6, T2–T4, T3–T5' })).toBeTruthy();
        expect(screen.getByText('Wye would give too little: 231 V per winding')).toBeTruthy();
    });

    it('warns of delta where the motor runs in star', () => {
        showOnBench(
            <ConnectionPicture />,
            {},
            solution({
                curves: {
                    connection: {
                        ...delta,
                        connection: 'star',
                        winding_volts: shown(230.94, '231 V'),
                        other: { connection: 'delta', volts: '230 V', winding_volts: shown(400, '400 V') },
                    },
                },
            }),
        );
        expect(screen.getByRole('row', { name: 'Links W2–U2–V2 linked' })).toBeTruthy();
        expect(screen.getByText('Delta would burn the winding: 400 V on a 230 V winding')).toBeTruthy();
    });

    it('draws no links that it does not know', () => {
        showOnBench(<ConnectionPicture />, {}, solution({ curves: { connection: { ...delta, connection: 'single', other: null } } }));
        expect(screen.getByText(/Enter D or Y with it/)).toBeTruthy();
        expect(document.querySelector('svg')).toBeNull();
    });
});
