import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { BoardAnswer, BoardFigure, BoardRow, RevisionRow } from '../api/contract';
import { circuitRow, site } from '../testing';
import { person, refusal, serve, showTo } from '../testing.service';
import BoardPage from './BoardPage';
import BoardsPage from './BoardsPage';

const figure = (key: string, shown: string, value: number | string = 1, more: Partial<BoardFigure> = {}): BoardFigure => ({
    key,
    label: key.replace('feeder.', '').replaceAll('_', ' '),
    value,
    shown,
    working: '',
    source: '',
    assumptions: [],
    doubt: null,
    ...more,
});

const solved: NonNullable<BoardAnswer['solved']> = {
    source: 'Transformer 630 kVA',
    figures: [
        figure('feeder.running_current', '141 A', 141),
        figure('feeder.demand', '141 A', 141, { assumptions: ['KF-204: efficiency 0.9'] }),
        figure('feeder.scpd_rating', '250 A', 250, { working: 'carries every start' }),
        figure('feeder.fault_current', '11 kA', 11000),
        figure('feeder.start_dip', '5.49 %', 5.49),
    ],
    findings: [
        { grade: 'caution', code: 'not_selective', title: 'Feeder and KF-204 are not selective', text: 'A fault here.', action: 'Choose.' },
    ],
    errors: [{ path: 'other_loads.0.current', text: 'Enter the current or the power.', accepted: 'Amperes, or kW.' }],
    circuits: [
        {
            id: 7,
            tag: 'KF-204',
            drives: 'Kiln fan 4',
            device: 'gG fuse 160 A',
            counts: true,
            figures: [
                figure('power.design_current', '66 A', 66),
                figure('guard.scpd_rating', '160 A', 160),
                figure('feeder.selectivity', 'Not selective', 'not_selective'),
                figure('feeder.circuit_start_dip', '5.49 %', 5.49),
                figure('feeder.restart_delay', '3 s', 3),
            ],
        },
        { id: 8, tag: 'KF-205', drives: '', device: null, counts: false, figures: [figure('power.design_current', '60 A', 60)] },
    ],
    boards: [{ id: 12, tag: 'MCC-2', figures: [figure('feeder.running_current', '40 A', 40)] }],
    others: [{ tag: 'Lighting', amperes: 16, current: '16 A' }],
    coils: [{ tag: 'M1', pull_in: '304 m', drop_out: '1240 m', inrush_voltage: null }],
    ladder: [
        { size: '95 mm²', ampacity: '238 A', drop: '1.04 %', starting: '2.67 %', fails: 'terminal temperature', chosen: false },
        { size: '120 mm²', ampacity: '276 A', drop: '0.863 %', starting: '2.36 %', fails: '', chosen: true },
    ],
    shares: [{ key: 'feeder.demand', label: 'Demand current of the feeder', rows: [{ tag: 'KF-204', shown: '66 A', percent: 46.7 }] }],
    pairs: [
        { first: 'KF-204', second: 'KF-205', dip: '16.1 %', dip_percent: 16.1, allowed: false },
        { first: 'KF-204', second: 'KF-206', dip: '9.4 %', dip_percent: 9.4, allowed: true },
        { first: 'KF-205', second: 'KF-206', dip: '8.2 %', dip_percent: 8.2, allowed: true },
    ],
    matrix: [
        {
            tag: 'KF-204',
            feeders: [
                { feeder: 'MCC-1', shown: 'Not selective', wrong: true },
                { feeder: 'MDB', shown: 'Selective up to 4.3 kA', wrong: false },
            ],
        },
    ],
    hindrances: [],
    timetable: [
        {
            at: '3 s',
            at_seconds: 3,
            tags: ['KF-204'],
            dip: '7.48 %',
            dip_percent: 7.48,
            current: '758 A',
            run_up: '6 s',
            run_up_seconds: 6,
        },
    ],
};

const answer = (more: Partial<BoardAnswer> = {}): BoardAnswer => ({
    id: 3,
    site: site(),
    tag: 'MCC-1',
    version: 4,
    fed_by: null,
    typed: { supply: { transformer_kva: '630' }, other_loads: [{ tag: 'Lighting', kind: 'lighting' }] },
    stale: false,
    placed: [
        { id: 7, tag: 'KF-204', drives: 'Kiln fan 4', place: { restart: 'true' } },
        { id: 8, tag: 'KF-205', drives: '', place: {} },
    ],
    updated_by: null,
    updated_at: '2026-12-02T05:00:00Z',
    others: [{ id: 12, tag: 'MCC-2', fed_by: 3 }],
    form: {
        groups: [
            {
                title: 'Supply',
                fields: [{ path: 'supply.transformer_kva', label: 'Transformer rating', unit: 'kVA', hint: '', choices: [] }],
            },
        ],
        lists: [
            {
                path: 'other_loads',
                title: 'Other loads',
                add: 'Add a load',
                fields: [
                    { path: 'tag', label: 'Tag', unit: '', hint: '', choices: [] },
                    { path: 'current', label: 'Current', unit: 'A', hint: '', choices: [] },
                ],
            },
        ],
    },
    solved,
    in_force: null,
    ...more,
});

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

