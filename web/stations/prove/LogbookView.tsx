import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { type SyntheticEvent, useState } from 'react';
import styled from 'styled-components';
import { errorOf, ProblemError } from '../../api/client';
import { service } from '../../api/service';
import type { EntryKind, GreasePlate, LogAnswer, LogEntry } from '../../api/contract';
import { ENTRIES, type EntryField } from '../../api/logbook';
import { useBench } from '../../bench/BenchContext';
import { Field } from '../../bench/fields';
import { Fields } from '../../bench/StationPage';
import { Button } from '../../kit/Button';
import { GradeMark } from '../../kit/Grade';
import { RuledTable } from '../../kit/RuledTable';
import { Scroll } from '../../kit/Scroll';
import { Select } from '../../kit/Select';
import { TextField } from '../../kit/TextField';
import { WithdrawCell } from '../../readings/WithdrawCell';
import { WithdrawDialog } from '../../readings/WithdrawDialog';
import { narrow, token } from '../../theme/tokens';
import { AfterTrips } from './AfterTrips';
import { GreaseCard } from './GreaseCard';
import { useKept } from '../../away/useKept';
import { when } from '../../kit/when';

const Due = styled.section`
    display: grid;
    gap: 6px;
    padding: 12px 0;
    border-top: 2px solid ${token.ink};
    border-bottom: 1px solid ${token.rule};
    h2 {
        font-size: 19px;
        font-weight: 600;
    }
    ul {
        margin: 0;
        padding-left: 20px;
        list-style: disc;
    }
    details p {
        color: ${token.soft};
    }
`;

const Touches = styled.div`
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    @media ${narrow} {
        display: grid;
        grid-template-columns: 1fr 1fr;
        button {
            min-height: 64px;
        }
    }
`;

const Form = styled.form`
    display: grid;
    gap: 12px;
`;

const Table = styled(RuledTable)`
    tr[data-withdrawn] td {
        text-decoration: line-through;
    }
    td span {
        display: block;
        color: ${token.soft};
        font-size: 13.5px;
    }
`;

const KINDS = Object.keys(ENTRIES) as EntryKind[];

