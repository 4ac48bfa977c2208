import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, test } from 'vitest';
import type { Import } from '../api/contract';
import { person, refusal, serve, showTo } from '../testing.service';
import { Imports } from './Imports';

const file = (more: Partial<Import> = {}): Import => ({
    id: 6,
    site: 1,
    what: 'circuits',
    name: 'kilns.csv',
    state: 'done',
    message: '',
    sheets: [],
    sheet: '',
    columns: [],
    rows: 40,
    counts: { new: 38, changed: 0, unchanged: 0, refused: 2 },
    applied: 38,
    by: 'Planner',
    at: '2026-11-26T08:00:00Z',
    ...more,
});

test('files so far say what became of them, by whom and how many rows were written', async () => {
    serve({ 'sites/1/imports': { imports: [file(), file({ id: 7, name: 'pumps.json', state: 'failed', applied: 0 })] } });
    showTo(person('electrician'), <Imports site="1" />);
    expect((await screen.findByText(/done, Planner, 2026-11-26/)).textContent).toContain('38 written');
    expect(screen.getByText(/not readable, Planner/).textContent).not.toContain('written');
});

test('a file is sent as it is, by its name and for what it is said to hold', async () => {
    const sent = serve({ 'sites/1/imports': { imports: [] }, 'imports/6': file({ state: 'reading' }) });
    showTo(person('electrician'), <Imports site="1" />);
    await userEvent.click(await screen.findByRole('radio', { name: 'Readings' }));
    await userEvent.upload(screen.getByLabelText('File to read'), new File(['tag;amps\n'], 'round 3 & 4.csv', { type: 'text/csv' }));
    await waitFor(() => expect(sent.map(({ path }) => path)).toContain('sites/1/imports?what=readings&name=round%203%20%26%204.csv'));
});

test('a file that is refused says why, and can be chosen again', async () => {
    serve({
        'sites/1/imports': { imports: [] },
        'POST sites/1/imports?what=circuits&name=big.csv': refusal(413, 'The file is larger than 24 MB.'),
    });
    showTo(person('electrician'), <Imports site="1" />);
    await userEvent.upload(await screen.findByLabelText('File to read'), new File(['x'], 'big.csv', { type: 'text/csv' }));
    expect((await screen.findByRole('alert')).textContent).toBe('The file is larger than 24 MB.');
    expect(screen.getByRole('button', { name: 'Choose a file' })).toHaveProperty('disabled', false);
});

test('a file that did not reach the server is not to be looked for again', async () => {
    const path = 'POST sites/1/imports?what=circuits&name=motors.csv';
    let away = true;
    const sent = serve({ 'sites/1/imports': { imports: [] }, [path]: () => (away ? null : file()), 'imports/6': file() });
    showTo(person('electrician'), <Imports site="1" />);
    await userEvent.upload(await screen.findByLabelText('File to read'), new File(['tag'], 'motors.csv', { type: 'text/csv' }));
    const again = await screen.findByRole('button', { name: 'Send motors.csv again' });
    away = false;
    await userEvent.click(again);
    await waitFor(() => expect(screen.queryByRole('alert')).toBeNull());
    expect(sent.filter(({ method }) => method === 'POST')).toHaveLength(2);
});
