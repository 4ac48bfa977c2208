import { scaleLinear } from 'd3-scale';
import styled from 'styled-components';
import { useBench } from '../../bench/BenchContext';
import { Drawing } from '../../kit/Drawing';
import { Picture } from '../../kit/Picture';
import { token } from '../../theme/tokens';
import { path } from '../../kit/axes';

const WIDTH = 640;
const LEFT = 46;
const RIGHT = WIDTH - 130;
const PANES = [
    { key: 'current', from: 24, to: 130 },
    { key: 'factor', from: 160, to: 250 },
] as const;

const Lines = styled(Drawing)`
    .before-line,
    .after-line {
        fill: none;
        stroke-width: 2.5;
    }
    .before-line {
        stroke: ${token.edge};
    }
    .after-line {
        stroke: ${token.accent};
    }
    .leads {
        fill: ${token.hot};
        opacity: 0.14;
    }
    .leads-text {
        fill: ${token.hot};
        font-weight: 600;
    }
`;

/** Current and power factor from light to full load, with and without the capacitor; where the line leads is shaded. */
export function OverLoadPicture() {
    const { solved } = useBench();
    const points = solved.solution.curves.correction?.over_load ?? [];
    const last = points[points.length - 1];
    const first = points[0];
    if (first === undefined || last === undefined) {
        return null;
    }
    const x = scaleLinear([first.load.value, last.load.value], [LEFT, RIGHT]);
    const amps = scaleLinear(
        [0, Math.max(...points.map((point) => Math.max(point.before.value, point.after.value)))],
        [PANES[0].to, PANES[0].from],
    );
    const factor = scaleLinear([0, 1], [PANES[1].to, PANES[1].from]);
    const leads = points.filter((point) => point.leads);
    const until = leads[leads.length - 1];
    return (
        <Picture
            wide
            title="Over the load"
            name="correction-over-load"
            rows={points.map(
                (point) =>
                    [
                        point.load.shown,
                        `${point.before.shown} before, ${point.after.shown} after; power factor ${point.factor_before.shown}, then ${point.factor_after.shown}`,
                    ] as const,
            )}
        >
            <Lines viewBox={`0 0 ${WIDTH} 282`} role="img" aria-label="Current and power factor over load, before and after">
                {until !== undefined && (
                    <>
                        <rect
                            className="leads"
                            x={LEFT}
                            y={PANES[0].from}
                            width={x(until.load.value) - LEFT}
                            height={PANES[1].to - PANES[0].from}
                        />
                        <text className="leads-text" x={LEFT + 6} y={PANES[0].to + 20}>
                            leading up to {until.load.shown}
                        </text>
                    </>
                )}
                {x.ticks(8).map((tick) => (
                    <g key={tick}>
                        <path className="tick" d={`M${x(tick)} ${PANES[0].from}V${PANES[1].to}`} />
                        <text className="soft" x={x(tick)} y={PANES[1].to + 18} textAnchor="middle">
                            {tick} %
                        </text>
                    </g>
                ))}
                {amps.ticks(4).map((tick) => (
                    <text key={tick} className="soft" x={LEFT - 7} y={amps(tick) + 5} textAnchor="end">
                        {tick}
                    </text>
                ))}
                {[0, 0.5, 1].map((tick) => (
                    <g key={tick}>
                        <path className="tick" d={`M${LEFT} ${factor(tick)}H${RIGHT}`} />
                        <text className="soft" x={LEFT - 7} y={factor(tick) + 5} textAnchor="end">
                            {tick}
                        </text>
                    </g>
                ))}
                <text className="soft" x={LEFT} y={PANES[0].from - 8}>
                    line current, A
                </text>
                <text className="soft" x={LEFT} y={PANES[1].from - 8}>
                    power factor
                </text>
                <path
                    className="before-line"
                    d={path(
                        points,
                        (p) => x(p.load.value),
                        (p) => amps(p.before.value),
                    )}
                />
                <path
                    className="after-line"
                    d={path(
                        points,
                        (p) => x(p.load.value),
                        (p) => amps(p.after.value),
                    )}
                />
                <path
                    className="before-line"
                    d={path(
                        points,
                        (p) => x(p.load.value),
                        (p) => factor(p.factor_before.value),
                    )}
                />
                <path
                    className="after-line"
                    d={path(
                        points,
                        (p) => x(p.load.value),
                        (p) => factor(p.factor_after.value),
                    )}
                />
                <text x={RIGHT + 8} y={amps(last.before.value) + 2}>
                    {last.before.shown} before
                </text>
                <text className="good" x={RIGHT + 8} y={Math.max(amps(last.after.value) + 8, amps(last.before.value) + 20)}>
                    {last.after.shown} after
                </text>
                <text className="good" x={RIGHT + 8} y={factor(last.factor_after.value) + 2}>
                    {last.factor_after.shown} after
                </text>
                <text x={RIGHT + 8} y={Math.max(factor(last.factor_before.value) + 6, factor(last.factor_after.value) + 20)}>
                    {last.factor_before.shown} before
                </text>
            </Lines>
        </Picture>
    );
}
