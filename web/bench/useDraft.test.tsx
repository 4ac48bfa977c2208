import 'fake-indexeddb/auto';
import { act, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { resource as circuit } from '../testing';
import { keepLocally, keptLocally } from './localDrafts';
import { useDraft } from './useDraft';

const resource = circuit({ circuit: { tag: 'KF-204', plate: { power: '37 kW' } } });

const answer = (status: number, body: unknown) =>
    Promise.resolve(new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } }));
const problem = (status: number, more = {}) =>
    answer(status, { type: 'x', title: 'Request rejected', status, detail: 'Refused.', errors: [], ...more });

describe('saving a draft', () => {
    const fetcher = vi.fn<(url: string, init: RequestInit) => Promise<Response>>();
    const body = (call: number) =>
        JSON.parse(fetcher.mock.calls[call]?.[1].body as string) as { version: number; circuit: { plate: { power: string } } };

    beforeEach(() => {
        vi.useFakeTimers({ shouldAdvanceTime: true });
        vi.stubGlobal('fetch', fetcher);
    });
    afterEach(() => {
        vi.useRealTimers();
        vi.unstubAllGlobals();
        fetcher.mockReset();
    });

    it('waits a second, sends the latest with its version, and counts on', async () => {
        fetcher.mockImplementation(() => answer(200, { id: 7, version: 4, updated_at: 'now', updated_by: 'me' }));
        const { result } = renderHook(() => useDraft(resource, false));
        act(() => result.current.set('plate.power', '45'));
        act(() => result.current.set('plate.power', '45 kW'));
        expect(result.current.state.kind).toBe('unsaved');
        expect(fetcher).not.toHaveBeenCalled();
        await act(() => vi.advanceTimersByTimeAsync(1100));
        expect(fetcher).toHaveBeenCalledTimes(1);
        expect(body(0)).toMatchObject({ version: 3, circuit: { plate: { power: '45 kW' } } });
        await waitFor(() => expect(result.current.state.kind).toBe('saved'));
        expect(result.current.version).toBe(4);
    });

    it('saves an undo that came while the save before was under way', async () => {
        let finish: (response: Response) => void = () => undefined;
        const slow = new Promise<Response>((resolve) => {
            finish = resolve;
        });
        fetcher
            .mockImplementationOnce(() => slow)
            .mockImplementation(() => answer(200, { id: 7, version: 5, updated_at: 'now', updated_by: 'me' }));
        const { result } = renderHook(() => useDraft(resource, false));
        act(() => result.current.set('plate.power', '45 kW'));
        await act(() => vi.advanceTimersByTimeAsync(1100));
        act(() => result.current.undo());
        finish(await answer(200, { id: 7, version: 4, updated_at: 'now', updated_by: 'me' }));
        await act(() => vi.advanceTimersByTimeAsync(1100));
        await waitFor(() => expect(result.current.state.kind).toBe('saved'));
        expect(body(1)).toMatchObject({ version: 4, circuit: { plate: { power: '37 kW' } } });
    });

    it('conflicts with nobody where its own save was answered for and the answer was lost', async () => {
        let key = '';
        fetcher.mockImplementationOnce((_url, init) => {
            key = (JSON.parse(init.body as string) as { key: string }).key;
            return Promise.reject(new TypeError('the line is cut'));
        });
        const { result } = renderHook(() => useDraft(resource, false));
        act(() => result.current.set('plate.power', '45 kW'));
        await act(() => vi.advanceTimersByTimeAsync(1100));
        const current = { ...resource, version: 4, save_key: key, circuit: { tag: 'KF-204', plate: { power: '45 kW' } } };
        fetcher
            .mockImplementationOnce(() => problem(409, { current }))
            .mockImplementation(() => answer(200, { id: 7, version: 5, updated_at: 'now', updated_by: 'me' }));
        act(() => result.current.set('plate.power', '55 kW'));
        await act(() => vi.advanceTimersByTimeAsync(4000));
        await waitFor(() => expect(result.current.state.kind).toBe('saved'));
        expect(body(fetcher.mock.calls.length - 1)).toMatchObject({ version: 4, circuit: { plate: { power: '55 kW' } } });
    });

    it('keeps what is typed through a conflict, whatever is chosen', async () => {
        const current = {
            ...resource,
            version: 9,
            circuit: { tag: 'KF-204', plate: { power: '55 kW' } },
            updated_by: 'Shift electrician B',
        };
        fetcher
            .mockImplementationOnce(() => problem(409, { current }))
            .mockImplementation(() => answer(200, { id: 7, version: 10, updated_at: 'now', updated_by: 'me' }));
        const { result } = renderHook(() => useDraft(resource, false));
        act(() => result.current.set('plate.power', '45 kW'));
        await act(() => vi.advanceTimersByTimeAsync(1100));
        await waitFor(() => expect(result.current.state.kind).toBe('conflict'));
        expect(result.current.draft).toMatchObject({ plate: { power: '45 kW' } });
        act(() => result.current.resolve('mine'));
        await waitFor(() => expect(result.current.state.kind).toBe('saved'));
        expect(body(1)).toMatchObject({ version: 9, circuit: { plate: { power: '45 kW' } } });
    });

    it('takes the other state on demand, and undo brings mine back', async () => {
        const current = { ...resource, version: 9, circuit: { tag: 'KF-204', plate: { power: '55 kW' } } };
        fetcher.mockImplementation(() => problem(409, { current }));
        const { result } = renderHook(() => useDraft(resource, false));
        act(() => result.current.set('plate.power', '45 kW'));
        await act(() => vi.advanceTimersByTimeAsync(1100));
        await waitFor(() => expect(result.current.state.kind).toBe('conflict'));
        act(() => result.current.resolve('theirs'));
        expect(result.current.draft).toEqual(current.circuit);
        act(() => result.current.undo());
        expect(result.current.draft).toMatchObject({ plate: { power: '45 kW' } });
    });

    it('tries again by itself when the service was down', async () => {
        fetcher
            .mockImplementationOnce(() => Promise.reject(new TypeError('failed to fetch')))
            .mockImplementation(() => answer(200, { id: 7, version: 4, updated_at: 'now', updated_by: 'me' }));
        const { result } = renderHook(() => useDraft(resource, false));
        act(() => result.current.set('plate.power', '45 kW'));
        await act(() => vi.advanceTimersByTimeAsync(1100));
        await waitFor(() => expect(result.current.state.kind).toBe('offline'));
        await act(() => vi.advanceTimersByTimeAsync(5100));
        await waitFor(() => expect(result.current.state.kind).toBe('saved'));
    });

    it('says that a service that is restarting is away, and tries again', async () => {
        fetcher
            .mockImplementationOnce(() => problem(503))
            .mockImplementationOnce(() => problem(502))
            .mockImplementation(() => answer(200, { id: 7, version: 4, updated_at: 'now', updated_by: 'me' }));
        const { result } = renderHook(() => useDraft(resource, false));
        act(() => result.current.set('plate.power', '45 kW'));
        await act(() => vi.advanceTimersByTimeAsync(1100));
        await waitFor(() => expect(result.current.state.kind).toBe('offline'));
        await act(() => vi.advanceTimersByTimeAsync(2100));
        await waitFor(() => expect(fetcher).toHaveBeenCalledTimes(2));
        await act(() => vi.advanceTimersByTimeAsync(4200));
        await waitFor(() => expect(result.current.state.kind).toBe('saved'));
        // The same save under the same key: had the first one arrived, this would be answered like it.
        const keys = [0, 1, 2].map((call) => (body(call) as unknown as { key: string }).key);
        expect(new Set(keys).size).toBe(1);
    });

    it('waits for a sign-in when the session is over, and keeps what is typed', async () => {
        fetcher.mockImplementation(() => problem(401));
        const { result } = renderHook(() => useDraft(resource, false));
        act(() => result.current.set('plate.power', '45 kW'));
        await act(() => vi.advanceTimersByTimeAsync(1100));
        await waitFor(() => expect(result.current.state.kind).toBe('signed_out'));
        expect(result.current.draft).toMatchObject({ plate: { power: '45 kW' } });
    });

    it('sends one save after the other, each over the version of the one before', async () => {
        let version = 3;
        fetcher.mockImplementation(() => answer(200, { id: 7, version: ++version, updated_at: 'now', updated_by: 'me' }));
        const { result } = renderHook(() => useDraft(resource, false));
        act(() => result.current.set('plate.power', '45 kW'));
        const first = result.current.flush();
        act(() => result.current.set('plate.power', '55 kW'));
        const more = [result.current.flush(), result.current.flush()];
        await act(() => Promise.all([first, ...more]));
        const versions = fetcher.mock.calls.map((_, call) => body(call).version);
        expect(versions).toEqual([3, 4]);
        expect(result.current.version).toBe(5);
    });

    it('brings back what was typed before a crash', async () => {
        fetcher.mockImplementation(() => Promise.reject(new TypeError('failed to fetch')));
        const crashed = renderHook(() => useDraft(resource, false, 'electrician-a'));
        act(() => crashed.result.current.set('plate.power', '45 kW'));
        await vi.waitFor(async () => expect(await keptLocally(7, 'electrician-a')).not.toBeNull());
        crashed.unmount();
        fetcher.mockReset();
        fetcher.mockImplementation(() => answer(200, { id: 7, version: 4, updated_at: 'now', updated_by: 'me' }));
        const { result } = renderHook(() => useDraft(resource, false, 'electrician-a'));
        await waitFor(() => expect(result.current.draft).toMatchObject({ plate: { power: '45 kW' } }));
        await act(() => vi.advanceTimersByTimeAsync(1100));
        await waitFor(() => expect(result.current.state.kind).toBe('saved'));
        await vi.waitFor(async () => expect(await keptLocally(7, 'electrician-a')).toBeNull());
    });

    it('asks when the service has moved on meanwhile, and offers nobody what another person typed', async () => {
        const draft = { tag: 'KF-204', plate: { power: '45 kW' } };
        await keepLocally({ circuit: 7, person: 'electrician-a', version: 2, base: { tag: 'KF-204' }, draft, key: 'k', at: '' });
        const { result } = renderHook(() => useDraft(resource, false, 'electrician-a'));
        await waitFor(() => expect(result.current.state.kind).toBe('conflict'));
        expect(result.current.draft).toMatchObject({ plate: { power: '45 kW' } });
        await act(() => vi.advanceTimersByTimeAsync(1500));
        expect(fetcher).not.toHaveBeenCalled();
        const other = renderHook(() => useDraft(resource, false, 'electrician-b'));
        await act(() => vi.advanceTimersByTimeAsync(200));
        expect(other.result.current.draft).toMatchObject({ plate: { power: '37 kW' } });
    });

    it('is saved again when a change is undone before it was sent', () => {
        const { result } = renderHook(() => useDraft(resource, false));
        act(() => result.current.set('plate.power', '45 kW'));
        act(() => result.current.undo());
        expect(result.current.state.kind).toBe('saved');
        expect(fetcher).not.toHaveBeenCalled();
    });

    it('sends nothing for somebody who only reads', async () => {
        const { result } = renderHook(() => useDraft(resource, true));
        act(() => result.current.set('plate.power', '45 kW'));
        await act(() => vi.advanceTimersByTimeAsync(3000));
        expect(fetcher).not.toHaveBeenCalled();
    });
});
