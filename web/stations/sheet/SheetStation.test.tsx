import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import type { Person, ReviewAnswer, RevisionRow, Solution } from '../../api/contract';
import type { Place } from '../../bench/BenchContext';
import { showOnBench, solution } from '../../testing';
import { refusal, serve } from '../../testing.service';
import { ChangesTable } from '../../sheet/ChangesTable';
import SheetSide from './SheetSide';
import SheetStation from './SheetStation';

const person = (role: Person['role'], name: string): Person => ({
    id: 1,
    name,
    login: name,
    role,
    active: true,
    standing_read: true,
    version: 1,
});

const revision = (more: Partial<RevisionRow> = {}): RevisionRow => ({
    id: 4,
    number: 2,
    name: 'as built',
    core: '0',
    created_by: 'Shift electrician B',
    created_at: '2026-11-26T08:00:00Z',
    state: 'in_review',
    kind: 'for_use',
    steps: [{ step: 'sent', kind: 'for_use', remark: 'Look at the class.', by: 'Shift electrician B', at: '2026-11-26T08:05:00Z' }],
    ...more,
});

const review: ReviewAnswer = {
    revision: revision(),
    questions: [
        { key: 'assumed: copper', says: 'copper conductors', sizes: ['Conductor size'], wants_words: false },
        { key: 'defect: Stop', says: 'Stop: the relay is too high', sizes: [], wants_words: true },
    ],
    hindrances: [],
    changed_by: [],
    compared_with: { id: 3, number: 1, name: 'as planned' },
    changes: [
        { kind: 'figure', station: 'cable', label: 'Voltage drop', from: '1.4 %', to: '2.1 %', because: ['Length'] },
        { kind: 'field', station: 'cable', label: 'Length', from: '60 m', to: '90 m', because: [] },
    ],
    main: [
        { station: 'cable', label: 'Conductor size', from: '16 mm²', to: '25 mm²' },
        { station: 'guard', label: 'Overload setting', from: '66 A', to: '66 A' },
    ],
    findings: [{ grade: 'caution', title: 'Long start', text: 'The start takes 12 s.', is_new: true }],
};

let place: Place;

beforeEach(() => {
    place = { circuit: 7, site: 1, settings: {}, flush: () => Promise.resolve(5) };
});

function show(role: Person['role'], name: string, view: string, curves: Solution['curves'] = {}) {
    const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
    client.setQueryData(['session'], { person: person(role, name) });
    return showOnBench(
        <QueryClientProvider client={client}>
            <SheetStation />
        </QueryClientProvider>,
        {},
        solution({ curves, sentences: { sheet: 'Nothing stands against a sheet for use.' } }),
        { place },
        `/circuits/7/sheet?view=${view}`,
    );
}

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

test('the reviewer answers each question, signs with the password, and sends exactly that', async () => {
    const sent = serve({
        'circuits/7/revisions': { revisions: [revision()] },
        'revisions/4/review': review,
        'POST revisions/4/issue': revision(),
    });
    show('reviewer', 'Licensed supervisor', 'review');
    await screen.findByText(/Look at the class/);
    expect(screen.getByText('2.1 %')).toBeTruthy();
    await userEvent.click(screen.getByText('copper conductors'));
    await userEvent.type(screen.getByLabelText('Decision: Stop: the relay is too high'), 'Turned down.');
    expect(screen.getByRole('button', { name: 'Sign and issue' })).toHaveProperty('disabled', true);
    await userEvent.type(screen.getByLabelText('Your password, to sign'), 'larkrigg');
    await userEvent.click(screen.getByRole('button', { name: 'Sign and issue' }));
    await waitFor(() => expect(sent.some(({ path }) => path.endsWith('/issue'))).toBe(true));
    expect(sent.find(({ path }) => path.endsWith('/issue'))?.body).toEqual({
        password: 'larkrigg',
        remark: '',
        decisions: [
            { key: 'assumed: copper', taken: true, why: '' },
            { key: 'defect: Stop', taken: false, why: 'Turned down.' },
        ],
    });
});

