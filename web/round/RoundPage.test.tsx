import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, test, vi } from 'vitest';
import type { Round, RoundCheck } from '../api/contract';
import { site } from '../testing';
import { person, refusal, serve, showTo } from '../testing.service';
import RoundPage from './RoundPage';

const check = (more: Partial<RoundCheck> = {}): RoundCheck => ({
    item: 'dial',
    label: 'Overload relay setting',
    expected: '38.1 A',
    same: false,
    found: '66 A',
    grade: 'stop',
    says: 'In the delta the relay carries 0.58 of the line current.',
    ...more,
});
const round = (more: Partial<Round> = {}): Round => ({
    id: 2,
    site: 1,
    area: 'Kilns',
    by: 'Shift electrician A',
    at: '2026-11-26T08:00:00Z',
    ended: false,
    motors: [
        { id: 7, tag: 'KF-204', drives: 'Kiln fan 4', checks: [check()] },
        { id: 8, tag: 'KF-205', drives: 'Kiln fan 5', checks: [check({ same: true, grade: '', found: '' })] },
        { id: 9, tag: 'KF-206', drives: 'Kiln fan 6', checks: [] },
    ],
    defects: [{ circuit: 7, tag: 'KF-204', drives: 'Kiln fan 4', ...check() }],
    ...more,
});

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

test('a round is begun in one area, and opens', async () => {
    const sent = serve({
        sites: { sites: [site()] },
        'sites/1/rounds': { rounds: [] },
        'POST sites/1/rounds': round(),
        'rounds/2': round(),
    });
    showTo(person('electrician'), <RoundPage />, '/round');
    await userEvent.click(await screen.findByRole('button', { name: 'Start a round' }));
    await screen.findByText(/3 motors, 1 defect\./);
    expect(sent.find(({ method }) => method === 'POST')?.body).toEqual({ area: '' });
});

test('what was otherwise is listed with what is wanted, and each motor says how far it is', async () => {
    serve({ sites: { sites: [site()] }, 'rounds/2': round() });
    showTo(person('electrician'), <RoundPage />, '/round?round=2');
    await screen.findByText(/found 66 A, should be 38\.1 A/);
    expect(screen.getByText(/0\.58 of the line current/)).toBeTruthy();
    expect(screen.getByText('1 different')).toBeTruthy();
    expect(screen.getByText('1 the same')).toBeTruthy();
});

test('from one motor the next is one touch away', async () => {
    serve({ sites: { sites: [site()] }, 'rounds/2': round(), 'rounds/2/motors/7': { items: [] }, 'rounds/2/motors/8': { items: [] } });
    showTo(person('electrician'), <RoundPage />, '/round?round=2');
    await userEvent.click(await screen.findByRole('button', { name: /^KF-204/ }));
    await screen.findByText('1 of 3');
    await userEvent.click(screen.getByRole('button', { name: 'Next: KF-205' }));
    await screen.findByText('2 of 3');
    await userEvent.click(screen.getByRole('button', { name: 'All motors' }));
    await screen.findByText(/3 motors/);
});

test('a round that cannot be ended says why, and stays open', async () => {
    serve({ sites: { sites: [site()] }, 'rounds/2': round(), 'POST rounds/2/end': refusal(409, 'The round is ended already.') });
    showTo(person('electrician'), <RoundPage />, '/round?round=2');
    await userEvent.click(await screen.findByRole('button', { name: 'End the round' }));
    await screen.findByText('The round is ended already.');
});

test('whoever only reads begins and ends none', async () => {
    serve({ sites: { sites: [site()] }, 'sites/1/rounds': { rounds: [{ ...round(), motors: [], defects: [] }] }, 'rounds/2': round() });
    showTo(person('viewer'), <RoundPage />, '/round');
    await screen.findByText(/in progress/);
    expect(screen.queryByRole('button', { name: 'Start a round' })).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Kilns' }));
    await screen.findByText(/3 motors/);
    expect(screen.queryByRole('button', { name: 'End the round' })).toBeNull();
});

test('sites that could not be loaded are told', async () => {
    serve({ sites: null });
    showTo(person('electrician'), <RoundPage />, '/round');
    await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('Not loaded: sites and rounds'));
});
