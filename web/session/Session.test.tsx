import 'fake-indexeddb/auto';
import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes } from 'react-router';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { forgetAll, recall, remember } from '../away/lastSeen';
import type { DraftState } from '../bench/useDraft';
import { SignInAgain } from '../bench/SignInAgain';
import { Menu } from '../kit/Menu';
import Standing from '../standing/Standing';
import { person, refusal, serve, showTo } from '../testing.service';
import { PasswordDialog } from './PasswordDialog';
import SignIn from './SignIn';

const wrong = () => refusal(422, 'Wrong name or password.', [{ path: 'password', text: 'Wrong name or password.', accepted: '' }]);

beforeEach(forgetAll);
afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

describe('signing in', () => {
    const show = () =>
        showTo(
            null,
            <Routes>
                <Route path="/sign-in" element={<SignIn />} />
                <Route path="/" element={<p>the yard</p>} />
            </Routes>,
            '/sign-in',
        );
    const fill = async () => {
        await userEvent.type(screen.getByLabelText('Name'), 'electrician-a');
        await userEvent.type(screen.getByLabelText('Password'), 'larkrigg');
        await userEvent.click(screen.getByRole('button', { name: 'Sign in' }));
    };

    it('leads on, and keeps on this device who it is', async () => {
        const sent = serve({ 'POST session': { person: person('electrician') } });
        show();
        await fill();
        await screen.findByText('the yard');
        expect(sent).toEqual([{ method: 'POST', path: 'session', body: { login: 'electrician-a', password: 'larkrigg' } }]);
        expect(await recall('session')).toMatchObject({ answer: { person: { login: 'electrician-a' } } });
    });

    it('forgets what another person has seen here', async () => {
        await remember('session', { person: person('electrician', { login: 'electrician-b' }) });
        await remember('circuit:7', 'what B looked at');
        serve({ 'POST session': { person: person('electrician') } });
        show();
        await fill();
        await screen.findByText('the yard');
        expect(await recall('circuit:7')).toBeNull();
    });

    it('says at its field that name and password do not belong together, and keeps the name', async () => {
        serve({ 'POST session': wrong() });
        show();
        await fill();
        await screen.findByText('Wrong name or password.');
        expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('electrician-a');
    });

    it('says that nobody answers', async () => {
        serve({ 'POST session': null });
        show();
        await fill();
        await screen.findByText('Cannot reach the server.');
    });
});

describe('a session that is over', () => {
    const draft = (flush = vi.fn(() => Promise.resolve(5))) => ({ state: { kind: 'signed_out' }, flush }) as unknown as DraftState;

    it('is begun again over the bench, and what was typed is saved', async () => {
        const sent = serve({ 'POST session': { person: person('electrician') } });
        const flush = vi.fn(() => Promise.resolve(5));
        showTo(person('electrician'), <SignInAgain draft={draft(flush)} login="electrician-a" />);
        await userEvent.type(screen.getByLabelText('Password'), 'larkrigg');
        await userEvent.click(screen.getByRole('button', { name: 'Sign in and save' }));
        await waitFor(() => expect(flush).toHaveBeenCalledOnce());
        expect(sent[0]?.body).toEqual({ login: 'electrician-a', password: 'larkrigg' });
    });

    it('stays over it where the password is wrong', async () => {
        serve({ 'POST session': wrong() });
        const flush = vi.fn(() => Promise.resolve(5));
        showTo(person('electrician'), <SignInAgain draft={draft(flush)} login="electrician-a" />);
        await userEvent.type(screen.getByLabelText('Password'), 'wrong');
        await userEvent.click(screen.getByRole('button', { name: 'Sign in and save' }));
        await screen.findByText('Wrong name or password.');
        expect(flush).not.toHaveBeenCalled();
    });
});

