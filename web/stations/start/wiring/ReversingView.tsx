import type { WiringCurve } from '../../../api/contract';
import { Picture } from '../../../kit/Picture';
import { DRAWN } from './drawings';
import { Circuit, Coil, Contact, INK, LineWires, OffContacts, Poles, PushButton, XS } from './pen';
import { Say } from './Say';

/** Turning the motor the other way: once by hand, and by two contactors that exchange two lines. */
export function ReversingView({ wiring, star }: { wiring: WiringCurve; star: string }) {
    const [a, b, c] = wiring.reversed;
    const { stages, reverses, rest } = DRAWN[wiring.drawing];
    const staged = stages === 'interlocked';
    if (reverses) {
        return (
            <Say $bad={false}>
                <b>The drive reverses the motor by its own command</b>
                No reversing contactors and no swapped lines: the drive setting decides. If the motor turns the wrong way on a forward
                command, swap two leads between drive and motor: {a}, {b}, {c}.
            </Say>
        );
    }
    return (
        <>
            <Say $bad={false}>
                <b>Permanent change of direction</b>
                {staged
                    ? `Swap two complete windings, starts and ends alike: lines on ${a}, ${b}, ${c}, and the delta contactor leads of the same two windings with them. Swapping two supply lines alone also reverses the motor, but it gives the higher changeover peak.`
                    : `Swap two lines at the motor: ${a}, ${b}, ${c}. Uncouple the load first if the wrong direction can damage it.`}
            </Say>
            <ReversingCircuit wiring={wiring} />
            <ReversingControl wiring={wiring} />
            <Say $bad={false}>
                <b>Reverse only from standstill</b>A motor reversed at full speed gets four times the rotor heat of a start, and its shaft a
                larger torque step than any start.
                {staged
                    ? ` The ends stay on their lines, so one direction has the lower changeover peak from ${star} to delta and the other the higher one: use the higher peak for the other direction, or use closed transition with resistors.`
                    : ''}
                {rest}
            </Say>
        </>
    );
}

/** In a plain starter its own contactor is the forward one; before any other starter stand two of their own. */
function names(wiring: WiringCurve): { forward: string; reverse: string; next: string } {
    return DRAWN[wiring.drawing].forward
        ? { forward: 'K1', reverse: 'K2', next: 'to F2 and the motor' }
        : { forward: 'K6', reverse: 'K7', next: 'to K1 and the rest of the circuit' };
}

function ReversingCircuit({ wiring }: { wiring: WiringCurve }) {
    const { symbols, phases } = wiring;
    const { forward, reverse, next } = names(wiring);
    const side = XS.map((x) => x + 230);
    // The first two lines change places behind the contactor of the other way.
    const onto = [1, 0, 2] as const;
    const lines = phases.map((phase) => phase.name);
    return (
        <Picture
            title="Both directions, power circuit"
            name="reversing-power"
            rows={[
                [`Forward contactor ${forward}`, lines.join(', ')],
                [`Reverse contactor ${reverse}`, onto.map((line) => lines[line]).join(', ')],
                ['Never together', 'mechanical and electrical interlock'],
            ]}
            wide
        >
            <Circuit viewBox="0 0 500 312" role="img" aria-label="Both directions, power circuit">
                <LineWires wiring={wiring} to={130} />
                {side.map((x, line) => {
                    const phase = phases[line];
                    const y = 90 + 12 * line;
                    return (
                        <g key={x}>
                            <path d={`M${XS[line] ?? 0} ${y}H${x}V130`} style={phase === undefined ? {} : { stroke: INK[phase.colour] }} />
                            <circle className="dot" cx={XS[line]} cy={y} r="4" />
                        </g>
                    );
                })}
                <Poles xs={XS} y={130} name={`${forward} forward`} symbols={symbols} />
                <Poles xs={side} y={130} name={`${reverse} reverse`} symbols={symbols} />
                <path className="wire" d={XS.map((x) => `M${x} 174V252`).join('')} />
                {onto.map((line, pole) => {
                    const y = 196 + 16 * pole;
                    return (
                        <g key={line}>
                            <path className="wire" d={`M${side[pole] ?? 0} 174V${y}H${XS[line]}`} />
                            <circle className="dot" cx={XS[line]} cy={y} r="4" />
                        </g>
                    );
                })}
                <text className="soft" x={XS[1]} y="274" textAnchor="middle">
                    {next}
                </text>
                <text className="soft" x="20" y="300">
                    {forward} and {reverse} must never close together: interlock them mechanically and electrically.
                </text>
            </Circuit>
        </Picture>
    );
}

function ReversingControl({ wiring }: { wiring: WiringCurve }) {
    const { symbols } = wiring;
    const { forward, reverse } = names(wiring);
    const ways = [
        { x: 140, button: 'S1', own: forward, other: reverse, says: 'forward' },
        { x: 340, button: 'S2', own: reverse, other: forward, says: 'reverse' },
    ] as const;
    return (
        <Picture
            title="Both directions, control circuit"
            name="reversing-control"
            rows={[
                ['F2 95–96', 'overload contact: opens when the relay trips'],
                ['S0 21–22', 'stop: press before starting the other direction'],
                ['S1 13–14', 'start forward'],
                ['S2 13–14', 'start in reverse'],
                [`${forward} 13–14, ${reverse} 13–14`, 'each has its own holding contact'],
                [`${forward} 21–22, ${reverse} 21–22`, 'interlock: only one can close'],
            ]}
            wide
        >
            <Circuit viewBox="0 0 520 420" role="img" aria-label="Both directions, control circuit">
                <path className="wire" d="M40 26H470M40 384H470" />
                <text className="soft" x="36" y="20">
                    control supply
                </text>
                <text className="soft" x="36" y="404">
                    return
                </text>
                <OffContacts x={140} symbols={symbols} />
                <path d="M140 140V168M140 150H340V168" />
                <circle className="dot" cx="140" cy="150" r="4" />
                {ways.map((way) => (
                    <g key={way.own}>
                        <PushButton x={way.x} y={168} kind="no" symbols={symbols} pins={['13', '14']} />
                        <text x={way.x - 42} y="194" textAnchor="end">
                            {way.button}
                        </text>
                        <path
                            d={`M${way.x} 158H${way.x + 60}V168M${way.x + 60} 212V226H${way.x}M${way.x} 212V250M${way.x} 294V326M${way.x} 360V384`}
                        />
                        <circle className="dot" cx={way.x} cy="158" r="4" />
                        <circle className="dot" cx={way.x} cy="226" r="4" />
                        <Contact x={way.x + 60} y={168} kind="no" symbols={symbols} pins={['13', '14']} />
                        <text x={way.x + 86} y="195">
                            {way.own}
                        </text>
                        <Contact x={way.x} y={250} kind="nc" symbols={symbols} pins={['21', '22']} />
                        <text x={way.x - 18} y="277" textAnchor="end">
                            {way.other}
                        </text>
                        <Coil x={way.x} y={326} name={`${way.own} ${way.says}`} symbols={symbols} />
                    </g>
                ))}
            </Circuit>
        </Picture>
    );
}
