import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { type Dispatch, type SetStateAction, type SyntheticEvent, useCallback, useMemo, useState } from 'react';
import styled from 'styled-components';
import { messageOf, ProblemError } from '../../api/client';
import { service } from '../../api/service';
import type { Spare } from '../../api/contract';
import { BenchContext, type Place, useBench } from '../../bench/BenchContext';
import { lastSeen } from '../../away/lastSeen';
import { anyAnswer } from '../../carried/answered';
import { type Draft, toSolve, withValue } from '../../bench/circuit';
import { useSolution } from '../../bench/useSolution';
import { Button } from '../../kit/Button';
import { Actions, Dialog } from '../../kit/Dialog';
import { GradeMark } from '../../kit/Grade';
import { Scroll } from '../../kit/Scroll';
import { RuledTable } from '../../kit/RuledTable';
import { NotLoaded } from '../../kit/NotLoaded';
import { Select } from '../../kit/Select';
import { TextField } from '../../kit/TextField';
import { token } from '../../theme/tokens';
import { PlateForm } from './PlateForm';
import { useKept } from '../../away/useKept';

type Source = { kind: 'typed' } | { kind: 'spare'; spare: Spare } | { kind: 'circuit'; tag: string };

const Bar = styled.div`
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
    gap: 12px;
    align-items: end;
`;

const Verdict = styled.p`
    padding: 10px 14px;
    border-left: 5px solid ${token.accent};
    background: ${token.wash};
    font-weight: 600;
    font-size: 18px;
    &[data-verdict='stop'] {
        border-color: ${token.stop};
        background: ${token.stopWash};
    }
    &[data-verdict='caution'] {
        border-color: ${token.caution};
        background: ${token.cautionWash};
    }
    &[data-verdict='unknown'] {
        border-color: ${token.note};
        background: ${token.noteWash};
    }
`;

const Table = styled(RuledTable)`
    td {
        font-family: ${token.narrow};
        font-weight: 600;
    }
    td.word {
        white-space: nowrap;
        font-family: ${token.sans};
    }
    td.word svg {
        margin-right: 6px;
    }
    td.text {
        min-width: 200px;
        color: ${token.soft};
        font-family: ${token.sans};
        font-weight: 400;
        font-size: 14.5px;
        line-height: 1.35;
    }
`;

const WORDS = { stop: 'stop', caution: 'caution', unknown: 'not known', better: 'better', equal: 'equal' } as const;

const plateOf = (draft: Draft): Record<string, unknown> =>
    typeof draft.plate === 'object' && draft.plate !== null ? (draft.plate as Record<string, unknown>) : {};

/** Another circuit's motor, a spare from the store, or a typed one, held against the motor that is there. */
export function ReplacementView() {
    const { place } = useBench();
    return place === null ? <p>Save the circuit first, then check a replacement.</p> : <Check place={place} />;
}

