import { type SyntheticEvent, useState } from 'react';
import styled from 'styled-components';
import { errorOf, ProblemError } from '../../api/client';
import { service } from '../../api/service';
import type { ReadingField, ReadingKind } from '../../api/contract';
import { READINGS } from '../../api/readings';
import { useBench } from '../../bench/BenchContext';
import { Fields } from '../../bench/StationPage';
import { Button } from '../../kit/Button';
import { Select } from '../../kit/Select';
import { TextField } from '../../kit/TextField';
import { Ticks } from '../../kit/Ticks';
import { useRefresh } from '../../readings/useReadings';
import { asked, METHODS } from '../../readings/measuring';
import { useKept } from '../../away/useKept';
import { useReadingCheck } from './useReadingCheck';

const Form = styled.form`
    display: grid;
    gap: 12px;
`;

const Whole = styled.div`
    grid-column: 1 / -1;
`;

const Bar = styled.div`
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    align-items: center;
`;

type Typed = Readonly<Record<string, string | readonly string[]>>;

/** Kinds whose expected value depends on the load at the time. */
const LOADED: readonly ReadingKind[] = ['line_current', 'power', 'speed'];

/** Names of the fields of a kind that are asked for, with what is typed so far. */
function fieldsOf(kind: ReadingKind, typed: Typed, phases: 1 | 3, capacitor: boolean): readonly ReadingField[] {
    const text = (name: string) => (typeof typed[name] === 'string' ? typed[name] : '');
    return READINGS[kind].fields.filter(({ name }) => {
        if (name === 'where') {
            return capacitor || kind === 'line_current';
        }
        if (phases === 1 && /_(2|3|23|31)$/.test(name) && kind !== 'power') {
            return false;
        }
        if (kind === 'winding_resistance' && /^ohms_/.test(name)) {
            return (text('joined') === 'open') === /^ohms_[uvw]$/.test(name);
        }
        if (kind !== 'power' || name === 'method') {
            return true;
        }
        const method = METHODS.find(({ value }) => value === text('method'));
        return (method?.fields as readonly string[] | undefined)?.includes(name) === true && asked(name as never, text, phases);
    });
}

