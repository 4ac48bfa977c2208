import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { CircuitRow, Register } from '../api/contract';
import { circuitRow, site } from '../testing';
import Yard from './Yard';

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

const sites = [site(), site({ id: 2, name: 'Cold Brook Yard', rule_book: 'nec', facts: '480Y/277 V, 60 Hz, NEC', areas: ['Dust'] })];
const fan = circuitRow({ id: 7 });

/** A service with one circuit; what it was asked, in order. */
function service(role: 'electrician' | 'planner', rows: readonly CircuitRow[] = [fan], groups: Register['groups'] = []) {
    const asked: string[] = [];
    vi.stubGlobal('fetch', (path: string, init: RequestInit) => {
        asked.push(`${init.method ?? 'GET'} ${path}`);
        const register: Register = { circuits: [...rows], total: rows.length, page: 1, page_size: 100, groups };
        const body = path.includes('/session')
            ? { person: { id: 1, name: 'Shift electrician A', login: 'a', role, standing_read: true, version: 1 } }
            : path.includes('/sites')
              ? { sites }
              : path.includes('/restore')
                ? {}
                : register;
        return Promise.resolve(new Response(JSON.stringify(body), { status: 200, headers: { 'Content-Type': 'application/json' } }));
    });
    return asked;
}

const show = (at: string | { pathname: string; state: unknown } = '/') =>
    render(
        <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
            <MemoryRouter initialEntries={[at]}>
                <Yard />
            </MemoryRouter>
        </QueryClientProvider>,
    );

describe('the yard', () => {
    it('asks for which site a new circuit is, with its volts and rule book, and lets one think better of it', async () => {
        service('electrician');
        show();
        fireEvent.click(await screen.findByRole('button', { name: 'New circuit' }));
        expect(await screen.findByRole('button', { name: 'Cold Brook Yard: 480Y/277 V, 60 Hz, NEC' })).toBeTruthy();
        fireEvent.click(screen.getByRole('button', { name: 'Cancel' }));
        await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    });

    it('offers a planner, who only reads, no new circuit', async () => {
        service('planner');
        show();
        expect(await screen.findByRole('link', { name: 'KF-204' })).toBeTruthy();
        expect(screen.queryByRole('button', { name: 'New circuit' })).toBeNull();
    });

    it('says what was archived, and takes it back', async () => {
        const asked = service('electrician');
        show({ pathname: '/', state: { archived: { id: 7, tag: 'KF-204' } } });
        expect(await screen.findByText(/KF-204 is archived/)).toBeTruthy();
        fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
        await waitFor(() => expect(asked).toContain('POST /api/circuits/7/restore'));
        await waitFor(() => expect(screen.queryByText(/KF-204 is archived/)).toBeNull());
    });

    it('finds what is archived, and restores it', async () => {
        const asked = service('electrician');
        show('/?archived=1');
        expect(await screen.findByRole('heading', { name: 'Archived circuits' })).toBeTruthy();
        fireEvent.click(await screen.findByRole('button', { name: 'Restore' }));
        await waitFor(() => expect(asked).toContain('POST /api/circuits/7/restore'));
        expect(asked.some((one) => one.includes('archived=1'))).toBe(true);
        fireEvent.click(screen.getByRole('button', { name: 'Back to the yard' }));
        expect(await screen.findByRole('heading', { name: 'Yard' })).toBeTruthy();
    });

    it('says why it is empty', async () => {
        service('electrician', []);
        show();
        expect(await screen.findByText(/No circuits yet/)).toBeTruthy();
        cleanup();
        service('electrician', []);
        show('/?search=nothing');
        expect(await screen.findByText(/No circuits match/)).toBeTruthy();
    });

    it('offers the areas of the chosen site only', async () => {
        service('electrician');
        show('/?site=2');
        expect(await screen.findByRole('link', { name: 'KF-204' })).toBeTruthy();
        fireEvent.click(screen.getByRole('button', { name: /All areas/ }));
        expect(await screen.findByRole('option', { name: 'Dust' })).toBeTruthy();
        expect(screen.queryByRole('option', { name: 'Kilns' })).toBeNull();
    });

    it('takes an address that it does not understand for the whole yard', async () => {
        const asked = service('electrician');
        show('/?sort=foo&worst=bad&page=-1&nonsense=1');
        expect(await screen.findByRole('link', { name: 'KF-204' })).toBeTruthy();
        expect(asked.filter((one) => one.includes('/circuits'))).toEqual(['GET /api/circuits']);
    });

    it('counts circuits by what protects them, and shows those of one touch alone', async () => {
        const asked = service('electrician', [fan], [{ value: 'gG fuse 100 A', label: 'gG fuse 100 A', count: 7 }]);
        show('/?group=device');
        fireEvent.click(await screen.findByRole('button', { name: '7 gG fuse 100 A' }));
        expect(await screen.findByRole('button', { name: /Device: .*, remove/ })).toBeTruthy();
        await waitFor(() => expect(asked.some((one) => one.includes('device=gG%20fuse%20100%20A'))).toBe(true));
    });
});
