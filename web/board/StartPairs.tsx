import styled from 'styled-components';
import type { BoardSolved } from '../api/contract';
import { GradeMark } from '../kit/Grade';
import { ListSection } from '../kit/ListPage';
import { RuledTable } from '../kit/RuledTable';
import { Scroll } from '../kit/Scroll';
import { token } from '../theme/tokens';

const Matrix = styled(RuledTable)`
    width: auto;
    th,
    td {
        padding-right: 18px;
        white-space: nowrap;
    }
    td {
        font: 500 16px ${token.narrow};
    }
    td[data-deep] {
        background: ${token.cautionWash};
    }
`;

/** Who may start with whom: the dip at the board where two motors start at the same moment, with all else running. */
export function StartPairs({ pairs }: { pairs: BoardSolved['pairs'] }) {
    const tags = [...new Set(pairs.flatMap(({ first, second }) => [first, second]))];
    if (tags.length === 0) {
        return null;
    }
    const between = (one: string, other: string) =>
        pairs.find(({ first, second }) => (first === one && second === other) || (first === other && second === one));
    const refused = pairs.filter(({ allowed }) => !allowed).length;
    return (
        <ListSection aria-label="Who may start with whom">
            <h2>Who may start with whom</h2>
            <p>
                Voltage dip at the board if two start at the same moment, with all else running.{' '}
                {refused === 0
                    ? 'Any two of these may start together.'
                    : 'Marked: deeper than the limit of this board. Start them one after the other.'}
            </p>
            <Scroll tabIndex={0} role="group" aria-label="Dip where two start together">
                <Matrix>
                    <thead>
                        <tr>
                            <td />
                            {tags.slice(1).map((tag) => (
                                <th key={tag} scope="col">
                                    {tag}
                                </th>
                            ))}
                        </tr>
                    </thead>
                    <tbody>
                        {tags.slice(0, -1).map((row, n) => (
                            <tr key={row}>
                                <th scope="row">{row}</th>
                                {tags.slice(1).map((column, k) => {
                                    const pair = k < n ? undefined : between(row, column);
                                    return (
                                        <td key={column} {...(pair?.allowed === false ? { 'data-deep': true } : {})}>
                                            {pair?.allowed === false && <GradeMark grade="caution" />} {pair?.dip}
                                        </td>
                                    );
                                })}
                            </tr>
                        ))}
                    </tbody>
                </Matrix>
            </Scroll>
        </ListSection>
    );
}
