import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { messageOf } from '../../api/client';
import { service } from '../../api/service';
import type { Drill, DrillsAnswer } from '../../api/contract';
import { READINGS } from '../../api/readings';
import { useBench } from '../../bench/BenchContext';
import { Button } from '../../kit/Button';
import { RuledTable } from '../../kit/RuledTable';
import { Select } from '../../kit/Select';
import { when } from '../../kit/when';
import { token } from '../../theme/tokens';
import { InstrumentPanel } from './InstrumentPanel';
import { StateMark } from './StateMark';

const Begin = styled.div`
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    align-items: end;
    > :first-child {
        flex: 0 1 280px;
    }
`;

const Found = styled.section`
    display: grid;
    gap: 6px;
    padding: 12px 0;
    border-top: 2px solid ${token.ink};
    border-bottom: 1px solid ${token.rule};
    h2 {
        font-size: 19px;
        font-weight: 600;
    }
`;

const named = (kinds: readonly string[]) => kinds.map((kind) => READINGS[kind as keyof typeof READINGS].label.toLowerCase()).join(', ');

/** A fault is hidden in the circuit; the person measures with the stand-ins, names it, and is told what told it apart. */
export function DrillView() {
    const { place, readOnly } = useBench();
    const client = useQueryClient();
    const circuit = place?.circuit ?? 0;
    const key = ['drills', circuit];
    const query = useQuery({
        queryKey: key,
        queryFn: () => service.instrument.drills(circuit),
        enabled: place !== null,
    });
    const [fault, setFault] = useState('');
    const [guess, setGuess] = useState('');
    const [said, setSaid] = useState('');
    const refresh = () => client.invalidateQueries({ queryKey: key });
    if (query.data === undefined) {
        return query.isError ? <p>{query.error.message}</p> : null;
    }
    const { drills, faults } = query.data;
    const open = drills.find(({ ended_at }) => ended_at === null);
    const last = drills.find(({ ended_at }) => ended_at !== null);
    const act = async (work: () => Promise<unknown>) => {
        setSaid('');
        try {
            await work();
            await refresh();
        } catch (error) {
            setSaid(messageOf(error));
        }
    };
    return (
        <>
            {open === undefined ? (
                <>
                    {last !== undefined && <Outcome drill={last} faults={faults} />}
                    <p>Training: one fault is hidden in this circuit, picked at random or by a colleague. Measure, then name the fault.</p>
                    {!readOnly && (
                        <Begin>
                            <Select
                                label="Fault"
                                value={fault}
                                options={[{ value: '', label: 'At random' }, ...faults]}
                                onChange={setFault}
                            />
                            <Button
                                kind="main"
                                onPress={() =>
                                    void act(async () => {
                                        await service.instrument.begin(circuit, { fault: fault === '' ? null : fault });
                                        setFault('');
                                        setGuess('');
                                    })
                                }
                            >
                                Hide the fault
                            </Button>
                        </Begin>
                    )}
                </>
            ) : (
                <>
                    <p>
                        A fault was hidden by {open.set_by}, {when.format(new Date(open.begun_at))}. The circuit runs at {open.load_percent}{' '}
                        % load. Readings taken here are not saved with the circuit.
                    </p>
                    {!readOnly && (
                        <InstrumentPanel
                            key={open.id}
                            read={async (kind, where) => {
                                const answer = await service.instrument.readDrill(open.id, { kind, where });
                                await refresh();
                                return answer.reading;
                            }}
                        />
                    )}
                    <Taken drill={open} />
                    {!readOnly && open.taken.length > 0 && (
                        <Begin>
                            <Select
                                label="The fault is"
                                value={guess}
                                options={[{ value: '', label: 'Choose the fault' }, ...faults]}
                                onChange={setGuess}
                            />
                            <Button
                                kind="main"
                                isDisabled={guess === ''}
                                onPress={() => void act(() => service.instrument.name(open.id, { fault: guess }))}
                            >
                                Name the fault
                            </Button>
                        </Begin>
                    )}
                </>
            )}
            <p role="status">{said}</p>
        </>
    );
}

function Taken({ drill }: { drill: Drill }) {
    if (drill.taken.length === 0) {
        return null;
    }
    return (
        <RuledTable>
            <caption>Readings so far</caption>
            <tbody>
                {drill.taken.map(({ kind, comparison }, index) => (
                    <tr key={index}>
                        <td style={{ width: 26 }}>
                            <StateMark state={comparison.verdict} grade={comparison.grade} />
                        </td>
                        <th scope="row">{READINGS[kind].label}</th>
                        <td>{comparison.quantities[0]?.shown}</td>
                        <td>{comparison.quantities[0]?.band_shown}</td>
                        <td>{comparison.says}</td>
                    </tr>
                ))}
            </tbody>
        </RuledTable>
    );
}

function Outcome({ drill, faults }: { drill: Drill; faults: DrillsAnswer['faults'] }) {
    const word = (kind: string | null) => (faults.find(({ value }) => value === kind)?.label ?? kind ?? '').toLowerCase();
    const assessment = drill.assessment;
    const others = (assessment?.possible ?? []).filter((kind) => kind !== drill.fault?.kind);
    return (
        <Found aria-label="Found">
            <h2>
                {drill.right === true
                    ? `✓ Correct: ${word(drill.fault?.kind ?? null)}.`
                    : `✕ It was ${word(drill.fault?.kind ?? null)}, not ${word(drill.named)}.`}
            </h2>
            {assessment !== null && (
                <>
                    <p>
                        {assessment.told.length > 0
                            ? `Shown by: ${named(assessment.told)}.`
                            : 'These readings look the same on a healthy circuit. Take another one.'}
                    </p>
                    {assessment.needless.length > 0 && <p>Not needed: {named(assessment.needless)}.</p>}
                    {others.length > 0 && <p>These readings also fit: {others.map(word).join(', ')}.</p>}
                </>
            )}
            <Taken drill={drill} />
        </Found>
    );
}
