import { CheckboxButton, CheckboxField, CheckboxGroup, Label } from 'react-aria-components';
import styled from 'styled-components';
import type { FieldPath } from '../api/contract';
import { token } from '../theme/tokens';
import { useBench } from './BenchContext';
import { several } from './circuit';

const Group = styled(CheckboxGroup)`
    display: flex;
    flex-wrap: wrap;
    gap: 4px 18px;
    align-items: center;
    label:first-child,
    > span:first-child {
        flex-basis: 100%;
        color: ${token.soft};
        font-size: 14px;
    }
`;

const Box = styled(CheckboxButton)`
    display: inline-flex;
    align-items: center;
    gap: 8px;
    min-height: 40px;
    cursor: pointer;
    .box {
        display: grid;
        place-items: center;
        width: 22px;
        height: 22px;
        border: 1px solid ${token.edge};
        border-radius: 3px;
        background: ${token.sheet};
        font-weight: 700;
    }
    &[data-selected] .box {
        border-color: ${token.accent};
        background: ${token.accent};
        color: ${token.onAccent};
    }
    &[data-focus-visible] .box {
        outline: 3px solid ${token.accent};
        outline-offset: 2px;
    }
`;

/** Several choices of one field, each on or off. */
export function TraitField({ path }: { path: FieldPath }) {
    const { draft, set, readOnly, solved } = useBench();
    const note = solved.note(path);
    const chosen = several(draft, path);
    if (note.choices.length === 0 || (note.unused && chosen.length === 0)) {
        return null;
    }
    return (
        <Group
            value={[...chosen]}
            isReadOnly={readOnly}
            onChange={(values) => set(path, values.length === 0 ? null : values.join(', '))}
            data-path={path}
        >
            <Label>{note.label}</Label>
            {note.choices.map((choice) => (
                <CheckboxField key={choice.value} value={choice.value}>
                    <Box>
                        {({ isSelected }) => (
                            <>
                                <span className="box" aria-hidden>
                                    {isSelected ? '✓' : ''}
                                </span>
                                {choice.label}
                            </>
                        )}
                    </Box>
                </CheckboxField>
            ))}
        </Group>
    );
}
