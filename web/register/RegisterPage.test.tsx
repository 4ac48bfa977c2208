import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, test, vi } from 'vitest';
import type { Import } from '../api/contract';
import { site } from '../testing';
import { person, refusal, serve, showTo } from '../testing.service';
import RegisterPage from './RegisterPage';

const one = (more: Partial<Import> = {}): Import => ({
    id: 3,
    site: 1,
    what: 'circuits',
    name: 'motors.csv',
    state: 'done',
    message: '',
    sheets: [],
    sheet: '',
    columns: [],
    rows: 3,
    counts: { new: 3, changed: 0, unchanged: 0, refused: 0 },
    applied: 3,
    by: 'Shift electrician A',
    at: '2026-11-26T08:00:00Z',
    ...more,
});
const rows = { rows: [], total: 0, page: 1, pages: 1 };

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

test('a site goes out as it was typed, with its figures, and as open lines', async () => {
    serve({ sites: { sites: [site()] }, 'sites/1/imports': { imports: [] } });
    showTo(person('viewer'), <RegisterPage />);
    const href = async (name: string) => (await screen.findByRole('link', { name })).getAttribute('href');
    expect(await href('Circuits, as entered (CSV)')).toBe('/api/sites/1/circuits.csv');
    expect(await href('Circuits with results (CSV)')).toBe('/api/sites/1/circuits.csv?figures=1');
    expect(await href('Readings, one per line (JSON)')).toBe('/api/sites/1/readings.jsonl');
});

test('a file is sent as it is under its own name, and opened to be looked at', async () => {
    const path = 'sites/1/imports?what=circuits&name=motors%20of%20hall%202.csv';
    const sent = serve({
        sites: { sites: [site()] },
        'sites/1/imports': { imports: [] },
        [`POST ${path}`]: one({ state: 'reading' }),
        'imports/3': one({ state: 'reading' }),
        'imports/3/rows?page=1': rows,
    });
    showTo(person('electrician'), <RegisterPage />);
    const input = await screen.findByLabelText('File to read');
    const file = new File(['tag;plate.power\nKF-1;37 kW\n'], 'motors of hall 2.csv', { type: 'text/csv' });
    fireEvent.change(input, { target: { files: [file] } });
    await waitFor(() => expect(sent.find(({ method }) => method === 'POST')?.path).toBe(path));
    expect(sent.find(({ method }) => method === 'POST')?.body).toBe(file);
    await waitFor(() => expect(sent.some((ask) => ask.path === 'imports/3')).toBe(true));
});

test('a file that is not taken says why', async () => {
    serve({
        sites: { sites: [site()] },
        'sites/1/imports': { imports: [] },
        'POST sites/1/imports?what=circuits&name=x.csv': refusal(413, 'The limit is 24 MB.'),
    });
    showTo(person('electrician'), <RegisterPage />);
    fireEvent.change(await screen.findByLabelText('File to read'), { target: { files: [new File(['x'], 'x.csv')] } });
    await screen.findByText('The limit is 24 MB.');
});

test('files so far say what became of them', async () => {
    serve({
        sites: { sites: [site()] },
        'sites/1/imports': { imports: [one(), one({ id: 4, name: 'foreign.bin', state: 'failed', applied: 0 })] },
    });
    showTo(person('electrician'), <RegisterPage />);
    await screen.findByText(/done, Shift electrician A, 2026-11-26, 3 written/);
    expect(screen.getByText(/not readable/)).toBeTruthy();
});

test('whoever only reads sends no file', async () => {
    serve({ sites: { sites: [site()] }, 'sites/1/imports': { imports: [] } });
    showTo(person('viewer'), <RegisterPage />);
    await screen.findByText('Circuits, as entered (CSV)');
    expect(screen.queryByLabelText('File to read')).toBeNull();
});

test('a schedule is asked for by name and kind', async () => {
    const sent = serve({
        sites: { sites: [site()] },
        'sites/1/imports': { imports: [] },
        'POST sites/1/schedules': { id: 9, name: 'Cables', state: 'waiting' },
        'papers/9': { id: 9, name: 'Cables', state: 'done' },
    });
    showTo(person('viewer'), <RegisterPage />);
    await userEvent.click(await screen.findByRole('button', { name: /table \(CSV\).*Cables/ }));
    await waitFor(() => expect(sent.find(({ method }) => method === 'POST')?.body).toEqual({ name: 'cables', as: 'csv' }));
});
