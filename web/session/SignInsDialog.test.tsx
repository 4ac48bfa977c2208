import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { SignIn } from '../api/contract';
import { SignInsDialog } from './SignInsDialog';

const signIn = (id: number, machine: string, present = false): SignIn => ({
    id,
    machine,
    whence: '127.0.0.1',
    began_at: '2026-11-26T06:00:00Z',
    seen_at: '2026-11-26T07:00:00Z',
    present,
});

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

describe('where one is signed in', () => {
    it('lists every place, and ends another one but not the present one', async () => {
        let list = [signIn(1, 'Chrome on Linux', true), signIn(2, 'Firefox on Android')];
        const fetcher = vi.fn((_: string, init: RequestInit) => {
            if (init.method === 'DELETE') {
                list = list.slice(0, 1);
                return Promise.resolve(new Response(null, { status: 204 }));
            }
            return Promise.resolve(new Response(JSON.stringify({ sign_ins: list })));
        });
        vi.stubGlobal('fetch', fetcher);
        render(
            <QueryClientProvider client={new QueryClient()}>
                <SignInsDialog open onClose={vi.fn()} />
            </QueryClientProvider>,
        );
        await waitFor(() => expect(screen.getByText('Chrome on Linux, this device')).toBeTruthy());
        const ends = screen.getAllByRole('button', { name: /^Sign out / });
        expect(ends).toHaveLength(1);
        fireEvent.click(ends[0] as HTMLElement);
        await waitFor(() => expect(screen.queryByText(/Firefox on Android/)).toBeNull());
        expect(fetcher.mock.calls.find(([, init]) => init.method === 'DELETE')?.[0]).toBe('/api/session/sign-ins/2');
    });
});