/** A reading as it is typed at the motor. What is typed stays until it is kept. */
export function ReadingForm({ kind, title }: { kind: ReadingKind; title: string }) {
    const { place, solved, draft, readings } = useBench();
    const refresh = useRefresh(place?.circuit);
    const form = `reading:${place?.circuit ?? 0}:${kind}`;
    const [typed, setTyped] = useKept<Typed>(`${form}:values`, {});
    const [load, setLoad] = useKept(`${form}:load`, '');
    // Whoever read it last will have the same instrument in hand.
    const [instrument, setInstrument] = useKept(
        `${form}:instrument`,
        readings.find((one) => one.kind === kind && !one.simulated)?.instrument ?? '',
    );
    const [taken, setTaken] = useKept(`${form}:taken`, '');
    const [note, setNote] = useKept(`${form}:note`, '');
    const [problem, setProblem] = useState<Error | null>(null);
    const [said, setSaid] = useState('');
    const phases = (draft.supply as Record<string, unknown> | undefined)?.phases?.toString() === '1' ? 1 : 3;
    const check = useReadingCheck(kind, nested(typed), load);
    // Fields that were typed in since the last try: what was refused there is past.
    const [touched, setTouched] = useState<ReadonlySet<string>>(new Set());
    const at = (path: string) =>
        check?.errors.find((error) => error.path === path)?.text ??
        (problem instanceof ProblemError && !touched.has(path) ? problem.at(path) : undefined);
    const set = (name: string, value: string | readonly string[]) => {
        setTyped((before) => ({ ...before, [name]: value }));
        setTouched((before) => new Set(before).add(`values.${name}`));
        setSaid('');
    };
    const submit = async (event: SyntheticEvent) => {
        event.preventDefault();
        setProblem(null);
        setTouched(new Set());
        setSaid('');
        try {
            if (place === null || (await place.flush()) === null) {
                throw new Error('Save the draft before you save a reading.');
            }
            await service.reading.storeTyped(place.circuit, {
                kind,
                values: nested(typed),
                load_percent: load === '' ? null : load,
                instrument,
                note,
                taken_at: taken === '' ? null : new Date(taken).toISOString(),
            });
            await refresh();
            setTyped({});
            setNote('');
            setTaken('');
            setSaid('Saved with the time and your name.');
        } catch (error) {
            setProblem(errorOf(error));
        }
    };
    const capacitor = solved.figure('correct.capacitor_rating') !== undefined;
    return (
        <Form onSubmit={(event) => void submit(event)} aria-label={`New reading: ${title}`} noValidate>
            <Fields>
                {fieldsOf(kind, typed, phases, capacitor).map((field) => (
                    <OneField
                        key={field.name}
                        field={field}
                        value={typed[field.name] ?? ''}
                        error={at(`values.${field.name}`)}
                        onChange={(value) => set(field.name, value)}
                    />
                ))}
                {LOADED.includes(kind) && (
                    <TextField
                        label="Load at the time"
                        unit="%"
                        value={load}
                        onChange={setLoad}
                        error={at('load_percent')}
                        hint="of rated output"
                        placeholder={solved.solution.read['load.output_percent'] ?? 'Not specified'}
                    />
                )}
                <TextField
                    label="Instrument"
                    value={instrument}
                    onChange={setInstrument}
                    error={at('instrument')}
                    isRequired
                    hint="required; for example: clamp meter 7"
                />
                <TextField
                    label="Date and time"
                    type="datetime-local"
                    value={taken}
                    onChange={setTaken}
                    error={at('taken_at')}
                    hint="leave empty for now"
                />
                <TextField label="Note" value={note} onChange={setNote} error={at('note')} />
            </Fields>
            <Bar>
                <Button kind="main" type="submit">
                    Save this reading
                </Button>
                <span role="status">{problem === null ? said : (at('values') ?? problem.message)}</span>
            </Bar>
        </Form>
    );
}

function OneField({
    field,
    value,
    error,
    onChange,
}: {
    field: ReadingField;
    value: string | readonly string[];
    error: string | undefined;
    onChange: (value: string | readonly string[]) => void;
}) {
    const { solved } = useBench();
    // The rule book’s word for a star.
    const word = (label: string) => (label === 'star' ? solved.word('star', label) : label);
    if (field.several) {
        return (
            <Whole>
                <Ticks
                    label={field.label}
                    choices={field.choices}
                    value={typeof value === 'string' ? [] : [...value]}
                    onChange={onChange}
                />
            </Whole>
        );
    }
    const text = typeof value === 'string' ? value : '';
    return field.choices.length > 0 ? (
        <Select
            label={field.label}
            value={text}
            options={[
                { value: '', label: field.empty === '' ? 'Not specified' : field.empty },
                ...field.choices.map((choice) => ({ ...choice, label: word(choice.label) })),
            ]}
            onChange={onChange}
            error={error}
        />
    ) : (
        <TextField
            label={field.label}
            unit={field.unit}
            value={text}
            onChange={onChange}
            error={error === undefined ? undefined : `${error} ${field.accepted}`}
        />
    );
}

/** Values by their names, `before.watts` inside its group; what is empty is left out. */
function nested(typed: Typed): Record<string, unknown> {
    const values: Record<string, unknown> = {};
    for (const [name, value] of Object.entries(typed)) {
        const [group = '', inner] = name.split('.');
        if (value === '' || value.length === 0) {
            continue;
        }
        if (inner === undefined) {
            values[name] = value;
        } else {
            values[group] = { ...(values[group] as object | undefined), [inner]: value };
        }
    }
    return values;
}
