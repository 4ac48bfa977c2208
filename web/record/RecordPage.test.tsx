import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, test, vi } from 'vitest';
import type { RecordAnswer } from '../api/contract';
import { person, serve, showTo } from '../testing.service';
import RecordPage from './RecordPage';

const answer: RecordAnswer = {
    events: [
        {
            id: 2,
            at: '2026-11-26T08:00:00Z',
            who: '',
            whence: '127.0.0.1',
            what: 'sign_in_refused',
            label: 'Sign in refused',
            about: 'as electrician-a',
        },
    ],
    total: 120,
    page: 1,
    pages: 3,
    kinds: [{ value: 'sign_in_refused', label: 'Sign in refused' }],
};

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

test('a refusal of somebody who is not known is a stranger’s, with where it came from', async () => {
    serve({ 'record?what=&who=&page=1': answer });
    showTo(person('administrator'), <RecordPage />);
    await screen.findByText('not signed in');
    expect(screen.getByText('2026-11-26 08:00:00')).toBeTruthy();
    expect(screen.getByText('as electrician-a')).toBeTruthy();
});

test('what is asked for goes along into the file, and begins at the first page again', async () => {
    const asked = serve({
        'record?what=&who=&page=1': answer,
        'record?what=&who=&page=2': { ...answer, page: 2 },
        'record?what=&who=A&page=1': { ...answer, events: [], pages: 1 },
    });
    showTo(person('administrator'), <RecordPage />);
    await screen.findByText('not signed in');
    await userEvent.click(screen.getByRole('button', { name: 'Next' }));
    await waitFor(() => expect(asked.at(-1)?.path).toBe('record?what=&who=&page=2'));
    await userEvent.type(screen.getByLabelText('User'), 'A');
    await waitFor(() => expect(asked.at(-1)?.path).toBe('record?what=&who=A&page=1'));
    expect(screen.getByText('Export (CSV)').getAttribute('href')).toBe('/api/record.csv?what=&who=A');
});

test('nobody else opens it, and nothing is asked for', () => {
    const asked = serve({});
    showTo(person('electrician'), <RecordPage />);
    expect(screen.getByText('For administrators')).toBeTruthy();
    expect(asked).toEqual([]);
});
