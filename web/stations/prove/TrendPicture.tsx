import { scaleLinear, scaleTime } from 'd3-scale';
import type { ReadingKind } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { Drawing } from '../../kit/Drawing';
import { Picture } from '../../kit/Picture';
import { when } from '../../kit/when';

const [LEFT, RIGHT, TOP, BOTTOM] = [64, 640, 16, 190];
const day = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short', year: '2-digit' });

/** What a kind of reading did over time, within the band that it should keep. */
export function TrendPicture({ kind }: { kind: ReadingKind }) {
    const { readings, solved } = useBench();
    const points = readings
        .flatMap((reading, index) => {
            // Of a winding only what is brought to one temperature can be held beside another day’s.
            const quantities = solved.solution.comparisons[index]?.quantities;
            const quantity = quantities?.find(({ name }) => name === 'at_reference') ?? quantities?.[0];
            return reading.kind === kind && reading.withdrawn === null && typeof quantity?.measured === 'number'
                ? [{ at: new Date(reading.taken_at), measured: quantity.measured, quantity, simulated: reading.simulated }]
                : [];
        })
        .reverse();
    const last = points.at(-1);
    const first = points[0];
    if (points.length < 2 || first === undefined || last === undefined) {
        return null;
    }
    const { low, high } = last.quantity;
    const reach = [...points.map(({ measured }) => measured), ...(low === null ? [] : [low]), ...(high === null ? [] : [high])];
    const [least, most] = [Math.min(...reach), Math.max(...reach)];
    const room = (most - least || Math.abs(most) || 1) * 0.15;
    const x = scaleTime([first.at, last.at], [LEFT + 14, RIGHT - 14]);
    const y = scaleLinear([least - room, most + room], [BOTTOM, TOP]);
    return (
        <Picture
            title={`${last.quantity.label} over time`}
            name={`trend-${kind}`}
            rows={points.map(
                ({ at, quantity, simulated }) =>
                    [when.format(at), `${quantity.shown}, ${quantity.band_shown}${simulated ? ', simulated' : ''}`] as const,
            )}
        >
            <Drawing viewBox={`0 0 ${RIGHT + 10} ${BOTTOM + 34}`} role="img" aria-label={`${last.quantity.label} over time`}>
                <path fill="none" stroke="currentColor" d={`M${LEFT} ${TOP}V${BOTTOM}H${RIGHT}`} />
                {[low, high].map(
                    (limit, index) =>
                        limit !== null && (
                            <g key={index}>
                                <path className="before" d={`M${LEFT} ${y(limit)}H${RIGHT}`} />
                                <text className="soft" x={LEFT + 4} y={y(limit) - 5}>
                                    {index === 0 ? 'lower limit' : 'upper limit'}
                                </text>
                            </g>
                        ),
                )}
                <path
                    className="apparent"
                    fill="none"
                    d={`M${points.map(({ at, measured }) => `${x(at).toFixed(1)} ${y(measured).toFixed(1)}`).join('L')}`}
                />
                {points.map(({ at, measured, simulated, quantity }, index) => (
                    <g key={index}>
                        <circle cx={x(at)} cy={y(measured)} r="5" fill={simulated ? 'none' : 'currentColor'} stroke="currentColor" />
                        {(index === 0 || index === points.length - 1) && (
                            <text x={x(at)} y={y(measured) - 10} textAnchor={index === 0 ? 'start' : 'end'}>
                                {quantity.shown}
                            </text>
                        )}
                    </g>
                ))}
                {points.some(({ simulated }) => simulated) && (
                    <text className="soft" x={(LEFT + RIGHT) / 2} y={BOTTOM + 20} textAnchor="middle">
                        hollow: simulated
                    </text>
                )}
                <text className="soft" x={x(first.at)} y={BOTTOM + 20}>
                    {day.format(first.at)}
                </text>
                <text className="soft" x={x(last.at)} y={BOTTOM + 20} textAnchor="end">
                    {day.format(last.at)}
                </text>
            </Drawing>
        </Picture>
    );
}
