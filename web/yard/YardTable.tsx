import { Link } from 'react-router';
import styled from 'styled-components';
import type { CircuitRow, Site } from '../api/contract';
import { Button } from '../kit/Button';
import { GradeMark, plural } from '../kit/Grade';
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
        min-height: 40px;
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
    tbody th a {
        display: inline-flex;
        align-items: center;
        min-height: 44px;
        color: ${token.ink};
        font: 600 18px ${token.narrow};
    }
    td:nth-child(2) {
        max-width: 260px;
        overflow: hidden;
        text-overflow: ellipsis;
    }
    td small {
        display: block;
        color: ${token.soft};
        line-height: 1.1;
    }
    @media ${narrow} {
        .wide {
            display: none;
        }
        th,
        td {
            padding: 0 8px;
        }
        td:nth-child(2) {
            max-width: 132px;
        }
    }
`;

const Marks = styled.span`
    display: inline-flex;
    gap: 5px;
    align-items: center;
    min-width: 34px;
    font: 600 15px ${token.narrow};
    &:empty::after {
        content: '–';
        color: ${token.soft};
    }
`;

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
    const head = (key: string, label: string, look?: string) => (
        <th scope="col" className={look} aria-sort={sort === key ? (down ? 'descending' : 'ascending') : 'none'}>
            <button type="button" onClick={() => onSort(key, sort === key ? !down : false)}>
                {label} {sort === key ? (down ? '↓' : '↑') : ''}
            </button>
        </th>
    );
    return (
        <Table>
            <thead>
                <tr>
                    {head('tag', 'Tag')}
                    <th scope="col">Driven machine</th>
                    <th scope="col" className="wide">
                        Area, site
                    </th>
                    {head('worst', 'Findings')}
                    {head('output', 'Output', 'number wide')}
                    {head('current', 'Current', 'number')}
                    <th scope="col" className="wide">
                        Start
                    </th>
                    <th scope="col" className="wide">
                        Cable
                    </th>
                    <th scope="col" className="number wide">
                        Device
                    </th>
                    <th scope="col" className="number wide">
                        Relay set to
                    </th>
                    {head('dip', 'Bus dip', 'number wide')}
                </tr>
            </thead>
            <tbody>
                {rows.map((row) => (
                    <tr key={row.id}>
                        <th scope="row">
                            <Link to={`/circuits/${row.id}/plate`}>{row.tag}</Link>
                            {onRestore !== undefined && <Button onPress={() => onRestore(row.id)}>Restore</Button>}
                        </th>
                        <td title={row.drives}>{row.drives}</td>
                        <td className="wide">
                            {row.area}
                            <small>{sites.find((site) => site.id === row.site_id)?.name}</small>
                        </td>
                        <td>
                            <Marks>
                                {row.stops > 0 && (
                                    <>
                                        <GradeMark grade="stop" label="stops" /> {row.stops}
                                    </>
                                )}
                                {row.cautions > 0 && (
                                    <>
                                        <GradeMark grade="caution" label="cautions" /> {row.cautions}
                                    </>
                                )}
                                {row.errors > 0 && <span title="fields with errors">{plural(row.errors, 'field')}</span>}
                            </Marks>
                        </td>
                        <td className="number wide">{row.output ?? '–'}</td>
                        <td className="number">{row.current ?? '–'}</td>
                        <td className="wide">{row.starting ?? '–'}</td>
                        <td className="wide">{row.cable ?? '–'}</td>
                        <td className="number wide">{row.scpd ?? '–'}</td>
                        <td className="number wide">{row.dial ?? '–'}</td>
                        <td className="number wide">{row.dip ?? '–'}</td>
                    </tr>
                ))}
            </tbody>
        </Table>
    );
}
