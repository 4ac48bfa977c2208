import type { BoardAnswer } from '../api/contract';

/** What is typed of a board, as it travels. */
export type Typed = Readonly<Record<string, unknown>>;

export type Row = Readonly<Record<string, unknown>>;

/** Where a circuit lies on its board. */
export type Place = BoardAnswer['placed'][number];

const inner = (value: unknown): Row => (typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Row) : {});

/** A value as the text of its field. */
export const textOf = (value: unknown): string =>
    typeof value === 'string' ? value : typeof value === 'number' || typeof value === 'boolean' ? String(value) : '';

/** What stands at a path such as `supply.voltage`. */
export const at = (typed: Typed, path: string): unknown => path.split('.').reduce<unknown>((value, key) => inner(value)[key], typed);

/** The same with another value at a path; everything else keeps its identity. */
export function put(typed: Typed, path: string, value: unknown): Typed {
    const [key = '', ...rest] = path.split('.');
    return { ...typed, [key]: rest.length === 0 ? value : put(inner(typed[key]), rest.join('.'), value) };
}

/** The rows of a list at a path. */
export function rowsAt(typed: Typed, path: string): readonly Row[] {
    const rows = at(typed, path);
    return Array.isArray(rows) ? rows.map(inner) : [];
}
