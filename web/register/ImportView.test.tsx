import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, test, vi } from 'vitest';
import type { Import, ImportCurrentsAnswer, ImportRowsAnswer } from '../api/contract';
import { NOTHING, told } from './columns';
import { ImportView } from './ImportView';

const one = (more: Partial<Import> = {}): Import => ({
    id: 3,
    site: 1,
    what: 'circuits',
    name: 'motors.csv',
    state: 'preview',
    message: '',
    columns: [
        { letter: 'A', head: 'tag', path: 'tag', decided: true, unit: '', examples: [] },
        { letter: 'B', head: 'HP', path: 'plate.power', decided: true, unit: 'hp', examples: [] },
        { letter: 'C', head: 'Colour', path: null, decided: true, unit: '', examples: [] },
    ],
    sheets: [],
    sheet: '',
    rows: 3,
    counts: { new: 1, changed: 1, unchanged: 0, refused: 1 },
    applied: 0,
    by: 'Shift electrician A',
    at: '2026-11-26T08:00:00Z',
    ...more,
});

const open = (letter: string, head: string) => ({ letter, head, path: null, decided: false, unit: '', examples: [] });

const refused: ImportRowsAnswer = {
    rows: [
        {
            number: 4,
            tag: 'KF-2',
            action: 'refused',
            applied: false,
            changes: [],
            problems: [
                { column: 'B plate.power', cell: 'much', text: '“much” cannot be read as a power.', accepted: 'A power such as 37 kW.' },
            ],
        },
    ],
    total: 1,
    page: 1,
    pages: 1,
};

function show(state: Import, rows: ImportRowsAnswer = refused, currents: ImportCurrentsAnswer['currents'] = []) {
    const calls: string[] = [];
    const moved = vi.fn();
    vi.stubGlobal(
        'fetch',
        vi.fn((path: string, options: RequestInit) => {
            calls.push(`${options.method ?? ''} ${path}`);
            return Promise.resolve(
                new Response(JSON.stringify(path.includes('/currents') ? { currents } : path.includes('/rows') ? rows : state)),
            );
        }),
    );
    render(
        <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
            <ImportView id={3} onMoved={moved} />
        </QueryClientProvider>,
    );
    return { calls, moved };
}

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

test('what cannot be read is named first, with its cell and what is accepted', async () => {
    show(one());
    await screen.findByText('1 new, 1 changed, 0 unchanged, 1 rejected.');
    await screen.findByText('B plate.power:');
    expect(screen.getByText('A power such as 37 kW.')).toBeTruthy();
    expect(screen.getByText('Rejected rows, to correct (CSV)').getAttribute('href')).toBe('/api/imports/3/refused.csv');
});

test('nothing is written before the word', async () => {
    const { calls } = show(one());
    await screen.findByText('Write 2 rows');
    expect(calls.every((call) => call.startsWith('GET'))).toBe(true);
    await userEvent.click(screen.getByText('Write 2 rows'));
    await waitFor(() => expect(calls).toContain('POST /api/imports/3/apply'));
});

test('a file that is no table says why, and that nothing was written', async () => {
    show(one({ state: 'failed', message: 'The file has more than 20 000 rows. Split it into smaller files.', rows: 0, columns: [] }));
    await screen.findByText(/Split it into smaller files.*Nothing was written/);
    expect(screen.queryByText(/^Write/)).toBeNull();
});

test('a strange file asks which column is the tag', async () => {
    show(one({ rows: 0, counts: { new: 0, changed: 0, unchanged: 0, refused: 0 }, columns: [open('A', 'Motor')] }));
    await screen.findByText(/No column contains the tag/);
    expect(screen.getByText('A Motor')).toBeTruthy();
});

test('what was called off can go on where it stopped', async () => {
    show(one({ state: 'cancelled', applied: 1 }));
    await screen.findByText('Write the other 1');
});

test('a column that nobody decided holds the writing back, and is told what it fills', async () => {
    const { calls } = show(one({ columns: [...one().columns, open('D', 'Colour code')] }));
    await screen.findByText(/One column needs a decision/);
    await userEvent.click(screen.getByText('Write 2 rows'));
    expect(calls.some((call) => call.startsWith('POST'))).toBe(false);
    await userEvent.click(screen.getByRole('button', { name: /Field for column D/ }));
    await userEvent.click(await screen.findByRole('option', { name: 'Not used' }));
    await waitFor(() => expect(calls).toContain('PUT /api/imports/3/columns'));
});

