import { Link, useLocation } from 'react-router';
import styled from 'styled-components';
import { useBench } from '../../bench/BenchContext';
import { Choice, Field } from '../../bench/fields';
import { Fields } from '../../bench/StationPage';
import { TraitField } from '../../bench/TraitField';
import { RuledTable } from '../../kit/RuledTable';
import { token } from '../../theme/tokens';

const Table = styled(RuledTable)`
    tr[data-lacks] {
        color: ${token.soft};
    }
    tbody tr:first-child th {
        color: ${token.accent};
    }
`;

/** Which way of measuring goes with what is at hand, what it shows, and how a scope is joined without harm. */
export function MethodView() {
    const { solved } = useBench();
    const { pathname } = useLocation();
    const curve = solved.solution.curves.measuring;
    const scoped = curve?.ways.some(({ way, lacks }) => way === 'scope' && lacks === '') === true;
    return (
        <>
            <TraitField path="measure.instruments" />
            <Fields>
                <Choice path="measure.neutral" />
                <Choice path="measure.balanced" />
            </Fields>
            {curve !== undefined && curve.ways.length === 0 && <p>Tick what is at hand: the way that goes with it follows.</p>}
            {curve !== undefined && curve.ways.length > 0 && (
                <Table>
                    <caption>Ways to measure power, the best first</caption>
                    <thead>
                        <tr>
                            <th scope="col">Way</th>
                            <th scope="col">shows</th>
                            <th scope="col">cannot show</th>
                        </tr>
                    </thead>
                    <tbody>
                        {curve.ways.map((way) => (
                            <tr key={way.way} {...(way.lacks === '' ? {} : { 'data-lacks': true })}>
                                <th scope="row">
                                    {way.label}
                                    {way.lacks !== '' && <small>: {way.lacks}</small>}
                                </th>
                                <td>{way.shows}</td>
                                <td>{way.cannot}</td>
                            </tr>
                        ))}
                    </tbody>
                </Table>
            )}
            {curve !== undefined && curve.ways.length > 0 && (
                <p>
                    Read by it under <Link to={`${pathname.replace(/[^/]*$/, 'power')}?view=measure`}>Power, measure</Link>, or keep it in
                    the plan.
                </p>
            )}
            {curve !== undefined && scoped && (
                <section aria-label="Scope and shunt">
                    <h2>Scope and shunt</h2>
                    <ul>
                        {curve.scope.map((line) => (
                            <li key={line}>{line}</li>
                        ))}
                    </ul>
                    <Fields>
                        <Field path="measure.shunt_ohm" />
                        <Field path="measure.shunt_power" />
                    </Fields>
                    <p>{curve.shunt}</p>
                </section>
            )}
        </>
    );
}
