import { scaleLinear } from 'd3-scale';
import styled from 'styled-components';
import type { WaveformCurves } from '../../api/contract';
import { Drawing } from '../../kit/Drawing';
import { Picture } from '../../kit/Picture';
import { token } from '../../theme/tokens';

const WIDTH = 640;
const HEIGHT = 270;
const LEFT = 58;
const RIGHT = 58;
const TOP = 18;
const BOTTOM = 30;

const Lines = styled(Drawing)`
    .v,
    .i,
    .p {
        fill: none;
        stroke-width: 2;
    }
    .v {
        stroke: ${token.reactive};
    }
    .i {
        stroke: ${token.ink};
        stroke-dasharray: 7 3;
    }
    .p {
        stroke: ${token.real};
        stroke-width: 1.5;
        stroke-dasharray: 2 3;
    }
    .zero {
        stroke: ${token.edge};
    }
    .v-mark {
        fill: ${token.reactive};
    }
    .i-mark {
        fill: ${token.ink};
    }
    .shift {
        stroke: ${token.accent};
        stroke-width: 3;
    }
    .record {
        fill: none;
        stroke: ${token.reactive};
        stroke-width: 1;
    }
    .record-i {
        fill: none;
        stroke: ${token.ink};
        stroke-width: 1;
    }
`;

type Points = readonly (readonly [number, number])[];

const most = (points: Points | null | undefined) => Math.max(1e-12, ...(points ?? []).map(([, value]) => Math.abs(value)));

/** Volts, amps and power over two cycles to scale, with peaks kept; below it the whole record. */
export function WaveformPicture({ curves }: { curves: WaveformCurves }) {
    const volts = curves.detail.v1;
    const amps = curves.detail.i1;
    const power = curves.power;
    const x = scaleLinear([0, curves.seconds], [LEFT, WIDTH - RIGHT]);
    const up = (largest: number) => scaleLinear([-largest * 1.08, largest * 1.08], [HEIGHT - BOTTOM, TOP]);
    const path = (points: Points, y: (value: number) => number, at = x) =>
        points
            .filter(([t]) => t <= curves.seconds * 1.001 || at !== x)
            .map(([t, value], k) => `${k === 0 ? 'M' : 'L'}${at(t).toFixed(1)} ${y(value).toFixed(1)}`)
            .join('');
    const vy = up(most(volts));
    const iy = up(most(amps));
    const py = up(most(power));
    const middle = vy(0);
    const cv = curves.crossings.v1;
    const ci = curves.crossings.i1;
    const record = curves.record.v1 ?? curves.record.i1 ?? [];
    const end = record.at(-1)?.[0] ?? 1;
    const rx = scaleLinear([0, end], [LEFT, WIDTH - RIGHT]);
    const ry = (points: Points, from: number) => scaleLinear([-most(points), most(points)], [from + 50, from]);
    return (
        <Picture
            title={`${curves.drawn} shown, to scale`}
            name="waveform"
            wide
            rows={[
                ['Voltage, peak', curves.largest.v1 ?? 'none'],
                ['Current, peak', curves.largest.i1 ?? 'none'],
                ['Time shift', curves.shift ?? 'none'],
            ]}
        >
            <Lines viewBox={`0 0 ${WIDTH} ${HEIGHT + 86}`} role="img" aria-label="Voltage, current and power over time">
                <path className="zero" d={`M${LEFT} ${middle}H${WIDTH - RIGHT}`} />
                {volts !== undefined && (
                    <>
                        <path className="v" d={path(volts, vy)} />
                        <text className="reactive-text" x={LEFT - 6} y={TOP + 12} textAnchor="end">
                            {curves.largest.v1}
                        </text>
                    </>
                )}
                {power !== null && <path className="p" d={path(power, py)} />}
                {amps !== undefined && (
                    <>
                        <path className="i" d={path(amps, iy)} />
                        <text x={WIDTH - RIGHT + 6} y={TOP + 12}>
                            {curves.largest.i1}
                        </text>
                    </>
                )}
                {cv !== undefined && ci !== undefined && (
                    <>
                        <path className="shift" d={`M${x(cv)} ${middle}H${x(ci)}`} />
                        <circle className="v-mark" cx={x(cv)} cy={middle} r="5" />
                        <circle className="i-mark" cx={x(ci)} cy={middle} r="5" />
                        <text className="good" x={x(Math.max(cv, ci)) + 8} y={middle + 20}>
                            {curves.shift}
                        </text>
                    </>
                )}
                <text className="soft" x={LEFT} y={HEIGHT - 8}>
                    — voltage, – – current{power === null ? '' : `, ··· power up to ${curves.largest.power ?? ''}`}
                </text>
                {record.length > 0 && (
                    <>
                        <path
                            className={curves.record.v1 === undefined ? 'record-i' : 'record'}
                            d={path(record, ry(record, HEIGHT + 8), rx)}
                        />
                        <text className="soft" x={LEFT} y={HEIGHT + 78}>
                            the whole record, {curves.whole}
                        </text>
                    </>
                )}
            </Lines>
        </Picture>
    );
}
