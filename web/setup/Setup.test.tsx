import { cleanup, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Analyser } from '../api/contract';
import { site } from '../testing';
import { person, refusal, serve, showTo } from '../testing.service';
import Setup from './Setup';

const analyser: Analyser = { id: 4, name: 'Board 2', host: '127.0.0.1', port: 502, unit: 1, map: { volts_12: {}, watts: {} } };
const house = {
    sites: { sites: [site()] },
    people: { people: [person('electrician', { id: 2, name: 'Shift electrician B', login: 'electrician-b' })] },
    analysers: { analysers: [analyser] },
};
const form = async (name: string) => within(await screen.findByRole('form', { name }));

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

describe('people', () => {
    it('are added with a role, and their password leaves the page at once', async () => {
        const sent = serve({ ...house, 'POST people': person('electrician', { id: 3 }) });
        showTo(person('administrator'), <Setup />);
        const fresh = await form('New user');
        await userEvent.type(fresh.getByLabelText('Name'), 'Shift electrician C');
        await userEvent.type(fresh.getByLabelText('Sign-in name'), 'electrician-c');
        await userEvent.type(fresh.getByLabelText('Password'), 'seven kilns and a saw');
        await userEvent.click(fresh.getByRole('button', { name: 'Add user' }));
        const made = () => sent.find(({ method, path }) => `${method} ${path}` === 'POST people');
        await waitFor(() => expect(made()).toBeDefined());
        expect(made()?.body).toEqual({
            name: 'Shift electrician C',
            login: 'electrician-c',
            role: 'electrician',
            password: 'seven kilns and a saw',
        });
        await waitFor(() => expect(screen.queryByDisplayValue('seven kilns and a saw')).toBeNull());
    });

    it('are switched off without a new password', async () => {
        const sent = serve({ ...house, 'PUT people/2': person('electrician', { id: 2, active: false }) });
        showTo(person('administrator'), <Setup />);
        const one = await form('Shift electrician B');
        await userEvent.click(one.getByRole('button', { name: /Sign-in/ }));
        await userEvent.click(screen.getByRole('option', { name: 'Not allowed' }));
        await userEvent.click(one.getByRole('button', { name: 'Save user' }));
        await waitFor(() => expect(one.getByText('Saved.')).toBeTruthy());
        expect(sent.find(({ method }) => method === 'PUT')?.body).toEqual({
            name: 'Shift electrician B',
            role: 'electrician',
            active: false,
            password: null,
            version: 1,
        });
    });

    it('keep what was typed where it is refused, told at its field', async () => {
        serve({
            ...house,
            'POST people': refusal(422, 'See the marked fields.', [{ path: 'password', text: 'Too short.', accepted: '' }]),
        });
        showTo(person('administrator'), <Setup />);
        const fresh = await form('New user');
        await userEvent.type(fresh.getByLabelText('Name'), 'Shift electrician C');
        await userEvent.type(fresh.getByLabelText('Password'), 'short');
        await userEvent.click(fresh.getByRole('button', { name: 'Add user' }));
        await fresh.findByText('Too short.');
        expect(fresh.getByLabelText<HTMLInputElement>('Name').value).toBe('Shift electrician C');
    });
});

describe('analysers', () => {
    it('are listed with what they read, and removed', async () => {
        const sent = serve({ ...house, 'DELETE analysers/4': new Response(null, { status: 204 }) });
        showTo(person('administrator'), <Setup />);
        await screen.findByText('volts_12, watts');
        await userEvent.click(screen.getByRole('button', { name: 'Remove Board 2' }));
        await waitFor(() => expect(sent.map(({ method, path }) => `${method} ${path}`)).toContain('DELETE analysers/4'));
    });

    it('with a register map that is none are told so at its field', async () => {
        serve({
            ...house,
            'POST analysers': refusal(422, 'See the marked fields.', [{ path: 'map', text: 'This is not JSON.', accepted: '' }]),
        });
        showTo(person('administrator'), <Setup />);
        const fresh = await form('New instrument');
        await userEvent.type(fresh.getByLabelText('Name'), 'Board 3');
        await userEvent.type(fresh.getByLabelText('Register map, JSON'), 'volts');
        await userEvent.click(fresh.getByRole('button', { name: 'Add instrument' }));
        await fresh.findByText('This is not JSON.');
        expect(fresh.getByLabelText<HTMLTextAreaElement>('Register map, JSON').value).toBe('volts');
    });
});

it('is opened by administrators alone', () => {
    const sent = serve(house);
    showTo(person('reviewer'), <Setup />);
    expect(screen.getByText('For administrators')).toBeTruthy();
    expect(sent).toEqual([]);
});
