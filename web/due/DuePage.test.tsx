import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, test, vi } from 'vitest';
import type { DueAnswer, DueItem } from '../api/contract';
import { site } from '../testing';
import { person, serve, showTo } from '../testing.service';
import DuePage from './DuePage';

const item = (more: Partial<DueItem> = {}): DueItem => ({
    circuit: 7,
    board: null,
    tag: 'KF-204',
    area: 'Kilns',
    drives: 'Kiln fan 4',
    what: 'Greasing',
    state: 'overdue',
    due_at: '2026-11-01T00:00:00Z',
    says: '4120 h since the last greasing, every 4000 h.',
    ...more,
});
const due = (more: Partial<DueAnswer> = {}): DueAnswer => ({ site: 'Larkrigg Mill', items: [item()], calendar: null, ...more });

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

test('what is overdue stands with its day, its motor and why, and leads to the logbook', async () => {
    serve({ sites: { sites: [site()] }, 'sites/1/due': due() });
    showTo(person('viewer'), <DuePage />);
    await screen.findByText(/2026-11-01 overdue/);
    expect(screen.getByText(/4120 h since the last greasing/)).toBeTruthy();
    expect(screen.getByRole('link', { name: 'KF-204' }).getAttribute('href')).toBe('/circuits/7/prove?view=logbook');
    expect(screen.getByText('Export (CSV)').getAttribute('href')).toBe('/api/sites/1/due.csv');
});

test('a sheet that waits for its signature leads to where it is signed', async () => {
    serve({ sites: { sites: [site()] }, 'sites/1/due': due({ items: [item({ what: 'Sheet in review', state: 'due', due_at: null })] }) });
    showTo(person('reviewer'), <DuePage />);
    await screen.findByText(/now due/);
    expect(screen.getByRole('link', { name: 'KF-204' }).getAttribute('href')).toBe('/circuits/7/sheet?view=review');
});

test('nothing that is due is said, and how greasing begins to count', async () => {
    serve({ sites: { sites: [site()] }, 'sites/1/due': due({ items: [] }) });
    showTo(person('viewer'), <DuePage />);
    await screen.findByText(/Greasing is counted from the first greasing/);
});

test('an administrator renews the secret address, and it is told that the old one is dead', async () => {
    let calendar = '/calendar/old.ics';
    const sent = serve({
        sites: { sites: [site()] },
        'sites/1/due': () => due({ calendar }),
        'POST sites/1/calendar': () => {
            calendar = '/calendar/new.ics';
            return { calendar };
        },
    });
    showTo(person('administrator'), <DuePage />);
    await screen.findByText(/old\.ics/);
    await userEvent.click(screen.getByRole('button', { name: 'Make a new address' }));
    await screen.findByText(/The old address no longer works/);
    await screen.findByText(/new\.ics/);
    expect(sent.filter(({ method }) => method === 'POST')).toHaveLength(1);
});

test('whoever only reads is told who makes an address, and makes none', async () => {
    serve({ sites: { sites: [site()] }, 'sites/1/due': due() });
    showTo(person('viewer'), <DuePage />);
    await screen.findByText(/An administrator can make one/);
    await waitFor(() => expect(screen.queryByRole('button', { name: /address/ })).toBeNull());
});
