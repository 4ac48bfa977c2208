import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, test, vi } from 'vitest';
import type { Analyser } from '../../api/contract';
import { person, refusal, serve, showBenchTo } from '../../testing.service';
import { Analysers } from './Analysers';

const analyser: Analyser = { id: 4, name: 'Board 2', host: '127.0.0.1', port: 502, unit: 1, map: {} };
const values = { volts_12: '399.8', amps_1: '48.2', watts: '29800' };

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

test('a real analyser is read once on demand, and kept as what its map suffices for', async () => {
    const sent = serve({
        analysers: { analysers: [analyser] },
        'POST analysers/4/read': { values },
        'POST circuits/7/readings/typed': {},
    });
    showBenchTo(person('electrician'), <Analysers />);
    expect(await screen.findByText(/127\.0\.0\.1, unit 1/)).toBeTruthy();
    expect(sent.filter(({ method }) => method === 'POST')).toEqual([]);
    await userEvent.click(screen.getByRole('button', { name: 'Read Board 2' }));
    await screen.findByText(/volts 12 399\.8, amps 1 48\.2, watts 29800/);
    // Three lines are wanted for a supply voltage or line currents; one of each and the watts are a power.
    expect(screen.queryByRole('button', { name: 'Keep as supply voltage' })).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: /^Save as.*power/ }));
    await waitFor(() =>
        expect(sent.at(-2)?.body ?? sent.at(-1)?.body).toMatchObject({
            kind: 'power',
            values: { method: 'volts_amps_watts', ...values },
            instrument: 'Board 2',
        }),
    );
});

test('one that does not answer says so, and nothing is kept', async () => {
    serve({ analysers: { analysers: [analyser] }, 'POST analysers/4/read': refusal(502, 'The analyser does not answer.') });
    showBenchTo(person('electrician'), <Analysers />);
    await userEvent.click(await screen.findByRole('button', { name: 'Read Board 2' }));
    await screen.findByText('The analyser does not answer.');
    expect(screen.queryByRole('button', { name: /Keep as/ })).toBeNull();
});

test('whoever only reads looks at it and keeps nothing', async () => {
    serve({ analysers: { analysers: [analyser] }, 'POST analysers/4/read': { values } });
    showBenchTo(person('viewer'), <Analysers />, {}, { readOnly: true });
    await userEvent.click(await screen.findByRole('button', { name: 'Read Board 2' }));
    await screen.findByText(/watts 29800/);
    expect(screen.queryByRole('button', { name: /Keep as/ })).toBeNull();
});
