import { Select, type Option } from '../kit/Select';
import { TextField } from '../kit/TextField';
import { useBench } from './BenchContext';
import { typed } from './circuit';

/** What stands below a field: what is wrong, what is wanted, or what was read. */
function useMessages(path: string): { error: string | undefined; hint: string | undefined } {
    const { solved } = useBench();
    const error = solved.error(path);
    if (error !== undefined && error.kind !== 'missing') {
        return { error: `${error.text} ${error.accepted}`, hint: undefined };
    }
    return { error: undefined, hint: error?.text };
}

/** A typed field of the circuit. */
export function Field({
    path,
    label,
    unit,
    hint,
    placeholder,
}: {
    path: string;
    label: string;
    unit?: string;
    hint?: string;
    placeholder?: string | undefined;
}) {
    const { draft, set, readOnly, solved } = useBench();
    const messages = useMessages(path);
    const value = typed(draft, path);
    const read = solved.solution.read[path];
    // Repeat what was read only where it says more than what was typed.
    const echo =
        read !== undefined && value !== '' && read.replace(/\s/g, '') !== value.replace(/\s/g, '') && !read.startsWith(`${value}\u00A0`)
            ? `read as ${read}`
            : undefined;
    return (
        <TextField
            label={label}
            unit={unit}
            value={value}
            placeholder={placeholder}
            isReadOnly={readOnly}
            hint={messages.hint ?? echo ?? hint}
            error={messages.error}
            onChange={(text) => set(path, text === '' ? null : text)}
            data-path={path}
        />
    );
}

/** A choice of the circuit. The empty choice, if there is one, means that the rule book decides. */
export function Choice({ path, label, options, hint }: { path: string; label: string; options: readonly Option[]; hint?: string }) {
    const { draft, set, readOnly } = useBench();
    const messages = useMessages(path);
    const value = typed(draft, path);
    const known = options.some((option) => option.value === value) ? options : [...options, { value, label: value }];
    return (
        <Select
            label={label}
            value={value}
            options={known}
            isDisabled={readOnly}
            hint={messages.hint ?? hint}
            error={messages.error}
            onChange={(chosen) => set(path, chosen === '' ? null : chosen)}
        />
    );
}
