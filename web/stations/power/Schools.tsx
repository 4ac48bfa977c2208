import styled from 'styled-components';
import { useBench } from '../../bench/BenchContext';
import { Scroll } from '../../kit/Scroll';
import { RuledTable } from '../../kit/RuledTable';
import { token } from '../../theme/tokens';

const Table = styled(RuledTable)`
    td b {
        font: 600 18px ${token.narrow};
        white-space: nowrap;
    }
    span {
        display: block;
        color: ${token.soft};
        font-size: 13.5px;
        line-height: 1.3;
    }
    tr[data-used] {
        background: ${token.wash};
    }
    th {
        padding-left: 8px;
    }
`;

/** The same motor under every rule book: which current each would size by, and why they differ. */
export function Schools() {
    const { solved } = useBench();
    const rows = solved.solution.curves.schools;
    if (rows === undefined) {
        return null;
    }
    return (
        <Scroll tabIndex={0} role="group" aria-label="Rule books compared">
            <Table>
                <caption>Rule books compared</caption>
                <thead>
                    <tr>
                        <th scope="col">Rule book</th>
                        <th scope="col">Full-load current used for sizing</th>
                        <th scope="col">Value in its table</th>
                    </tr>
                </thead>
                <tbody>
                    {rows.map((row) => (
                        <tr key={row.name} {...(row.used ? { 'data-used': true } : {})}>
                            <th scope="row">
                                {row.name}
                                {row.used && <span>this circuit</span>}
                            </th>
                            <td>
                                <b>{row.design?.shown ?? '–'}</b>
                                <span>{row.design_from}</span>
                            </td>
                            <td>
                                <b>{row.table?.shown ?? '–'}</b>
                                <span>{row.table_from ?? 'no entry for this motor'}</span>
                            </td>
                        </tr>
                    ))}
                </tbody>
            </Table>
        </Scroll>
    );
}
