import styled from 'styled-components';
import type { FigureKey } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { Choice, Field } from '../../bench/fields';
import { Fields, Value } from '../../bench/StationPage';
import { Drawing } from '../../kit/Drawing';
import { Picture } from '../../kit/Picture';
import { RuledTable } from '../../kit/RuledTable';
import { token } from '../../theme/tokens';

const Table = styled(RuledTable)`
    td {
        font: 600 17px ${token.narrow};
        white-space: nowrap;
    }
`;

const Shape = styled(Drawing)`
    .wire {
        fill: none;
        stroke: ${token.ink};
        stroke-width: 2;
    }
    rect {
        fill: ${token.sheet};
        stroke: ${token.ink};
        stroke-width: 2;
    }
    .ohm {
        fill: none;
        stroke: ${token.accent};
        stroke-width: 2;
        stroke-dasharray: 5 4;
    }
`;

const ROWS: readonly { label: string; star: FigureKey; delta: FigureKey }[] = [
    { label: 'Voltage per winding', star: 'windings.star_voltage', delta: 'windings.delta_voltage' },
    { label: 'Current per winding', star: 'windings.star_current', delta: 'windings.delta_winding_current' },
    { label: 'Line current', star: 'windings.star_current', delta: 'windings.delta_line_current' },
    { label: 'Real power', star: 'windings.star_power', delta: 'windings.delta_power' },
    { label: 'Reactive power', star: 'windings.star_reactive', delta: 'windings.delta_reactive' },
    { label: 'Ohmmeter between two terminals', star: 'windings.ohms_star', delta: 'windings.ohms_delta' },
];

/** Three equal windings or heating elements, in star and in delta. */
export function WindingsView() {
    const { solved } = useBench();
    const star = solved.word('star', 'star');
    const each = solved.figure('windings.each');
    return (
        <>
            <Fields>
                <Field path="windings.impedance" />
                <Field path="windings.power_factor" />
                <Field path="windings.element_power" />
                <Field path="windings.element_voltage" />
                <Field path="windings.terminal_resistance" />
                <Choice path="windings.connected" />
            </Fields>
            {each === undefined ? (
                <p>
                    Enter one of the three: the resistance of a winding, the rating of an element, or the ohmmeter reading between two
                    terminals.
                </p>
            ) : (
                <>
                    <Picture
                        title={`Each ${each.shown}, in ${star} and in delta`}
                        name="windings"
                        wide
                        rows={ROWS.map((row) => [row.label, `${star} ${solved.shown(row.star)}, delta ${solved.shown(row.delta)}`])}
                    >
                        <Shape viewBox="0 0 560 170" role="img" aria-label={`Three elements in ${star} and in delta`}>
                            <path className="wire" d="M140 20V88M140 88L80 138M140 88L200 138" />
                            <rect x="130" y="36" width="20" height="36" />
                            <rect x="100" y="97" width="20" height="36" transform="rotate(50 110 115)" />
                            <rect x="160" y="97" width="20" height="36" transform="rotate(-50 170 115)" />
                            <path className="ohm" d="M128 20C40 30 40 110 72 132" />
                            <text x="20" y="72">
                                {solved.shown('windings.ohms_star')}
                            </text>
                            <text x="150" y="24">
                                L1
                            </text>
                            <text x="60" y="156">
                                L2
                            </text>
                            <text x="204" y="156">
                                L3
                            </text>
                            <path className="wire" d="M420 20L350 138H490Z" />
                            <rect x="375" y="61" width="20" height="36" transform="rotate(31 385 79)" />
                            <rect x="445" y="61" width="20" height="36" transform="rotate(-31 455 79)" />
                            <rect x="402" y="128" width="36" height="20" />
                            <path className="ohm" d="M408 20C320 40 310 100 340 134" />
                            <text x="284" y="72">
                                {solved.shown('windings.ohms_delta')}
                            </text>
                            <text x="430" y="24">
                                L1
                            </text>
                            <text x="330" y="156">
                                L2
                            </text>
                            <text x="496" y="156">
                                L3
                            </text>
                        </Shape>
                    </Picture>
                    <Table>
                        <thead>
                            <tr>
                                <th scope="col">On this supply</th>
                                <th scope="col">{star}</th>
                                <th scope="col">delta</th>
                            </tr>
                        </thead>
                        <tbody>
                            {ROWS.map((row) => (
                                <tr key={row.label}>
                                    <th scope="row">{row.label}</th>
                                    <td>
                                        <Value figure={solved.figure(row.star)} />
                                    </td>
                                    <td>
                                        <Value figure={solved.figure(row.delta)} />
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </Table>
                    <p>
                        Prove the circuit dead before you connect an ohmmeter. Remove the links to read one winding alone. A motor shows its
                        copper resistance only, far less than its impedance while running.
                    </p>
                </>
            )}
        </>
    );
}
