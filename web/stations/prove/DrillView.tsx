import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { messageOf, OfflineError } from '../../api/client';
import { service } from '../../api/service';
import { sessionQuery } from '../../api/session';
import type { Drill, DrillsAnswer } from '../../api/contract';
import { READINGS } from '../../api/readings';
import { isBegunHere } from '../../away/begun';
import { useBench } from '../../bench/BenchContext';
import { type ToSolve, toSolve } from '../../bench/circuit';
import { orHere } from '../../carried/answered';
import { canCalculate } from '../../carried/carried';
import { Button } from '../../kit/Button';
import { RuledTable } from '../../kit/RuledTable';
import { Select } from '../../kit/Select';
import { when } from '../../kit/when';
import { token } from '../../theme/tokens';
import { InstrumentPanel } from './InstrumentPanel';
import { beginOwn, faultsOf, nameOwn, OWN_DRILL, ownDrill, readOwn } from './ownDrill';
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

/** The drills of a circuit, newest first: those that the service keeps, and that of this device. */
async function drillsOf(circuit: number, document: ToSolve): Promise<DrillsAnswer> {
    const { drills, faults } = await orHere<DrillsAnswer>(
        () => (isBegunHere(circuit) ? Promise.reject(new OfflineError()) : service.instrument.drills(circuit)),
        async () => ({ drills: [], faults: await faultsOf(document) }),
    );
    const own = canCalculate() ? await ownDrill(circuit) : null;
    const all = own === null ? drills : [own, ...drills];
    return { drills: all.sort((one, other) => other.begun_at.localeCompare(one.begun_at)), faults };
}

/** A fault is hidden in the circuit; the person measures with the stand-ins, names it, and is told what told it apart. */
export function DrillView() {
    const { draft, place, readOnly } = useBench();
    const client = useQueryClient();
    const circuit = place?.circuit ?? 0;
    const document = toSolve(draft, place?.settings ?? {});
    const key = ['drills', circuit];
    const query = useQuery({
        queryKey: key,
        queryFn: () => drillsOf(circuit, document),
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
                                        await orHere<unknown>(
                                            () => service.instrument.begin(circuit, { fault: fault === '' ? null : fault }),
                                            () =>
                                                beginOwn(
                                                    circuit,
                                                    document,
                                                    fault,
                                                    client.getQueryData(sessionQuery.queryKey)?.person?.name ?? '',
                                                ),
                                        );
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
                        {open.id === OWN_DRILL && ' This drill is kept on this device only.'}
                    </p>
                    {!readOnly && (
                        <InstrumentPanel
                            key={open.id}
                            read={async (kind, where) => {
                                const reading =
                                    open.id === OWN_DRILL
                                        ? await readOwn(circuit, kind, where)
                                        : (await service.instrument.readDrill(open.id, { kind, where })).reading;
                                await refresh();
                                return reading;
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
                                onPress={() =>
                                    void act(() =>
                                        open.id === OWN_DRILL
                                            ? nameOwn(circuit, guess)
                                            : service.instrument.name(open.id, { fault: guess }),
                                    )
                                }
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
                            {comparison !== null && <StateMark state={comparison.verdict} grade={comparison.grade} />}
                        </td>
                        <th scope="row">{READINGS[kind].label}</th>
                        <td>{comparison?.quantities[0]?.shown}</td>
                        <td>{comparison?.quantities[0]?.band_shown}</td>
                        <td>{comparison?.says ?? 'Cannot be compared: this circuit cannot be calculated now.'}</td>
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
    // A reading that agrees shows no fault: it only tells which ones it cannot be.
    const odd = new Set(drill.taken.filter(({ comparison }) => comparison?.verdict !== 'agrees').map(({ kind }) => kind));
    const shownBy = (assessment?.told ?? []).filter((kind) => odd.has(kind));
    const ruledOutBy = (assessment?.told ?? []).filter((kind) => !odd.has(kind));
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
                        {shownBy.length > 0
                            ? `Shown by: ${named(shownBy)}.`
                            : 'Nothing here shows the fault: these readings look the same on a healthy circuit.'}
                    </p>
                    {ruledOutBy.length > 0 && <p>Other faults are ruled out by: {named(ruledOutBy)}.</p>}
                    {assessment.needless.length > 0 && <p>Not needed: {named(assessment.needless)}.</p>}
                    {others.length > 0 && <p>These readings also fit: {others.map(word).join(', ')}.</p>}
                </>
            )}
            <Taken drill={drill} />
        </Found>
    );
}
