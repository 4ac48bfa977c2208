import { scaleLinear } from 'd3-scale';
import { Slider } from 'react-aria-components';
import styled from 'styled-components';
import type { StartMoment } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { Drawing } from '../../kit/Drawing';
import { Picture } from '../../kit/Picture';
import { SlideThumb, SlideTrack } from '../../kit/Slide';
import { token } from '../../theme/tokens';
import { Level, path } from '../../kit/axes';

const WIDTH = 400;
const LEFT = 50;
const RIGHT = 14;
const PANES = [
    { key: 'line', name: 'line current', from: 24, to: 108 },
    { key: 'speed', name: 'speed', from: 132, to: 196 },
    { key: 'volts', name: 'voltage at the motor', from: 220, to: 256 },
] as const;
const HEIGHT = 288;
const BOTTOM = 256;

const Lines = styled(Drawing)`
    .line,
    .speed,
    .volts {
        fill: none;
        stroke-width: 2.5;
        stroke: ${token.ink};
    }
    .line {
        stroke: ${token.hot};
        stroke-width: 3;
    }
    .volts {
        stroke: ${token.reactive};
    }
    .worst {
        fill: none;
        stroke: ${token.edge};
        stroke-dasharray: 3 4;
        stroke-width: 2;
    }
    .between {
        fill: ${token.edge};
        opacity: 0.18;
    }
    .change {
        stroke: ${token.edge};
        stroke-dasharray: 5 4;
    }
    .here {
        stroke: ${token.accent};
        stroke-width: 2;
    }
    .dot {
        fill: ${token.accent};
        stroke: ${token.ground};
        stroke-width: 2;
    }
    .hot-text {
        fill: ${token.hot};
        font-weight: 600;
    }
`;

const Says = styled.output`
    display: block;
    min-height: 44px;
    font-family: ${token.narrow};
    font-weight: 600;
    font-size: 16px;
    line-height: 1.3;
    b {
        color: ${token.hot};
    }
`;

