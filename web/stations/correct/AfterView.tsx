import { scaleLinear } from 'd3-scale';
import { Link, useLocation } from 'react-router';
import styled from 'styled-components';
import type { AfterCurve } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { Field } from '../../bench/fields';
import { Fields, Pictures } from '../../bench/StationPage';
import { Drawing } from '../../kit/Drawing';
import { Picture } from '../../kit/Picture';
import { RuledTable } from '../../kit/RuledTable';
import { Unseen } from '../../kit/Unseen';
import { KeptReadings } from './KeptReadings';

const VERDICTS: Readonly<Record<string, string>> = {
    agrees: '✓ The capacitor works as calculated.',
    differs: '✕ The capacitor does not work as calculated.',
    cannot_be_compared: 'The load changed between the two readings. They cannot be compared.',
};

const Title = styled.h2`
    font-size: 19px;
    font-weight: 600;
`;

/** Readings with the capacitor on, beside those without it. */
export function AfterView() {
    const { solved } = useBench();
    const { pathname } = useLocation();
    const curve = solved.solution.curves.after_fitting;
    const verdict = solved.figure('correct.after_verdict')?.value;
    const finding = solved.solution.findings.find(({ code }) => code.startsWith('after_'));
    return (
        <>
            <Fields>
                <Field path="correction.after_volts" />
                <Field path="correction.after_amps" />
                <Field path="correction.after_watts" />
            </Fields>
            <KeptReadings />
            {solved.figure('measured.real') === undefined && (
                <p>
                    First enter the readings without the capacitor:{' '}
                    <Link to={`${pathname.replace(/[^/]*$/, 'power')}?view=measure`}>Power, measure</Link>.
                </p>
            )}
            {curve !== undefined && (
                <>
                    <Title>{VERDICTS[String(verdict)]}</Title>
                    {finding !== undefined && (
                        <p>
                            {finding.text} {finding.action}
                        </p>
                    )}
                    <Pictures $columns="minmax(0, 1fr) minmax(0, 1fr)">
                        <RuledTable>
                            <caption>Before and after</caption>
                            <thead>
                                <tr>
                                    <th scope="col">
                                        <Unseen>Quantity</Unseen>
                                    </th>
                                    <th scope="col">before</th>
                                    <th scope="col">after</th>
                                    <th scope="col">expected</th>
                                </tr>
                            </thead>
                            <tbody>
                                {curve.rows.map((row) => (
                                    <tr key={row.label}>
                                        <th scope="row">{row.label}</th>
                                        <td>{row.before}</td>
                                        <td>{row.after}</td>
                                        <td>{row.expected}</td>
                                    </tr>
                                ))}
                            </tbody>
                        </RuledTable>
                        <Triangles curve={curve} />
                        <Currents curve={curve} />
                    </Pictures>
                </>
            )}
        </>
    );
}

/** Both currents behind one voltage. */
function Currents({ curve: { before, after } }: { curve: AfterCurve }) {
    const k = scaleLinear([0, Math.max(before.in_phase, after.in_phase, Math.abs(before.behind), 1e-9)], [0, 150]);
    const base = 60;
    const end = (side: AfterCurve['before']) => [20 + k(side.in_phase), base + k(side.behind)] as const;
    const [x1, y1] = end(before);
    const [x2, y2] = end(after);
    return (
        <Picture
            title="Both currents and the voltage"
            name="before-after-currents"
            rows={[
                ['Before', before.current.shown],
                ['After', after.current.shown],
            ]}
        >
            <Drawing viewBox={`0 0 330 ${Math.max(y1, y2, base) + 40}`} role="img" aria-label="Currents before and after, with the voltage">
                <path className="real" d={`M20 ${base}H310`} />
                <text className="soft" x="300" y={base - 10} textAnchor="end">
                    voltage
                </text>
                <path className="before" d={`M20 ${base}L${x1} ${y1}`} />
                <path className="apparent" d={`M20 ${base}L${x2} ${y2}`} />
                <text className="soft" x={x1 + 8} y={y1 + 14}>
                    before {before.current.shown}
                </text>
                <text x={x2 + 8} y={y2 + (y2 < y1 - 24 ? 5 : -12)}>
                    after {after.current.shown}
                </text>
            </Drawing>
        </Picture>
    );
}

function Triangles({ curve: { before, after, rows } }: { curve: AfterCurve }) {
    const most = Math.max(before.reactive.value, Math.abs(after.reactive.value));
    const k = scaleLinear([0, 1], [0, Math.min(190 / Math.max(before.real.value, after.real.value), 150 / Math.max(most, 1e-9))]);
    const base = 30;
    const x = (value: number) => 10 + k(value);
    const y = (value: number) => base + k(value);
    return (
        <Picture
            title="Both triangles"
            name="before-after"
            rows={rows.map((row) => [row.label, `${row.before} before, ${row.after} after`] as const)}
        >
            <Drawing viewBox={`0 0 330 ${Math.max(y(most), base) + 40}`} role="img" aria-label="Power triangles before and after">
                <path className="real" d={`M10 ${base}H${x(after.real.value)}`} />
                <path className="before" d={`M10 ${base}L${x(before.real.value)} ${y(before.reactive.value)}`} />
                <path className="before" d={`M${x(before.real.value)} ${base}V${y(before.reactive.value)}`} />
                <path className="apparent" d={`M10 ${base}L${x(after.real.value)} ${y(after.reactive.value)}`} />
                <path className="reactive" d={`M${x(after.real.value)} ${base}V${y(after.reactive.value)}`} />
                <text x="10" y={base - 10}>
                    P {after.real.shown}
                </text>
                <text className="soft" x={x(before.real.value) + 10} y={y(before.reactive.value)}>
                    Q before {before.reactive.shown}
                </text>
                <text x={x(after.real.value) + 10} y={Math.min(y(after.reactive.value), y(before.reactive.value) - 18)}>
                    Q after {after.reactive.shown}
                </text>
                <text className="soft" x="10" y={Math.max(y(most), base) + 30}>
                    thin: before; thick: after
                </text>
            </Drawing>
        </Picture>
    );
}
