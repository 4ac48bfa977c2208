import { Link } from 'react-router';
import styled from 'styled-components';
import type { CircuitRow, Site } from '../api/contract';
import { Button } from '../kit/Button';
import { GradeMark, gradeWord, plural } from '../kit/Grade';
import { narrow, token } from '../theme/tokens';

const Table = styled.table`
    width: 100%;
    border-collapse: collapse;
    background: ${token.sheet};
    th,
    td {
        padding: 0 10px;
        height: 46px;
        border-bottom: 1px solid ${token.rule};
        text-align: left;
        white-space: nowrap;
    }
    thead th {
        position: sticky;
        top: 0;
        border-bottom: 2px solid ${token.ink};
        background: ${token.ground};
        color: ${token.soft};
        font-weight: 400;
        font-size: 14px;
    }
    thead button {
        min-height: ${token.touch};
        padding: 0;
        border: 0;
        background: none;
        color: inherit;
        font: inherit;
        cursor: pointer;
    }
    thead [aria-sort='ascending'],
    thead [aria-sort='descending'] {
        color: ${token.ink};
        font-weight: 600;
    }
    td.number,
    th.number {
        text-align: right;
    }
    td.number {
        font: 500 17px ${token.narrow};
    }
    tbody tr:hover {
        background: ${token.wash};
    }
    /* A tag stands on one line, unless it is as long as a sentence. */
    tbody th[data-long] {
        max-width: 150px;
        white-space: normal;
        overflow-wrap: anywhere;
    }
    tbody th a {
        display: inline-flex;
        align-items: center;
        min-height: 44px;
        color: ${token.ink};
        font: 600 18px/1.1 ${token.narrow};
    }
    td a {
        display: inline-flex;
        gap: 6px;
        align-items: center;
        min-height: 44px;
        color: inherit;
        font-size: 15px;
    }
    td.text {
        padding: 4px 10px;
        line-height: 1.2;
        white-space: normal;
        overflow-wrap: anywhere;
    }
    td small {
        display: block;
        color: ${token.soft};
        line-height: 1.1;
    }
    @media not all and (min-width: 1240px) {
        .wider {
            display: none;
        }
    }
    @media (max-width: 359px) {
        .number {
            display: none;
        }
    }
    @media ${narrow} {
        .wide {
            display: none;
        }
        th,
        td,
        td.text {
            padding-left: 6px;
            padding-right: 6px;
        }
    }
`;

const Count = styled.span`
    font: 600 15px ${token.narrow};
    white-space: nowrap;
`;

const LONG_TAG = 12;

/** The circuits with their worst finding and key figures. */
export function YardTable({
    rows,
    sites,
    sort,
    down,
    onSort,
    onRestore,
}: {
    rows: readonly CircuitRow[];
    sites: readonly Site[];
    sort: string;
    down: boolean;
    onSort: (sort: string, down: boolean) => void;
    /** Brings an archived circuit back; absent where the table shows what is in the yard. */
    onRestore?: (id: number) => void;
}) {
    // Of a number one wants the largest first, of a word the alphabet.
    const head = (key: string, label: string, look = '', first = look.includes('number')) => {
        return (
            <th scope="col" className={look} aria-sort={sort === key ? (down ? 'descending' : 'ascending') : 'none'}>
                <button type="button" onClick={() => onSort(key, sort === key ? !down : first)}>
                    {label} {sort === key ? (down ? '↓' : '↑') : ''}
                </button>
            </th>
        );
    };
    return (
        <Table>
            <thead>
                <tr>
                    {head('tag', 'Tag')}
                    <th scope="col">Driven machine</th>
                    {head('worst', 'Worst finding')}
                    {head('output', 'Output', 'number wider')}
                    {head('current', 'Current', 'number')}
                    {head('starting', 'Starter', 'wide')}
                    {head('cable', 'Cable', 'number wide')}
                    {head('device', 'Device', 'wide', true)}
                    {head('dial', 'Relay set to', 'number wide')}
                    {head('dip', 'Bus dip', 'number wider')}
                </tr>
            </thead>
            <tbody>
                {rows.map((row) => (
                    <tr key={row.id}>
                        <th scope="row" {...(row.tag.length > LONG_TAG ? { 'data-long': true } : {})}>
                            <Link to={`/circuits/${row.id}/plate`}>{row.tag}</Link>
                            {onRestore !== undefined && <Button onPress={() => onRestore(row.id)}>Restore</Button>}
                        </th>
                        <td className="text">
                            {row.drives}
                            <small>
                                {[
                                    row.area,
                                    row.board === null ? '' : `board ${row.board}`,
                                    sites.find((site) => site.id === row.site_id)?.name,
                                ]
                                    .filter((part) => part)
                                    .join(', ')}
                            </small>
                        </td>
                        <td className="text">
                            <Reason row={row} />
                        </td>
                        <td className="number wider">{row.output ?? '–'}</td>
                        <td className="number">{row.current ?? '–'}</td>
                        <td className="text wide">{row.starting ?? '–'}</td>
                        <td className="number wide">{row.cable ?? '–'}</td>
                        <td className="text wide">{row.device ?? '–'}</td>
                        <td className="number wide">{row.dial ?? '–'}</td>
                        <td className="number wider">{row.dip ?? '–'}</td>
                    </tr>
                ))}
            </tbody>
        </Table>
    );
}

/** Why a circuit is marked: its worst finding, leading to where it was found, and how many more there are. */
function Reason({ row }: { row: CircuitRow }) {
    const graver = row.stops + row.cautions;
    if (row.worst === 'none' || row.worst_station === null) {
        return <>{row.errors > 0 ? `${plural(row.errors, 'field')} with errors` : '–'}</>;
    }
    return (
        <>
            <Link to={`/circuits/${row.id}/${row.worst_station}`}>
                <GradeMark grade={row.worst} />
                <span>
                    <b>{gradeWord(row.worst)}: </b>
                    {row.worst_says}
                    {graver > 1 && <Count> +{graver - 1}</Count>}
                </span>
            </Link>
            {row.errors > 0 && <small>{plural(row.errors, 'field')} with errors</small>}
        </>
    );
}
