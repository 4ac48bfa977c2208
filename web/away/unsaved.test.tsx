import 'fake-indexeddb/auto';
import { act, cleanup, render, renderHook, screen, waitFor } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { forgetLocally, keepLocally, keptByPerson } from '../bench/localDrafts';
import { resource } from '../testing';
import { recall, remember } from './lastSeen';
import { benchIsOpen, sendUnsaved, useSending, useUnsaved } from './unsaved';
import { UnsavedList } from './UnsavedList';

const answer = (status: number, body: unknown) => Promise.resolve(new Response(JSON.stringify(body), { status }));
const typed = (circuit: number, person = 'electrician-a') =>
    keepLocally({
        circuit,
        person,
        version: 3,
        base: { tag: `KF-${circuit}` },
        draft: { tag: `KF-${circuit}`, drives: 'fan' },
        key: `key ${circuit}`,
        at: '2026-11-26T08:00:00Z',
    });
const list = () =>
    render(
        <MemoryRouter>
            <UnsavedList />
        </MemoryRouter>,
    );

describe('what was typed on this device and is not saved yet', () => {
    const fetcher = vi.fn<(url: string, init: RequestInit) => Promise<Response>>();
    const sent = () => fetcher.mock.calls.map(([url, init]) => [url, JSON.parse(init.body as string) as Record<string, unknown>] as const);

    const forgetAll = async () => {
        for (const person of ['electrician-a', 'electrician-b']) {
            for (const { circuit, tab } of await keptByPerson(person)) {
                await forgetLocally(circuit, person, tab);
            }
        }
        await sendUnsaved('electrician-a');
    };

    beforeEach(async () => {
        await forgetAll();
        vi.stubGlobal('fetch', fetcher);
    });
    afterEach(async () => {
        cleanup();
        vi.unstubAllGlobals();
        fetcher.mockReset();
        await forgetAll();
    });

    it('goes up with its version and the same key each time, and is forgotten then', async () => {
        await typed(1);
        await remember('circuit:1', resource({ id: 1 }));
        fetcher.mockRejectedValueOnce(new TypeError('no network'));
        await sendUnsaved('electrician-a');
        expect(await keptByPerson('electrician-a')).toHaveLength(1);
        fetcher.mockImplementation(() => answer(200, { id: 1, version: 4, updated_at: 'now', updated_by: 'me' }));
        await sendUnsaved('electrician-a');
        expect(sent().map(([url]) => url)).toEqual(['/api/circuits/1', '/api/circuits/1']);
        expect(sent()[0]?.[1]).toEqual(sent()[1]?.[1]);
        expect(sent()[1]?.[1]).toMatchObject({ version: 3, key: 'key 1', circuit: { drives: 'fan' } });
        expect(await keptByPerson('electrician-a')).toEqual([]);
        // Opened without a network after that, it is as it was saved.
        expect(await recall('circuit:1')).toMatchObject({ answer: { version: 4, circuit: { drives: 'fan' } } });
    });

    it('of another person is neither sent nor shown', async () => {
        await typed(1, 'electrician-b');
        await sendUnsaved('electrician-a');
        expect(fetcher).not.toHaveBeenCalled();
        list();
        expect(screen.queryByRole('status')).toBeNull();
    });

    it('leaves the page with its person: the next one sees none of it', async () => {
        await typed(1);
        fetcher.mockRejectedValue(new TypeError('no network'));
        const someone: { person: string | undefined } = { person: 'electrician-a' };
        const { result, rerender } = renderHook(
            ({ person }: typeof someone) => {
                useSending(person);
                return useUnsaved();
            },
            { initialProps: someone },
        );
        await waitFor(() => expect(result.current.map(({ tag }) => tag)).toEqual(['KF-1']));
        // A planner, who changes nothing and sends nothing.
        rerender({ person: undefined });
        await waitFor(() => expect(result.current).toEqual([]));
    });

    it('of an open bench is left to the bench', async () => {
        await typed(2);
        const close = benchIsOpen(2);
        await sendUnsaved('electrician-a');
        expect(fetcher).not.toHaveBeenCalled();
        close();
        fetcher.mockImplementation(() => answer(200, { id: 2, version: 4, updated_at: 'now', updated_by: 'me' }));
        await sendUnsaved('electrician-a');
        expect(fetcher).toHaveBeenCalledTimes(1);
    });

    it('is listed with what stands against it, and stays', async () => {
        await typed(1);
        await typed(2);
        await typed(3);
        const problem = (status: number, title: string) => answer(status, { type: 'x', title, status, detail: title, errors: [] });
        fetcher
            .mockImplementationOnce(() => problem(409, 'Someone else saved this circuit'))
            .mockImplementationOnce(() => problem(422, 'Tag already in use'))
            .mockImplementationOnce(() => problem(401, 'Not signed in'));
        await act(() => sendUnsaved('electrician-a'));
        list();
        const text = screen.getByRole('status').textContent;
        expect(text).toContain('3 circuits changed on this device');
        expect(text).toContain('KF-1, changed by someone else');
        expect(text).toContain('KF-2, not saved: tag already in use');
        expect(text).toContain('KF-3, will be saved when you sign in again');
        expect(await keptByPerson('electrician-a')).toHaveLength(3);
    });
});
