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
                        circuitRow({
                            stops: 1,
                            cautions: 2,
                            worst: 'stop',
                            worst_says: 'The motor stalls at 900 rpm',
                            worst_station: 'start',
                        }),
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
            screen.getByRole('row', {
                name: /KF-204.*Kilns, Larkrigg Mill.*Stop: ?The motor stalls at 900 rpm ?\+2.*37.kW.*66.A.*Star-delta.*gG fuse 80 A.*38\.1.A/,
            }),
        ).toBeTruthy();
        expect(screen.getByRole('link', { name: /The motor stalls/ }).getAttribute('href')).toBe('/circuits/1/start');
        expect(screen.getByRole('row', { name: /DX-1.*1 field.*–.*Wye-delta/ })).toBeTruthy();
    });

    it('sorts a word from A first, a number from the largest, and turns round at the second touch', () => {
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
        expect(onSort).toHaveBeenLastCalledWith('output', true);
        fireEvent.click(screen.getByRole('button', { name: /Tag/ }));
        expect(onSort).toHaveBeenLastCalledWith('tag', true);
    });
});
