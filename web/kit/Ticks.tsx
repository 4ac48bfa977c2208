import {
    CheckboxButton,
    CheckboxField,
    type CheckboxFieldProps,
    CheckboxGroup,
    type CheckboxGroupProps,
    Label,
} from 'react-aria-components';
import styled from 'styled-components';
import { token } from '../theme/tokens';

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
    /* The box itself is unseen: it has to lie here, so that the page moves to it. */
    position: relative;
    display: inline-flex;
    align-items: center;
    gap: 8px;
    min-height: ${token.touch};
    cursor: pointer;
    .box {
        display: grid;
        place-items: center;
        flex: none;
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
    /* The box has the ring; a second one around the words would say nothing more. */
    &[data-focus-visible] {
        outline: none;
    }
    &[data-focus-visible] .box {
        outline: 3px solid ${token.accent};
        outline-offset: 2px;
    }
`;

/** Several choices, each on or off. */
export function Ticks({
    label,
    choices,
    ...props
}: Omit<CheckboxGroupProps, 'children'> & { label: string; choices: readonly { value: string; label: string }[] }) {
    return (
        <Group {...props}>
            <Label>{label}</Label>
            {choices.map((choice) => (
                <CheckboxField key={choice.value} value={choice.value}>
                    <Mark label={choice.label} />
                </CheckboxField>
            ))}
        </Group>
    );
}

/** One thing said yes to, or not. */
export function Tick({ label, ...props }: Omit<CheckboxFieldProps, 'children'> & { label: string }) {
    return (
        <CheckboxField {...props}>
            <Mark label={label} />
        </CheckboxField>
    );
}

function Mark({ label }: { label: string }) {
    return (
        <Box>
            {({ isSelected }) => (
                <>
                    <span className="box" aria-hidden>
                        {isSelected ? '✓' : ''}
                    </span>
                    {label}
                </>
            )}
        </Box>
    );
}
