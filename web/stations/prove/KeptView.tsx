import { useState } from 'react';
import styled from 'styled-components';
import type { Reading } from '../../api/contract';
import { READINGS } from '../../api/readings';
import { useBench } from '../../bench/BenchContext';
import { RuledTable } from '../../kit/RuledTable';
import { Scroll } from '../../kit/Scroll';
import { Unseen } from '../../kit/Unseen';
import { when } from '../../kit/when';
import { WithdrawCell } from '../../readings/WithdrawCell';
import { WithdrawReading } from '../../readings/WithdrawReading';
import { token } from '../../theme/tokens';
import { StateMark } from './StateMark';

const Table = styled(RuledTable)`
    td b {
        font: 600 16px ${token.narrow};
    }
    td span {
        display: block;
        color: ${token.soft};
        font-size: 13.5px;
    }
    tr[data-withdrawn] b {
        text-decoration: line-through;
    }
`;

/** Every reading of the circuit, latest first, each held against the circuit as it is now. */
export function KeptView() {
    const { readings, solved, readOnly, place } = useBench();
    const [withdrawing, setWithdrawing] = useState<Reading | null>(null);
    if (readings.length === 0) {
        return <p>No measurements yet. Start with the Plan.</p>;
    }
    return (
        <>
            <Scroll tabIndex={0} role="group" aria-label="All readings">
                <Table>
                    <thead>
                        <tr>
                            <th scope="col">Date</th>
                            <th scope="col">Reading</th>
                            <th scope="col">Measured</th>
                            <th scope="col">Expected now</th>
                            {!readOnly && (
                                <th scope="col">
                                    <Unseen>Withdraw</Unseen>
                                </th>
                            )}
                        </tr>
                    </thead>
                    <tbody>
                        {readings.map((reading, index) => (
                            <Row key={reading.id} reading={reading} index={index} onWithdraw={() => setWithdrawing(reading)} />
                        ))}
                    </tbody>
                </Table>
            </Scroll>
            <WithdrawReading circuit={place?.circuit} reading={withdrawing} onClose={() => setWithdrawing(null)} />
        </>
    );

    function Row({ reading, index, onWithdraw }: { reading: Reading; index: number; onWithdraw: () => void }) {
        const comparison = solved.solution.comparisons[index];
        const main = comparison?.quantities[0];
        const stood = reading.figures.find(({ key }) => key === `prove.${reading.kind}.verdict`)?.value;
        return (
            <tr {...(reading.withdrawn === null ? {} : { 'data-withdrawn': true })}>
                <td>
                    {when.format(new Date(reading.taken_at))}
                    <span>{reading.taken_by}</span>
                </td>
                <td>
                    {READINGS[reading.kind].label}
                    <span>
                        {reading.simulated && 'simulated; '}
                        {reading.instrument}
                        {reading.note !== '' && `; ${reading.note}`}
                    </span>
                </td>
                <td>
                    <b>{main?.shown ?? ''}</b>
                    {reading.withdrawn !== null && (
                        <span>
                            withdrawn by {reading.withdrawn.by}: {reading.withdrawn.why}
                        </span>
                    )}
                </td>
                <td>
                    {comparison !== undefined && <StateMark state={comparison.verdict} grade={comparison.grade} />} {main?.band_shown}
                    {stood !== undefined && stood !== comparison?.verdict && (
                        <span>at the time of the reading: {String(stood).replaceAll('_', ' ')}</span>
                    )}
                </td>
                {!readOnly && (
                    <WithdrawCell
                        what={READINGS[reading.kind].label}
                        at={reading.taken_at}
                        withdrawn={reading.withdrawn}
                        onPress={onWithdraw}
                    />
                )}
            </tr>
        );
    }
}
