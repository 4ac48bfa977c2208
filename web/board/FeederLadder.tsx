import type { BoardSolved } from '../api/contract';
import { RuledTable } from '../kit/RuledTable';
import { Scroll } from '../kit/Scroll';

/** Sizes of the feeder around the chosen one, and why the others fall. */
export function FeederLadder({ ladder }: { ladder: BoardSolved['ladder'] }) {
    if (ladder.length === 0) {
        return null;
    }
    return (
        <Scroll tabIndex={0} role="group" aria-label="Sizes of the feeder">
            <RuledTable>
                <caption>Feeder: sizes around the chosen one</caption>
                <thead>
                    <tr>
                        <th scope="col">Size</th>
                        <th scope="col">Carries</th>
                        <th scope="col">Voltage drop</th>
                        <th scope="col">Drop, starting</th>
                        <th scope="col">Rejected because</th>
                    </tr>
                </thead>
                <tbody>
                    {ladder.map(({ size, ampacity, drop, starting, fails, chosen }) => (
                        <tr key={size} {...(chosen ? { 'aria-current': 'true' as const } : {})}>
                            <th scope="row">{size}</th>
                            <td>{ampacity}</td>
                            <td>{drop}</td>
                            <td>{starting}</td>
                            <td>{chosen ? <b>Chosen</b> : fails === '' ? 'Larger than needed' : fails}</td>
                        </tr>
                    ))}
                </tbody>
            </RuledTable>
        </Scroll>
    );
}
