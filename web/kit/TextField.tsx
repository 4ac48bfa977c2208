import { FieldError, Input, Label, Text, TextField as AriaTextField, type TextFieldProps } from 'react-aria-components';
import styled, { css } from 'styled-components';
import { token } from '../theme/tokens';
import { Unseen, unseen } from './Unseen';

export const LabelText = styled.span`
    color: ${token.soft};
    font-size: 14px;
`;

/** The name of a field; out of sight in a table, under a heading that says the same. */
export const FieldLabel = styled(Label)<{ $hidden: boolean }>`
    ${({ $hidden }) => ($hidden ? unseen : '')}
`;

export const Hint = styled.p`
    display: block;
    color: ${token.soft};
    font-size: 13px;
    line-height: 1.3;
`;

const wrong = css`
    display: block;
    padding-left: 8px;
    border-left: 3px solid ${token.stop};
    color: ${token.stop};
    font-size: 13px;
    line-height: 1.3;
`;

export const ErrorText = styled(Text)`
    ${wrong}
`;

const Problem = styled(FieldError)`
    ${wrong}
`;

const Root = styled(AriaTextField)`
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 4px;
    align-content: start;
    min-width: 0;
`;

const Frame = styled.div<{ $bad: boolean }>`
    display: flex;
    align-items: center;
    min-height: max(42px, ${token.touch});
    border: 1px solid ${({ $bad }) => ($bad ? token.stop : token.edge)};
    border-radius: 3px;
    background: ${token.sheet};
    &:focus-within {
        outline: 3px solid ${token.accent};
        outline-offset: 1px;
    }
    input {
        flex: 1;
        min-width: 0;
        width: 100%;
        min-height: ${token.touch};
        padding: 0 10px;
        border: 0;
        outline: none;
        background: transparent;
        font-family: ${token.narrow};
        font-weight: 500;
        font-size: 17px;
    }
    input::placeholder {
        color: ${token.soft};
        opacity: 1;
        text-decoration: underline dotted;
        text-underline-offset: 4px;
    }
    > span {
        padding-right: 10px;
        color: ${token.soft};
        white-space: nowrap;
    }
`;

/** One line of text with its unit beside it (until one is typed), its hint or its error below it. */
export function TextField({
    label,
    unit,
    hint,
    error,
    placeholder,
    labelHidden = false,
    labelFor,
    ...props
}: Omit<TextFieldProps, 'isInvalid'> & {
    label: string;
    unit?: string | undefined;
    hint?: string | undefined;
    error?: string | undefined;
    placeholder?: string | undefined;
    /** For a field that stands in a table, under a heading that says the same. */
    labelHidden?: boolean;
    /** What it is about, for ears: where the same word stands at many fields. */
    labelFor?: string;
}) {
    return (
        <Root {...props} validationBehavior="aria" isInvalid={error !== undefined}>
            <FieldLabel $hidden={labelHidden}>
                <LabelText>{label}</LabelText>
                {labelFor !== undefined && <Unseen>: {labelFor}</Unseen>}
            </FieldLabel>
            <Frame $bad={error !== undefined}>
                <Input
                    {...(placeholder === undefined || placeholder === '' ? {} : { placeholder })}
                    autoComplete={props.autoComplete ?? 'off'}
                    spellCheck={false}
                />
                {unit !== undefined && unit !== '' && !/[a-zA-Z%°²]/.test(props.value ?? '') && <span aria-hidden="true">{unit}</span>}
            </Frame>
            {error !== undefined && <Problem>{error}</Problem>}
            {error === undefined && hint !== undefined && hint !== '' && (
                <Text slot="description">
                    <Hint as="span">{hint}</Hint>
                </Text>
            )}
        </Root>
    );
}
