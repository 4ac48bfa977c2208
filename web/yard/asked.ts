import { isGroupedBy } from './Groups';

const SORTS: readonly string[] = ['tag', 'worst', 'output', 'current', 'starting', 'cable', 'device', 'dial', 'dip'];

export const isSort = (text: string | null): text is string => text !== null && SORTS.includes(text);

/** What the yard understands of an address, and nothing else: an old link or a slip of the pen shows the whole yard. */
const UNDERSTOOD: Readonly<Record<string, (value: string) => boolean>> = {
    search: (value) => value.length <= 100,
    site: (value) => /^[1-9]\d{0,9}$/.test(value),
    worst: (value) => ['stop', 'caution', 'clear'].includes(value),
    area: (value) => value.length <= 60,
    device: (value) => value.length <= 80,
    cable: (value) => value.length <= 60,
    board: (value) => /^[1-9]\d{0,9}$/.test(value),
    starting: (value) => /^[a-z_]{1,30}$/.test(value),
    sort: isSort,
    down: (value) => value === '1',
    archived: (value) => value === '1',
    page: (value) => /^[1-9]\d{0,3}$/.test(value),
    group: isGroupedBy,
};

export function understood(params: URLSearchParams): URLSearchParams {
    return new URLSearchParams([...params].filter(([name, value]) => UNDERSTOOD[name]?.(value) === true));
}
