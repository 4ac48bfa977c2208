import type { WiringCurve } from '../../../api/contract';
import { Picture } from '../../../kit/Picture';
import { DRAWN } from './drawings';
import { Circuit, Contact, INK, LineWires, Poles, Thermal, XS } from './pen';

function Motor({ x, y, words }: { x: number; y: number; words: readonly string[] }) {
    return (
        <g>
            <circle className="ring" cx={x} cy={y} r="38" />
            <text x={x} y={y - 2} textAnchor="middle">
                M
            </text>
            <text className="soft" x={x} y={y + 15} textAnchor="middle">
                3 ~
            </text>
            {words.map((word, index) => (
                <text key={word} className="soft" x={x + 44} y={y - 6 + 17 * index}>
                    {word}
                </text>
            ))}
        </g>
    );
}

/** The power circuit of the starter, terminals numbered. */
export function PowerCircuit({ wiring, star }: { wiring: WiringCurve; star: string }) {
    const { symbols, starts, ends } = wiring;
    const lines = wiring.phases.map((phase) => phase.name);
    const { title, stages } = DRAWN[wiring.drawing];
    const rows: [string, string][] =
        stages === 'interlocked'
            ? [
                  ['Main contactor K1', starts.map((start, i) => `${lines[i] ?? ''}–${start}`).join(', ')],
                  [
                      'Delta contactor K2',
                      [`${ends[0]}–${lines[2] ?? ''}`, `${ends[1]}–${lines[0] ?? ''}`, `${ends[2]}–${lines[1] ?? ''}`].join(', '),
                  ],
                  [`${star} contactor K3`, ends.join('–')],
              ]
            : [['Motor', starts.map((start, i) => `${lines[i] ?? ''}–${start}`).join(', ')]];
    return (
        <Picture title={title} name="power-circuit" rows={rows} wide>
            {stages === 'interlocked' ? <SixLeads wiring={wiring} star={star} /> : <ThreeLeads wiring={wiring} symbols={symbols} />}
        </Picture>
    );
}

function ThreeLeads({ wiring, symbols }: { wiring: WiringCurve; symbols: WiringCurve['symbols'] }) {
    const { starts } = wiring;
    const { title, box, series, stages } = DRAWN[wiring.drawing];
    const tapped = stages === 'second' && series === null;
    const side = XS.map((x) => x + 170);
    const relay = series !== null || box !== null || tapped ? 262 : 148;
    const motor = relay + 100;
    return (
        <Circuit viewBox={`0 0 420 ${motor + 50}`} role="img" aria-label={title}>
            <LineWires wiring={wiring} to={96} />
            <Poles xs={XS} y={96} name="K1" symbols={symbols} />
            {box !== null && (
                <>
                    <path className="wire" d={XS.map((x) => `M${x} 140V160M${x} 232V${relay}`).join('')} />
                    <rect x={XS[0] - 20} y="160" width="140" height="72" />
                    <text x={XS[1]} y="201" textAnchor="middle">
                        {box}
                    </text>
                    {!DRAWN[wiring.drawing].reverses && (
                        <>
                            <path d={XS.map((x, i) => `M${x} 148H${side[i] ?? 0}V168M${side[i] ?? 0} 212V246H${x}`).join('')} />
                            <Poles xs={side} y={168} name="K2 bypass" symbols={symbols} />
                        </>
                    )}
                </>
            )}
            {series !== null && (
                <>
                    {XS.map((x) =>
                        series === 'resistor' ? (
                            <g key={x}>
                                <path className="wire" d={`M${x} 140V168M${x} 222V${relay}`} />
                                <rect x={x - 8} y="168" width="16" height="54" />
                            </g>
                        ) : (
                            <path
                                key={x}
                                className="wire"
                                d={`M${x} 140V168c14 0 14 13 0 13c14 0 14 13 0 13c14 0 14 13 0 13c14 0 14 13 0 13V${relay}`}
                            />
                        ),
                    )}
                    <path d={XS.map((x, i) => `M${x} 152H${side[i] ?? 0}V172M${side[i] ?? 0} 216V240H${x}`).join('')} />
                    <Poles xs={side} y={172} name="K2" symbols={symbols} />
                </>
            )}
            {tapped && (
                <>
                    {XS.map((x, i) => (
                        <g key={x}>
                            <path className="wire" d={`M${x} 140V${relay}`} />
                            <path d={`M${x} 88H${side[i] ?? 0}V96`} />
                            <path
                                d={`M${side[i] ?? 0} 140V152c13 0 13 11 0 11c13 0 13 11 0 11c13 0 13 11 0 11c13 0 13 11 0 11V206M${side[i] ?? 0} 174H${x}`}
                            />
                            <circle className="dot" cx={x} cy="174" r="4" />
                        </g>
                    ))}
                    <Poles xs={side} y={96} name="K2" symbols={symbols} />
                    <Poles xs={side} y={206} name="K3" symbols={symbols} />
                    <path d={`M${side[0] ?? 0} 250H${side[2] ?? 0}`} />
                </>
            )}
            <Thermal xs={XS} y={relay} name="F2" />
            <path
                className="wire"
                d={`M${XS[0]} ${relay + 34}V${motor - 30}M${XS[1]} ${relay + 34}V${motor - 38}M${XS[2]} ${relay + 34}V${motor - 30}L${XS[1] + 26} ${motor - 28}M${XS[0]} ${motor - 30}L${XS[1] - 26} ${motor - 28}`}
            />
            <Motor x={XS[1]} y={motor} words={[starts.join(' ')]} />
        </Circuit>
    );
}

