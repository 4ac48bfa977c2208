import { type SyntheticEvent, useState } from 'react';
import styled from 'styled-components';
import { ProblemError } from '../../api/client';
import { service } from '../../api/service';
import type { Reading } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { Button } from '../../kit/Button';
import { Actions, Dialog } from '../../kit/Dialog';
import { Scroll } from '../../kit/Scroll';
import { RuledTable } from '../../kit/RuledTable';
import { TextField } from '../../kit/TextField';
import { Unseen } from '../../kit/Unseen';
import { WithdrawCell } from '../../readings/WithdrawCell';
import { useRefresh } from '../../readings/useReadings';
import { WithdrawReading } from '../../readings/WithdrawReading';
import { token } from '../../theme/tokens';
import { useKept } from '../../away/useKept';
import { when } from '../../kit/when';

const Table = styled(RuledTable)`
    td b {
        font: 600 16px ${token.narrow};
        white-space: nowrap;
    }
    span {
        display: block;
        color: ${token.soft};
        font-size: 13.5px;
        line-height: 1.3;
    }
    tr[data-withdrawn] b {
        text-decoration: line-through;
    }
`;

const Bar = styled.div`
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    align-items: center;
    padding-top: 14px;
    border-top: 1px solid ${token.rule};
    h2 {
        flex: 1;
        font-size: 16px;
        font-weight: 600;
    }
`;

const SHOWN = [
    ['real', 'P'],
    ['reactive', 'Q'],
    ['power_factor', 'pf'],
    ['current', 'I'],
    ['load_by_power', 'load'],
    ['efficiency', 'η'],
] as const;

const shown = (reading: Reading) =>
    SHOWN.map(([key, label]) => {
        const figure = reading.figures.find((one) => one.key === `measured.${key}` || one.key === `waveform.${key}`);
        return figure === undefined ? undefined : `${label} ${figure.shown}`;
    }).filter((text) => text !== undefined);

/** Asks which instrument it was before a reading is kept. */
export function KeepDialog({
    open,
    onClose,
    keep,
    form,
}: {
    /** What it is kept under on this device until it is sent. */
    form: string;
    open: boolean;
    onClose: () => void;
    keep: (instrument: string, note: string) => Promise<void>;
}) {
    const [instrument, setInstrument] = useKept(`measured:${form}:instrument`, '');
    const [note, setNote] = useKept(`measured:${form}:note`, '');
    const [error, setError] = useState<string>();
    const submit = async (event: SyntheticEvent) => {
        event.preventDefault();
        setError(undefined);
        try {
            await keep(instrument, note);
            setNote('');
            onClose();
        } catch (problem) {
            if (!(problem instanceof Error)) {
                throw problem;
            }
            setError(problem instanceof ProblemError ? (problem.at('instrument') ?? problem.message) : problem.message);
        }
    };
    return (
        <Dialog title="Save this reading" open={open} onClose={onClose}>
            <form onSubmit={(event) => void submit(event)} style={{ display: 'grid', gap: 14 }}>
                <p>It is saved with the time and your name and cannot be changed later.</p>
                <TextField
                    label="Instrument"
                    value={instrument}
                    onChange={setInstrument}
                    error={error}
                    isRequired
                    hint="required; for example: clamp meter 7, calibrated May"
                />
                <TextField label="Note" value={note} onChange={setNote} />
                <Actions>
                    <Button onPress={onClose}>Cancel</Button>
                    <Button kind="main" type="submit">
                        Save
                    </Button>
                </Actions>
            </form>
        </Dialog>
    );
}

/** The readings kept on this circuit, and keeping the one that stands here. */
export function Readings() {
    const { place, readOnly, solved, readings: kept } = useBench();
    const [keeping, setKeeping] = useState(false);
    const [withdrawing, setWithdrawing] = useState<Reading | null>(null);
    const circuit = place?.circuit;
    const refresh = useRefresh(circuit);
    if (place === null) {
        return null;
    }
    const readings = kept.filter(({ kind }) => kind === 'power');
    const measured = solved.solution.figures.some((figure) => figure.key.startsWith('measured.'));
    return (
        <div>
            <Bar>
                <h2>Readings of this circuit</h2>
                {!readOnly && (
                    <Button kind="main" isDisabled={!measured} onPress={() => setKeeping(true)}>
                        Save this reading
                    </Button>
                )}
            </Bar>
            {readings.length === 0 ? (
                <p>No readings yet. Save a measurement above with its instrument, time and name.</p>
            ) : (
                <Scroll tabIndex={0} role="group" aria-label="Saved readings">
                    <Table>
                        <thead>
                            <tr>
                                <th scope="col">Date</th>
                                <th scope="col">Method, instrument</th>
                                <th scope="col">Result</th>
                                {!readOnly && (
                                    <th scope="col">
                                        <Unseen>Withdraw</Unseen>
                                    </th>
                                )}
                            </tr>
                        </thead>
                        <tbody>
                            {readings.map((reading) => (
                                <tr key={reading.id} {...(reading.withdrawn === null ? {} : { 'data-withdrawn': true })}>
                                    <td>
                                        {when.format(new Date(reading.taken_at))}
                                        <span>{reading.taken_by}</span>
                                    </td>
                                    <td>
                                        {reading.method === 'waveform' ? 'Waveform' : solved.choice('measure.method', reading.method)}
                                        <span>
                                            {reading.instrument}
                                            {reading.note !== '' && `; ${reading.note}`}
                                        </span>
                                    </td>
                                    <td>
                                        <b>{shown(reading).join(', ')}</b>
                                        {reading.withdrawn !== null && (
                                            <span>
                                                withdrawn by {reading.withdrawn.by}: {reading.withdrawn.why}
                                            </span>
                                        )}
                                    </td>
                                    {!readOnly && (
                                        <WithdrawCell
                                            what="the reading"
                                            at={reading.taken_at}
                                            withdrawn={reading.withdrawn}
                                            onPress={() => setWithdrawing(reading)}
                                        />
                                    )}
                                </tr>
                            ))}
                        </tbody>
                    </Table>
                </Scroll>
            )}
            <KeepDialog
                form={`power:${circuit}`}
                open={keeping}
                onClose={() => setKeeping(false)}
                keep={async (instrument, note) => {
                    const version = await place.flush();
                    if (version === null) {
                        throw new Error('Save the draft before you save a reading.');
                    }
                    await service.reading.store(place.circuit, { version, instrument, note });
                    await refresh();
                }}
            />
            <WithdrawReading circuit={circuit} reading={withdrawing} onClose={() => setWithdrawing(null)} />
        </div>
    );
}
