import type { SheetChange } from '../../api/contract';
import { STATIONS } from '../../bench/BenchContext';
import { RuledTable } from '../../kit/RuledTable';
import { Scroll } from '../../kit/Scroll';

const WORDS = { field: 'typed', figure: 'figure', finding: 'finding' } as const;

/** What one state of a circuit has otherwise than another: by station, only what differs, with what caused it. */
export function ChangesTable({ caption, changes }: { caption: string; changes: readonly SheetChange[] }) {
    if (changes.length === 0) {
        return <p>{caption}: no differences.</p>;
    }
    return (
        <Scroll tabIndex={0} role="group" aria-label={caption}>
            <RuledTable>
                <caption>{caption}</caption>
                <thead>
                    <tr>
                        <th scope="col">Item</th>
                        <th scope="col">Before</th>
                        <th scope="col">After</th>
                        <th scope="col">Cause</th>
                    </tr>
                </thead>
                {STATIONS.map(({ name, label }) => {
                    const here = changes.filter((change) => change.station === name);
                    return here.length === 0 ? null : (
                        <tbody key={name}>
                            <tr>
                                <th colSpan={4} scope="rowgroup">
                                    {label}
                                </th>
                            </tr>
                            {here.map((change) => (
                                <tr key={`${change.kind} ${change.label} ${change.from} ${change.to}`}>
                                    <td>
                                        {change.label} <small>{WORDS[change.kind]}</small>
                                    </td>
                                    <td>{change.from === '' ? '–' : change.from}</td>
                                    <td>{change.to === '' ? '–' : change.to}</td>
                                    <td>{change.because.join(', ')}</td>
                                </tr>
                            ))}
                        </tbody>
                    );
                })}
            </RuledTable>
        </Scroll>
    );
}