/** What happened to this motor, what is due, and writing down what happens now in three touches. */
export function LogbookView() {
    const { place, readOnly, solved } = useBench();
    const client = useQueryClient();
    const circuit = place?.circuit ?? 0;
    const key = ['log', circuit];
    const query = useQuery({ queryKey: key, queryFn: () => service.log.index(circuit), enabled: place !== null });
    const [kind, setKind] = useState<EntryKind | null>(null);
    const [withdrawing, setWithdrawing] = useState<LogEntry | null>(null);
    const [said, setSaid] = useState('');
    const took = (answer: LogAnswer) => client.setQueryData(key, answer);
    const greased = useMutation({
        mutationFn: ({ grams, grease }: GreasePlate) =>
            service.log.store(circuit, {
                kind: 'greased',
                values: { end: 'both', grams, ...(grease === '' ? {} : { grease }) },
                happened_at: null,
            }),
        onSuccess: (answer) => {
            took(answer);
            setSaid('Entry added.');
        },
    });
    if (query.data === undefined) {
        return query.isError ? <p>{query.error.message}</p> : null;
    }
    const { state, entries } = query.data;
    const late = state.greasing.state === 'overdue' || state.greasing.state === 'due';
    return (
        <>
            <Due aria-label="Work due">
                <h2>
                    {late && <GradeMark grade="caution" />} {state.greasing.says}
                </h2>
                {state.greasing.due_at !== null && <p>Due {state.greasing.due_at.slice(0, 10)}.</p>}
                {state.greasing.state !== 'none' && (
                    <GreaseCard
                        plate={state.greasing.plate}
                        onGreased={readOnly || greased.isPending ? undefined : () => greased.mutate(state.greasing.plate)}
                    />
                )}
                {greased.isError && <p role="alert">{greased.error.message}</p>}
                {(late || state.greasing.state === 'ok') && (
                    <ul aria-label="Greasing details">
                        {state.greasing.task.slice(1).map((line) => (
                            <li key={line}>{line}</li>
                        ))}
                    </ul>
                )}
                {state.greasing.working.length > 0 && (
                    <details>
                        <summary>How it is calculated</summary>
                        {state.greasing.working.map((line) => (
                            <p key={line}>{line}</p>
                        ))}
                    </details>
                )}
                <p>{state.hours}</p>
                {[state.trips.says, state.warranty]
                    .filter((text) => text !== '')
                    .map((text) => (
                        <p key={text}>
                            <GradeMark grade="caution" /> {text}
                        </p>
                    ))}
            </Due>
            <AfterTrips trips={state.trips} />
            {!readOnly && (
                <>
                    <Touches role="group" aria-label="Type of entry">
                        {KINDS.map((one) => (
                            <Button key={one} kind={one === kind ? 'main' : 'plain'} onPress={() => setKind(one === kind ? null : one)}>
                                {ENTRIES[one].label}
                            </Button>
                        ))}
                    </Touches>
                    {kind !== null && (
                        <EntryForm
                            key={kind}
                            kind={kind}
                            onDone={(answer) => {
                                took(answer);
                                setKind(null);
                                setSaid('Entry added.');
                            }}
                        />
                    )}
                    <span role="status">{said}</span>
                </>
            )}
            <Scroll tabIndex={0} role="group" aria-label="Logbook entries">
                <Table>
                    <caption>Logbook</caption>
                    <tbody>
                        {entries.length === 0 && (
                            <tr>
                                <td>No entries yet.</td>
                            </tr>
                        )}
                        {entries.map((entry) => (
                            <tr key={entry.id} {...(entry.withdrawn === null ? {} : { 'data-withdrawn': true })}>
                                <td>
                                    {when.format(new Date(entry.happened_at))}
                                    <span>{entry.recorded_by}</span>
                                </td>
                                <th scope="row">{ENTRIES[entry.kind].label}</th>
                                <td>
                                    {spoken(entry)}
                                    {entry.withdrawn !== null && (
                                        <span>
                                            withdrawn by {entry.withdrawn.by}: {entry.withdrawn.why}
                                        </span>
                                    )}
                                </td>
                                {!readOnly && (
                                    <WithdrawCell
                                        what={ENTRIES[entry.kind].label}
                                        at={entry.happened_at}
                                        withdrawn={entry.withdrawn}
                                        onPress={() => setWithdrawing(entry)}
                                    />
                                )}
                            </tr>
                        ))}
                    </tbody>
                </Table>
            </Scroll>
            <Fields>
                <Field path="logbook.hours_a_day" />
                <Field path="logbook.grease_interval" />
                <Field path="logbook.in_service" />
                <Field path="logbook.warranty_until" />
            </Fields>
            <PartRequest onSaid={setSaid} read={solved.solution.read} />
            <WithdrawDialog
                form={`entry:${withdrawing?.id ?? 0}`}
                what="entry"
                open={withdrawing !== null}
                onClose={() => setWithdrawing(null)}
                withdraw={async (why) => {
                    took(await service.log.withdraw(withdrawing?.id ?? 0, { why }));
                }}
            />
        </>
    );
}

/** The values of an entry in a line. */
function spoken(entry: LogEntry): string {
    return ENTRIES[entry.kind].fields
        .map((field) => {
            const value = entry.values[field.name];
            const text =
                typeof value === 'string' || typeof value === 'number' ? String(value) : value === true ? field.label.toLowerCase() : '';
            const word = field.choices.find((choice) => choice.value === text)?.label ?? text;
            return word === '' ? '' : `${word}${field.unit !== '' && /\d$/.test(word) ? ` ${field.unit}` : ''}`;
        })
        .filter((text) => text !== '')
        .join(', ');
}

