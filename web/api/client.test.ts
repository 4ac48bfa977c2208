import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { call, OfflineError, ProblemError } from './client';

describe('a request', () => {
    const fetcher = vi.fn<(url: string, init: RequestInit) => Promise<Response>>();
    beforeEach(() => vi.stubGlobal('fetch', fetcher));
    afterEach(() => {
        vi.unstubAllGlobals();
        fetcher.mockReset();
    });

    it('carries the token of the session cookie', async () => {
        document.cookie = 'XSRF-TOKEN=a%3Db';
        fetcher.mockResolvedValue(new Response('{"ok":1}'));
        await expect(call('POST', 'solve', { tag: 'A' })).resolves.toEqual({ ok: 1 });
        const [url, init] = fetcher.mock.calls[0] ?? ['', {}];
        expect(url).toBe('/api/solve');
        expect((init.headers as Record<string, string>)['X-XSRF-TOKEN']).toBe('a=b');
        expect(init.body).toBe('{"tag":"A"}');
    });

    it('throws the problem that the service tells, with its words at each field', async () => {
        fetcher.mockResolvedValue(
            new Response(
                JSON.stringify({
                    type: 'x',
                    title: 'Taken',
                    status: 422,
                    detail: 'The tag is taken.',
                    errors: [{ path: 'tag', text: 'Taken.', accepted: 'Another.' }],
                }),
                { status: 422 },
            ),
        );
        const error = await call('PUT', 'circuits/1').catch((caught: unknown) => caught);
        expect(error).toBeInstanceOf(ProblemError);
        expect((error as ProblemError).at('tag')).toBe('Taken.');
        expect((error as ProblemError).at('plate.power')).toBeUndefined();
    });

    it('makes a problem of an answer that is none', async () => {
        fetcher.mockResolvedValue(new Response('<html>', { status: 502 }));
        await expect(call('GET', 'sites')).rejects.toMatchObject({ status: 502 });
    });

    it('tells a service that is down from one that refuses', async () => {
        fetcher.mockRejectedValue(new TypeError('failed to fetch'));
        await expect(call('GET', 'sites')).rejects.toBeInstanceOf(OfflineError);
    });

    it('answers nothing to 204', async () => {
        fetcher.mockResolvedValue(new Response(null, { status: 204 }));
        await expect(call('DELETE', 'session')).resolves.toBeUndefined();
    });
});
