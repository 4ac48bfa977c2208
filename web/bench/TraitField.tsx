import type { FieldPath } from '../api/contract';
import { Ticks } from '../kit/Ticks';
import { useBench } from './BenchContext';
import { several } from './circuit';

/** Several choices of one field, each on or off. */
export function TraitField({ path }: { path: FieldPath }) {
    const { draft, set, readOnly, solved } = useBench();
    const note = solved.note(path);
    const chosen = several(draft, path);
    if (note.choices.length === 0 || (note.unused && chosen.length === 0)) {
        return null;
    }
    return (
        <Ticks
            label={note.label}
            choices={note.choices}
            value={[...chosen]}
            isReadOnly={readOnly}
            onChange={(values) => set(path, values.length === 0 ? null : values.join(', '))}
            data-path={path}
        />
    );
}
