import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { circuitRow, site } from '../testing';
import { YardTable } from './YardTable';

afterEach(cleanup);

const sites = [site()];

describe('the yard', () => {
    it('lists key figures and the worst findings, and opens a circuit by its tag', () => {
        render(
            <MemoryRouter>
                <YardTable
                    rows={[
                        circuitRow({ stops: 1, cautions: 2 }),
                        circuitRow({ id: 2, tag: 'DX-1', rule_book: 'nec', starting: 'Wye-delta', output: null, errors: 1 }),
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
            screen.getByRole('row', { name: /KF-204.*Kilns.*Larkrigg Mill.*stops 1.*cautions 2.*37.kW.*66.A.*Star-delta.*38\.1.A/ }),
        ).toBeTruthy();
        expect(screen.getByRole('row', { name: /DX-1.*1 field.*–.*Wye-delta/ })).toBeTruthy();
    });

    it('sorts up first, then down', () => {
        const onSort = vi.fn();
        const show = (sort: string, down: boolean) =>
            render(
                <MemoryRouter>
                    <YardTable rows={[circuitRow({})]} sites={sites} sort={sort} down={down} onSort={onSort} />
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
