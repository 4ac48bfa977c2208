import { useState } from 'react';
import styled from 'styled-components';
import { type FieldPath, FIELDS } from '../api/contract';
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

/** Two people at one circuit: the second sees what differs and chooses, all of it or field by field. */
export function ConflictDialog({ draft }: { draft: DraftState }) {
    const { state } = draft;
    const [chosen, setTheirs] = useState<readonly string[] | null>(null);
    if (state.kind !== 'conflict') {
        return null;
    }
    const other = state.current.circuit;
    const differing = differences(draft.draft, other);
    const who = state.current.updated_by ?? 'Someone else';
    const taken = (chosen ?? untouched(draft.draft, state.base, differing)).filter((path) => differing.includes(path));
    return (
        <Dialog title={`${who} saved this circuit while you were editing`} open dismissable={false} onClose={() => undefined}>
            <p>
                Nothing has been overwritten.{' '}
                {differing.length === 0 ? 'Both versions are the same.' : 'These fields differ. Tap the value to keep:'}
            </p>
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
                        {differing.map((path) => {
                            const name = isField(path) ? FIELDS[path].label : path.replace(/_/g, ' ').replace('.', ': ');
                            const isTheirs = taken.includes(path);
                            return (
                                <tr key={path}>
                                    <th scope="row">{name}</th>
                                    <td>
                                        <Button
                                            kind={isTheirs ? 'plain' : 'main'}
                                            aria-label={`${name}: yours, ${textAt(draft.draft, path) || 'empty'}`}
                                            onPress={() => setTheirs(taken.filter((one) => one !== path))}
                                        >
                                            {textAt(draft.draft, path) || 'empty'}
                                        </Button>
                                    </td>
                                    <td>
                                        <Button
                                            kind={isTheirs ? 'main' : 'plain'}
                                            aria-label={`${name}: ${who}, ${textAt(other, path) || 'empty'}`}
                                            onPress={() => setTheirs([...taken, path])}
                                        >
                                            {textAt(other, path) || 'empty'}
                                        </Button>
                                    </td>
                                </tr>
                            );
                        })}
                    </tbody>
                </Table>
            )}
            <Actions>
                <Button onPress={() => draft.resolve('theirs')}>Use their version</Button>
                <Button onPress={() => draft.resolve('mine')}>Keep my version</Button>
                <Button kind="main" onPress={() => draft.resolve(together(draft.draft, other, taken))}>
                    Keep the selected values
                </Button>
            </Actions>
        </Dialog>
    );
}

const isField = (path: string): path is FieldPath => path in FIELDS;

/** What only the other changed: taken as they have it, until the person says otherwise. */
export function untouched(mine: Draft, base: Draft, differing: readonly string[]): readonly string[] {
    const touched = differences(mine, base);
    return differing.filter((path) => !touched.includes(path));
}

/** Mine, with some fields as they have them. */
export function together(mine: Draft, theirs: Draft, taken: readonly string[]): Draft {
    return taken.reduce((draft, path) => placed(draft, path.split('.'), valueAt(theirs, path.split('.'))), mine);
}

function valueAt(draft: unknown, [key = '', ...rest]: readonly string[]): unknown {
    const inner = isGroup(draft) ? draft[key] : undefined;
    return rest.length === 0 ? inner : valueAt(inner, rest);
}

function placed(draft: Draft, [key = '', ...rest]: readonly string[], value: unknown): Draft {
    const inner = draft[key];
    return { ...draft, [key]: rest.length === 0 ? (value ?? null) : placed(isGroup(inner) ? inner : {}, rest, value) };
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
