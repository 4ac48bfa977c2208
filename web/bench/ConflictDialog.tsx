import styled from 'styled-components';
import { Button } from '../kit/Button';
import { Actions, Dialog } from '../kit/Dialog';
import { token } from '../theme/tokens';
import { type Draft, textAt } from './circuit';
import type { DraftState } from './useDraft';

const Table = styled.table`
    width: 100%;
    border-collapse: collapse;
    th,
    td {
        padding: 6px 10px 6px 0;
        border-bottom: 1px solid ${token.rule};
        text-align: left;
        overflow-wrap: anywhere;
    }
    thead th {
        color: ${token.soft};
        font-weight: 400;
        font-size: 14px;
    }
`;

/** Two people at one circuit: the second sees what differs and chooses. */
export function ConflictDialog({ draft }: { draft: DraftState }) {
    const { state } = draft;
    if (state.kind !== 'conflict') {
        return null;
    }
    const theirs = state.current.circuit;
    const differing = differences(draft.draft, theirs);
    const who = state.current.updated_by ?? 'Somebody';
    return (
        <Dialog title={`${who} saved this circuit while you were typing`} open dismissable={false} onClose={() => undefined}>
            <p>Nothing is overwritten yet. {differing.length === 0 ? 'Both states are alike.' : 'This differs:'}</p>
            {differing.length > 0 && (
                <Table>
                    <thead>
                        <tr>
                            <th scope="col">Field</th>
                            <th scope="col">Yours</th>
                            <th scope="col">{who}</th>
                        </tr>
                    </thead>
                    <tbody>
                        {differing.map((path) => (
                            <tr key={path}>
                                <th scope="row">{path.replace(/_/g, ' ').replace('.', ': ')}</th>
                                <td>{textAt(draft.draft, path) || 'empty'}</td>
                                <td>{textAt(theirs, path) || 'empty'}</td>
                            </tr>
                        ))}
                    </tbody>
                </Table>
            )}
            <Actions>
                <Button onPress={() => draft.resolve('theirs')}>Take theirs</Button>
                <Button kind="main" onPress={() => draft.resolve('mine')}>
                    Keep mine
                </Button>
            </Actions>
        </Dialog>
    );
}

/** Paths whose typed values differ, in the order of mine. */
export function differences(mine: Draft, theirs: Draft, prefix = ''): string[] {
    const keys = [...new Set([...Object.keys(mine), ...Object.keys(theirs)])];
    return keys.flatMap((key) => {
        const a = mine[key];
        const b = theirs[key];
        if (isGroup(a) || isGroup(b)) {
            return differences(isGroup(a) ? a : {}, isGroup(b) ? b : {}, `${prefix}${key}.`);
        }
        return (a ?? '') === (b ?? '') ? [] : [`${prefix}${key}`];
    });
}

const isGroup = (value: unknown): value is Draft => typeof value === 'object' && value !== null && !Array.isArray(value);
