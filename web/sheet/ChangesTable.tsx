import type { SheetChange } from '../api/contract';
import { STATIONS } from '../bench/BenchContext';
import { RuledTable } from '../kit/RuledTable';
import { Scroll } from '../kit/Scroll';

/** What one state of a circuit or a board has otherwise than another: what was typed first, then what followed by station; only what differs, with what caused it. */
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
                <Part label="Entered" changes={changes.filter(({ kind }) => kind === 'field')} />
                <Part label="As a result" changes={changes.filter(({ kind, station }) => kind !== 'field' && station === '')} />
                {STATIONS.map(({ name, label }) => (
                    <Part
                        key={name}
                        label={`${label}, as a result`}
                        changes={changes.filter(({ kind, station }) => kind !== 'field' && station === name)}
                    />
                ))}
            </RuledTable>
        </Scroll>
    );
}

function Part({ label, changes }: { label: string; changes: readonly SheetChange[] }) {
    return changes.length === 0 ? null : (
        <tbody>
            <tr>
                <th colSpan={4} scope="rowgroup">
                    {label}
                </th>
            </tr>
            {changes.map((change) => (
                <tr key={`${change.kind} ${change.label} ${change.from} ${change.to}`}>
                    <td>
                        {change.label} {change.kind === 'finding' && <small>finding</small>}
                    </td>
                    <td>{change.from === '' ? '–' : change.from}</td>
                    <td>{change.to === '' ? '–' : change.to}</td>
                    <td>{change.because.join(', ')}</td>
                </tr>
            ))}
        </tbody>
    );
}
