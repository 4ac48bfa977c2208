import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { vi } from 'vitest';
import type { Person, Problem, Solution } from './api/contract';
import type { Bench } from './bench/BenchContext';
import type { Draft } from './bench/circuit';
import { showOnBench, solution } from './testing';

/** What was sent to the service. */
export interface Sent {
    method: string;
    path: string;
    body: unknown;
}

/** Refuses a request in the service's own shape. */
export const refusal = (status: number, detail: string, errors: Problem['errors'] = []): Response =>
    new Response(JSON.stringify({ type: 'x', title: detail, status, detail, errors }), { status });

type Given = Response | object | null;
type Answer = Given | ((body: unknown) => Given);

const isMade = (answer: Answer | undefined): answer is (body: unknown) => Given => typeof answer === 'function';

/**
 * Stands in for the service: answers by method and path, or by the path alone; null is no answer at all, a path that is not listed is
 * not found. Each answer is made anew, so that it can be read more than once.
 */
export function serve(answers: Readonly<Record<string, Answer>>): Sent[] {
    const sent: Sent[] = [];
    vi.stubGlobal(
        'fetch',
        vi.fn((address: string, options: RequestInit) => {
            const method = options.method ?? 'GET';
            const path = address.replace('/api/', '');
            const body: unknown = typeof options.body === 'string' ? JSON.parse(options.body) : (options.body ?? null);
            sent.push({ method, path, body });
            const listed = `${method} ${path}` in answers ? answers[`${method} ${path}`] : answers[path];
            const answer: Given | undefined = isMade(listed) ? listed(body) : listed;
            if (answer === null) {
                return Promise.reject(new TypeError('no network'));
            }
            if (answer instanceof Response) {
                return Promise.resolve(answer.clone());
            }
            return Promise.resolve(
                answer === undefined ? refusal(404, 'There is no such thing here.') : new Response(JSON.stringify(answer)),
            );
        }),
    );
    return sent;
}

/** Somebody who is signed in. */
export const person = (role: Person['role'], more: Partial<Person> = {}): Person => ({
    id: 1,
    name: 'Shift electrician A',
    login: 'electrician-a',
    role,
    active: true,
    standing_read: true,
    version: 1,
    ...more,
});

/** Asks once, so that what fails is told at once. */
const clientFor = (who: Person | null): QueryClient => {
    const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
    client.setQueryData(['session'], { person: who });
    return client;
};

/** Shows a view to somebody. */
export function showTo(who: Person | null, view: ReactNode, at = '/') {
    return render(
        <MemoryRouter initialEntries={[at]}>
            <QueryClientProvider client={clientFor(who)}>{view}</QueryClientProvider>
        </MemoryRouter>,
    );
}

/** Shows a part of a kept circuit's bench to somebody. */
export function showBenchTo(who: Person, part: ReactNode, solved: Partial<Solution> = {}, more: Partial<Bench> = {}, draft: Draft = {}) {
    return showOnBench(
        <QueryClientProvider client={clientFor(who)}>{part}</QueryClientProvider>,
        draft,
        solution(solved),
        { place: { circuit: 7, site: 1, settings: {}, flush: () => Promise.resolve(5) }, ...more },
        '/circuits/7/plate',
    );
}
