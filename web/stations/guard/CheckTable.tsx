import type { ReactNode } from 'react';
import styled from 'styled-components';
import type { FaultRow } from '../../api/contract';
import { RuledTable } from '../../kit/RuledTable';
import { narrow, token } from '../../theme/tokens';

const Table = styled(RuledTable)`
    th {
        width: 38%;
        font-weight: 400;
    }
    td {
        font: 500 16px ${token.narrow};
    }
    .fails {
        color: ${token.stop};
    }
    .passes {
        color: ${token.accent};
    }
    td:last-child {
        white-space: nowrap;
    }
    @media ${narrow} {
        tr {
            display: grid;
            grid-template-columns: 1fr auto;
        }
        th {
            grid-column: 1 / -1;
            width: auto;
        }
        td {
            border-top: none;
            padding-top: 0;
        }
    }
`;

const VERDICTS: Record<FaultRow['verdict'], string> = {
    passes: '✓ passes',
    fails: '✕ fails',
    told: '',
    asks: 'check with the manufacturer',
    not_checked: 'not checked',
};

/** Checks with how each came out. One that was not made never reads as passed. */
export function CheckTable({
    title,
    rows,
}: {
    title: string;
    rows: readonly { label: string; verdict: FaultRow['verdict']; found: ReactNode }[];
}) {
    return (
        <Table>
            <caption>{title}</caption>
            <tbody>
                {rows.map(({ label, verdict, found }) => (
                    <tr key={label}>
                        <th scope="row">{label}</th>
                        <td>{found}</td>
                        <td className={verdict}>{VERDICTS[verdict]}</td>
                    </tr>
                ))}
            </tbody>
        </Table>
    );
}
