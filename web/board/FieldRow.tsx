import type { BoardField } from '../api/contract';
import { Select } from '../kit/Select';
import { TextField } from '../kit/TextField';
import { textOf } from './typed';

/** One field of a board as the service words it: a choice, or a line of text. */
export function FieldRow({
    field,
    value,
    error,
    readOnly,
    about,
    placeholder,
    onChange,
}: {
    field: BoardField;
    value: unknown;
    error: string | undefined;
    readOnly: boolean;
    /** The row that it belongs to, for ears. */
    about?: string;
    /** What is taken where nothing is typed. */
    placeholder?: string;
    onChange: (value: string) => void;
}) {
    if (field.choices.length > 0) {
        return (
            <Select
                label={field.label}
                value={textOf(value)}
                options={[{ value: '', label: 'Not specified' }, ...field.choices]}
                isDisabled={readOnly}
                hint={field.hint}
                error={error}
                onChange={onChange}
            />
        );
    }
    return (
        <TextField
            label={field.label}
            {...(about === undefined ? {} : { labelFor: about })}
            placeholder={placeholder}
            unit={field.unit}
            hint={field.hint}
            value={textOf(value)}
            isReadOnly={readOnly}
            error={error}
            onChange={onChange}
        />
    );
}
