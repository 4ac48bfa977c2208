import type { WiringCurve } from '../../../api/contract';
import { RuledTable } from '../../../kit/RuledTable';
import { Scroll } from '../../../kit/Scroll';

/** What an ohmmeter shows between the motor terminals of a starter with six leads, by which contactor is held in. */
export function TerminalOhms({ wiring, star }: { wiring: WiringCurve; star: string }) {
    if (wiring.ohms.length === 0) {
        return null;
    }
    return (
        <>
            <h2 style={{ fontSize: 16, fontWeight: 600 }}>Ohms at the motor terminals of the starter</h2>
            <p>Dead and locked off, links in the motor box removed, capacitor disconnected. R is the resistance of one winding.</p>
            <Scroll tabIndex={0} role="group" aria-label="Ohms at the motor terminals">
                <RuledTable>
                    <thead>
                        <tr>
                            <th scope="col">Between</th>
                            <th scope="col">Contactors out</th>
                            <th scope="col">Contactor for {star} held in</th>
                            <th scope="col">Contactor for delta held in</th>
                        </tr>
                    </thead>
                    <tbody>
                        {wiring.ohms.map((row) => (
                            <tr key={row.pairs.join()}>
                                <th scope="row">{row.pairs.join(', ')}</th>
                                <td>{row.none}</td>
                                <td>{row.star}</td>
                                <td>{row.delta}</td>
                            </tr>
                        ))}
                    </tbody>
                </RuledTable>
            </Scroll>
            <p>Does yours differ? Enter what you read under Prove, “Ohms at the starter”: it names the fault that reads so.</p>
        </>
    );
}
