import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { showOnBench, solution } from '../../testing';
import PlateStation from './PlateStation';
import { ReplacementView } from './ReplacementView';

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

const place = { circuit: 1, site: 1, settings: {}, flush: () => Promise.resolve(1) };
const withQueries = (part: ReactNode) => <QueryClientProvider client={new QueryClient()}>{part}</QueryClientProvider>;

/** A service of canned answers by path; it remembers what was sent. */
function service(answers: Record<string, unknown>) {
    const sent: { method: string; path: string; type: string | null }[] = [];
    vi.stubGlobal('fetch', (path: string, init: RequestInit) => {
        sent.push({ method: init.method ?? 'GET', path, type: new Headers(init.headers).get('Content-Type') });
        const found = Object.entries(answers).find(([key]) => path.startsWith(`/api/${key}`));
        return Promise.resolve(
            new Response(JSON.stringify(found?.[1] ?? {}), {
                status: found === undefined ? 404 : 200,
                headers: { 'Content-Type': 'application/json' },
            }),
        );
    });
    return sent;
}

describe('a replacement', () => {
    it('is typed, and every point has its verdict in words', async () => {
        service({
            'sites/1/spares': { spares: [] },
            circuits: { circuits: [], total: 0, page: 1, page_size: 100 },
            solve: solution(),
            replacement: {
                verdict: 'stop',
                sentence: 'It does not fit: speed.',
                points: [
                    { point: 'Speed', present: '1482 rpm', offered: '2950 rpm', verdict: 'stop', text: '2 poles instead of 4.' },
                    { point: 'Frame', present: '225S', offered: 'not specified', verdict: 'unknown', text: '' },
                ],
                errors: [],
            },
        });
        showOnBench(withQueries(<ReplacementView />), {}, solution(), { place });
        expect(screen.getByText(/This circuit does not change/)).toBeTruthy();
        fireEvent.click(screen.getByRole('button', { name: 'Enter a nameplate' }));
        await waitFor(() => expect(screen.getByText('It does not fit: speed.')).toBeTruthy());
        expect(screen.getByRole('row', { name: 'Speed 1482 rpm 2950 rpm stop 2 poles instead of 4.' })).toBeTruthy();
        expect(screen.getByRole('row', { name: /Frame 225S not specified not known/ })).toBeTruthy();
    });
});

describe('the photograph', () => {
    it('is sent as it is, and one that is too large is not sent at all', async () => {
        const sent = service({ 'circuits/1/photograph': { photograph: null } });
        showOnBench(withQueries(<PlateStation />), {}, solution(), { place });
        // Only once it is known whether there is one: none is replaced unseen.
        await waitFor(() => expect(document.querySelector('input[type=file]')).not.toBeNull());
        const input = document.querySelector('input[type=file]');
        fireEvent.change(input as Element, { target: { files: [new File(['x'], 'plate.jpg', { type: 'image/jpeg' })] } });
        await waitFor(() =>
            expect(sent.find(({ method }) => method === 'PUT')).toMatchObject({ path: '/api/circuits/1/photograph', type: 'image/jpeg' }),
        );
        const large = new File(['x'], 'large.jpg', { type: 'image/jpeg' });
        Object.defineProperty(large, 'size', { value: 13_000_000 });
        fireEvent.change(input as Element, { target: { files: [large] } });
        await waitFor(() => expect(screen.getByText(/larger than 12 MB/)).toBeTruthy());
        expect(sent.filter(({ method }) => method === 'PUT')).toHaveLength(1);
    });

    it('has no place at a bench load', () => {
        service({ 'circuits/1/photograph': { photograph: null } });
        showOnBench(withQueries(<PlateStation />), { subject: 'bench_load' }, solution(), { place });
        expect(screen.getByText(/is a bench load, not a motor/)).toBeTruthy();
    });
});
