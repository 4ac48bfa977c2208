import { setAway } from '../away/away';
import { setServiceArchive } from './archive';
import type { Problem } from './contract';
import { setSessionOver } from '../session/over';

/** An answer that is not the one asked for, with the service's words for it. */
export class ProblemError extends Error {
    constructor(readonly problem: Problem) {
        super(problem.detail);
        this.name = 'ProblemError';
    }

    get status(): number {
        return this.problem.status;
    }

    /** What is said at a field, or undefined. */
    at(path: string): string | undefined {
        return this.problem.errors.find((error) => error.path === path)?.text;
    }
}

/** No answer at all: the service or the way to it is down. */
export class OfflineError extends Error {
    constructor() {
        super('Cannot reach the server.');
        this.name = 'OfflineError';
    }
}

/** What failed, whatever was thrown. */
export const errorOf = (error: unknown): Error => (error instanceof Error ? error : new OfflineError());

/** What a person is told where something failed. */
export const messageOf = (error: unknown): string => errorOf(error).message;

/** A number of the database, as it came or as it stands in an address. */
export type Id = number | string;

/** What may stand behind a question mark; what is undefined is left out. */
export type Query<Name extends string> = Readonly<Partial<Record<Name, string | number | undefined>>>;

/** The part of an address behind its path. */
export function asked(query: Readonly<Record<string, string | number | undefined>>): string {
    const given = Object.entries(query).filter(([, value]) => value !== undefined);
    return given.length === 0 ? '' : `?${given.map(([name, value]) => `${name}=${encodeURIComponent(String(value))}`).join('&')}`;
}

function xsrfToken(): string {
    const cookie = document.cookie.split('; ').find((one) => one.startsWith('XSRF-TOKEN='));
    return cookie === undefined ? '' : decodeURIComponent(cookie.slice('XSRF-TOKEN='.length));
}

/**
 * One request to the service, JSON both ways.
 *
 * @throws ProblemError when it answers with a problem
 * @throws OfflineError when it does not answer
 */
export function call<T>(method: 'GET' | 'POST' | 'PUT' | 'DELETE', path: string, body?: unknown, signal?: AbortSignal): Promise<T> {
    return request<T>(method, path, body === undefined ? undefined : JSON.stringify(body), 'application/json', signal);
}

/**
 * One request with a file as it is, such as a photograph or a table of samples.
 *
 * @throws ProblemError when the service answers with a problem
 * @throws OfflineError when it does not answer
 */
export function send<T>(method: 'POST' | 'PUT', path: string, file: Blob, signal?: AbortSignal): Promise<T> {
    return request<T>(method, path, file, file.type === '' ? 'application/octet-stream' : file.type, signal);
}

async function request<T>(
    method: string,
    path: string,
    body: BodyInit | undefined,
    type: string,
    signal: AbortSignal | undefined,
): Promise<T> {
    let response: Response;
    try {
        response = await fetch(`/api/${path}`, {
            method,
            headers: { Accept: 'application/json', 'Content-Type': type, 'X-XSRF-TOKEN': xsrfToken() },
            credentials: 'same-origin',
            ...(body === undefined ? {} : { body }),
            ...(signal === undefined ? {} : { signal }),
        });
    } catch (error) {
        if (error instanceof DOMException && error.name === 'AbortError') {
            throw error;
        }
        throw new OfflineError();
    }
    if (response.status < 500) {
        setAway(null);
    }
    setServiceArchive(response.headers.get('X-Core-Archive'));
    if ((response.status === 401 || response.status === 419) && path !== 'session') {
        setSessionOver(true);
    }
    if (response.status === 204) {
        return undefined as T;
    }
    const answer: unknown = await response.json().catch(() => null);
    if (!response.ok) {
        throw new ProblemError(
            isProblem(answer)
                ? answer
                : { type: '', title: 'Request rejected', status: response.status, detail: 'The request was rejected.', errors: [] },
        );
    }
    return answer as T;
}

function isProblem(answer: unknown): answer is Problem {
    return typeof answer === 'object' && answer !== null && 'detail' in answer && 'errors' in answer;
}