function open(answers: Parameters<typeof serve>[0], at = '/boards/3') {
    const sent = serve(answers);
    showTo(
        person('electrician'),
        <Routes>
            <Route path="/boards" element={<BoardsPage />} />
            <Route path="/boards/:id" element={<BoardPage />} />
        </Routes>,
        at,
    );
    return (method: string) => sent.filter((one) => one.method === method).map(({ body }) => body);
}

describe('a board', () => {
    it('shows what flows where, what is wrong and what restarts when', async () => {
        open({ 'GET boards/3': answer() });
        expect(await screen.findByRole('img', { name: 'One-line diagram of MCC-1' })).toBeTruthy();
        expect(screen.getByRole('row', { name: /KF-204 66 A, 160 A, dip 5\.49 %, not selective/ })).toBeTruthy();
        expect(screen.getByText(/60 A, standby/)).toBeTruthy();
        expect(screen.getByText(/A fault here/)).toBeTruthy();
        expect(screen.getByText(/3 s: KF-204, dip 7\.48 %/)).toBeTruthy();
        expect(screen.getByRole('row', { name: /M1 304 m 1240 m/ })).toBeTruthy();
        expect(screen.getByText(/Not back by themselves after a blackout: KF-205/)).toBeTruthy();
        const table = screen.getByRole('group', { name: 'Circuits of this board' });
        expect(within(table).getByRole('link', { name: 'KF-204' }).getAttribute('href')).toBe('/circuits/7');
        expect(screen.getByText(/Enter the current or the power\. Amperes, or kW\./)).toBeTruthy();
    });

    it('keeps what is typed, and looks again until the workers have solved it', async () => {
        const asked = open({
            'GET boards/3': answer(),
            'PUT boards/3': answer({ version: 5, stale: true }),
        });
        fireEvent.change(await screen.findByRole('textbox', { name: 'Transformer rating' }), { target: { value: '400' } });
        await waitFor(() => expect(asked('PUT')).toHaveLength(1), { timeout: 3000 });
        expect(asked('PUT')[0]).toMatchObject({
            version: 4,
            typed: { supply: { transformer_kva: '400' } },
            circuits: [{ id: 7, place: { restart: 'true' } }, { id: 8 }],
        });
        expect(await screen.findByText('Being calculated.')).toBeTruthy();
        await waitFor(() => expect(screen.queryByText('Being calculated.')).toBeNull(), { timeout: 4000 });
    });

    it('sends what is typed meanwhile after the answer, from the version that it became', async () => {
        let version = 4;
        const asked = open({
            'GET boards/3': answer(),
            'PUT boards/3': () => answer({ version: (version += 1) }),
        });
        const field = await screen.findByRole('textbox', { name: 'Transformer rating' });
        for (const [count, text] of ['400', '500', '800'].entries()) {
            fireEvent.change(field, { target: { value: text } });
            await waitFor(() => expect(asked('PUT')).toHaveLength(count + 1), { timeout: 3000 });
        }
        expect(asked('PUT').map((body) => (body as { version: number }).version)).toEqual([4, 5, 6]);
        expect(asked('PUT')[2]).toMatchObject({ typed: { supply: { transformer_kva: '800' } } });
    });

    it('says at its place what the service refuses, and loses nothing', async () => {
        open({
            'GET boards/3': answer(),
            'PUT boards/3': refusal(422, 'Another board at this site has the tag MCC-2.', [
                { path: 'tag', text: 'Another board at this site has this tag.', accepted: 'A unique tag.' },
            ]),
        });
        const [tag] = await screen.findAllByRole('textbox', { name: 'Tag' });
        if (tag === undefined) {
            throw new Error('no tag');
        }
        fireEvent.change(tag, { target: { value: 'MCC-2' } });
        expect(await screen.findByText(/Another board at this site has this tag/, {}, { timeout: 3000 })).toBeTruthy();
        expect((tag as HTMLInputElement).value).toBe('MCC-2');
    });
});

