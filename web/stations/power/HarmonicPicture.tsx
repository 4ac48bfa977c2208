import { scaleLinear } from 'd3-scale';
import type { Figure, WaveformCurves } from '../../api/contract';
import { Drawing } from '../../kit/Drawing';
import { Picture } from '../../kit/Picture';

const WIDTH = 640;
const HEIGHT = 190;
const LEFT = 46;
const BOTTOM = 28;

/** Harmonics of the current, of the voltage beside them, in percent of the fundamental. */
export function HarmonicPicture({ curves, figure }: { curves: WaveformCurves; figure: (key: string) => Figure | undefined }) {
    const amps = curves.harmonics.i1 ?? [];
    const volts = curves.harmonics.v1 ?? [];
    const bars = (amps.length > 0 ? amps : volts).filter(({ order }) => order > 1);
    if (bars.length === 0) {
        return null;
    }
    const largest = Math.max(
        5,
        ...bars.map(({ percent }) => percent),
        ...volts.filter(({ order }) => order > 1).map(({ percent }) => percent),
    );
    const last = bars.at(-1)?.order ?? 50;
    const x = scaleLinear([1.5, last + 0.5], [LEFT, WIDTH - 10]);
    const y = scaleLinear([0, largest], [HEIGHT - BOTTOM, 14]);
    const wide = Math.max(2, (x(3) - x(2)) * 0.38);
    return (
        <Picture
            title={`Harmonics, % of the fundamental. THD: current ${figure('thd_i1')?.shown ?? '–'}, voltage ${figure('thd_v1')?.shown ?? '–'}`}
            name="harmonics"
            wide
            rows={bars.filter(({ percent }) => percent >= 0.1).map(({ order, shown }) => [`Order ${order}`, shown])}
        >
            <Drawing viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label="Harmonics">
                {y.ticks(4).map((tick) => (
                    <g key={tick}>
                        <path className="tick" d={`M${LEFT} ${y(tick)}H${WIDTH - 10}`} />
                        <text className="soft" x={LEFT - 6} y={y(tick) + 5} textAnchor="end">
                            {tick}
                        </text>
                    </g>
                ))}
                {bars.map(({ order, percent }) => (
                    <rect
                        key={order}
                        className="run"
                        x={x(order) - wide}
                        y={y(percent)}
                        width={wide}
                        height={HEIGHT - BOTTOM - y(percent)}
                    />
                ))}
                {amps.length > 0 &&
                    volts
                        .filter(({ order }) => order > 1)
                        .map(({ order, percent }) => (
                            <rect
                                key={order}
                                className="bar"
                                x={x(order)}
                                y={y(percent)}
                                width={wide}
                                height={HEIGHT - BOTTOM - y(percent)}
                            />
                        ))}
                {[3, 5, 7, 9, 11, 13, 15, 17, 19, 21, 23, 25, 31, 35, 41, 45, 49]
                    .filter((order) => order <= last)
                    .map((order) => (
                        <text key={order} className="soft" x={x(order)} y={HEIGHT - 8} textAnchor="middle">
                            {order}
                        </text>
                    ))}
            </Drawing>
        </Picture>
    );
}
