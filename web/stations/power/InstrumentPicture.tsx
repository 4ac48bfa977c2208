import styled from 'styled-components';
import { useBench } from '../../bench/BenchContext';
import { typed } from '../../bench/circuit';
import { Drawing } from '../../kit/Drawing';
import { Picture } from '../../kit/Picture';
import type { MeasureField } from '../../readings/measuring';
import { token } from '../../theme/tokens';

const LINE_Y = { '1': 40, '2': 90, '3': 140, N: 190 } as const;
type Line = keyof typeof LINE_Y;

const Wires = styled(Drawing)`
    .line {
        stroke: ${token.ink};
        stroke-width: 2.5;
    }
    .coil {
        fill: none;
        stroke: ${token.reactive};
        stroke-width: 2;
    }
    circle,
    rect {
        fill: ${token.sheet};
        stroke: ${token.ink};
        stroke-width: 2;
    }
    .dot {
        fill: ${token.reactive};
        stroke: none;
    }
    .letter {
        font-size: 16px;
        font-weight: 600;
        text-anchor: middle;
        stroke: none;
    }
`;

interface Wattmeter {
    line: Line;
    to: Line;
    from?: Line;
}

interface Wiring {
    watts: readonly Wattmeter[];
    amps: readonly Line[];
    volts: readonly (readonly [Line, Line])[];
    block?: string;
    shaft?: boolean;
    /** Pairs of lines with a capacitor between them. */
    capacitors?: readonly (readonly [Line, Line])[];
    /** Both instruments are probes of one oscilloscope. */
    scope?: boolean;
}

const isLine = (text: string): text is '1' | '2' | '3' => text === '1' || text === '2' || text === '3';

const DELTA: Wiring['volts'] = [
    ['1', '2'],
    ['2', '3'],
    ['3', '1'],
];

function wiring(method: string, chosen: (name: MeasureField) => string, phases: number): Wiring {
    const line: Line = isLine(chosen('line')) ? (chosen('line') as Line) : '1';
    const volts: Wiring['volts'] = phases === 1 ? [['1', 'N']] : [['1', '2']];
    switch (method) {
        case 'one_wattmeter': {
            const way = phases === 1 ? 'neutral' : chosen('wattmeter');
            const pair = chosen('pair');
            const across = { '1': ['2', '3'], '2': ['3', '1'], '3': ['1', '2'], N: ['1', '2'] }[line] as [Line, Line];
            const [from, to] = pair.length === 2 ? [pair[0] as Line, pair[1] as Line] : (['1', '2'] as [Line, Line]);
            return {
                watts: [
                    way === 'other_lines'
                        ? { line, from: across[0], to: across[1] }
                        : way === 'pair'
                          ? { line, from, to }
                          : { line, to: 'N' },
                ],
                amps: [line],
                volts,
            };
        }
        case 'two_wattmeters': {
            const common: Line = isLine(chosen('common')) ? (chosen('common') as Line) : '2';
            const others = (['1', '2', '3'] as const).filter((one) => one !== common);
            return { watts: others.map((one) => ({ line: one, to: common })), amps: [], volts: [] };
        }
        case 'three_wattmeters':
            return { watts: (['1', '2', '3'] as const).map((one) => ({ line: one, to: 'N' })), amps: [], volts: [] };
        case 'volts_amps':
            return {
                watts: [],
                amps: phases === 1 ? ['1'] : ['1', '2', '3'],
                volts:
                    phases === 1
                        ? volts
                        : [
                              ['1', '2'],
                              ['2', '3'],
                          ],
            };
        case 'line_angle': {
            const pair = chosen('pair');
            const at: readonly [Line, Line] =
                pair.length === 2 && phases !== 1 ? [pair[0] as Line, pair[1] as Line] : (volts[0] ?? ['1', '2']);
            return { watts: [], amps: [line], volts: [at], block: '∠' };
        }
        case 'power_factor_meter':
            return { watts: [], amps: ['1'], volts, block: 'cos φ' };
        case 'clamp_capacitor':
            return { watts: [], amps: ['1'], volts, capacitors: phases === 1 ? volts : DELTA };
        case 'scope_screen':
            return { watts: [], amps: ['1'], volts: [['1', 'N']], scope: true };
        case 'before_after':
            return { watts: [], amps: ['1'], volts: [], capacitors: phases === 1 ? volts : DELTA };
        case 'meter_disc':
        case 'meter_pulses':
            return { watts: [], amps: ['1'], volts, block: 'kWh' };
        case 'brake':
            return { watts: [{ line: '1', to: phases === 1 ? 'N' : '2' }], amps: [], volts: [], shaft: true };
        default:
            return { watts: [{ line: '1', to: phases === 1 ? 'N' : '2' }], amps: ['1'], volts };
    }
}

