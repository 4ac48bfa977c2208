import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { CircuitRow, Site } from '../api/contract';
import { YardTable } from './YardTable';

afterEach(cleanup);

const row = (more: Partial<CircuitRow>): CircuitRow => ({
    id: 1,
    site_id: 1,
    tag: 'KF-204',
    area: 'Kilns',
    drives: 'Kiln fan',
    rule_book: 'iec',
    worst: 'none',
    stops: 0,
    cautions: 0,
    notes: 0,
    errors: 0,
    output: '37\u00A0kW',
    current: '66\u00A0A',
    starting: 'Star-delta',
    cable: '6 × 6 mm²',
    scpd: '80\u00A0A',
    dial: '38.1\u00A0A',
    updated_at: '',
    ...more,
});
const sites: Site[] = [
    { id: 1, name: 'Larkrigg Mill', rule_book: 'iec', facts: '400 V, 50 Hz, IEC 60364', supply: {}, settings: {}, areas: [], version: 1 },
];

describe('the yard', () => {
    it('lists key figures and the worst findings, and opens a circuit by its tag', () => {
        render(
            <MemoryRouter>
                <YardTable
                    rows={[
                        row({ stops: 1, cautions: 2 }),
                        row({ id: 2, tag: 'DX-1', rule_book: 'nec', starting: 'Wye-delta', output: null, errors: 1 }),
                    ]}
                    sites={sites}
                    sort="tag"
                    down={false}
                    onSort={() => undefined}
                />
            </MemoryRouter>,
        );
        expect(screen.getByRole('link', { name: 'KF-204' }).getAttribute('href')).toBe('/circuits/1/plate');
        expect(
            screen.getByRole('row', { name: /KF-204.*Larkrigg Mill, Kilns.*stops 1.*cautions 2.*37.kW.*66.A.*Star-delta.*38\.1.A/ }),
        ).toBeTruthy();
        expect(screen.getByRole('row', { name: /DX-1.*1 field.*–.*Wye-delta/ })).toBeTruthy();
    });

    it('sorts up first, then down', () => {
        const onSort = vi.fn();
        const show = (sort: string, down: boolean) =>
            render(
                <MemoryRouter>
                    <YardTable rows={[row({})]} sites={sites} sort={sort} down={down} onSort={onSort} />
                </MemoryRouter>,
            );
        show('tag', false);
        expect(screen.getByRole('columnheader', { name: /Tag/ }).getAttribute('aria-sort')).toBe('ascending');
        fireEvent.click(screen.getByRole('button', { name: /Output/ }));
        expect(onSort).toHaveBeenLastCalledWith('output', false);
        fireEvent.click(screen.getByRole('button', { name: /Tag/ }));
        expect(onSort).toHaveBeenLastCalledWith('tag', true);
    });
});
