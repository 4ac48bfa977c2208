import { scaleLog } from 'd3-scale';
import { useState } from 'react';
import { Slider } from 'react-aria-components';
import styled from 'styled-components';
import type { TimeCurrentBand, TimeCurrentCurve, TimeCurrentTrace } from '../../api/contract';
import { Drawing } from '../../kit/Drawing';
import { Picture } from '../../kit/Picture';
import { SlideThumb, SlideTrack } from '../../kit/Slide';
import { token } from '../../theme/tokens';
import { path } from '../../kit/axes';

const WIDTH = 656;
const LEFT = 58;
const RIGHT = WIDTH - 8;
const PLOT = 416;
const ROW = 23;
const MARK = 16;

const Lines = styled(Drawing)`
    .minor {
        stroke: ${token.rule};
        stroke-width: 0.6;
        opacity: 0.7;
    }
    .device {
        fill: ${token.ink};
        fill-opacity: 0.16;
        stroke: ${token.ink};
        stroke-width: 1.8;
    }
    .relay {
        fill: ${token.reactive};
        fill-opacity: 0.16;
        stroke: ${token.reactive};
        stroke-width: 1.8;
        stroke-dasharray: 6 4;
    }
    .edge-only {
        fill: none;
        stroke-dasharray: 2 5;
        stroke-width: 3;
    }
    .start,
    .start_at_relay {
        fill: none;
        stroke: ${token.hot};
        stroke-width: 3;
    }
    .start_at_relay {
        stroke-width: 2;
        stroke-dasharray: 5 4;
    }
    .conductor,
    .protective {
        fill: none;
        stroke: ${token.real};
        stroke-width: 3.5;
    }
    .protective {
        stroke-dasharray: 9 5;
    }
    .feeder {
        fill: ${token.note};
        fill-opacity: 0.12;
        stroke: ${token.note};
        stroke-width: 2;
        stroke-dasharray: 12 4 2 4;
    }
    .fault {
        stroke: ${token.stop};
        stroke-width: 1.6;
        stroke-dasharray: 3 4;
    }
    .rotor {
        fill: ${token.stop};
    }
    .peak {
        fill: ${token.hot};
    }
    .tag {
        fill: ${token.ground};
        stroke: ${token.ink};
        stroke-width: 1.5;
    }
    .tag-text {
        font-size: 14.2px;
        font-weight: 600;
        stroke: none;
    }
    .here {
        stroke: ${token.accent};
        stroke-width: 2;
    }
    .read {
        font-weight: 600;
        fill: ${token.accent};
    }
`;

const HINT = 'Slide to read what each device does at a given current.';

type Point = readonly number[];