function Check({ place }: { place: Place }) {
    const { draft, readOnly } = useBench();
    const client = useQueryClient();
    const [source, setSource] = useState<Source | null>(null);
    const [plate, setPlate] = useState<Record<string, unknown>>({});
    const [storing, setStoring] = useState(false);
    const [problem, setProblem] = useState<string | null>(null);
    const spares = useQuery({
        queryKey: ['spares', place.site],
        queryFn: () => lastSeen(`spares:${place.site}`, () => service.spare.index(place.site)),
    });
    const circuits = useQuery({
        queryKey: ['register', 'site', place.site],
        queryFn: () => lastSeen(`register:site:${place.site}`, () => service.circuit.index({ site: place.site })),
    });
    const circuit = useMemo(() => toSolve(draft, place.settings), [draft, place.settings]);
    const check = useQuery({
        queryKey: ['replacement', circuit, plate],
        queryFn: ({ signal }) =>
            anyAnswer(() => service.spare.check({ circuit, plate }, signal), { ask: 'replacement', circuit, plate }, signal),
        enabled: source !== null,
        placeholderData: keepPreviousData,
        staleTime: Infinity,
        gcTime: 30_000,
    });
    const refresh = () => client.invalidateQueries({ queryKey: ['spares', place.site] });
    const takeOut = async (spare: Spare) => {
        setProblem(null);
        try {
            await service.spare.destroy(spare.id, { version: spare.version });
            setSource(null);
        } catch (reason) {
            setProblem(messageOf(reason));
        }
        await refresh();
    };
    const others = (circuits.data?.circuits ?? []).filter(({ id }) => id !== place.circuit);
    const answer = source === null ? undefined : check.data;
    return (
        <>
            <NotLoaded what="spares and other circuits" of={[spares, circuits]} />
            {problem !== null && <p role="alert">{problem}</p>}
            <Bar>
                <Select
                    label="Spare motor"
                    value={source?.kind === 'spare' ? String(source.spare.id) : ''}
                    options={[
                        { value: '', label: spares.data?.spares.length === 0 ? 'No spares yet' : 'Choose a spare' },
                        ...(spares.data?.spares ?? []).map((spare) => ({
                            value: String(spare.id),
                            label: spare.place === '' ? spare.name : `${spare.name}, ${spare.place}`,
                        })),
                    ]}
                    onChange={(id) => {
                        const spare = spares.data?.spares.find((one) => String(one.id) === id);
                        if (spare !== undefined) {
                            setSource({ kind: 'spare', spare });
                            setPlate(spare.plate);
                        }
                    }}
                />
                <Select
                    label="or the motor of another circuit"
                    value={source?.kind === 'circuit' ? source.tag : ''}
                    options={[
                        { value: '', label: 'Choose a circuit' },
                        ...others.map(({ tag, drives }) => ({ value: tag, label: drives === '' ? tag : `${tag}, ${drives}` })),
                    ]}
                    onChange={(tag) => {
                        const row = others.find((one) => one.tag === tag);
                        if (row !== undefined) {
                            setProblem(null);
                            lastSeen(`circuit:${row.id}`, () => service.circuit.show(row.id)).then(
                                (resource) => {
                                    setSource({ kind: 'circuit', tag });
                                    setPlate(plateOf(resource.circuit));
                                },
                                (reason: unknown) => setProblem(messageOf(reason)),
                            );
                        }
                    }}
                />
                <Button
                    onPress={() => {
                        setSource({ kind: 'typed' });
                        setPlate({});
                    }}
                >
                    Enter a nameplate
                </Button>
            </Bar>
            {source === null && <p>Choose a motor to compare with this one, or enter its nameplate. This circuit does not change.</p>}
            {check.isError && source !== null && <p role="alert">The check failed: {check.error.message}</p>}
            {source !== null && answer !== undefined && (
                <>
                    <Verdict data-verdict={answer.verdict} aria-live="polite">
                        {answer.sentence}
                    </Verdict>
                    <Scroll tabIndex={0} role="group" aria-label="Comparison">
                        <Table>
                            <thead>
                                <tr>
                                    <th scope="col">Item</th>
                                    <th scope="col">Installed motor</th>
                                    <th scope="col">Replacement</th>
                                    <th scope="col">Verdict</th>
                                    <th scope="col">Reason</th>
                                </tr>
                            </thead>
                            <tbody>
                                {answer.points.map((point) => (
                                    <tr key={point.point}>
                                        <th scope="row">{point.point}</th>
                                        <td>{point.present}</td>
                                        <td>{point.offered}</td>
                                        <td className="word">
                                            {(point.verdict === 'stop' || point.verdict === 'caution') && (
                                                <GradeMark grade={point.verdict} />
                                            )}
                                            {WORDS[point.verdict]}
                                        </td>
                                        <td className="text">{point.text}</td>
                                    </tr>
                                ))}
                            </tbody>
                        </Table>
                    </Scroll>
                </>
            )}
            {source !== null && (
                <>
                    <h2 style={{ fontSize: 16, fontWeight: 600 }}>
                        Nameplate of the replacement
                        {source.kind === 'circuit' ? `, of ${source.tag}` : source.kind === 'spare' ? `, ${source.spare.name}` : ''}
                    </h2>
                    <Offered plate={plate} onChange={setPlate} />
                    {!readOnly && (
                        <Actions>
                            {source.kind === 'spare' && <Button onPress={() => void takeOut(source.spare)}>Remove from spares</Button>}
                            <Button onPress={() => setStoring(true)}>
                                {source.kind === 'spare' ? 'Change the spare' : 'Add to spares'}
                            </Button>
                        </Actions>
                    )}
                </>
            )}
            <StoreDialog
                key={source?.kind === 'spare' ? source.spare.id : 'new'}
                open={storing}
                onClose={() => setStoring(false)}
                spare={source?.kind === 'spare' ? source.spare : null}
                save={async (name, where) => {
                    const body = { name, place: where, plate };
                    const spare =
                        source?.kind === 'spare'
                            ? await service.spare.update(source.spare.id, { ...body, version: source.spare.version })
                            : await service.spare.store(place.site, body);
                    await refresh();
                    setSource({ kind: 'spare', spare });
                }}
            />
        </>
    );
}

/** The plate of the other motor, solved in this circuit, so that every stamp is read and explained as on its own bench. */
function Offered({ plate, onChange }: { plate: Record<string, unknown>; onChange: Dispatch<SetStateAction<Record<string, unknown>>> }) {
    const bench = useBench();
    const draft = useMemo(() => ({ ...bench.draft, plate }), [bench.draft, plate]);
    const { solved } = useSolution(draft, bench.place?.settings ?? {});
    const set = useCallback(
        (path: string, value: string | boolean | null) => {
            onChange((before) => plateOf(withValue({ plate: before }, path, value)));
        },
        [onChange],
    );
    const offered = useMemo(
        () => (solved === undefined ? null : { ...bench, draft, solved, set, readings: [], place: null }),
        [bench, draft, solved, set],
    );
    return offered === null ? null : (
        <BenchContext.Provider value={offered}>
            <PlateForm />
        </BenchContext.Provider>
    );
}

function StoreDialog({
    open,
    onClose,
    spare,
    save,
}: {
    open: boolean;
    onClose: () => void;
    spare: Spare | null;
    save: (name: string, place: string) => Promise<void>;
}) {
    const form = `spare:${spare?.id ?? 'new'}:${spare?.version ?? 0}`;
    const [name, setName] = useKept(`${form}:name`, spare?.name ?? '');
    const [where, setWhere] = useKept(`${form}:place`, spare?.place ?? '');
    const [error, setError] = useState<string>();
    const submit = async (event: SyntheticEvent) => {
        event.preventDefault();
        setError(undefined);
        try {
            await save(name, where);
            setName(spare?.name ?? '');
            setWhere(spare?.place ?? '');
            onClose();
        } catch (problem) {
            if (!(problem instanceof ProblemError)) {
                throw problem;
            }
            setError(problem.at('name') ?? problem.message);
        }
    };
    return (
        <Dialog title={spare === null ? 'Add to spares' : 'Change this spare'} open={open} onClose={onClose}>
            <form onSubmit={(event) => void submit(event)} style={{ display: 'grid', gap: 14 }}>
                <TextField label="Name" value={name} onChange={setName} error={error} hint="for example: 37 kW spare, red tag" />
                <TextField label="Storage place" value={where} onChange={setWhere} />
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
