import { useState } from 'react';
import { useExtra } from '../../bench/useExtra';
import { Button } from '../../kit/Button';
import { RuledTable } from '../../kit/RuledTable';

/** How far lengths, temperature and neighbours may go before other conductors are wanted: worked out when somebody asks. */
export function MarginTable() {
    const [open, setOpen] = useState(false);
    return open ? <Margins /> : <Button onPress={() => setOpen(true)}>How close is it?</Button>;
}

function Margins() {
    const { curves, waiting, failed } = useExtra('margins');
    if (failed) {
        return <p role="alert">How close it is cannot be worked out now: the service does not answer.</p>;
    }
    if (waiting) {
        return <p role="status">Trying how far it may go.</p>;
    }
    const rows = curves?.margins?.rows ?? [];
    if (rows.length === 0) {
        return <p>How close it is can be told once the conductors are chosen.</p>;
    }
    return (
        <RuledTable>
            <caption>How close: how far each may go before other conductors are wanted</caption>
            <tbody>
                {rows.map((row) => (
                    <tr key={row.field}>
                        <th scope="row">{row.label}</th>
                        <td>{row.now.shown}</td>
                        <td>{row.until === null ? 'as far as one likes' : `up to ${row.until.shown}`}</td>
                        <td>{row.until === null ? '' : row.then === null ? 'then none passes' : `then ${row.then}`}</td>
                    </tr>
                ))}
            </tbody>
        </RuledTable>
    );
}
