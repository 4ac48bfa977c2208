import type { ScaleLinear } from 'd3-scale';

/** Lines and numbers of an upright scale, with its unit above them. */
export function Upright({
    scale,
    left,
    right,
    ticks,
    unit,
    unitAt,
}: {
    scale: ScaleLinear<number, number>;
    left: number;
    right: number;
    ticks: number;
    unit: string;
    unitAt: number;
}) {
    return (
        <>
            {scale.ticks(ticks).map((tick) => (
                <g key={tick}>
                    <path className="tick" d={`M${left} ${scale(tick)}H${right}`} />
                    <text className="soft" x={left - 7} y={scale(tick) + 5} textAnchor="end">
                        {tick}
                    </text>
                </g>
            ))}
            <text className="soft" x={left - 7} y={unitAt} textAnchor="end">
                {unit}
            </text>
        </>
    );
}

/** Lines and numbers of a level scale, with its unit at the end. */
export function Level({
    scale,
    top,
    bottom,
    ticks,
    unit,
}: {
    scale: ScaleLinear<number, number>;
    top: number;
    bottom: number;
    ticks: number;
    unit: string;
}) {
    const all = scale.ticks(ticks);
    return (
        <>
            {all.map((tick, index) => (
                <g key={tick}>
                    <path className="tick" d={`M${scale(tick)} ${top}V${bottom}`} />
                    <text className="soft" x={scale(tick)} y={bottom + 18} textAnchor="middle">
                        {index === all.length - 1 ? `${tick} ${unit}` : tick}
                    </text>
                </g>
            ))}
        </>
    );
}

/** A line through points, in the coordinates of a drawing. */
export function path<T>(points: readonly T[], x: (point: T) => number, y: (point: T) => number): string {
    return points.map((point, index) => `${index === 0 ? 'M' : 'L'}${x(point).toFixed(1)} ${y(point).toFixed(1)}`).join('');
}
