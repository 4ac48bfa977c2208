import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import type { Arrow } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { Button } from '../../kit/Button';
import { Drawing } from '../../kit/Drawing';
import { Picture } from '../../kit/Picture';
import { Segments } from '../../kit/Segments';
import { token } from '../../theme/tokens';

const SIZE = 440;
const MIDDLE = SIZE / 2;
const REACH = 160;
const TURN_MS = 6000;

const Dial = styled(Drawing)`
    max-height: 460px;
    .line-volts {
        stroke: ${token.edge};
        stroke-width: 2.5;
        stroke-dasharray: 8 4;
    }
    .phase-volts {
        stroke: ${token.reactive};
        stroke-width: 4;
    }
    .line-amps {
        stroke: ${token.ink};
        stroke-width: 4;
    }
    .winding-amps {
        stroke: ${token.accent};
        stroke-width: 4;
        stroke-dasharray: 2 3;
    }
    .arc {
        fill: none;
        stroke: ${token.real};
        stroke-width: 2;
    }
    .rim {
        fill: none;
        stroke: ${token.rule};
    }
`;

const Bar = styled.div`
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    > * {
        min-width: 190px;
    }
`;

const point = (angle: number, reach: number): [number, number] => {
    const radians = (angle * Math.PI) / 180;
    return [MIDDLE + reach * Math.cos(radians), MIDDLE - reach * Math.sin(radians)];
};

function arc(from: number, to: number, reach: number): string {
    const [x1, y1] = point(from, reach);
    const [x2, y2] = point(to, reach);
    return `M${x1} ${y1}A${reach} ${reach} 0 0 ${to > from ? 0 : 1} ${x2} ${y2}`;
}

/** Voltages and currents as arrows to scale, with the 30° between line and phase values. */
export function PhasorView() {
    const { solved } = useBench();
    const curve = solved.solution.curves.phasors;
    const star = solved.word('star', 'star');
    const [connection, setConnection] = useState<'star' | 'delta'>('star');
    const [sense, setSense] = useState<'lagging' | 'leading' | null>(null);
    const [turning, setTurning] = useState(false);
    const [turn, setTurn] = useState(0);
    const stood = useRef(0);
    useEffect(() => {
        if (!turning) {
            return;
        }
        let frame = 0;
        // It goes on from where it stood.
        const began = performance.now() - (stood.current / 360) * TURN_MS;
        const step = (now: number) => {
            stood.current = (((now - began) / TURN_MS) * 360) % 360;
            setTurn(stood.current);
            frame = requestAnimationFrame(step);
        };
        frame = requestAnimationFrame(step);
        return () => cancelAnimationFrame(frame);
    }, [turning]);
    if (curve === undefined) {
        return <p>Enter voltage, current and power factor of a three-phase load to see the phasors.</p>;
    }
    const leans = sense ?? (curve.angle < 0 ? 'leading' : 'lagging');
    const arrows: readonly Arrow[] = curve[connection][leans];
    const largest = { volts: curve.volts, amps: curve.current };
    const reach = (arrow: Arrow) => REACH * (arrow.of.endsWith('volts') ? arrow.size / largest.volts : (0.82 * arrow.size) / largest.amps);
    const find = (name: string) => arrows.find((arrow) => arrow.name === name);
    const first = connection === 'star' ? find('V1N') : find('I12');
    const second = connection === 'star' ? find('V12') : find('I1');
    const phi = curve.lag.shown;
    return (
        <>
            <Bar>
                <Segments
                    label="Connection"
                    value={connection}
                    options={[
                        { value: 'star', label: star },
                        { value: 'delta', label: 'delta' },
                    ]}
                    onChange={setConnection}
                />
                <Segments
                    label="Current"
                    value={leans}
                    options={[
                        { value: 'lagging', label: 'lagging' },
                        { value: 'leading', label: 'leading' },
                    ]}
                    onChange={setSense}
                />
                <Button onPress={() => setTurning(!turning)}>{turning ? 'Stop' : 'Rotate'}</Button>
                {turn !== 0 && !turning && (
                    <Button
                        onPress={() => {
                            stood.current = 0;
                            setTurn(0);
                        }}
                    >
                        Upright
                    </Button>
                )}
            </Bar>
            <Picture
                title={`${connection === 'star' ? star : 'delta'}, ${leans} by ${phi} (${curve.from}), to scale`}
                name="phasors"
                rows={arrows.map((arrow) => [arrow.name, arrow.shown])}
            >
                <Dial viewBox={`0 0 ${SIZE} ${SIZE}`} role="img" aria-label="Phasors">
                    <defs>
                        {['line-volts', 'phase-volts', 'line-amps', 'winding-amps'].map((kind) => (
                            <marker
                                key={kind}
                                id={`head-${kind}`}
                                viewBox="0 0 10 10"
                                refX="8"
                                refY="5"
                                markerWidth="4"
                                markerHeight="4"
                                orient="auto"
                            >
                                <path d="M0 0L10 5L0 10z" fill="context-stroke" />
                            </marker>
                        ))}
                    </defs>
                    <circle className="rim" cx={MIDDLE} cy={MIDDLE} r={REACH} />
                    {first !== undefined && second !== undefined && (
                        <path className="arc" d={arc(first.angle + turn + 90, second.angle + turn + 90, 62)} />
                    )}
                    {arrows.map((arrow) => {
                        const kind = arrow.of.replace(' ', '-');
                        const [x, y] = point(arrow.angle + turn + 90, reach(arrow));
                        const [tx, ty] = point(arrow.angle + turn + 90, reach(arrow) + 18);
                        return (
                            <g key={arrow.name}>
                                <path className={kind} markerEnd={`url(#head-${kind})`} d={`M${MIDDLE} ${MIDDLE}L${x} ${y}`} />
                                <text x={tx} y={ty + 5} textAnchor="middle" className="strong">
                                    {arrow.name}
                                </text>
                            </g>
                        );
                    })}
                    {first !== undefined && second !== undefined && (
                        <text
                            className="real-text"
                            x={point((first.angle + second.angle) / 2 + turn + 90, 84)[0]}
                            y={point((first.angle + second.angle) / 2 + turn + 90, 84)[1] + 5}
                            textAnchor="middle"
                        >
                            30°
                        </text>
                    )}
                </Dial>
            </Picture>
            <p>
                {connection === 'star'
                    ? `In ${star} the line voltage V12 is 30° ahead of the phase voltage V1N and √3 times as large; line and winding carry the same current. The power-factor angle, ${phi}, is between I1 and V1N, not V12.`
                    : `In delta each winding gets the line voltage; the line current I1 is 30° behind the winding current I12 and √3 times as large. The power-factor angle, ${phi}, is between I12 and V12.`}
            </p>
        </>
    );
}
