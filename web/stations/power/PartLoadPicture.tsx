import { scaleLinear } from 'd3-scale';
import styled from 'styled-components';
import type { PartLoadPoint } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { Drawing } from '../../kit/Drawing';
import { Picture } from '../../kit/Picture';
import { Scroll } from '../../kit/Scroll';
import { RuledTable } from '../../kit/RuledTable';
import { token } from '../../theme/tokens';

const WIDTH = 640;
const HEIGHT = 230;
const LEFT = 46;
const RIGHT = 52;
const TOP = 14;
const BOTTOM = 32;

const Lines = styled(Drawing)`
    .efficiency,
    .factor,
    .current {
        fill: none;
        stroke-width: 2.5;
    }
    .efficiency {
        stroke: ${token.real};
    }
    .factor {
        stroke: ${token.reactive};
        stroke-dasharray: 9 4;
    }
    .current {
        stroke: ${token.ink};
        stroke-dasharray: 2 4;
    }
    .here {
        stroke: ${token.accent};
        stroke-width: 2;
    }
`;

const Table = styled(RuledTable)`
    th,
    td {
        padding: 5px 8px 5px 0;
    }
    td {
        font-family: ${token.narrow};
        font-weight: 600;
        white-space: nowrap;
    }
`;

/** Efficiency, power factor and current from no load to 125 %, and where this load stands. */
export function PartLoadPicture() {
    const { solved } = useBench();
    const curve = solved.solution.curves.part_load;
    if (curve === undefined) {
        return <p>Enter output, efficiency, power factor and speed to see part load.</p>;
    }
    const most = Math.max(1e-9, curve.most_current.value);
    const x = scaleLinear([0, 125], [LEFT, WIDTH - RIGHT]);
    const y = scaleLinear([0, 1], [HEIGHT - BOTTOM, TOP]);
    const amps = scaleLinear([0, most * 1.05], [HEIGHT - BOTTOM, TOP]);
    const path = (at: (point: PartLoadPoint) => number) =>
        curve.line.map((point, i) => `${i === 0 ? 'M' : 'L'}${x(point.percent).toFixed(1)} ${at(point).toFixed(1)}`).join('');
    const load = solved.number('power.load_output');
    const rated = solved.number('power.output');
    const here = load === undefined || rated === undefined ? undefined : (100 * load) / rated;
    return (
        <div>
            <Picture
                title={`Part load, ${curve.way === 'motor model' ? 'from the motor model fitted to the nameplate' : 'by approximation'}`}
                name="part-load"
                wide
                rows={curve.rows.map((row) => [row.load.shown, `${row.current.shown}, power factor ${row.power_factor.shown}`])}
            >
                <Lines viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label="Efficiency, power factor and current over load">
                    {[0, 25, 50, 75, 100, 125].map((percent) => (
                        <g key={percent}>
                            <path className="tick" d={`M${x(percent)} ${TOP}V${HEIGHT - BOTTOM}`} />
                            <text className="soft" x={x(percent)} y={HEIGHT - 12} textAnchor="middle">
                                {percent} %
                            </text>
                        </g>
                    ))}
                    {[0, 0.5, 1].map((share) => (
                        <text key={share} className="soft" x={LEFT - 8} y={y(share) + 5} textAnchor="end">
                            {share}
                        </text>
                    ))}
                    <text className="soft" x={WIDTH - RIGHT + 8} y={amps(most) + 5}>
                        {curve.most_current.shown}
                    </text>
                    <path className="efficiency" d={path((point) => y(point.efficiency))} />
                    <path className="factor" d={path((point) => y(point.power_factor))} />
                    <path className="current" d={path((point) => amps(point.current))} />
                    {here !== undefined && <path className="here" d={`M${x(here)} ${TOP}V${HEIGHT - BOTTOM}`} />}
                </Lines>
            </Picture>
            <Scroll tabIndex={0} role="group" aria-label="Part-load values">
                <Table>
                    <thead>
                        <tr>
                            <th scope="col">Load</th>
                            <th scope="col">— efficiency</th>
                            <th scope="col">– – cos φ</th>
                            <th scope="col">··· current</th>
                            <th scope="col">Input</th>
                            <th scope="col">Reactive</th>
                        </tr>
                    </thead>
                    <tbody>
                        {curve.rows.map((row) => (
                            <tr key={row.load.value}>
                                <th scope="row">{row.load.shown}</th>
                                <td>{row.efficiency.shown}</td>
                                <td>{row.power_factor.shown}</td>
                                <td>{row.current.shown}</td>
                                <td>{row.input.shown}</td>
                                <td>{row.reactive.shown}</td>
                            </tr>
                        ))}
                    </tbody>
                </Table>
            </Scroll>
        </div>
    );
}