/** Where the instruments stand in the lines, coil by coil. */
export function InstrumentPicture() {
    const { draft } = useBench();
    const chosen = (name: MeasureField) => typed(draft, `measure.${name}`);
    const phases = typed(draft, 'supply.phases') === '1' ? 1 : 3;
    const method = chosen('method');
    if (method === '') {
        return null;
    }
    const { watts, amps, volts, block, shaft, capacitors = [], scope = false } = wiring(method, chosen, phases);
    const neutral = phases === 1 || watts.some(({ to }) => to === 'N') || volts.some(([, to]) => to === 'N');
    const lines: readonly Line[] = phases === 1 ? ['1', 'N'] : neutral ? ['1', '2', '3', 'N'] : ['1', '2', '3'];
    const name = (line: Line) => (line === 'N' ? 'N' : `L${line}`);
    const bottom = neutral ? 190 : 140;
    return (
        <Picture
            title="How to connect it"
            name="instruments"
            wide
            rows={[
                ...watts.map((w): readonly [string, string] => [
                    `Wattmeter, current coil in ${name(w.line)}`,
                    `voltage coil from ${name(w.from ?? w.line)} to ${name(w.to)}`,
                ]),
                ...amps.map((line): readonly [string, string] => [scope ? 'Current probe or shunt' : 'Clamp meter or ammeter', name(line)]),
                ...volts.map(([a, b]): readonly [string, string] => [scope ? 'Voltage probe' : 'Voltmeter', `${name(a)} to ${name(b)}`]),
                ...capacitors.map(([a, b]): readonly [string, string] => ['Capacitor', `${name(a)} to ${name(b)}`]),
            ]}
        >
            <Wires viewBox={`0 0 560 ${bottom + 34}`} role="img" aria-label="Instruments in the lines">
                {lines.map((line) => (
                    <g key={line}>
                        <text x="8" y={LINE_Y[line] + 5} className="strong">
                            {name(line)}
                        </text>
                        <path className="line" d={`M40 ${LINE_Y[line]}H450`} />
                    </g>
                ))}
                <rect x="450" y="24" width="96" height={bottom - 8} rx="4" />
                <text x="498" y={bottom / 2 + 22} className="letter">
                    {shaft === true ? 'motor' : 'load'}
                </text>
                {block !== undefined && (
                    <>
                        <rect x="300" y={LINE_Y['1'] - 18} width="76" height={bottom - LINE_Y['1'] + 36} rx="4" />
                        <text x="338" y={(LINE_Y['1'] + bottom) / 2 + 5} className="letter">
                            {block}
                        </text>
                    </>
                )}
                {volts.map(([a, b], i) => {
                    const x = 236 + 26 * i;
                    const middle = (LINE_Y[a] + LINE_Y[b]) / 2;
                    return (
                        <g key={`${a}${b}`}>
                            <path className="coil" d={`M${x} ${LINE_Y[a]}V${LINE_Y[b]}`} />
                            <circle className="dot" cx={x} cy={LINE_Y[a]} r="4" />
                            <circle className="dot" cx={x} cy={LINE_Y[b]} r="4" />
                            <circle cx={x} cy={middle} r="13" />
                            <text x={x} y={middle + 6} className="letter">
                                V
                            </text>
                        </g>
                    );
                })}
                {capacitors.map(([a, b], i) => {
                    const x = 330 + 40 * i;
                    const middle = (LINE_Y[a] + LINE_Y[b]) / 2;
                    const [top, low] = [Math.min(LINE_Y[a], LINE_Y[b]), Math.max(LINE_Y[a], LINE_Y[b])];
                    return (
                        <g key={`${a}${b}`}>
                            <path
                                className="coil"
                                d={`M${x} ${top}V${middle - 4}M${x - 13} ${middle - 4}H${x + 13}M${x - 13} ${middle + 4}H${x + 13}M${x} ${middle + 4}V${low}`}
                            />
                            <circle className="dot" cx={x} cy={top} r="4" />
                            <circle className="dot" cx={x} cy={low} r="4" />
                            <text x={x + 16} y={middle + 18} className="strong">
                                C
                            </text>
                        </g>
                    );
                })}
                {amps.map((line) => (
                    <g key={line}>
                        <circle cx="170" cy={LINE_Y[line]} r="14" />
                        <text x="170" y={LINE_Y[line] + 6} className="letter">
                            A
                        </text>
                    </g>
                ))}
                {watts.map((w, i) => {
                    const x = 80 + 34 * i;
                    const from = LINE_Y[w.from ?? w.line];
                    const to = LINE_Y[w.to];
                    const side = x + (w.from === undefined ? 24 : 30);
                    return (
                        <g key={w.line}>
                            <path className="coil" d={`M${x} ${LINE_Y[w.line]}M${side} ${from}V${to}`} />
                            <circle className="dot" cx={side} cy={from} r="4" />
                            <circle className="dot" cx={side} cy={to} r="4" />
                            <circle cx={x} cy={LINE_Y[w.line]} r="16" />
                            <text x={x} y={LINE_Y[w.line] + 6} className="letter">
                                W
                            </text>
                        </g>
                    );
                })}
                {shaft === true && (
                    <text x="498" y={bottom + 28} className="soft" textAnchor="middle">
                        shaft: brake, tachometer
                    </text>
                )}
            </Wires>
        </Picture>
    );
}
