import type { FigureKey } from '../api/contract';
import { useBench } from './BenchContext';
import { Value } from './StationPage';

/** Rows of a table, a figure each: those that were calculated. */
export function FigureRows({ rows }: { rows: readonly { key: FigureKey; label: string }[] }) {
    const { solved } = useBench();
    return rows
        .filter(({ key }) => solved.figure(key) !== undefined)
        .map(({ key, label }) => (
            <tr key={key}>
                <th scope="row">{label}</th>
                <td>
                    <Value figure={solved.figure(key)} />
                </td>
            </tr>
        ));
}