function EntryForm({ kind, onDone }: { kind: EntryKind; onDone: (answer: LogAnswer) => void }) {
    const { place } = useBench();
    const form = `log:${place?.circuit ?? 0}:${kind}`;
    const [typed, setTyped] = useKept<Readonly<Record<string, string>>>(`${form}:values`, {});
    const [happened, setHappened] = useKept(`${form}:happened`, '');
    const [problem, setProblem] = useState<Error | null>(null);
    const at = (path: string) => (problem instanceof ProblemError ? problem.at(path) : undefined);
    const submit = async (is_minded: boolean) => {
        setProblem(null);
        try {
            const values = Object.fromEntries(Object.entries(typed).filter(([, value]) => value !== ''));
            const happened_at = happened === '' ? null : new Date(happened).toISOString();
            const answer = await service.log.store(place?.circuit ?? 0, { kind, values, happened_at, is_minded });
            setTyped({});
            setHappened('');
            onDone(answer);
        } catch (error) {
            setProblem(errorOf(error));
        }
    };
    return (
        <Form
            onSubmit={(event: SyntheticEvent) => {
                event.preventDefault();
                void submit(false);
            }}
            aria-label={ENTRIES[kind].label}
            noValidate
        >
            <Fields>
                {ENTRIES[kind].fields.map((field) => (
                    <EntryInput
                        key={field.name}
                        field={field}
                        value={typed[field.name] ?? ''}
                        error={at(`values.${field.name}`)}
                        onChange={(value) => setTyped((before) => ({ ...before, [field.name]: value }))}
                    />
                ))}
                <TextField
                    label="Date and time"
                    type="datetime-local"
                    value={happened}
                    onChange={setHappened}
                    error={at('happened_at')}
                    hint="leave empty for now"
                />
            </Fields>
            <div>
                <Button kind="main" type="submit">
                    Add entry
                </Button>{' '}
                {problem instanceof ProblemError && problem.problem.type.endsWith('to_mind') && (
                    <Button onPress={() => void submit(true)}>Add it as entered</Button>
                )}{' '}
                <span role="status">{problem?.message ?? ''}</span>
            </div>
        </Form>
    );
}

function EntryInput({
    field,
    value,
    error,
    onChange,
}: {
    field: EntryField;
    value: string;
    error: string | undefined;
    onChange: (value: string) => void;
}) {
    const choices = field.flag
        ? [
              { value: '', label: 'No' },
              { value: 'yes', label: 'Yes' },
          ]
        : field.choices.filter(({ label }) => label.toLowerCase() !== field.empty.toLowerCase());
    return choices.length > 0 ? (
        <Select
            label={field.label}
            value={value}
            options={field.flag ? choices : [{ value: '', label: field.empty === '' ? 'Not specified' : field.empty }, ...choices]}
            onChange={onChange}
            error={error}
        />
    ) : (
        <TextField label={field.label} unit={field.unit} value={value} onChange={onChange} error={error} />
    );
}

/** What a maker asks when a part is ordered, in plain words, copied with one touch. */
function PartRequest({ read, onSaid }: { read: Readonly<Record<string, string | undefined>>; onSaid: (text: string) => void }) {
    const { draft } = useBench();
    const plate = (draft.plate ?? {}) as Readonly<Record<string, unknown>>;
    const line = (label: string, name: string) => {
        const value = plate[name];
        return typeof value === 'string' && value !== '' ? `${label}: ${read[`plate.${name}`] ?? value}` : '';
    };
    const text = [
        'Request for a part',
        line('Motor type', 'type'),
        line('Serial number', 'serial'),
        line('Order number', 'order_number'),
        line('Year', 'year'),
        line('Output', 'power'),
        line('Voltage', 'voltage'),
        line('Speed', 'speed'),
        line('Frame', 'frame'),
        line('Mounting', 'mounting'),
        line('Bearings', 'bearings'),
        line('Grease', 'grease'),
        'Part required: ',
    ]
        .filter((one) => one !== '')
        .join('\n');
    return (
        <div>
            <Button
                onPress={() => {
                    navigator.clipboard.writeText(text).then(
                        () => onSaid('The text of the part request is copied.'),
                        () => onSaid('This browser does not allow copying.'),
                    );
                }}
            >
                Copy a part request
            </Button>
        </div>
    );
}
