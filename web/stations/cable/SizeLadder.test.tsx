import { render, screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { SizeLadder } from '../../api/contract';
import { shown } from '../../testing';
import { SizeLadderPicture } from './SizeLadder';

const row = (size: string, ampacity: number, fails: SizeLadder['rows'][number]['fails'], chosen = false): SizeLadder['rows'][number] => ({
    size,
    ampacity: shown(ampacity, `${ampacity} A`),
    drop: shown(2, '2 %'),
    starting_drop: shown(6, '6 %'),
    fails,
    rejected_by: fails.join(', '),
    chosen,
});

describe('the size ladder', () => {
    it('says in words what rejects each size, for those who cannot see it', () => {
        const ladder: SizeLadder = {
            required: shown(66, '66 A'),
            drop_limit: shown(5, '5 %'),
            starting_drop_limit: shown(15, '15 %'),
            installed: false,
            faults: false,
            rows: [
                row('6 mm²', 43, ['ampacity', 'terminals', 'running drop']),
                row('10 mm²', 60, ['terminals']),
                row('16 mm²', 80, [], true),
                row('25 mm²', 101, []),
            ],
        };
        render(<SizeLadderPicture title="Sizes" name="sizes" ladder={ladder} />);
        const table = within(screen.getByRole('table'));
        expect(table.getByRole('row', { name: /^10 mm².*rejected: terminals/ })).toBeTruthy();
        expect(table.getByRole('row', { name: /^16 mm².*smallest that passes/ })).toBeTruthy();
        expect(screen.getByText('✕ ampacity, terminals, drop')).toBeTruthy();
        expect(screen.getByText('✓ smallest that passes')).toBeTruthy();
    });
});
