import type { OnePhaseWiringCurve } from '../../../api/contract';
import { Picture } from '../../../kit/Picture';
import { Circuit, Contact, INK, Thermal } from './pen';

/** Where the two supply wires stand, and the poles of the overload relay that they run through. */
const LINE = 110;
const BACK = 210;
const POLES = [110, 160, 210] as const;

/** Main winding and start winding hang between these heights. */
const TOP = 330;
const BOTTOM = 520;

const MAIN = 210;
const START = 420;

/** A winding, upright, 72 high, between its two ends. */
function Winding({ x, ends, name }: { x: number; ends: readonly string[]; name: string }) {
    const y = TOP + 68;
    return (
        <g>
            <path d={`M${x} ${y}c16 0 16 18 0 18c16 0 16 18 0 18c16 0 16 18 0 18c16 0 16 18 0 18`} />
            <text x={x - 12} y={y - 2} textAnchor="end">
                {ends[0]}
            </text>
            <text x={x - 12} y={y + 88} textAnchor="end">
                {ends[1]}
            </text>
            <text className="soft" x={x + 26} y={y + 42}>
                {name}
            </text>
        </g>
    );
}

function Capacitor({ x, y, name, says }: { x: number; y: number; name: string; says: string }) {
    return (
        <g transform={`translate(${x} ${y})`}>
            <path d="M0 0V14M-16 14H16M-16 22H16M0 22V36" />
            <text x="24" y="16">
                {name}
            </text>
            <text className="soft" x="24" y="33">
                {says}
            </text>
        </g>
    );
}

/** How a single-phase motor is wired: its two wires through device and relay, its windings, and what starts it. */
export function OnePhaseWiring({ wiring }: { wiring: OnePhaseWiringCurve }) {
    const [first, second] = wiring.wires;
    const [u1, u2] = wiring.main;
    const [z1, z2] = wiring.start;
    const ink = (wire: typeof first) => (wire === undefined ? {} : { stroke: INK[wire.colour] });
    const rows: [string, string][] = [
        ['Supply', wiring.wires.map((wire) => `${wire.name} ${wire.colour}`).join(', ')],
        ['Main winding', `${u1}–${u2}`],
        ['Start winding', `${z1}–${z2}`],
        ...(wiring.has_start_capacitor ? [['Start capacitor', wiring.start_capacitor || 'value not entered'] as [string, string]] : []),
        ...(wiring.has_run_capacitor ? [['Run capacitor', wiring.run_capacitor || 'value not entered'] as [string, string]] : []),
    ];
    return (
        <>
            <Picture title="Single-phase motor and its starter" name="one-phase-wiring" rows={rows} wide>
                <Circuit viewBox="0 0 700 560" role="img" aria-label="Wiring of the single-phase motor">
                    {[
                        { x: LINE, wire: first, fused: true },
                        { x: BACK, wire: second, fused: !wiring.has_neutral },
                    ].map(({ x, wire, fused }) => (
                        <g key={x}>
                            <text x={x} y="14" textAnchor="middle">
                                {wire?.name}
                            </text>
                            <text className="soft" x={x} y="30" textAnchor="middle">
                                {wire?.colour}
                            </text>
                            <path className="wire" d={`M${x} 36V96`} style={ink(wire)} />
                            {fused && <rect x={x - 7} y="48" width="14" height="30" style={{ fill: 'var(--ground)' }} />}
                        </g>
                    ))}
                    <text x={LINE - 18} y="68" textAnchor="end">
                        F1
                    </text>
                    {[LINE, BACK].map((x, index) => (
                        <Contact
                            key={x}
                            x={x}
                            y={96}
                            kind="no"
                            symbols={wiring.symbols}
                            pins={[String(2 * index + 1), String(2 * index + 2)]}
                        />
                    ))}
                    <path className="lock" d={`M${LINE - 4} 118H${BACK - 8}`} />
                    <text x={LINE - 18} y="122" textAnchor="end">
                        K1
                    </text>
                    {/* All three poles carry the current: out through two, back through the third. */}
                    <Thermal xs={POLES} y={176} name="F2" />
                    <path className="wire" d={`M${LINE} 140V176M${BACK} 140V176`} />
                    <path className="wire" d={`M${POLES[0]} 210V226H135V160H${POLES[1]}V176`} />
                    <text className="soft" x="236" y="192">
                        all three poles in series
                    </text>
                    <path className="wire" d={`M${POLES[1]} 210V${TOP - 40}H${START}V${TOP - 20}M${MAIN} ${TOP - 40}V${TOP}`} />
                    <path className="wire" d={`M${BACK} 210V250H684V${BOTTOM}H${MAIN}V${TOP + 140}`} />
                    <circle className="dot" cx={MAIN} cy={TOP - 40} r="4" />
                    <circle className="dot" cx={START} cy={BOTTOM} r="4" />
                    <path d={`M${MAIN} ${TOP}V${TOP + 68}`} />
                    <Winding x={MAIN} ends={wiring.main} name="main winding" />
                    <StartBranch wiring={wiring} />
                    <path className="wire" d={`M${START} ${TOP + 140}V${BOTTOM}`} />
                    <Winding x={START} ends={wiring.start} name="start winding" />
                    <rect className="lock" x="130" y={TOP - 56} width="540" height="226" rx="10" />
                    <text className="soft" x="664" y={TOP + 160} textAnchor="end">
                        motor with its capacitors
                    </text>
                </Circuit>
            </Picture>
            <ol>
                {wiring.sequence.map((step) => (
                    <li key={step}>{step}</li>
                ))}
            </ol>
            <p>{wiring.reversing}</p>
        </>
    );
}

