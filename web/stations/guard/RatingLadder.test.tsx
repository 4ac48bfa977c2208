import { cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { RatingsCurve } from '../../api/contract';
import { choices, shown, showOnBench, solution } from '../../testing';
import { RatingLadder } from './RatingLadder';

afterEach(cleanup);

const rating = (amperes: number, carries: boolean, allowed: boolean, reason: string): RatingsCurve['rows'][number] => ({
    rating: shown(amperes, `${amperes} A`),
    carries,
    allowed,
    reason,
});

describe('the ladder of ratings', () => {
    it('says of every rating why it is right or not', () => {
        const ratings: RatingsCurve = {
            device: 'fuse_gg',
            start: 'the start takes 462 A for 3 s',
            current: shown(66, '66 A'),
            limit: null,
            maximum: null,
            chosen: 125,
            rows: [
                rating(63, false, true, 'below the motor current'),
                rating(100, false, true, 'carries 380.6 A for 3 s, the start takes 462 A'),
                rating(125, true, true, 'carries 477.1 A for 3 s'),
            ],
        };
        showOnBench(
            <RatingLadder />,
            {},
            solution({ curves: { ratings }, fields: { 'guard.scpd': { choices: choices(['fuse_gg', 'gG fuse']) } } }),
        );
        expect(screen.getAllByText('gG fuse: ratings that carry the start and that the code allows').length).toBeGreaterThan(0);
        expect(screen.getByText('✕ carries 380.6 A for 3 s, the start takes 462 A')).toBeTruthy();
        expect(screen.getByText('✓ carries 477.1 A for 3 s')).toBeTruthy();
        expect(screen.getByRole('row', { name: '63 A below the motor current' })).toBeTruthy();
    });

    it('draws nothing where Guard waits', () => {
        const { container } = showOnBench(<RatingLadder />, {}, solution());
        expect(container.querySelector('svg')).toBeNull();
    });
});
