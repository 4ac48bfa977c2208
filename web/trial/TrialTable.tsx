import { Link } from 'react-router';
import styled from 'styled-components';
import type { TakenCircuit, TrialRow } from '../api/contract';
import { GradeTag } from '../kit/Grade';
import { RuledTable } from '../kit/RuledTable';
import { Scroll } from '../kit/Scroll';
import { Tick } from '../kit/Ticks';
import { token } from '../theme/tokens';

const Table = styled(RuledTable)`
    td p + p {
        margin-top: 4px;
    }
    small {
        display: block;
        color: ${token.soft};
        font-size: 13.5px;
        font-weight: 400;
    }
    s {
        color: ${token.soft};
    }
`;

/** Circuits that another supply would change: what moves, and which stops and cautions come or go. */
export function TrialTable({
    rows,
    taken,
    mayChoose,
    chosen,
    onChoose,
}: {
    rows: readonly TrialRow[];
    taken: readonly TakenCircuit[];
    mayChoose: boolean;
    chosen: ReadonlySet<number>;
    onChoose: (chosen: ReadonlySet<number>) => void;
}) {
    const told = new Map(taken.map((one) => [one.circuit, one.problem]));
    const readable = rows.filter(({ problem }) => problem === '');
    const all = readable.length > 0 && readable.every(({ circuit }) => chosen.has(circuit));
    const turn = (circuit: number, on: boolean) => {
        const next = new Set(chosen);
        if (on) {
            next.add(circuit);
        } else {
            next.delete(circuit);
        }
        onChoose(next);
    };
    return (
        <Scroll tabIndex={0} role="group" aria-label="Circuits that would change">
            <Table>
                <thead>
                    <tr>
                        <th scope="col">
                            {mayChoose ? (
                                <Tick
                                    label="All circuits"
                                    isSelected={all}
                                    onChange={(on) => onChoose(new Set(on ? readable.map(({ circuit }) => circuit) : []))}
                                />
                            ) : (
                                'Circuit'
                            )}
                        </th>
                        <th scope="col">Entered now</th>
                        <th scope="col">Would change</th>
                        <th scope="col">Stops and cautions</th>
                    </tr>
                </thead>
                <tbody>
                    {rows.map((row) => (
                        <tr key={row.circuit}>
                            <th scope="row">
                                {mayChoose && row.problem === '' && told.get(row.circuit) === undefined ? (
                                    <Tick label={row.tag} isSelected={chosen.has(row.circuit)} onChange={(on) => turn(row.circuit, on)} />
                                ) : (
                                    row.tag
                                )}
                                <small>{row.drives}</small>
                                {told.has(row.circuit) && (
                                    <small>{told.get(row.circuit) === '' ? '✓ entered' : told.get(row.circuit)}</small>
                                )}
                            </th>
                            <td>{row.was}</td>
                            <td>
                                {row.problem}
                                {row.moved.map(({ station, label, from, to }) => (
                                    <p key={`${station} ${label}`}>
                                        <Link to={`/circuits/${row.circuit}/${station}`}>{label}</Link>:{' '}
                                        <s>{from === '' ? 'none' : from}</s> → <b>{to === '' ? 'none' : to}</b>
                                    </p>
                                ))}
                            </td>
                            <td>
                                {row.gained.map(({ grade, station, title }) => (
                                    <p key={title}>
                                        <GradeTag grade={grade} /> <Link to={`/circuits/${row.circuit}/${station}`}>{title}</Link>
                                    </p>
                                ))}
                                {row.lost.map(({ grade, title }) => (
                                    <p key={title}>
                                        <s>
                                            {grade}: {title}
                                        </s>{' '}
                                        no longer
                                    </p>
                                ))}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </Table>
        </Scroll>
    );
}
