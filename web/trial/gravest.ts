import type { TrialRow } from '../api/contract';
import { plural } from '../kit/Grade';

const gainsStop = ({ gained }: TrialRow): boolean => gained.some(({ grade }) => grade === 'stop');

const rank = (row: TrialRow): number => (gainsStop(row) ? 0 : row.moved.length > 0 ? 1 : 2);

/** Circuits that gain a stop first, then those of which something is bought or set, then those that only gain or lose a caution. */
export const gravestFirst = (rows: readonly TrialRow[]): readonly TrialRow[] => [...rows].sort((a, b) => rank(a) - rank(b));

/** How many of each, in words. */
export function counted(rows: readonly TrialRow[]): string {
    const stops = rows.filter(gainsStop).length;
    const moved = rows.filter((row) => row.moved.length > 0).length;
    const others = rows.length - rows.filter((row) => gainsStop(row) || row.moved.length > 0).length;
    return [
        `${stops === 0 ? 'No circuit' : plural(stops, 'circuit')} would gain a stop`,
        `${moved} would change a size, a device or a setting`,
        ...(others > 0 ? [`${others} only a stop or caution that comes or goes`] : []),
    ]
        .join(', ')
        .concat('.');
}