describe('the password', () => {
    const fill = async (present: string, wanted: string) => {
        await userEvent.type(screen.getByLabelText('Present password'), present);
        await userEvent.type(screen.getByLabelText('New password'), wanted);
        await userEvent.click(screen.getByRole('button', { name: 'Change password' }));
    };

    it('is changed with the present one, and it is told that other places are signed out', async () => {
        const sent = serve({ 'PUT session/password': { person: person('electrician') } });
        showTo(person('electrician'), <PasswordDialog open onClose={vi.fn()} />);
        await fill('larkrigg', 'seven kilns and a saw');
        await screen.findByText(/You have been signed out on all other devices/);
        expect(sent[0]?.body).toEqual({ present: 'larkrigg', password: 'seven kilns and a saw' });
    });

    it('that is too weak is told at its field', async () => {
        serve({
            'PUT session/password': refusal(422, 'See the marked fields.', [{ path: 'password', text: 'Too short.', accepted: '' }]),
        });
        showTo(person('electrician'), <PasswordDialog open onClose={vi.fn()} />);
        await fill('larkrigg', 'short');
        await screen.findByText('Too short.');
    });
});

describe('the menu', () => {
    const show = (role: 'viewer' | 'electrician' | 'administrator') =>
        showTo(
            person(role),
            <Routes>
                <Route path="/" element={<Menu />} />
                <Route path="/sign-in" element={<p>Who are you?</p>} />
            </Routes>,
        );
    const open = () => userEvent.click(screen.getByRole('button', { name: 'Menu' }));

    it('offers sites, people and the record to administrators alone', async () => {
        serve({});
        show('electrician');
        await open();
        expect(screen.getByRole('menuitem', { name: 'Where you are signed in' })).toBeTruthy();
        expect(screen.queryByRole('menuitem', { name: 'Activity log' })).toBeNull();
        cleanup();
        show('administrator');
        await open();
        expect(screen.getByRole('menuitem', { name: 'Activity log' })).toBeTruthy();
        expect(screen.getByRole('menuitem', { name: 'Sites and users' })).toBeTruthy();
    });

    it('signs out, and nothing that was seen stays on the device', async () => {
        await remember('circuit:7', 'what was looked at');
        const sent = serve({ 'DELETE session': new Response(null, { status: 204 }) });
        show('electrician');
        await open();
        await userEvent.click(screen.getByRole('menuitem', { name: 'Sign out Shift electrician A' }));
        await screen.findByText('Who are you?');
        expect(sent.map(({ method, path }) => `${method} ${path}`)).toContain('DELETE session');
        expect(await recall('circuit:7')).toBeNull();
    });

    it('says that you are still signed in where nobody answers', async () => {
        serve({ 'DELETE session': null });
        show('electrician');
        await open();
        await userEvent.click(screen.getByRole('menuitem', { name: 'Sign out Shift electrician A' }));
        await screen.findByText(/you are still signed in/);
        await userEvent.click(screen.getByRole('button', { name: 'Stay signed in' }));
        expect(screen.queryByText('Who are you?')).toBeNull();
    });
});

describe('the standing of the results', () => {
    it('is read once by each person, who says so', async () => {
        const sent = serve({ 'POST session/standing': { person: person('electrician') } });
        showTo(person('electrician', { standing_read: false }), <Standing />);
        await userEvent.click(screen.getByRole('button', { name: 'I have read this' }));
        await waitFor(() => expect(sent[0]).toMatchObject({ method: 'POST', path: 'session/standing' }));
        await waitFor(() => expect(screen.queryByRole('button', { name: 'I have read this' })).toBeNull());
    });

    it('warns of what can kill, and says that tables are from memory', () => {
        serve({});
        showTo(person('electrician'), <Standing />);
        for (const caution of [
            /lock off and tag/,
            /Capacitors stay charged/,
            /Motors can restart without warning/,
            /^Tables and limits were entered from memory/,
        ]) {
            expect(screen.getByText(caution)).toBeTruthy();
        }
        expect(screen.queryByRole('button', { name: 'I have read this' })).toBeNull();
    });

    it('says where what was read could not be noted', async () => {
        serve({ 'POST session/standing': null });
        showTo(person('electrician', { standing_read: false }), <Standing />);
        await userEvent.click(screen.getByRole('button', { name: 'I have read this' }));
        await screen.findByText('Cannot reach the server.');
    });
});
