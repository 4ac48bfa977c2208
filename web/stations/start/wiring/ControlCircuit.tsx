import type { WiringCurve } from '../../../api/contract';
import { Picture } from '../../../kit/Picture';
import { DRAWN } from './drawings';
import { Circuit, Coil, Contact, OffContacts, PushButton } from './pen';

/** The control circuit: stop, start with its holding contact, and for two stages timer and interlock. Drawn with nothing switched on. */
export function ControlCircuit({ wiring, star }: { wiring: WiringCurve; star: string }) {
    const { symbols } = wiring;
    const { stages } = DRAWN[wiring.drawing];
    const staged = stages === 'interlocked';
    const bypass = stages === 'second';
    const rows: [string, string][] = [
        ['F2 95–96', 'overload contact: opens when the relay trips'],
        ['S0 21–22', 'stop'],
        ['S1 13–14', 'start'],
        ['K1 13–14', 'keeps K1 closed'],
        ...(staged
            ? ([
                  ['K4 55–56', `opens ${star} after the set time`],
                  ['K4 67–68', 'closes delta after the set time'],
                  ['K2 21–22, K3 21–22', 'interlock: only one can close'],
              ] as [string, string][])
            : bypass
              ? ([['K4 67–68', 'closes the second stage after the set time']] as [string, string][])
              : []),
    ];
    const right = staged ? 420 : bypass ? 330 : 190;
    return (
        <Picture title="Control circuit" name="control-circuit" rows={rows} wide>
            <Circuit viewBox={`0 0 ${right + 90} 460`} role="img" aria-label="Control circuit">
                <path className="wire" d={`M40 26H${right + 30}M40 424H${right + 30}`} />
                <text className="soft" x="36" y="20">
                    control supply
                </text>
                <text className="soft" x="36" y="444">
                    return
                </text>
                <OffContacts x={100} symbols={symbols} />
                <path d="M100 140V168" />
                <PushButton x={100} y={168} kind="no" symbols={symbols} pins={['13', '14']} />
                <text x="58" y="194" textAnchor="end">
                    S1
                </text>
                <Contact x={160} y={168} kind="no" symbols={symbols} pins={['13', '14']} />
                <text x="186" y="195">
                    K1
                </text>
                <path d="M100 154H160V168M160 212V226H100M100 212V366" />
                <circle className="dot" cx="100" cy="154" r="4" />
                <circle className="dot" cx="100" cy="226" r="4" />
                <Coil x={100} y={366} name="K1" symbols={symbols} />
                <path d="M100 400V424" />
                {(staged || bypass) && (
                    <>
                        <path d={`M100 240H${right}`} />
                        <circle className="dot" cx="100" cy="240" r="4" />
                        <path d="M180 240V366M180 400V424" />
                        <Coil x={180} y={366} name="K4" symbols={symbols} timer />
                    </>
                )}
                {bypass && (
                    <>
                        <path d="M280 240V252M280 296V366M280 400V424" />
                        <Contact x={280} y={252} kind="no" symbols={symbols} pins={['67', '68']} />
                        <text x="262" y="280" textAnchor="end">
                            K4
                        </text>
                        <Coil x={280} y={366} name="K2" symbols={symbols} />
                    </>
                )}
                {staged && (
                    <>
                        <path d="M290 240V246M290 288V304M290 348V366M290 400V424M400 240V246M400 288V304M400 348V366M400 400V424" />
                        <Contact x={290} y={244} kind="nc" symbols={symbols} pins={['55', '56']} />
                        <text x="272" y="270" textAnchor="end">
                            K4
                        </text>
                        <Contact x={290} y={304} kind="nc" symbols={symbols} pins={['21', '22']} />
                        <text x="272" y="330" textAnchor="end">
                            K2
                        </text>
                        <Coil x={290} y={366} name={`K3 ${star}`} symbols={symbols} />
                        <Contact x={400} y={244} kind="no" symbols={symbols} pins={['67', '68']} />
                        <text x="382" y="270" textAnchor="end">
                            K4
                        </text>
                        <Contact x={400} y={304} kind="nc" symbols={symbols} pins={['21', '22']} />
                        <text x="382" y="330" textAnchor="end">
                            K3
                        </text>
                        <Coil x={400} y={366} name="K2 delta" symbols={symbols} />
                    </>
                )}
            </Circuit>
        </Picture>
    );
}
