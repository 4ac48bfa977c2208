import { useState } from 'react';
import { useExtra } from '../../bench/useExtra';
import { Button } from '../../kit/Button';
import { RuledTable } from '../../kit/RuledTable';

/** How far lengths, temperature and neighbours may go before other conductors are wanted: worked out when somebody asks. */
export function MarginTable() {
    const [open, setOpen] = useState(false);
    return open ? <Margins /> : <Button onPress={() => setOpen(true)}>Calculate the margins</Button>;
}

function Margins() {
    const { curves, waiting, failed } = useExtra('margins');
    if (failed) {
        return <p role="alert">The margins cannot be calculated now: cannot reach the server.</p>;
    }
    if (waiting) {
        return <p role="status">Calculating the margins…</p>;
    }
    const rows = curves?.margins?.rows ?? [];
    if (rows.length === 0) {
        return <p>The margin appears once a conductor size is chosen.</p>;
    }
    return (
        <RuledTable>
            <caption>Margin: how far each value can go before you need a larger conductor</caption>
            <tbody>
                {rows.map((row) => (
                    <tr key={row.field}>
                        <th scope="row">{row.label}</th>
                        <td>{row.now.shown}</td>
                        <td>{row.until === null ? 'no limit' : `up to ${row.until.shown}`}</td>
                        <td>{row.until === null ? '' : row.then === null ? 'beyond that no size passes' : `beyond that ${row.then}`}</td>
                    </tr>
                ))}
            </tbody>
        </RuledTable>
    );
}