describe('a board for whoever plans and signs', () => {
    const revision = (more: Partial<RevisionRow> = {}): RevisionRow => ({
        id: 21,
        number: 1,
        name: 'as built',
        core: '0',
        created_by: 'Shift electrician A',
        created_at: '2026-12-01T08:00:00Z',
        state: 'issued',
        kind: 'for_use',
        steps: [{ step: 'issued', kind: 'for_use', remark: '', by: 'Licensed supervisor', at: '2026-12-01T09:00:00Z' }],
        ...more,
    });

    it('says why other sizes fall, who takes most, and who may not start with whom', async () => {
        open({ 'GET boards/3': answer(), 'GET boards/3/revisions': { revisions: [] } });
        expect(await screen.findByRole('row', { name: '95 mm² 238 A 1.04 % 2.67 % terminal temperature' })).toBeTruthy();
        expect(screen.getByRole('row', { name: /^120 mm².*Chosen$/ }).getAttribute('aria-current')).toBe('true');
        expect(screen.getByText('46.7 %')).toBeTruthy();
        const matrix = screen.getByRole('group', { name: 'Dip where two start together' });
        expect(within(matrix).getByText('16.1 %').getAttribute('data-deep')).toBe('true');
        expect(within(matrix).getByText('9.4 %').getAttribute('data-deep')).toBeNull();
        expect(screen.getByRole('row', { name: /KF-204 .*Not selective.* Selective up to 4\.3 kA/ })).toBeTruthy();
        // Each two once: nothing stands below the diagonal.
        expect(within(matrix).getAllByText(/%$/)).toHaveLength(3);
    });

    it('is kept and sent as it was saved, and says when it has changed since its sheet', async () => {
        const asked = open({
            'GET boards/3': answer({ in_force: { id: 21, number: 1, name: 'as built', unchanged: false } }),
            'GET boards/3/revisions': { revisions: [revision()] },
            'POST boards/3/revisions': revision({ id: 22, number: 2, state: 'draft', steps: [] }),
            'POST revisions/22/send': revision({ id: 22, number: 2, state: 'in_review' }),
        });
        expect(
            await screen.findByText(/Revision 1, as built, is in force\. The board, its supply or its circuits have changed/),
        ).toBeTruthy();
        fireEvent.change(screen.getByRole('textbox', { name: 'What changed' }), { target: { value: 'Feeder 120 mm²' } });
        fireEvent.click(screen.getByRole('button', { name: 'Save revision and send for review' }));
        await waitFor(() => expect(asked('POST')).toHaveLength(2));
        expect(asked('POST')).toEqual([
            { name: 'Feeder 120 mm²', version: 4 },
            { kind: 'for_use', remark: '' },
        ]);
        expect(screen.getByRole('link', { name: 'Circuit directory' }).getAttribute('href')).toBe('/boards/3/revisions/21/paper/door');
    });

    it('is not sent for use while something stands against it', async () => {
        open({
            'GET boards/3': answer({ solved: { ...solved, hindrances: ['Stop: Feeder device does not fit'] } }),
            'GET boards/3/revisions': { revisions: [] },
        });
        expect(await screen.findByText('Stop: Feeder device does not fit')).toBeTruthy();
        expect(screen.getByRole('radio', { name: /As found/ }).getAttribute('aria-checked')).toBe('true');
    });

    it('names the board that loses a circuit', async () => {
        open({
            'GET boards/3': answer({ placed: [] }),
            'GET boards/3/revisions': { revisions: [] },
            'GET circuits?site=1': {
                circuits: [circuitRow({ id: 9, tag: 'KF-209', board: 'MCC-2' })],
                total: 1,
                page: 1,
                page_size: 100,
                groups: [],
            },
            'GET circuits?site=1&search=': {
                circuits: [circuitRow({ id: 9, tag: 'KF-209', board: 'MCC-2' })],
                total: 1,
                page: 1,
                page_size: 100,
                groups: [],
            },
        });
        expect(await screen.findByRole('button', { name: 'Move KF-209 here from board MCC-2' })).toBeTruthy();
    });
});

describe('the boards of a site', () => {
    it('stand below the board that feeds them', async () => {
        const row: Omit<BoardRow, 'id' | 'tag' | 'fed_by' | 'demand'> = {
            worst: 'none',
            circuits: 3,
            device: null,
            conductors: null,
            fault: null,
            dip: null,
            loading: null,
            problem: '',
        };
        open(
            {
                sites: { sites: [site()] },
                'sites/1/boards': {
                    site: site(),
                    boards: [
                        { ...row, id: 12, tag: 'A-BELOW', fed_by: 3, demand: '40 A' },
                        { ...row, id: 3, tag: 'MDB', fed_by: null, demand: '141 A' },
                    ],
                },
            },
            '/boards?site=1',
        );
        const links = await screen.findAllByRole('link', { name: /A-BELOW|MDB/ });
        expect(links.map((link) => link.textContent)).toEqual(['MDB', 'A-BELOW']);
        expect(screen.getByText('40 A')).toBeTruthy();
    });
});
