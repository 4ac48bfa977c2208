import { scaleLinear, scaleLog } from 'd3-scale';
import styled from 'styled-components';
import { useBench } from '../../bench/BenchContext';
import { Drawing } from '../../kit/Drawing';
import { Picture } from '../../kit/Picture';
import { token } from '../../theme/tokens';
import { path } from '../../kit/axes';

const WIDTH = 640;
const LEFT = 46;
const RIGHT = WIDTH - 14;
const TOP = 26;
const BOTTOM = 190;
const HARMONICS = [3, 5, 7, 11, 13, 17, 19];

const Lines = styled(Drawing)`
    .meets {
        fill: none;
        stroke: ${token.reactive};
        stroke-width: 2.5;
    }
    .harmonic {
        stroke: ${token.edge};
        stroke-dasharray: 3 4;
    }
    .alone {
        stroke: ${token.ink};
        stroke-width: 1.5;
    }
`;

/** What a harmonic current meets at the bus with the capacitors, against the supply alone. */
export function ResonancePicture() {
    const { solved } = useBench();
    const curve = solved.solution.curves.resonance;
    const last = curve?.points[curve.points.length - 1];
    if (curve === undefined || last === undefined) {
        return null;
    }
    const x = scaleLinear([1, last.order], [LEFT, RIGHT]);
    const least = Math.min(0.5, ...curve.points.map(({ times }) => times));
    const y = scaleLog([Math.max(0.02, least), Math.max(3, ...curve.points.map(({ times }) => times)) * 1.2], [BOTTOM, TOP]).clamp(true);
    return (
        <Picture
            wide
            title={`Harmonic order: resonance near ${curve.order.shown}`}
            name="resonance"
            rows={curve.points
                .filter(({ order }) => HARMONICS.includes(order))
                .map(({ order, times }) => [`Order ${order}`, `${times} times the impedance of the supply alone`] as const)}
        >
            <Lines viewBox={`0 0 ${WIDTH} ${BOTTOM + 40}`} role="img" aria-label="Impedance at the bus over the harmonic order">
                {HARMONICS.map((order) => (
                    <g key={order}>
                        <path className="harmonic" d={`M${x(order)} ${TOP}V${BOTTOM}`} />
                        <text className="soft" x={x(order)} y={BOTTOM + 18} textAnchor="middle">
                            {order}
                        </text>
                    </g>
                ))}
                {[0.1, 1, 10, 100]
                    .filter((tick) => y.domain()[0] !== undefined && tick >= (y.domain()[0] ?? 0) && tick <= (y.domain()[1] ?? 0))
                    .map((tick) => (
                        <g key={tick}>
                            <path className={tick === 1 ? 'alone' : 'tick'} d={`M${LEFT} ${y(tick)}H${RIGHT}`} />
                            <text className="soft" x={LEFT - 7} y={y(tick) + 5} textAnchor="end">
                                {tick}
                            </text>
                        </g>
                    ))}
                <path
                    className="meets"
                    d={path(
                        curve.points,
                        (p) => x(p.order),
                        (p) => y(p.times),
                    )}
                />
                <text className="soft" x={LEFT} y={TOP - 10}>
                    times the impedance without capacitors
                </text>
                <text className="soft" x={RIGHT} y={BOTTOM + 34} textAnchor="end">
                    order
                </text>
            </Lines>
        </Picture>
    );
}