test('a signature that is refused says at which question, keeps the answers and forgets the password', async () => {
    serve({
        'circuits/7/revisions': { revisions: [revision()] },
        'revisions/4/review': review,
        'POST revisions/4/issue': refusal(422, 'Not everything is answered.', [
            { path: 'decisions.defect: Stop', text: 'Say what was decided.', accepted: 'A sentence.' },
            { path: 'password', text: 'This is not your present password.', accepted: 'The one you sign in with.' },
        ]),
    });
    show('reviewer', 'Licensed supervisor', 'review');
    await userEvent.click(await screen.findByText('copper conductors'));
    await userEvent.type(screen.getByLabelText('Reason: copper conductors'), 'Seen at the terminals.');
    await userEvent.type(screen.getByLabelText('Your password, to sign'), 'larkrig');
    await userEvent.click(screen.getByRole('button', { name: 'Sign and issue' }));
    await screen.findByText('Say what was decided.');
    await screen.findByText('This is not your present password.');
    expect(screen.getByLabelText<HTMLInputElement>('Reason: copper conductors').value).toBe('Seen at the terminals.');
    expect(screen.getByLabelText<HTMLInputElement>('Your password, to sign').value).toBe('');
});

test('it is returned with a remark, and only with one', async () => {
    const sent = serve({
        'circuits/7/revisions': { revisions: [revision()] },
        'revisions/4/review': review,
        'POST revisions/4/return': revision({ state: 'returned' }),
    });
    show('reviewer', 'Licensed supervisor', 'review');
    const back = await screen.findByRole('button', { name: 'Return for correction' });
    expect(back).toHaveProperty('disabled', true);
    await userEvent.type(screen.getByLabelText('Remark'), 'Measure the length first.');
    await userEvent.click(back);
    await waitFor(() => expect(sent.find(({ path }) => path.endsWith('/return'))?.body).toEqual({ remark: 'Measure the length first.' }));
});

test('a draft that is not saved is not sent to review', async () => {
    const sent = serve({ 'circuits/7/revisions': { revisions: [] } });
    place = { ...place, flush: () => Promise.resolve(null) };
    show('electrician', 'Shift electrician A', 'review', { readiness: { hindrances: [], acknowledgements: [] } });
    await userEvent.type(await screen.findByLabelText('What changed'), 'as built');
    await userEvent.click(screen.getByRole('button', { name: 'Save revision and send for review' }));
    await screen.findByText(/Save the draft before you send it/);
    expect(sent.some(({ method }) => method === 'POST')).toBe(false);
    expect(screen.getByLabelText<HTMLInputElement>('What changed').value).toBe('as built');
});

test('whoever changed the circuit since its last sheet does not sign the next', async () => {
    serve({
        'circuits/7/revisions': { revisions: [revision({})] },
        'revisions/4/review': { ...review, changed_by: ['Licensed supervisor'] },
    });
    show('reviewer', 'Licensed supervisor', 'review');
    await screen.findByText(/You changed what this sheet rests on/);
    await userEvent.type(screen.getByLabelText('Your password, to sign'), 'larkrigg');
    expect(screen.getByRole('button', { name: 'Sign and issue' })).toHaveProperty('disabled', true);
});

test('whoever prepared it is not offered to sign it', async () => {
    serve({ 'circuits/7/revisions': { revisions: [revision({ created_by: 'Licensed supervisor' })] } });
    show('reviewer', 'Licensed supervisor', 'review');
    await screen.findByText(/Another person must review and sign it/);
    expect(screen.queryByLabelText('Your password, to sign')).toBeNull();
});

test('a stop bars the way to a sheet for use, not to one as found', async () => {
    serve({ 'circuits/7/revisions': { revisions: [] } });
    show('electrician', 'Shift electrician A', 'review', {
        readiness: { hindrances: [{ text: 'Stop: star-delta is refused', station: 'start' }], acknowledgements: [] },
    });
    await userEvent.type(await screen.findByLabelText('What changed'), 'round');
    const send = () => screen.getByRole('button', { name: 'Save revision and send for review' });
    expect(send()).toHaveProperty('disabled', false);
    await userEvent.click(screen.getByRole('radio', { name: 'For use' }));
    expect(send()).toHaveProperty('disabled', true);
    expect(screen.getByText('Stop: star-delta is refused').getAttribute('href')).toBe('/circuits/7/start');
});

test('an electrician keeps and sends in one step', async () => {
    const sent = serve({
        'circuits/7/revisions': { revisions: [] },
        'POST circuits/7/revisions': revision({ state: 'draft' }),
        'POST revisions/4/send': revision(),
    });
    show('electrician', 'Shift electrician A', 'review', { readiness: { hindrances: [], acknowledgements: [] } });
    await userEvent.type(await screen.findByLabelText('What changed'), 'as built');
    await userEvent.click(screen.getByRole('button', { name: 'Save revision and send for review' }));
    await waitFor(() => expect(sent.some(({ path }) => path.endsWith('/send'))).toBe(true));
    expect(sent.find(({ method, path }) => method === 'POST' && path.endsWith('/revisions'))?.body).toEqual({
        name: 'as built',
        version: 5,
    });
    expect(sent.find(({ path }) => path.endsWith('/send'))?.body).toEqual({ kind: 'for_use', remark: '' });
});