/** Main, delta and star contactor around a motor with both ends of each winding; delta lies on the favourable lines. */
function SixLeads({ wiring, star }: { wiring: WiringCurve; star: string }) {
    const { symbols, starts, ends } = wiring;
    const delta = [330, 380, 430] as const;
    const point = [510, 560, 610] as const;
    // Which line comes to the end of the first, second and third winding: the third, the first, the second.
    const from = [2, 0, 1] as const;
    return (
        <Circuit viewBox="0 0 660 410" role="img" aria-label={DRAWN[wiring.drawing].title}>
            <LineWires wiring={wiring} to={150} />
            {from.map((line, index) => {
                const phase = wiring.phases[line];
                const x = delta[index] ?? 0;
                const y = 96 + 14 * line;
                return (
                    <g key={line}>
                        <path d={`M${XS[line]} ${y}H${x}V150`} style={phase === undefined ? {} : { stroke: INK[phase.colour] }} />
                        <circle className="dot" cx={XS[line]} cy={y} r="4" />
                    </g>
                );
            })}
            <Poles xs={XS} y={150} name="K1" symbols={symbols} />
            <Poles xs={delta} y={150} name="K2" symbols={symbols} />
            {point.map((x, index) => (
                <Contact key={x} x={x} y={150} kind="no" symbols={symbols} pins={[String(2 * index + 1), String(2 * index + 2)]} />
            ))}
            <path className="lock" d="M504 172H604" />
            <text x="492" y="177" textAnchor="end">
                K3
            </text>
            <path className="wire" d="M510 150V138H610V150M560 150V138" />
            <text className="soft" x="560" y="128" textAnchor="middle">
                {star} point
            </text>
            <Thermal xs={XS} y={210} name="F2" />
            <path className="wire" d={XS.map((x) => `M${x} 194V210`).join('')} />
            {XS.map((x, index) => (
                <g key={x}>
                    <path className="wire" d={`M${x} 244V286`} />
                    <text x={x + 6} y="282">
                        {starts[index]}
                    </text>
                </g>
            ))}
            {delta.map((x, index) => {
                const y = 262 + 16 * index;
                return (
                    <g key={x}>
                        <path className="wire" d={`M${x} 194V${330 + 14 * index}H${XS[index] ?? 0}M${point[index] ?? 0} 194V${y}H${x}`} />
                        <circle className="dot" cx={x} cy={y} r="4" />
                        <text x={x + 6} y={322}>
                            {ends[index]}
                        </text>
                    </g>
                );
            })}
            {XS.map((x) => (
                <path key={x} d={`M${x} 286c14 0 14 11 0 11c14 0 14 11 0 11c14 0 14 11 0 11`} />
            ))}
            <path className="wire" d={XS.map((x, index) => `M${x} 319V${330 + 14 * index}`).join('')} />
            <text className="soft" x="60" y="308" textAnchor="middle">
                windings
            </text>
            <text className="soft" x="60" y="382">
                K2 and K3 must never close together: interlock them mechanically and electrically.
            </text>
            <text className="soft" x="60" y="400">
                The overload relay is in the motor leads.
            </text>
        </Circuit>
    );
}