/** What stands before the start winding: a switch, a capacitor, both, or two capacitors of which one is switched off. */
function StartBranch({ wiring }: { wiring: OnePhaseWiringCurve }) {
    const y = TOP - 20;
    const { has_switch, has_start_capacitor, has_run_capacitor, type } = wiring;
    if (type === null) {
        return (
            <>
                <path className="lock" d={`M${START} ${y}V${TOP + 68}`} />
                <text className="soft" x={START + 14} y={y + 40}>
                    not known
                </text>
            </>
        );
    }
    if (has_run_capacitor && has_start_capacitor) {
        return (
            <>
                <path
                    className="wire"
                    d={`M${START} ${y}V${y + 6}H530V${y + 6}M${START} ${y + 6}V${y + 24}M${START} ${y + 60}V${TOP + 68}`}
                />
                <path className="wire" d={`M530 ${y + 6}V${y + 10}M530 ${y + 90}V${TOP + 64}H${START}`} />
                <Capacitor x={START} y={y + 24} name="C2 run" says={wiring.run_capacitor} />
                <g transform={`translate(530 ${y + 10})`}>
                    <Contact x={0} y={0} kind="nc" symbols={wiring.symbols} />
                    <text x="16" y="26">
                        S1
                    </text>
                </g>
                <Capacitor x={530} y={y + 54} name="C1 start" says={wiring.start_capacitor} />
            </>
        );
    }
    if (has_run_capacitor) {
        return (
            <>
                <path className="wire" d={`M${START} ${y}V${y + 24}M${START} ${y + 60}V${TOP + 68}`} />
                <Capacitor x={START} y={y + 24} name="C1 run" says={wiring.run_capacitor} />
            </>
        );
    }
    return (
        <>
            {has_switch && (
                <>
                    <Contact x={START} y={y} kind="nc" symbols={wiring.symbols} />
                    <text x={START + 16} y={y + 26}>
                        S1 start switch
                    </text>
                </>
            )}
            {has_start_capacitor ? (
                <>
                    <Capacitor x={START} y={y + 44} name="C1 start" says={wiring.start_capacitor} />
                    <path className="wire" d={`M${START} ${y + 80}V${TOP + 68}`} />
                </>
            ) : (
                <path className="wire" d={`M${START} ${y + 44}V${TOP + 68}`} />
            )}
        </>
    );
}