/** Bands of device and relay, the start, what rotor and conductors bear; a slider reads all of them off at one current. */
export function TimeCurrentPicture({ curve }: { curve: TimeCurrentCurve }) {
    const [at, setAt] = useState<number | null>(null);
    const [from = 1, to = 10] = curve.amperes;
    const [quickest = 0.01, longest = 1] = curve.seconds;
    const marksAt = 34;
    const TOP = marksAt + 3 * MARK;
    const BOTTOM = TOP + PLOT;
    const KEY = BOTTOM + 56;
    const x = scaleLog([from, to], [LEFT, RIGHT]);
    const y = scaleLog([quickest, longest], [BOTTOM, TOP]);
    const px = ([amperes = from]: Point) => x(Math.min(Math.max(amperes, from), to));
    const py = ([, seconds = quickest]: Point) => y(Math.min(Math.max(seconds, quickest), longest));
    const reading = at === null ? undefined : curve.readings[at];
    const drawn = [
        { key: 'device', name: curve.device.name, tag: tagOfBand(curve.device) },
        { key: 'relay', name: curve.relay.name, tag: tagOfBand(curve.relay) },
        ...curve.traces.map((trace) => ({ key: trace.kind, name: trace.name, tag: tagOfTrace(trace) })),
        ...(curve.feeder === null ? [] : [{ key: 'feeder', name: curve.feeder.name, tag: tagOfBand(curve.feeder) }]),
    ];
    const marks = [
        { text: 'minimum fault', value: curve.smallest },
        { text: 'maximum fault', value: curve.largest },
        { text: 'instantaneous trip', value: curve.setting },
    ];
    const rows = drawn.length;
    return (
        <div>
            <Picture
                wide
                title="Time-current curves, line current"
                name="time-current"
                rows={curve.readings.map(
                    (row) => [row.amperes.shown, row.says.map((saying) => `${saying.name}: ${saying.text}`).join('; ')] as const,
                )}
            >
                <Lines
                    viewBox={`0 0 ${WIDTH} ${KEY + (drawn.length + (curve.rotor === null ? 1 : 2)) * ROW}`}
                    role="img"
                    aria-label="Time-current curves of device, relay, start and conductors"
                >
                    {x.ticks().map((tick) => (
                        <path key={tick} className="minor" d={`M${x(tick)} ${TOP}V${BOTTOM}`} />
                    ))}
                    {labelled(x.ticks()).map((tick) => (
                        <g key={tick}>
                            <path className="tick" d={`M${x(tick)} ${TOP}V${BOTTOM}`} />
                            <text className="soft" x={x(tick)} y={BOTTOM + 18} textAnchor={x(tick) > RIGHT - 20 ? 'end' : 'middle'}>
                                {tick}
                            </text>
                        </g>
                    ))}
                    <text className="soft" x={RIGHT} y={BOTTOM + 34} textAnchor="end">
                        A in the line
                    </text>
                    {y.ticks().map((tick) => (
                        <path key={tick} className="minor" d={`M${LEFT} ${y(tick)}H${RIGHT}`} />
                    ))}
                    {y
                        .ticks()
                        .filter((tick) => isPower(tick))
                        .map((tick) => (
                            <g key={tick}>
                                <path className="tick" d={`M${LEFT} ${y(tick)}H${RIGHT}`} />
                                <text className="soft" x={LEFT - 7} y={y(tick) + 5} textAnchor="end">
                                    {tick}
                                </text>
                            </g>
                        ))}
                    <text className="soft" x={LEFT - 7} y={TOP - 12} textAnchor="end">
                        s
                    </text>
                    {marks.map(
                        ({ text, value }, row) =>
                            value !== null && (
                                <g key={text}>
                                    <path className="fault" d={`M${x(value.value)} ${marksAt + row * MARK}V${BOTTOM}`} />
                                    <text
                                        className="soft"
                                        x={x(value.value) + (x(value.value) > WIDTH / 2 ? -5 : 5)}
                                        y={marksAt + row * MARK}
                                        textAnchor={x(value.value) > WIDTH / 2 ? 'end' : 'start'}
                                    >
                                        {text} {value.shown}
                                    </text>
                                </g>
                            ),
                    )}
                    {curve.feeder !== null && <Band band={curve.feeder} className="feeder" px={px} py={py} />}
                    <Band band={curve.relay} className="relay" px={px} py={py} />
                    <Band band={curve.device} className="device" px={px} py={py} />
                    {curve.traces.map((trace) => (
                        <path key={trace.kind} className={trace.kind} d={path(trace.points, px, py)} />
                    ))}
                    <circle className="peak" cx={px([curve.first_peak.value])} cy={BOTTOM} r="5" />
                    {curve.rotor !== null && (
                        <path
                            className="rotor"
                            d={`M${px([curve.rotor.amperes.value])} ${py([0, curve.rotor.seconds.value]) - 9}l8 14h-16z`}
                        />
                    )}
                    {at !== null && reading !== undefined && <path className="here" d={`M${x(reading.amperes.value)} ${TOP}V${BOTTOM}`} />}
                    {drawn.map(
                        ({ key, tag }, index) =>
                            tag !== undefined && (
                                <g key={key} transform={`translate(${px(tag)} ${py(tag)})`}>
                                    <Tag number={index + 1} />
                                </g>
                            ),
                    )}
                    <text className="read" x="0" y="14">
                        {reading === undefined ? HINT : `At ${reading.amperes.shown}`}
                    </text>
                    {drawn.map(({ key, name }, index) => (
                        <g key={key} transform={`translate(12 ${KEY + index * ROW})`}>
                            <Tag number={index + 1} />
                            <text x="18" y="5">
                                {name}
                            </text>
                            <text className="read" x={WIDTH - 12} y="5" textAnchor="end">
                                {reading?.says[index]?.text}
                            </text>
                        </g>
                    ))}
                    <g transform={`translate(12 ${KEY + rows * ROW})`}>
                        <circle className="peak" r="5" />
                        <text x="18" y="5">
                            First half-cycle, as {curve.first_peak.shown} at most
                        </text>
                    </g>
                    {curve.rotor !== null && (
                        <g transform={`translate(12 ${KEY + (rows + 1) * ROW})`}>
                            <path className="rotor" d="M0 -8l8 14h-16z" />
                            <text x="18" y="5">
                                Locked-rotor withstand: {curve.rotor.amperes.shown} for {curve.rotor.seconds.shown}
                                {curve.rotor.usual ? ' (assumed)' : ' (nameplate)'}
                            </text>
                        </g>
                    )}
                </Lines>
            </Picture>
            <Slider
                aria-label="Current to read at"
                minValue={0}
                maxValue={curve.readings.length - 1}
                step={1}
                value={at ?? 0}
                onChange={setAt}
            >
                <SlideTrack $left="8.8%" $right="1.2%">
                    <SlideThumb aria-label="Current to read at" />
                </SlideTrack>
            </Slider>
        </div>
    );
}

