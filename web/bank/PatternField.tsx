import { Label, TextArea, TextField } from 'react-aria-components';
import styled from 'styled-components';
import { ErrorText, Hint, LabelText } from '../kit/TextField';
import { token } from '../theme/tokens';

const Root = styled(TextField)`
    display: grid;
    gap: 4px;
    textarea {
        min-height: 160px;
        padding: 8px 10px;
        border: 1px solid ${token.edge};
        border-radius: 3px;
        background: ${token.sheet};
        font: 500 16px/1.4 ${token.narrow};
        resize: vertical;
    }
    textarea:focus-visible {
        outline: 3px solid ${token.accent};
        outline-offset: 1px;
    }
`;

/** What runs from which hour on, one change a line. */
export function PatternField({
    value,
    tags,
    readOnly,
    error,
    onChange,
}: {
    value: string;
    tags: readonly string[];
    readOnly: boolean;
    error: string | undefined;
    onChange: (text: string) => void;
}) {
    return (
        <Root value={value} isReadOnly={readOnly} isInvalid={error !== undefined} onChange={onChange}>
            <Label>
                <LabelText>Daily pattern: which circuits run, from what time</LabelText>
            </Label>
            <TextArea spellCheck={false} />
            {error === undefined ? (
                <Hint>
                    One change per line, for example 06:00 {tags.slice(0, 3).join(' ')}. Leave empty if all circuits run together.
                    {tags.length > 0 && ` Circuits here: ${tags.join(', ')}.`}
                </Hint>
            ) : (
                <ErrorText slot="errorMessage">{error}</ErrorText>
            )}
        </Root>
    );
}
