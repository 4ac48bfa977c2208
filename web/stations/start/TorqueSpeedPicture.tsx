import { scaleLinear } from 'd3-scale';
import styled from 'styled-components';
import type { TorqueSpeedPoint } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { Drawing } from '../../kit/Drawing';
import { Picture } from '../../kit/Picture';
import { token } from '../../theme/tokens';
import { Level, path, Upright } from '../../kit/axes';

const WIDTH = 400;
const HEIGHT = 352;
/** Where torque ends and current begins. */
const SPLIT = 218;
const BELOW = 248;
const LEFT = 50;
const RIGHT = 14;
const TOP = 26;
const BOTTOM = 34;

const Lines = styled(Drawing)`
    .torque {
        fill: none;
        stroke: ${token.hot};
        stroke-width: 3;
    }
    .full {
        fill: none;
        stroke: ${token.edge};
        stroke-width: 2;
        stroke-dasharray: 2 4;
    }
    .load {
        fill: none;
        stroke: ${token.real};
        stroke-width: 2.5;
        stroke-dasharray: 8 4;
    }
    .margin {
        fill: ${token.hot};
        opacity: 0.13;
    }
    .lacks {
        fill: ${token.stop};
        opacity: 0.22;
    }
    .mark {
        fill: ${token.ground};
        stroke: ${token.ink};
        stroke-width: 3;
    }
    .stall {
        stroke: ${token.stop};
    }
    .hot-text {
        fill: ${token.hot};
        font-weight: 600;
    }
    .load-text {
        fill: ${token.real};
        font-weight: 600;
    }
    .here {
        stroke: ${token.accent};
        stroke-width: 2;
    }
`;

const between = (points: readonly TorqueSpeedPoint[], speed: number, of: (point: TorqueSpeedPoint) => number): number => {
    const after = points.findIndex((point) => point.speed >= speed);
    const b = points[Math.max(0, after)];
    const a = points[Math.max(0, after - 1)];
    if (a === undefined || b === undefined || b.speed - a.speed < 1e-9) {
        return b === undefined ? 0 : of(b);
    }
    return of(a) + ((of(b) - of(a)) * (speed - a.speed)) / (b.speed - a.speed);
};

