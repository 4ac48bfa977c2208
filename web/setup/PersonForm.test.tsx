import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, test, vi } from 'vitest';
import { person, refusal, serve, showTo } from '../testing.service';
import { PersonForm } from './PersonForm';

afterEach(() => {
    vi.unstubAllGlobals();
});

const administrator = person('administrator');

test('a new person is sent with name, sign-in, role and a first password', async () => {
    const sent = serve({ 'POST people': person('electrician', { id: 9 }) });
    showTo(administrator, <PersonForm />);
    await userEvent.type(screen.getByLabelText('Name'), 'Night electrician');
    await userEvent.type(screen.getByLabelText('Sign-in name'), 'electrician-n');
    await userEvent.type(screen.getByLabelText('Password'), 'a long night in the kiln');
    await userEvent.click(screen.getByRole('button', { name: 'Add user' }));
    await screen.findByText('Saved.');
    expect(sent[0]).toEqual({
        method: 'POST',
        path: 'people',
        body: { name: 'Night electrician', login: 'electrician-n', role: 'electrician', password: 'a long night in the kiln' },
    });
    expect(screen.getByLabelText<HTMLInputElement>('Password').value).toBe('');
});

test('whoever is there already keeps the sign-in, and the password unless another is typed', async () => {
    const sent = serve({ 'PUT people/3': person('reviewer', { id: 3 }) });
    showTo(administrator, <PersonForm person={person('reviewer', { id: 3, name: 'Licensed supervisor', login: 'supervisor' })} />);
    expect(screen.getByLabelText('Sign-in name')).toHaveProperty('readOnly', true);
    await userEvent.clear(screen.getByLabelText('Name'));
    await userEvent.type(screen.getByLabelText('Name'), 'Supervisor of the mill');
    await userEvent.click(screen.getByRole('button', { name: 'Save user' }));
    await waitFor(() =>
        expect(sent[0]?.body).toEqual({ name: 'Supervisor of the mill', role: 'reviewer', active: true, password: null, version: 1 }),
    );
});

test('what is refused is told at its field, and nothing that was typed is lost', async () => {
    serve({
        'POST people': refusal(422, 'This person cannot be added.', [
            { path: 'login', text: 'Somebody signs in as this.', accepted: 'Another name.' },
            { path: 'password', text: 'Twelve characters at least.', accepted: '12 to 72 bytes.' },
        ]),
    });
    showTo(administrator, <PersonForm />);
    await userEvent.type(screen.getByLabelText('Name'), 'Night electrician');
    await userEvent.type(screen.getByLabelText('Sign-in name'), 'electrician-a');
    await userEvent.type(screen.getByLabelText('Password'), 'short');
    await userEvent.click(screen.getByRole('button', { name: 'Add user' }));
    await screen.findByText(/Somebody signs in as this/);
    expect(screen.getByText(/Twelve characters at least/)).toBeTruthy();
    expect(screen.getByText('This person cannot be added.')).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>('Sign-in name').value).toBe('electrician-a');
    expect(screen.getByLabelText<HTMLInputElement>('Password').value).toBe('short');
});

test('without the service the form says so and keeps what was typed', async () => {
    serve({ 'POST people': null });
    showTo(administrator, <PersonForm />);
    await userEvent.type(screen.getByLabelText('Name'), 'Night electrician');
    await userEvent.click(screen.getByRole('button', { name: 'Add user' }));
    await screen.findByText('Cannot reach the server.');
    expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Night electrician');
});
