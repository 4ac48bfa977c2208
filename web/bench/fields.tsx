import type { FieldPath } from '../api/contract';
import { Select, type Option } from '../kit/Select';
import { TextField } from '../kit/TextField';
import { useBench } from './BenchContext';
import { typed } from './circuit';
import type { Note } from './useSolution';

/** What stands below a field: what is wrong, what is wanted, or what was read. */
function useMessages(path: FieldPath): { error: string | undefined; hint: string | undefined } {
    const { solved } = useBench();
    const error = solved.error(path);
    if (error !== undefined && error.kind !== 'missing') {
        return { error: `${error.text} ${error.accepted}`, hint: undefined };
    }
    // What was found about this field alone stands below it too, with its numbers and what to do.
    const found = solved.solution.findings.find((finding) => finding.fields.length === 1 && finding.fields[0] === path);
    return {
        error: undefined,
        hint:
            error?.text ??
            (found === undefined ? undefined : [`${found.title}.`, found.text, found.action].filter((part) => part !== '').join(' ')),
    };
}

/** A typed field of the circuit. Its label, unit and hint are the service's; what is given here stands instead of them. */
export function Field({
    path,
    label,
    unit,
    placeholder,
}: {
    path: FieldPath;
    label?: string | undefined;
    unit?: string | undefined;
    placeholder?: string | undefined;
}) {
    const { draft, set, readOnly, solved } = useBench();
    const messages = useMessages(path);
    const note = solved.note(path);
    const value = typed(draft, path);
    if (note.unused && value === '') {
        return null;
    }
    const read = solved.solution.read[path];
    // Repeat what was read only where it says more than what was typed.
    const echo =
        read !== undefined && value !== '' && read.replace(/\s/g, '') !== value.replace(/\s/g, '') && !read.startsWith(`${value}\u00A0`)
            ? `read as ${read}`
            : undefined;
    return (
        <TextField
            label={label ?? note.label}
            unit={unit ?? note.unit}
            value={value}
            placeholder={placeholder ?? note.empty}
            isReadOnly={readOnly}
            hint={messages.hint ?? (note.unused ? 'Not used for this circuit.' : (echo ?? note.hint))}
            error={messages.error}
            onChange={(text) => set(path, text === '' ? null : text)}
            data-path={path}
        />
    );
}

/** The options of a field in the words of the service; the empty one says what it is taken as. */
export function optionsOf(note: Note, value: string): Option[] {
    const known = note.choices;
    const empty = note.empty === '' && value !== '' ? [] : [{ value: '', label: note.empty === '' ? 'Not specified' : note.empty }];
    const stands = value === '' || known.some((option) => option.value === value);
    return [...empty, ...known, ...(stands ? [] : [{ value, label: value }])];
}

/** A choice of the circuit: nothing is shown where the rule book or the starter has no use for it. */
export function Choice({ path, label, only }: { path: FieldPath; label?: string; only?: (value: string) => boolean }) {
    const { draft, set, readOnly, solved } = useBench();
    const messages = useMessages(path);
    const note = solved.note(path);
    const written = typed(draft, path);
    if (note.unused && written === '') {
        return null;
    }
    const value = note.choices.find((choice) => choice.value.toLowerCase() === written.toLowerCase())?.value ?? written;
    const options = optionsOf(note, value).filter(
        (option) => option.value === '' || option.value === value || (only?.(option.value) ?? true),
    );
    return (
        <Select
            label={label ?? note.label}
            value={value}
            options={options}
            isDisabled={readOnly}
            hint={messages.hint ?? (note.unused ? 'Not used for this circuit.' : note.hint)}
            error={messages.error}
            onChange={(chosen) => set(path, chosen === '' ? null : chosen)}
            data-path={path}
        />
    );
}
