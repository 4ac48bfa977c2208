import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import type { RevisionRow } from '../api/contract';
import { resource, showOnBench, solution } from '../testing';
import { refusal, serve } from '../testing.service';
import { Revisions } from './Revisions';

const kept = (number: number, name: string): RevisionRow => ({
    id: number + 10,
    number,
    name,
    core: '0.4.0',
    created_by: 'Shift electrician B',
    created_at: '2026-11-26T08:00:00Z',
    state: 'draft',
    kind: 'for_use',
    steps: [],
});

function show(version: number | null, readOnly = false) {
    const flush = vi.fn(() => Promise.resolve(version));
    const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
    showOnBench(
        <QueryClientProvider client={client}>
            <Revisions resource={resource({ id: 7 })} draft={{ flush }} open onClose={() => undefined} />
        </QueryClientProvider>,
        {},
        solution(),
        { readOnly },
        '/circuits/7/plate',
    );
    return flush;
}

describe('revisions of a circuit', () => {
    it('are listed with who kept them and what solved them', async () => {
        serve({ 'circuits/7/revisions': { revisions: [kept(2, 'as built'), kept(1, 'as planned')] } });
        show(5);
        expect((await screen.findByRole('link', { name: 'as built' })).getAttribute('href')).toBe('/revisions/12');
        expect(screen.getAllByText(/Shift electrician B, .*core 0\.4\.0/)).toHaveLength(2);
    });

    it('keep what is saved: the draft goes up first, and its version is named', async () => {
        const sent = serve({ 'circuits/7/revisions': { revisions: [] }, 'POST circuits/7/revisions': kept(1, 'as built') });
        const flush = show(9);
        await screen.findByText('No revisions yet.');
        expect(screen.getByRole('button', { name: 'Save revision' })).toHaveProperty('disabled', true);
        await userEvent.type(screen.getByLabelText('Name of the revision'), 'as built');
        await userEvent.click(screen.getByRole('button', { name: 'Save revision' }));
        await waitFor(() => expect(sent.some(({ method }) => method === 'POST')).toBe(true));
        expect(flush).toHaveBeenCalledTimes(1);
        expect(sent.find(({ method }) => method === 'POST')?.body).toEqual({ name: 'as built', version: 9 });
        await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>('Name of the revision').value).toBe(''));
    });

    it('are not made of a draft that is not saved', async () => {
        const sent = serve({ 'circuits/7/revisions': { revisions: [] } });
        show(null);
        await userEvent.type(await screen.findByLabelText('Name of the revision'), 'as built');
        await userEvent.click(screen.getByRole('button', { name: 'Save revision' }));
        await screen.findByText(/Save the draft before you make a revision/);
        expect(sent.some(({ method }) => method === 'POST')).toBe(false);
        expect(screen.getByLabelText<HTMLInputElement>('Name of the revision').value).toBe('as built');
    });

    it('with a name that is taken say so at the name', async () => {
        serve({
            'circuits/7/revisions': { revisions: [kept(1, 'as built')] },
            'POST circuits/7/revisions': refusal(422, 'See the marked fields.', [
                { path: 'name', text: 'Revision 1 has this name.', accepted: 'Another name.' },
            ]),
        });
        show(5);
        await userEvent.type(await screen.findByLabelText('Name of the revision'), 'as built');
        await userEvent.click(screen.getByRole('button', { name: 'Save revision' }));
        await screen.findByText('Revision 1 has this name.');
    });

    it('that could not be loaded are not taken for none', async () => {
        serve({ 'circuits/7/revisions': null });
        show(5);
        await screen.findByText(/the revisions/i);
        expect(screen.queryByText('No revisions yet.')).toBeNull();
    });

    it('are named by nobody who only reads', async () => {
        serve({ 'circuits/7/revisions': { revisions: [] } });
        show(5, true);
        await screen.findByText('No revisions yet.');
        expect(screen.queryByLabelText('Name of the revision')).toBeNull();
    });
});
