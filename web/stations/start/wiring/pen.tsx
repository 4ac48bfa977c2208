import styled from 'styled-components';
import type { PhaseMark, WiringCurve } from '../../../api/contract';
import { Drawing } from '../../../kit/Drawing';
import { token } from '../../../theme/tokens';

/** Insulation colours as they look; words stand beside them, so that nobody needs to tell them apart. */
export const INK: Readonly<Record<PhaseMark['colour'], string>> = {
    brown: '#8a5a32',
    black: 'var(--ink)',
    grey: '#8d9694',
    red: '#c22f2f',
    yellow: '#b99400',
    blue: '#2f6bb0',
    orange: '#d0761b',
    white: '#b4bab7',
};

/** The pen for circuits: thin black lines, terminals as small rings, words beside them. */
export const Circuit = styled(Drawing)`
    path,
    rect,
    circle {
        fill: none;
        stroke: ${token.ink};
        stroke-width: 2;
    }
    .wire {
        stroke-width: 2.5;
    }
    .dot {
        fill: ${token.ink};
        stroke: none;
    }
    .ring {
        fill: ${token.sheet};
    }
    .lock {
        stroke-dasharray: 4 4;
        stroke: ${token.soft};
    }
    .link {
        stroke: ${token.accent};
        stroke-width: 7;
        stroke-linecap: round;
    }
    .bar {
        fill: ${token.accent};
        stroke: none;
        opacity: 1;
    }
    text {
        font-size: 14.5px;
        font-weight: 600;
    }
    .soft {
        font-size: 14.2px;
        font-weight: 500;
    }
`;

type Style = WiringCurve['symbols'];

/** Where the three lines of a power circuit stand. */
export const XS = [110, 160, 210] as const;

/** Lines from the supply down through the fuses to a height, with names and colours. */
export function LineWires({ wiring, to }: { wiring: WiringCurve; to: number }) {
    return (
        <>
            {XS.map((x, index) => {
                const phase = wiring.phases[index];
                return (
                    <g key={x}>
                        <text x={x} y="14" textAnchor="middle">
                            {phase?.name}
                        </text>
                        <text className="soft" x={x} y="30" textAnchor="middle">
                            {phase?.colour}
                        </text>
                        <path className="wire" d={`M${x} 36V${to}`} style={phase === undefined ? {} : { stroke: INK[phase.colour] }} />
                        <rect x={x - 7} y="48" width="14" height="30" style={{ fill: 'var(--ground)' }} />
                    </g>
                );
            })}
            <text x={XS[0] - 18} y="68" textAnchor="end">
                F1
            </text>
        </>
    );
}

/** A contact that stands upright, 44 high: open (no) or closed (nc) while nothing is switched on. */
export function Contact({
    x,
    y,
    kind,
    symbols,
    pins,
}: {
    x: number;
    y: number;
    kind: 'no' | 'nc';
    symbols: Style;
    pins?: readonly [string, string];
}) {
    return (
        <g transform={`translate(${x} ${y})`}>
            {symbols === 'american' ? (
                <path d={`M0 0V16M-9 16H9M-9 28H9M0 28V44${kind === 'nc' ? 'M-9 33L9 11' : ''}`} />
            ) : (
                <path d={kind === 'no' ? 'M0 0V10M0 44V32L-10 10' : 'M0 0V10H9M0 44V32L9 8'} />
            )}
            {pins !== undefined && (
                <>
                    <text className="soft" x="7" y="9">
                        {pins[0]}
                    </text>
                    <text className="soft" x="7" y="44">
                        {pins[1]}
                    </text>
                </>
            )}
        </g>
    );
}

/** A push button, upright: a contact with its knob at the left. */
export function PushButton({
    x,
    y,
    kind,
    symbols,
    pins,
}: {
    x: number;
    y: number;
    kind: 'no' | 'nc';
    symbols: Style;
    pins: readonly [string, string];
}) {
    return (
        <g>
            <Contact x={x} y={y} kind={kind} symbols={symbols} pins={pins} />
            <path className="lock" d={`M${x - 24} ${y + 22}H${x - 4}`} />
            <path d={`M${x - 24} ${y + 14}V${y + 30}`} />
        </g>
    );
}

/** From the control supply at 26 down to 140: what switches off, the overload contact and the stop button. */
export function OffContacts({ x, symbols }: { x: number; symbols: Style }) {
    return (
        <g>
            <path d={`M${x} 26V40M${x} 84V96`} />
            <Contact x={x} y={40} kind="nc" symbols={symbols} pins={['95', '96']} />
            <text x={x - 42} y="66" textAnchor="end">
                F2
            </text>
            <PushButton x={x} y={96} kind="nc" symbols={symbols} pins={['21', '22']} />
            <text x={x - 42} y="122" textAnchor="end">
                S0
            </text>
        </g>
    );
}

/** A coil, upright, 34 high. */
export function Coil({ x, y, name, symbols, timer = false }: { x: number; y: number; name: string; symbols: Style; timer?: boolean }) {
    return (
        <g transform={`translate(${x} ${y})`}>
            <path d="M0 0V6M0 28V34" />
            {symbols === 'american' ? <circle cx="0" cy="17" r="11" /> : <rect x="-14" y="6" width="28" height="22" />}
            {timer && symbols !== 'american' && <path d="M-26 6H-14V28H-26ZM-26 6L-14 28M-14 6L-26 28" />}
            <text x={symbols === 'american' ? 15 : 18} y="22">
                {name}
            </text>
            <text className="soft" x="4" y="3">
                A1
            </text>
            <text className="soft" x="4" y="42">
                A2
            </text>
        </g>
    );
}

/** Three main contacts in a row, 44 high, numbered 1 to 6, with the name of their contactor at the left. */
export function Poles({ xs, y, name, symbols }: { xs: readonly number[]; y: number; name: string; symbols: Style }) {
    const first = xs[0] ?? 0;
    const last = xs[xs.length - 1] ?? 0;
    return (
        <g>
            {xs.map((x, index) => (
                <Contact key={x} x={x} y={y} kind="no" symbols={symbols} pins={[String(2 * index + 1), String(2 * index + 2)]} />
            ))}
            <path className="lock" d={`M${first - 6} ${y + 22}H${last - 6}`} />
            <text x={first - 18} y={y + 27} textAnchor="end">
                {name}
            </text>
        </g>
    );
}

/** Three elements of a thermal relay, 34 high. */
export function Thermal({ xs, y, name }: { xs: readonly number[]; y: number; name: string }) {
    return (
        <g>
            {xs.map((x) => (
                <path key={x} d={`M${x} ${y}V${y + 9}H${x + 8}V${y + 25}H${x}V${y + 34}`} />
            ))}
            <rect x={(xs[0] ?? 0) - 12} y={y + 4} width={(xs[xs.length - 1] ?? 0) - (xs[0] ?? 0) + 30} height="26" />
            <text x={(xs[0] ?? 0) - 18} y={y + 22} textAnchor="end">
                {name}
            </text>
        </g>
    );
}