/** Torque of motor and load over speed: what is between them speeds the motor up; where they meet it stays. */
export function TorqueSpeedPicture() {
    const { solved, moment } = useBench();
    const curve = solved.solution.curves.torque_speed;
    if (curve === undefined) {
        return null;
    }
    const { points } = curve;
    const ends = curve.stall ?? curve.changeover ?? curve.steady;
    const staged = points.some((point) => point.full_torque !== null);
    const most = Math.max(...points.map((point) => Math.max(point.torque, point.load, point.full_torque ?? 0)));
    const x = scaleLinear([0, curve.synchronous.value], [LEFT, WIDTH - RIGHT]);
    const y = scaleLinear([0, most * 1.05], [SPLIT, TOP]);
    const amps = scaleLinear(
        [0, Math.max(...points.map((point) => Math.max(point.line, point.full_line ?? 0))) * 1.05],
        [HEIGHT - BOTTOM, BELOW],
    );
    const at = (point: TorqueSpeedPoint) => x(point.speed);
    const reached = curve.stall?.value ?? (staged ? curve.changeover?.value : curve.steady?.value) ?? 0;
    const used = points.filter((point) => point.speed <= reached);
    const gains = used.filter((point) => point.torque >= point.load);
    const lacking =
        curve.stall === null ? [] : points.filter((point) => point.torque < point.load && point.speed < curve.synchronous.value * 0.99);
    const area = (some: readonly TorqueSpeedPoint[]) =>
        some.length < 2 ? '' : `${path(some, at, (p) => y(p.torque))}${path([...some].reverse(), at, (p) => y(p.load)).replace('M', 'L')}Z`;
    // A word stands at its own curve where the other one is farthest away.
    const apart = (share: number) => {
        const speed = share * curve.synchronous.value;
        return Math.abs(y(between(points, speed, (p) => p.torque)) - y(between(points, speed, (p) => p.load)));
    };
    const [loadAt = 0.6, torqueAt = 0.35] = [0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8].sort((a, b) => apart(b) - apart(a));
    const spot = (share: number, of: (point: TorqueSpeedPoint) => number) => {
        const speed = share * curve.synchronous.value;
        return { x: x(speed), y: y(between(points, speed, of)) };
    };
    const torqueWord = spot(torqueAt, (point) => point.torque);
    const loadWord = spot(loadAt, (point) => point.load);
    const fullWord = spot(0.6, (point) => point.full_torque ?? 0);
    const over = between(points, torqueAt * curve.synchronous.value, (point) => point.torque - point.load) >= 0;
    const ended = ends === null ? 0 : between(points, ends.value, (point) => point.torque);
    return (
        <Picture
            title="Torque and current over speed"
            name="torque-over-speed"
            rows={[
                ...points
                    .filter((_, index) => index % 6 === 0)
                    .map((p) => [`${p.speed} rpm`, `motor ${p.torque} N·m, load ${p.load} N·m, ${p.line} A`] as const),
                ...(curve.stall === null ? [] : [['It stalls at', curve.stall.shown] as const]),
                ...(curve.changeover === null ? [] : [['Changeover at', curve.changeover.shown] as const]),
            ]}
        >
            <Lines viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label="Torque of motor and load, and line current, over speed">
                <Upright scale={y} left={LEFT} right={WIDTH - RIGHT} ticks={5} unit="N·m" unitAt={TOP - 10} />
                <Level scale={x} top={TOP} bottom={HEIGHT - BOTTOM} ticks={5} unit="rpm" />
                <Upright scale={amps} left={LEFT} right={WIDTH - RIGHT} ticks={2} unit="A" unitAt={BELOW - 8} />
                {staged && <path className="full" d={path(points, at, (point) => amps(point.full_line ?? 0))} />}
                <path className="torque" d={path(points, at, (point) => amps(point.line))} />
                <text className="soft" x={LEFT} y={BELOW - 8}>
                    line current over speed
                </text>
                <path className="margin" d={area(gains)} />
                <path className="lacks" d={area(lacking)} />
                {staged && <path className="full" d={path(points, at, (point) => y(point.full_torque ?? 0))} />}
                <path className="load" d={path(points, at, (point) => y(point.load))} />
                <path className="torque" d={path(points, at, (point) => y(Math.max(0, point.torque)))} />
                <text className="hot-text" x={torqueWord.x} y={torqueWord.y + (over ? -9 : 20)} textAnchor="middle">
                    {curve.first.toLowerCase()}
                </text>
                <text className="load-text" x={loadWord.x} y={loadWord.y + (over && loadWord.y < SPLIT - 30 ? 20 : -9)} textAnchor="middle">
                    load
                </text>
                {staged && (
                    <text className="soft" x={fullWord.x} y={fullWord.y - 9} textAnchor="middle">
                        full voltage
                    </text>
                )}
                {moment !== null && <path className="here" d={`M${x(moment.speed.value)} ${TOP}V${HEIGHT - BOTTOM}`} />}
                {ends !== null && (
                    <>
                        <circle className={curve.stall === null ? 'mark' : 'mark stall'} cx={x(ends.value)} cy={y(ended)} r="6" />
                        <text
                            className={curve.stall === null ? 'strong' : 'strong bad'}
                            x={Math.min(x(ends.value) + (ends.value < curve.synchronous.value / 2 ? 12 : -10), WIDTH - RIGHT)}
                            y={y(ended) - 14}
                            textAnchor={ends.value < curve.synchronous.value / 2 ? 'start' : 'end'}
                        >
                            {curve.stall !== null
                                ? `stalls at ${curve.stall.shown}`
                                : curve.changeover !== null
                                  ? `changeover, ${curve.changeover.shown}`
                                  : curve.steady?.shown}
                        </text>
                    </>
                )}
            </Lines>
        </Picture>
    );
}
