import { Button, ListBox, ListBoxItem, Popover, Select as AriaSelect, SelectValue, Text } from 'react-aria-components';
import styled from 'styled-components';
import { token } from '../theme/tokens';
import { ErrorText, FieldLabel, Hint, LabelText } from './TextField';

const Root = styled(AriaSelect)`
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 4px;
    min-width: 0;
    align-content: start;
`;

const Opener = styled(Button)<{ $bad: boolean }>`
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 6px;
    min-height: max(42px, ${token.touch});
    width: 100%;
    padding: 0 10px;
    border: 1px solid ${({ $bad }) => ($bad ? token.stop : token.edge)};
    border-radius: 3px;
    background: ${token.sheet};
    font-family: ${token.narrow};
    font-weight: 500;
    font-size: 17px;
    text-align: left;
    cursor: pointer;
    &[data-disabled] {
        cursor: default;
        color: ${token.soft};
    }
    > span:first-child {
        min-width: 0;
        padding: 4px 0;
        line-height: 1.15;
        overflow-wrap: anywhere;
    }
`;

const Pop = styled(Popover)`
    min-width: var(--trigger-width);
    max-height: 320px;
    overflow: auto;
    border: 1px solid ${token.edge};
    border-radius: 3px;
    background: ${token.sheet};
    color: ${token.ink};
    box-shadow: 0 6px 20px rgb(10 16 18 / 30%);
`;

const Item = styled(ListBoxItem)`
    display: flex;
    align-items: center;
    min-height: ${token.touch};
    padding: 4px 12px;
    cursor: pointer;
    &[data-focused] {
        outline: none;
        background: ${token.wash};
    }
    &[data-selected] {
        font-weight: 600;
        box-shadow: inset 4px 0 ${token.accent};
    }
`;

export interface Option {
    value: string;
    label: string;
}

/** A choice of a list. */
export function Select({
    label,
    value,
    options,
    onChange,
    hint,
    error,
    isDisabled = false,
    labelHidden = false,
    ...props
}: {
    label: string;
    value: string;
    options: readonly Option[];
    onChange: (value: string) => void;
    hint?: string | undefined;
    error?: string | undefined;
    isDisabled?: boolean;
    /** For a choice that stands in a table, under a heading that says the same. */
    labelHidden?: boolean;
    'data-path'?: string;
}) {
    return (
        <Root
            {...props}
            value={value}
            isDisabled={isDisabled}
            isInvalid={error !== undefined}
            onChange={(key) => {
                if (key !== null) {
                    onChange(String(key));
                }
            }}
        >
            <FieldLabel $hidden={labelHidden}>
                <LabelText>{label}</LabelText>
            </FieldLabel>
            <Opener $bad={error !== undefined}>
                <SelectValue />
                <span aria-hidden="true">▾</span>
            </Opener>
            {error !== undefined && <ErrorText slot="errorMessage">{error}</ErrorText>}
            {error === undefined && hint !== undefined && hint !== '' && (
                <Text slot="description">
                    <Hint as="span">{hint}</Hint>
                </Text>
            )}
            <Pop>
                <ListBox items={options.map((option) => ({ id: option.value, name: option.label }))}>
                    {(option) => <Item>{option.name}</Item>}
                </ListBox>
            </Pop>
        </Root>
    );
}