/** Speed, current and voltage over the time of a start, with a cursor that runs through all of them. */
export function CoursePicture() {
    const { solved, moment, setMoment } = useBench();
    const course = solved.solution.curves.start_course;
    const worded = solved.word('star', 'star');
    if (course === undefined) {
        return null;
    }
    const { points, worst } = course;
    const last = points[points.length - 1];
    const ends = Math.max(last?.time.value ?? 1, worst[worst.length - 1]?.time ?? 0);
    const x = scaleLinear([0, ends], [LEFT, WIDTH - RIGHT]);
    const at = (point: StartMoment) => x(point.time.value);
    const scaleOf = (key: (typeof PANES)[number]['key'], from: number, to: number) =>
        scaleLinear(
            [
                0,
                Math.max(1e-9, ...points.map((point) => point[key].value), ...(key === 'volts' ? [] : worst.map((point) => point[key]))) *
                    1.04,
            ],
            [to, from],
        );
    const change = points.findIndex((point, index) => index > 0 && point.phase !== 'first' && points[index - 1]?.phase === 'first');
    const changed = points[change];
    const closes = points.find((point) => point.phase === 'full' && changed !== undefined);
    const here = moment ?? points[0];
    const index = here === undefined ? 0 : points.indexOf(here);
    const speed = scaleOf('speed', PANES[1].from, PANES[1].to);
    const band =
        worst.length < 2
            ? ''
            : `${path(points, at, (p) => speed(p.speed.value))}${path(
                  [...worst].reverse(),
                  (p) => x(p.time),
                  (p) => speed(p.speed),
              ).replace('M', 'L')}Z`;
    const phase = (point: StartMoment) => (point.phase === 'first' ? course.first : point.phase === 'gap' ? 'gap' : 'full voltage');
    return (
        <div>
            <Picture
                title="The start over time"
                name="start-over-time"
                rows={points
                    .filter((_, k) => k % 4 === 0 || k === points.length - 1)
                    .map((p) => [p.time.shown, `${phase(p)}: ${p.speed.shown}, ${p.line.shown}, ${p.volts.shown}`] as const)}
            >
                <Lines viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label="Line current, speed and voltage over time">
                    <Level scale={x} top={PANES[0].from} bottom={BOTTOM} ticks={5} unit="s" />
                    {PANES.map(({ key, name, from, to }) => {
                        const y = scaleOf(key, from, to);
                        return (
                            <g key={key}>
                                {y.ticks(key === 'line' ? 4 : 2).map((tick) => (
                                    <g key={tick}>
                                        <path className="tick" d={`M${LEFT} ${y(tick)}H${WIDTH - RIGHT}`} />
                                        <text className="soft" x={LEFT - 7} y={y(tick) + 5} textAnchor="end">
                                            {tick}
                                        </text>
                                    </g>
                                ))}
                                <text className="soft" x={LEFT} y={from - 8}>
                                    {name}, {key === 'line' ? 'A' : key === 'speed' ? 'rpm' : 'V'}
                                </text>
                                {key === 'speed' && <path className="between" d={band} />}
                                {key === 'line' && (
                                    <path
                                        className="worst"
                                        d={path(
                                            worst,
                                            (p) => x(p.time),
                                            (p) => y(p.line),
                                        )}
                                    />
                                )}
                                {key === 'speed' && (
                                    <path
                                        className="worst"
                                        d={path(
                                            worst,
                                            (p) => x(p.time),
                                            (p) => y(p.speed),
                                        )}
                                    />
                                )}
                                <path className={key} d={path(points, at, (p) => y(p[key].value))} />
                                {here !== undefined && moment !== null && (
                                    <circle className="dot" cx={at(here)} cy={y(here[key].value)} r="5" />
                                )}
                            </g>
                        );
                    })}
                    {changed !== undefined && (
                        <>
                            <path className="change" d={`M${at(changed)} ${PANES[0].from}V${BOTTOM}`} />
                            <text className="hot-text" x={at(changed) - 6} y={PANES[0].from + 14} textAnchor="end">
                                {course.first.toLowerCase()}
                            </text>
                            {closes !== undefined && (
                                <text
                                    className="strong"
                                    x={at(changed) > WIDTH - 90 ? WIDTH - RIGHT : at(changed) + 8}
                                    y={PANES[0].from - 8}
                                    textAnchor={at(changed) > WIDTH - 90 ? 'end' : 'start'}
                                >
                                    then {closes.line.shown}
                                </text>
                            )}
                        </>
                    )}
                    {!course.runs_up && last !== undefined && (
                        <text className="strong bad" x={WIDTH - RIGHT} y={speed(last.speed.value) - 8} textAnchor="end">
                            stalls at {last.speed.shown}
                        </text>
                    )}
                    {here !== undefined && moment !== null && <path className="here" d={`M${at(here)} ${PANES[0].from}V${BOTTOM}`} />}
                </Lines>
            </Picture>
            <Slider
                aria-label="Time in the start"
                minValue={0}
                maxValue={points.length - 1}
                step={1}
                value={index}
                onChange={(value) => setMoment(value)}
            >
                <SlideTrack $left="12.5%" $right="3.5%">
                    <SlideThumb aria-label="Time in the start" />
                </SlideTrack>
            </Slider>
            <Says aria-live="polite">
                {here === undefined || moment === null ? (
                    `Slide through the start; the circuit diagram shows the currents. The grey band is the worst case${course.runs_up_at_worst ? '' : ', which does not reach full speed'}.`
                ) : (
                    <>
                        {here.time.shown}, {phase(here).replace('Star', worded)}: <b>{here.line.shown}</b>, {here.speed.shown},{' '}
                        {here.volts.shown}, {here.torque.shown} against {here.load.shown}
                    </>
                )}
            </Says>
        </div>
    );
}
