import styled from 'styled-components';
import type { CircuitGroup } from '../api/contract';
import { Button } from '../kit/Button';
import { token } from '../theme/tokens';

const List = styled.ul`
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    button {
        display: inline-flex;
        gap: 8px;
        align-items: center;
        max-width: 100%;
        white-space: normal;
        text-align: left;
    }
    b {
        font: 600 17px ${token.narrow};
    }
`;

/** What circuits are counted by. */
export const GROUPED = [
    { value: '', label: 'Not grouped' },
    { value: 'device', label: 'Device' },
    { value: 'cable', label: 'Cable' },
    { value: 'starting', label: 'Starter' },
    { value: 'area', label: 'Area' },
    { value: 'board', label: 'Board' },
] as const;

export type GroupedBy = Exclude<(typeof GROUPED)[number]['value'], ''>;

export const isGroupedBy = (text: string | null): text is GroupedBy => GROUPED.some(({ value }) => value !== '' && value === text);

/** How many circuits share a device, a cable, a starter or an area; a touch shows them alone. */
export function Groups({ by, groups, onChoose }: { by: GroupedBy; groups: readonly CircuitGroup[]; onChoose: (value: string) => void }) {
    const label = GROUPED.find(({ value }) => value === by)?.label ?? '';
    return (
        <section aria-label={`Circuits by ${label.toLowerCase()}`}>
            {groups.length === 0 ? (
                <p>None of these circuits has one.</p>
            ) : (
                <List>
                    {groups.map((group) => (
                        <li key={group.value}>
                            <Button onPress={() => onChoose(group.value)}>
                                <b>{group.count}</b> {group.label}
                            </Button>
                        </li>
                    ))}
                </List>
            )}
        </section>
    );
}
