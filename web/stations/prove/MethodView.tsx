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
            {curve !== undefined && curve.ways.length === 0 && <p>Tick the instruments you have. The best method is listed first.</p>}
            {curve !== undefined && curve.ways.length > 0 && (
                <Table>
                    <caption>Methods to measure power, the best first</caption>
                    <thead>
                        <tr>
                            <th scope="col">Method</th>
                            <th scope="col">shows</th>
                            <th scope="col">does not show</th>
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
                    Enter it under <Link to={`${pathname.replace(/[^/]*$/, 'power')}?view=measure`}>Power, measure</Link>, or save it in the
                    plan.
                </p>
            )}
            {curve !== undefined && scoped && (
                <section aria-label="Oscilloscope and shunt">
                    <h2>Oscilloscope and shunt</h2>
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