test('each revision tells its way, and a sealed one hands out its record', async () => {
    serve({
        'circuits/7/revisions': {
            revisions: [
                revision({
                    state: 'issued',
                    steps: [{ step: 'issued', kind: 'for_use', remark: '', by: 'Licensed supervisor', at: '2026-11-26T09:00:00Z' }],
                }),
            ],
        },
    });
    show('electrician', 'Shift electrician A', 'revisions');
    await screen.findByText('issued, in force, for use');
    expect(screen.getByText(/signed and issued by Licensed supervisor, 2026-11-26/)).toBeTruthy();
    expect(screen.getByText('Sealed record (JSON)').getAttribute('href')).toBe('/api/revisions/4/record');
    expect(screen.queryByText('Withdraw')).toBeNull();
});

test('only what differs is listed, by station, with its cause', () => {
    showOnBench(<ChangesTable caption="Differences" changes={review.changes} />, {}, solution());
    const heads = screen.getAllByRole('rowheader').map((head) => head.textContent);
    expect(heads).toEqual(['Entered', 'Cable, as a result']);
    expect(screen.getAllByText('Length')).toHaveLength(2);
});

test('each acceptance has a name of its own', async () => {
    serve({ 'circuits/7/revisions': { revisions: [revision()] }, 'revisions/4/review': review });
    show('reviewer', 'Licensed supervisor', 'review');
    expect(await screen.findByRole('checkbox', { name: 'copper conductors' })).toBeTruthy();
    expect(screen.getByRole('textbox', { name: 'Reason: copper conductors' })).toBeTruthy();
});

test('beside the document the reviewer sees what was typed, what it moved, and signs there', async () => {
    const sent = serve({
        'circuits/7/revisions': { revisions: [revision()] },
        'revisions/4/review': review,
        'POST revisions/4/issue': revision({ state: 'issued' }),
    });
    const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
    client.setQueryData(['session'], { person: person('reviewer', 'Licensed supervisor') });
    showOnBench(
        <QueryClientProvider client={client}>
            <SheetSide />
        </QueryClientProvider>,
        {},
        solution(),
        { place },
        '/circuits/7/sheet',
    );
    const typed = await screen.findByRole('region', { name: 'What was typed' });
    expect(typed.textContent).toContain('60 m → 90 m');
    const moved = screen.getByRole('region', { name: 'Sizes, devices and settings' });
    expect(moved.textContent).toContain('16 mm² → 25 mm²');
    expect(moved.textContent).not.toContain('66 A → 66 A');
    expect(screen.getByRole('region', { name: 'Stops and cautions' }).textContent).toContain('Long start (new)');
    await userEvent.click(screen.getByText('copper conductors'));
    await userEvent.type(screen.getByLabelText('Your password, to sign'), 'larkrigg');
    await userEvent.click(screen.getByRole('button', { name: 'Sign and issue' }));
    await waitFor(() => expect(sent.some(({ path }) => path.endsWith('/issue'))).toBe(true));
});

test('a sheet that was returned says so', async () => {
    serve({ 'circuits/7/revisions': { revisions: [revision({ state: 'returned' })] } });
    show('electrician', 'Shift electrician A', 'revisions');
    await screen.findByText('returned, for use');
});

test('an unchanged circuit shows the sheet in force, and whoever reviews the one in review', async () => {
    const paper = { html: '<p>card</p>', css: '', foot: '', since: '' };
    serve({
        'circuits/7/revisions': { revisions: [revision({ state: 'issued' })] },
        'POST circuits/7/sheet': { ...paper, revision: revision({ state: 'issued' }) },
    });
    show('electrician', 'Shift electrician A', 'paper');
    await screen.findByText(/Revision 2, as built: issued, in force\. Nothing has changed since\./);
    cleanup();
    const asked = serve({
        'circuits/7/revisions': { revisions: [revision()] },
        'revisions/4/paper/door': { ...paper, revision: revision() },
        'POST circuits/7/sheet': { ...paper, revision: null },
    });
    show('reviewer', 'Licensed supervisor', 'paper');
    await screen.findByText(/Revision 2, as built: in review\./);
    await userEvent.click(screen.getByRole('radio', { name: 'Draft' }));
    await screen.findByText('The draft. It differs from revision 2.');
    expect(asked.some(({ path }) => path === 'circuits/7/sheet')).toBe(true);
});

test('nothing that differs is said', () => {
    showOnBench(<ChangesTable caption="Against revision 1" changes={[]} />, {}, solution());
    expect(screen.getByText('Against revision 1: no differences.')).toBeTruthy();
});
