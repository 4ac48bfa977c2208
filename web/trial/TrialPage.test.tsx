import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { expect, test } from 'vitest';
import type { Person, TrialRow } from '../api/contract';
import { site } from '../testing';
import { refusal, serve } from '../testing.service';
import TrialPage from './TrialPage';

const row = (circuit: number, tag: string, more: Partial<TrialRow> = {}): TrialRow => ({
    circuit,
    tag,
    drives: 'fan',
    version: 3,
    was: 'Ambient temperature: 30 °C',
    moved: [{ station: 'cable', label: 'Conductor size', from: '16 mm²', to: '25 mm²' }],
    gained: [{ grade: 'stop', station: 'guard', title: 'Fuse too large' }],
    lost: [],
    problem: '',
    ...more,
});

const answers = {
    sites: { sites: [site({ id: 1, name: 'Larkrigg Mill', supply: { ambient: '30' } })] },
    'POST sites/1/trial': { rows: [row(8, 'KF-205', { gained: [] }), row(7, 'KF-204')], unchanged: 5, next: null, total: 7 },
};

function show(role: Person['role'], at = '/what-if?site=1&ambient=45') {
    const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
    const person: Person = { id: 1, name: 'Somebody', login: 'somebody', role, active: true, standing_read: true, version: 1 };
    client.setQueryData(['session'], { person });
    render(
        <QueryClientProvider client={client}>
            <MemoryRouter initialEntries={[at]}>
                <TrialPage />
            </MemoryRouter>
        </QueryClientProvider>,
    );
}

test('an electrician sees what would change, chooses a circuit, and it takes the values', async () => {
    const sent = serve({ ...answers, 'POST sites/1/trial/take': { circuits: [{ circuit: 7, tag: 'KF-204', problem: '' }] } });
    show('electrician');
    await screen.findByText('new circuits here: 30');
    await userEvent.click(screen.getByRole('button', { name: 'Try it on all circuits' }));
    await screen.findByRole('heading', { name: '2 circuits of 7 would change' });
    expect(screen.getByText('1 circuit would gain a stop, 2 would change a size, a device or a setting.')).toBeTruthy();
    // The gravest stands first.
    expect(screen.getAllByRole('row')[1]?.textContent).toContain('KF-204');
    expect(screen.getAllByRole('row')[1]?.textContent).toContain('Conductor size: 16 mm² → 25 mm²');
    expect(screen.getByRole('link', { name: 'Fuse too large' }).getAttribute('href')).toBe('/circuits/7/guard');
    await userEvent.click(screen.getByRole('checkbox', { name: 'KF-204' }));
    await userEvent.click(screen.getByRole('button', { name: 'Enter it in 1 circuit' }));
    await screen.findByText('✓ entered');
    const body = sent.find(({ path }) => path.endsWith('/take'))?.body;
    expect(body).toMatchObject({ supply: { ambient: '45' }, circuits: [{ circuit: 7, version: 3 }] });
});

test('a planner is shown the same, and told who may', async () => {
    serve(answers);
    show('viewer');
    await userEvent.click(await screen.findByRole('button', { name: 'Try it on all circuits' }));
    await screen.findByText(/An electrician, a reviewer or an administrator can enter it/);
    expect(screen.queryByRole('checkbox')).toBeNull();
});

test('a value that cannot be read is told at its field, and stays', async () => {
    serve({
        ...answers,
        'POST sites/1/trial': refusal(422, 'See the marked fields.', [
            { path: 'supply.ambient', text: 'This is not a temperature.', accepted: '' },
        ]),
    });
    show('electrician', '/what-if?site=1&ambient=hot');
    await userEvent.click(await screen.findByRole('button', { name: 'Try it on all circuits' }));
    await screen.findByText('This is not a temperature.');
    expect(screen.getByLabelText<HTMLInputElement>('Ambient temperature').value).toBe('hot');
});

test('circuits are asked for part by part', async () => {
    const sent = serve({ ...answers, 'POST sites/1/trial': { rows: [], unchanged: 40, next: null, total: 40 } });
    show('electrician');
    await userEvent.click(await screen.findByRole('button', { name: 'Try it on all circuits' }));
    await screen.findByRole('heading', { name: 'No size, device, setting, stop or caution changes' });
    await waitFor(() => expect(sent.filter(({ path }) => path === 'sites/1/trial')).toHaveLength(1));
    expect(sent.find(({ path }) => path === 'sites/1/trial')?.body).toEqual({ supply: { ambient: '45' }, after: 0 });
});
