import { ToggleButton, ToggleButtonGroup } from 'react-aria-components';
import styled from 'styled-components';
import { token } from '../theme/tokens';

const Group = styled(ToggleButtonGroup)`
    display: flex;
    flex-wrap: wrap;
    border: 1px solid ${token.edge};
    border-radius: 4px;
    overflow: hidden;
    background: ${token.sheet};
`;

const One = styled(ToggleButton)`
    flex: 1 1 auto;
    min-height: ${token.touch};
    padding: 0 10px;
    white-space: nowrap;
    border: 0;
    background: transparent;
    font-weight: 600;
    cursor: pointer;
    &[data-selected] {
        background: ${token.steel};
        color: ${token.onSteel};
    }
    &[data-focus-visible] {
        outline-offset: -3px;
    }
`;

/** A switch of a few positions, exactly one of them on. */
export function Segments<T extends string>({
    label,
    value,
    options,
    onChange,
}: {
    label: string;
    value: T;
    options: readonly { value: T; label: string }[];
    onChange: (value: T) => void;
}) {
    return (
        <Group
            aria-label={label}
            selectionMode="single"
            disallowEmptySelection
            selectedKeys={[value]}
            onSelectionChange={(keys) => {
                const [first] = keys;
                const chosen = options.find((option) => option.value === first);
                if (chosen !== undefined) {
                    onChange(chosen.value);
                }
            }}
        >
            {options.map((option) => (
                <One key={option.value} id={option.value}>
                    {option.label}
                </One>
            ))}
        </Group>
    );
}