function Tag({ number }: { number: number }) {
    return (
        <>
            <circle className="tag" r="9" />
            <text className="tag-text" y="4.5" textAnchor="middle">
                {number}
            </text>
        </>
    );
}

/** Between both edges; where a standard tells one edge only, that edge. */
function Band({
    band,
    className,
    px,
    py,
}: {
    band: TimeCurrentBand;
    className: string;
    px: (point: Point) => number;
    py: (point: Point) => number;
}) {
    if (band.lower.length > 1 && band.upper.length > 1) {
        return <path className={className} d={`${path([...band.lower, ...[...band.upper].reverse()], px, py)}Z`} />;
    }
    return (
        <>
            <path className={`${className} edge-only`} d={path(band.upper, px, py)} />
            {[...band.upper, ...band.lower].map((point) => (
                <circle key={point.join()} className={className} cx={px(point)} cy={py(point)} r="4" />
            ))}
        </>
    );
}

function tagOfBand({ lower, upper }: TimeCurrentBand): Point | undefined {
    if (lower.length < 2) {
        return upper.length < 2 ? upper[0] : [middle(upper[0]?.[0], upper[1]?.[0]), middle(upper[0]?.[1], upper[1]?.[1])];
    }
    const left = lower[Math.floor((lower.length - 1) / 2)];
    const right = upper[Math.floor((upper.length - 1) / 2)];
    if (left === undefined || right === undefined) {
        return right ?? left;
    }
    return [middle(left[0], right[0]), middle(left[1], right[1])];
}

/** Where the motor runs, or where the relay’s start begins; along a line that is borne. */
function tagOfTrace({ kind, points }: TimeCurrentTrace): Point | undefined {
    if (kind === 'start' || kind === 'start_at_relay') {
        const [above, below] = kind === 'start' ? points.slice(-2) : points;
        return [middle(above?.[0], below?.[0]), middle(above?.[1], below?.[1])];
    }
    const [first, last] = [points[0], points[points.length - 1]];
    if (first === undefined || last === undefined) {
        return undefined;
    }
    const share = kind === 'conductor' ? 1 / 3 : 2 / 3;
    return [between(first[0], last[0], share), between(first[1], last[1], share)];
}

const middle = (a: number | undefined, b: number | undefined) => between(a, b, 1 / 2);

/** Between two numbers on a logarithmic scale. */
function between(a = 1, b = 1, share: number): number {
    return a * (b / a) ** share;
}

function isPower(tick: number): boolean {
    return /^(10*|0\.0*1)$/.test(`${tick}`);
}

/** The ones, twos and fives of each power of ten: more would run into one another. */
function labelled(ticks: readonly number[]): readonly number[] {
    const some = ticks.filter((tick) => /^[125]0*$/.test(`${tick}`));
    return some.length > 10 ? some.filter((tick) => /^10*$/.test(`${tick}`)) : some;
}
