import { act, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { resource as circuit } from '../testing';
import { useDraft } from './useDraft';

const resource = circuit({ circuit: { tag: 'KF-204', plate: { power: '37 kW' } } });

const answer = (status: number, body: unknown) =>
    Promise.resolve(new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } }));
const problem = (status: number, more = {}) =>
    answer(status, { type: 'x', title: 'Refused', status, detail: 'Refused.', errors: [], ...more });

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
