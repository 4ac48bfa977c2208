import type { FieldPath, Reading } from '../api/contract';

/** A circuit document as it travels: typed values by section. */
export type Draft = Record<string, unknown>;

/** What is typed in a field, as text; '' when it is empty. */
export const typed = (draft: Draft, path: FieldPath): string => textAt(draft, path);

/** The same at any path, also one that this version has no field for. */
export function textAt(draft: Draft, path: string): string {
    let at: unknown = draft;
    for (const key of path.split('.')) {
        at = typeof at === 'object' && at !== null ? (at as Record<string, unknown>)[key] : undefined;
    }
    return typeof at === 'string' ? at : typeof at === 'number' || typeof at === 'boolean' ? String(at) : '';
}

/** Several choices of one field: a list, or words parted by commas. */
export function several(draft: Draft, path: FieldPath): readonly string[] {
    const [section = '', key = ''] = path.split('.');
    const inner = draft[section];
    const value: unknown = typeof inner === 'object' && inner !== null ? (inner as Record<string, unknown>)[key] : undefined;
    const words = Array.isArray(value)
        ? value.filter((word): word is string => typeof word === 'string')
        : typeof value === 'string'
          ? value.split(',')
          : [];
    return words.map((word) => word.trim()).filter((word) => word !== '');
}

/** The same draft with another value in one field; everything else keeps its identity and order. */
export function withValue(draft: Draft, path: string, value: string | boolean | null): Draft {
    const [key = '', ...rest] = path.split('.');
    if (rest.length === 0) {
        return { ...draft, [key]: value };
    }
    const inner = draft[key];
    return { ...draft, [key]: withValue(typeof inner === 'object' && inner !== null ? (inner as Draft) : {}, rest.join('.'), value) };
}

/** What is sent to be solved: the draft as it was typed, its readings, and what its site says. */
export type ToSolve = Draft & { site_settings: Readonly<Record<string, unknown>> };

export const toSolve = (draft: Draft, settings: Readonly<Record<string, unknown>>, readings: readonly Reading[] = []): ToSolve => ({
    ...draft,
    ...(readings.length === 0 ? {} : { readings: readings.map((reading) => reading.document) }),
    site_settings: settings,
});
