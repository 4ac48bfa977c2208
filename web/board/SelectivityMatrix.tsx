import type { BoardSolved } from '../api/contract';
import { GradeMark } from '../kit/Grade';
import { RuledTable } from '../kit/RuledTable';
import { Scroll } from '../kit/Scroll';

/** How each device here stands to every feeder before it; behind one feeder alone the list of circuits says it. */
export function SelectivityMatrix({ matrix }: { matrix: BoardSolved['matrix'] }) {
    const feeders = matrix[0]?.feeders.map(({ feeder }) => feeder) ?? [];
    if (feeders.length < 2) {
        return null;
    }
    return (
        <Scroll tabIndex={0} role="group" aria-label="Selectivity">
            <RuledTable>
                <caption>Selectivity in a fault at this board</caption>
                <thead>
                    <tr>
                        <th scope="col">Device</th>
                        {feeders.map((feeder) => (
                            <th key={feeder} scope="col">
                                Feeder of {feeder}
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {matrix.map((row) => (
                        <tr key={row.tag}>
                            <th scope="row">{row.tag}</th>
                            {row.feeders.map(({ feeder, shown, wrong }) => (
                                <td key={feeder}>
                                    {wrong && <GradeMark grade="caution" />} {shown}
                                </td>
                            ))}
                        </tr>
                    ))}
                </tbody>
            </RuledTable>
        </Scroll>
    );
}
