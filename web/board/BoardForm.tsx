import styled from 'styled-components';
import type { BoardAnswer } from '../api/contract';
import { Button } from '../kit/Button';
import { Select } from '../kit/Select';
import { TextField } from '../kit/TextField';
import { FieldRow } from './FieldRow';
import { FieldsOfRow, Folding } from './Rows';
import { at, put, rowsAt, textOf, type Typed } from './typed';
import type { BoardDraft } from './useBoard';

const Inputs = styled.div`
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
    gap: 12px 14px;
    padding-bottom: 14px;
`;

const Rows = styled.div`
    display: grid;
    gap: 14px;
    padding-bottom: 16px;
`;

/** What is typed of a board, group by group; a group with something wrong in it stands open. */
export function BoardForm({
    answer,
    draft,
    change,
    errorAt,
    readOnly,
}: {
    answer: BoardAnswer;
    draft: BoardDraft;
    change: (more: Partial<BoardDraft>) => void;
    errorAt: (path: string) => string | undefined;
    readOnly: boolean;
}) {
    const { typed } = draft;
    const set = (path: string, value: unknown) => change({ typed: put(typed, path, value) });
    // A board that another one feeds has no source of its own; what was typed of one stays in sight.
    const isShown = (path: string) =>
        draft.fedBy === null || !path.startsWith('supply.') || path === 'supply.ambient' || textOf(at(typed, path)) !== '';
    const lists = (of: string) => answer.form.lists.filter(({ path }) => path.startsWith(of));
    return (
        <>
            <Inputs>
                <TextField label="Tag" value={draft.tag} isReadOnly={readOnly} error={errorAt('tag')} onChange={(tag) => change({ tag })} />
                <Select
                    label="Fed by"
                    value={draft.fedBy === null ? '' : String(draft.fedBy)}
                    options={[
                        { value: '', label: 'Its own supply' },
                        ...answer.others.map(({ id, tag }) => ({ value: String(id), label: `Board ${tag}` })),
                    ]}
                    isDisabled={readOnly}
                    error={errorAt('fed_by')}
                    onChange={(chosen) => change({ fedBy: answer.others.find(({ id }) => String(id) === chosen)?.id ?? null })}
                />
            </Inputs>
            {answer.form.groups.map(({ title, fields }, n) => {
                const wrong = fields.some(({ path }) => errorAt(path) !== undefined);
                return (
                    <Folding key={title} open={wrong || n < 3}>
                        <summary>{title}</summary>
                        {n === 0 && draft.fedBy !== null && (
                            <p>The other board is its source: a transformer or generator entered here is not used.</p>
                        )}
                        <Inputs>
                            {fields
                                .filter(({ path }) => isShown(path))
                                .map((field) => (
                                    <FieldRow
                                        key={field.path}
                                        field={field}
                                        value={at(typed, field.path)}
                                        placeholder={draft.fedBy === null ? ofSite(answer, field.path) : ''}
                                        error={errorAt(field.path)}
                                        readOnly={readOnly}
                                        onChange={(value) => set(field.path, value)}
                                    />
                                ))}
                        </Inputs>
                        {title === 'Control supply' &&
                            lists('control').map((list) => <TypedList key={list.path} {...{ list, typed, set, errorAt, readOnly }} />)}
                    </Folding>
                );
            })}
            {answer.form.lists
                .filter(({ path }) => !path.startsWith('control'))
                .map((list) => (
                    <Folding key={list.path} open={rowsAt(typed, list.path).length > 0}>
                        <summary>{list.title}</summary>
                        <TypedList {...{ list, typed, set, errorAt, readOnly }} />
                    </Folding>
                ))}
        </>
    );
}

/** What the site says of its supply, which an own one takes where it says nothing. */
function ofSite(answer: BoardAnswer, path: string): string {
    const [section, key = ''] = path.split('.');
    return section === 'supply' ? textOf(answer.site.supply[key]) : '';
}

/** A list of rows, each with the same fields. */
function TypedList({
    list,
    typed,
    set,
    errorAt,
    readOnly,
}: {
    list: BoardAnswer['form']['lists'][number];
    typed: Typed;
    set: (path: string, value: unknown) => void;
    errorAt: (path: string) => string | undefined;
    readOnly: boolean;
}) {
    const rows = rowsAt(typed, list.path);
    return (
        <Rows>
            {rows.map((row, n) => (
                <FieldsOfRow key={n}>
                    {list.fields.map((field) => (
                        <FieldRow
                            key={field.path}
                            field={field}
                            value={row[field.path]}
                            error={errorAt(`${list.path}.${n}.${field.path}`)}
                            readOnly={readOnly}
                            about={textOf(row['tag'] ?? row['name']) || `${n + 1}`}
                            onChange={(value) =>
                                set(
                                    list.path,
                                    rows.map((one, i) => (i === n ? { ...one, [field.path]: value } : one)),
                                )
                            }
                        />
                    ))}
                    {!readOnly && (
                        <Button
                            aria-label={`Remove ${textOf(row['tag'] ?? row['name'])}`}
                            onPress={() =>
                                set(
                                    list.path,
                                    rows.filter((_, i) => i !== n),
                                )
                            }
                        >
                            Remove
                        </Button>
                    )}
                </FieldsOfRow>
            ))}
            {!readOnly && (
                <div>
                    <Button onPress={() => set(list.path, [...rows, {}])}>{list.add}</Button>
                </div>
            )}
        </Rows>
    );
}