test('the unit of a head is shown, and the map stays to be looked at when all is written', async () => {
    show(one({ state: 'done', applied: 2 }));
    const map = await screen.findByRole('group', { name: 'Columns of the file' });
    expect(map.textContent).toContain('B HPRated outputhp');
    expect(map.textContent).toContain('C Colournot used');
    expect(map.querySelector('button')).toBeNull();
});

test('every value of a new circuit is shown as it is read, with its unit', async () => {
    const fresh: ImportRowsAnswer = {
        ...refused,
        rows: [
            {
                number: 2,
                tag: 'KF-9',
                action: 'new',
                applied: false,
                changes: [{ label: 'Rated output', from: '', to: '10 hp', read: '7.46 kW (746 W/hp)' }],
                problems: [],
            },
        ],
    };
    show(one({ counts: { new: 1, changed: 0, unchanged: 0, refused: 0 } }), fresh);
    await screen.findByText('Read as');
    expect((await screen.findByText(/Rated output/, { selector: 'div' })).textContent).toBe(
        'Rated output: 10 hp read as 7.46 kW (746 W/hp)',
    );
    expect(screen.getByText('New circuits get the supply of the site.')).toBeTruthy();
});

test('of a workbook another sheet can be read', async () => {
    const { calls } = show(one({ sheets: ['Motors', 'Spare motors'], sheet: 'Motors' }));
    await userEvent.click(await screen.findByRole('button', { name: /Sheet/ }));
    await userEvent.click(await screen.findByRole('option', { name: 'Spare motors' }));
    await waitFor(() => expect(calls).toContain('PUT /api/imports/3/sheet'));
});

test('a table of text has no sheets to choose from', async () => {
    show(one());
    await screen.findByText('Write 2 rows');
    expect(screen.queryByRole('button', { name: /Sheet/ })).toBeNull();
});

const motors = (): Import['columns'] => [
    { letter: 'A', head: 'Motor', path: 'tag', decided: true, unit: '', examples: ['KF-7', 'KF-8'] },
    { letter: 'B', head: 'HP', path: 'plate.power', decided: true, unit: 'hp', examples: ['50', '75 hp'] },
    { letter: 'C', head: 'I 1', path: null, decided: false, unit: '', examples: ['65', '96'] },
];

test('the first rows stand as plates, each with its current beside its own', async () => {
    show(one({ columns: motors() }), refused, [
        { number: 2, tag: 'KF-7', computed: '63 A', own: '65 A', difference: '3.2 %', unusual: false },
        { number: 3, tag: 'KF-8', computed: '94 A', own: '', difference: '', unusual: false },
    ]);
    const plates = await screen.findByRole('region', { name: 'First rows as plates' });
    await waitFor(() => expect(plates.textContent).toContain('Calculated 63 A; on the plate 65 A (difference 3.2 %)'));
    expect(plates.textContent).toContain('Calculated 94 A; on the plate –');
    // The unit of the head sits on what has none of its own.
    expect(plates.textContent).toContain('Rated output50 hp');
    expect(plates.textContent).toContain('Rated output75 hp');
});

test('by keyboard a column is dragged onto the stamp that it fills', async () => {
    const { calls } = show(one({ columns: motors() }));
    const drag = await screen.findByRole('button', { name: /Drag C I 1/ });
    drag.focus();
    await userEvent.keyboard('{Enter}');
    const onto = await screen.findByRole('button', { name: /Rated current/ });
    for (let i = 0; i < 20 && document.activeElement !== onto; i++) {
        await userEvent.keyboard('{Tab}');
    }
    expect(document.activeElement).toBe(onto);
    await userEvent.keyboard('{Enter}');
    await waitFor(() => expect(calls).toContain('PUT /api/imports/3/columns'));
});

test('a field is filled by one column only', () => {
    expect(told(motors(), 'C', 'plate.power')).toEqual(['tag', NOTHING, 'plate.power']);
    expect(told(motors(), 'B', NOTHING)).toEqual(['tag', NOTHING, null]);
});

test('a sheet that was too large can be left for another, and what is open stays open while it is read again', async () => {
    const { calls } = show(
        one({
            state: 'failed',
            message: 'This sheet is too large for a workbook.',
            columns: [],
            rows: 0,
            sheets: ['Motors', 'All'],
            sheet: 'All',
        }),
    );
    await userEvent.click(await screen.findByRole('button', { name: /Sheet/ }));
    await userEvent.click(await screen.findByRole('option', { name: 'Motors' }));
    await waitFor(() => expect(calls).toContain('PUT /api/imports/3/sheet'));
    cleanup();
    show(one({ state: 'reading', columns: motors() }));
    await screen.findByRole('button', { name: /Drag C I 1/ });
    expect(screen.getByRole('grid', { name: 'Columns to drag' }).textContent).toContain('B HP Rated output, hp');
});
