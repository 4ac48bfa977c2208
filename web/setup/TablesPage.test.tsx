import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Person, TablesAnswer } from '../api/contract';
import TablesPage from './TablesPage';

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

const entry = {
    path: 'cec.t4_al_raceway.rows.8.90',
    table: 'CE Code Tables 2 and 4',
    edition: '2021',
    unit: 'A',
    place: 'aluminium, 8, column 90',
    value: 45,
    shown: '45',
    reason: 'less sure than the rest',
};
const answer: TablesAnswer = {
    site: { id: 3, name: 'Otter Narrows Mill', rule_book: 'cec', facts: '', supply: {}, settings: {}, areas: [], version: 2 },
    doubts: [{ ...entry, circuits: 2 }],
    corrections: [],
    recompute: { done: 200, total: 1200, state: 'under_way' },
};

function show(role: Person['role'], after: TablesAnswer = answer) {
    const sent: { method: string; path: string; body: unknown }[] = [];
    const person: Person = { id: 1, name: 'Someone else', login: 'somebody', role, active: true, standing_read: true, version: 1 };
    vi.stubGlobal('fetch', (path: string, init: RequestInit) => {
        const method = init.method ?? 'GET';
        if (method !== 'GET') {
            sent.push({ method, path, body: typeof init.body === 'string' ? JSON.parse(init.body) : null });
        }
        const body = path.endsWith('/session') ? { person } : method === 'GET' ? answer : after;
        return Promise.resolve(new Response(JSON.stringify(body), { status: 200, headers: { 'Content-Type': 'application/json' } }));
    });
    render(
        <QueryClientProvider client={new QueryClient()}>
            <MemoryRouter initialEntries={['/sites/3/tables']}>
                <Routes>
                    <Route path="/sites/:id/tables" element={<TablesPage />} />
                </Routes>
            </MemoryRouter>
        </QueryClientProvider>,
    );
    return sent;
}

describe('the tables of a site', () => {
    it('confirm an entry that stands as printed', async () => {
        const settled = {
            ...entry,
            shipped: '45',
            confirmed: true,
            by: 'Administrator',
            on: '2026-11-26',
            why: 'CE Code 2021',
            page: '377',
        };
        const sent = show('administrator', { ...answer, doubts: [], corrections: [settled], recompute: null });
        fireEvent.change(await screen.findByLabelText('Edition and reason'), { target: { value: 'CE Code 2021' } });
        fireEvent.change(screen.getByLabelText('Page'), { target: { value: '377' } });
        fireEvent.click(screen.getByRole('button', { name: 'Confirm' }));
        await waitFor(() => expect(screen.getByText(/Confirmed by Administrator on 2026-11-26, page 377/)).toBeTruthy());
        expect(sent[0]?.body).toEqual({ path: entry.path, value: 45, page: '377', why: 'CE Code 2021', version: 2 });
    });

    it('call it a correction once another value is typed', async () => {
        show('administrator');
        fireEvent.change(await screen.findByLabelText('Printed value'), { target: { value: '50' } });
        expect(screen.getByRole('button', { name: 'Correct' })).toBeTruthy();
    });

    it('say how far the circuits are solved anew, and let it be called off', async () => {
        const sent = show('administrator');
        expect(await screen.findByText(/200 of 1200/)).toBeTruthy();
        fireEvent.click(await screen.findByRole('button', { name: 'Cancel' }));
        await waitFor(() => expect(sent[0]?.method).toBe('DELETE'));
    });

    it('are only read by those who do not set up sites', async () => {
        show('viewer');
        expect(await screen.findByText(/Used by 2 circuits/)).toBeTruthy();
        expect(screen.queryByRole('button', { name: 'Confirm' })).toBeNull();
        expect(screen.queryByRole('button', { name: 'Cancel' })).toBeNull();
    });
});
