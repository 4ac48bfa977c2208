import { cleanup, screen } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { afterEach, expect, test, vi } from 'vitest';
import { figure, finding, solution } from '../testing';
import { person, refusal, serve, showTo } from '../testing.service';
import RevisionPage from './RevisionPage';

const show = () =>
    showTo(
        person('viewer'),
        <Routes>
            <Route path="/revisions/:id" element={<RevisionPage />} />
        </Routes>,
        '/revisions/4',
    );

const kept = {
    id: 4,
    number: 2,
    name: 'as built',
    core: '0.4.0',
    created_by: 'Shift electrician B',
    created_at: '2026-11-26T08:00:00Z',
    circuit: { tag: 'KF-204' },
    state: 'issued',
    kind: 'for_use',
    steps: [],
    solution: solution({
        edition: 'IEC 60364',
        figures: [
            figure('power.plate_current', 66, '66 A', { label: 'Nameplate current', working: '66 A' }),
            figure('cable.size', 16, '16 mm²', { label: 'Conductor size', assumed: true, assumptions: ['copper', 'method C'] }),
        ],
        findings: [finding('caution', 'cable', 'size_by_fault')],
        sentences: { cable: 'Copper, 16 mm².' },
    }),
};

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

test('a revision shows what was kept, by whom and by which core, and what it assumed', async () => {
    serve({ 'revisions/4': kept });
    show();
    await screen.findByText('KF-204, revision 2: as built');
    expect(screen.getByText(/Saved by Shift electrician B.*Calculated with core 0\.4\.0.*cannot be changed/)).toBeTruthy();
    expect(screen.getByText(/\(assumed: copper; method C\)/)).toBeTruthy();
    expect(screen.getByText('title of size_by_fault')).toBeTruthy();
    expect(screen.queryByRole('heading', { name: 'Correct' })).toBeNull();
});

test('figures of an early revision, which name no station, stand under theirs all the same', async () => {
    const early = { ...figure('guard.scpd_rating', 80, '80 A', { label: 'Fuse' }), station: undefined };
    serve({ 'revisions/4': { ...kept, solution: { ...solution(), figures: [early] } } });
    show();
    await screen.findByRole('heading', { name: 'Guard' });
    expect(screen.getByText('80 A')).toBeTruthy();
});

test('one that is not there says so', async () => {
    serve({ 'revisions/4': refusal(404, 'This does not exist.') });
    show();
    await screen.findByText('This does not exist.');
});
