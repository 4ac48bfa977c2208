import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { messageOf } from '../api/client';
import { service } from '../api/service';
import { FIELDS, type Import } from '../api/contract';
import { Button } from '../kit/Button';
import { GradeMark, plural } from '../kit/Grade';
import { Pager } from '../kit/Pager';
import { RuledTable } from '../kit/RuledTable';
import { Scroll } from '../kit/Scroll';
import { Segments } from '../kit/Segments';
import { Select } from '../kit/Select';
import { token } from '../theme/tokens';
import { chosenOf, filledBy, NOTHING, told, unitOf, type Column } from './columns';
import { Plates } from './Plates';

const Box = styled.div`
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 12px;
    padding: 14px 0 14px 16px;
    border-left: 4px solid ${token.accent};
    h3 {
        font-size: 17px;
        font-weight: 600;
    }
    .bar {
        display: flex;
        flex-wrap: wrap;
        gap: 10px 16px;
        align-items: center;
    }
    .columns {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
        gap: 10px 16px;
    }
    .sheet {
        width: min(320px, 100%);
    }
    progress {
        width: min(360px, 100%);
        height: 14px;
        accent-color: ${token.accent};
    }
`;

type Shown = 'refused' | 'changed' | 'new' | 'unchanged';

const EVERY_MS = 700;

/** One file: how far it is, what would be done with each row, which cells cannot be read, and the word to go. */
export function ImportView({ id, onMoved }: { id: number; onMoved: () => void }) {
    const client = useQueryClient();
    const [problem, setProblem] = useState('');
    const query = useQuery({
        queryKey: ['import', id],
        queryFn: () => service.register.show(id),
        refetchInterval: ({ state }) => (state.data?.state === 'reading' || state.data?.state === 'applying' ? EVERY_MS : false),
    });
    const act = async (work: Promise<unknown>) => {
        setProblem('');
        try {
            await work;
        } catch (error) {
            setProblem(messageOf(error));
        }
        await client.invalidateQueries({ queryKey: ['import', id] });
        await client.invalidateQueries({ queryKey: ['register'] });
        onMoved();
    };
    const one = query.data;
    if (one === undefined) {
        return <p role="status">{query.isError ? query.error.message : 'Loading…'}</p>;
    }
    const wanted = one.counts.new + one.counts.changed;
    const undecided = one.columns.filter(({ decided }) => !decided);
    // While it is read again all stays where it is, and so does the focus.
    const isOpen = one.state === 'preview' || (one.state === 'reading' && one.columns.length > 0);
    const choose =
        isOpen && one.what === 'circuits' ? (columns: (string | null)[]) => void act(service.register.columns(id, { columns })) : null;
    const nothingFits = one.state === 'preview' && one.rows === 0;
    return (
        <Box>
            <h3>{one.name}</h3>
            {one.state === 'reading' && <p role="status">The file is being read.</p>}
            {one.state === 'failed' && (
                <p role="alert">
                    <GradeMark grade="stop" /> {one.message} Nothing was written.
                </p>
            )}
            {one.state !== 'failed' && one.message !== '' && <p>{one.message}</p>}
            {nothingFits && (
                <p role="alert">
                    <GradeMark grade="caution" /> No column contains the {one.what === 'circuits' ? 'tag' : 'tag and the type of reading'}.
                    Choose the column for it.
                </p>
            )}
            {one.state !== 'reading' && one.state !== 'failed' && !nothingFits && (
                <p>
                    {one.counts.new} new, {one.counts.changed} changed, {one.counts.unchanged} unchanged, {one.counts.refused} rejected.
                    {one.applied > 0 && ` ${one.applied} written.`}
                </p>
            )}
            {one.state === 'applying' && (
                <div className="bar">
                    <progress value={one.applied} max={Math.max(1, wanted)} aria-label="Written so far" />
                    <span role="status">
                        {one.applied} of {wanted}. You can close this page.
                    </span>
                </div>
            )}
            <div className="bar">
                {(one.state === 'preview' || one.state === 'cancelled') && wanted > one.applied && (
                    <Button kind="main" isDisabled={undecided.length > 0} onPress={() => void act(service.register.apply(id))}>
                        {one.state === 'cancelled' ? `Write the other ${wanted - one.applied}` : `Write ${plural(wanted, 'row')}`}
                    </Button>
                )}
                {(one.state === 'reading' || one.state === 'preview' || one.state === 'applying') && (
                    <Button onPress={() => void act(service.register.cancel(id))}>Cancel</Button>
                )}
                {one.counts.refused > 0 && <a href={service.register.refused(id)}>Rejected rows, to correct (CSV)</a>}
            </div>
            {problem !== '' && <p role="alert">{problem}</p>}
            {one.state === 'preview' && undecided.length > 0 && (
                <p>
                    <GradeMark grade="caution" />{' '}
                    {undecided.length === 1
                        ? 'One column needs a decision: choose a field for it, or mark it as not used.'
                        : `${undecided.length} columns need a decision: choose a field for each, or mark it as not used.`}{' '}
                    Nothing is written before that.
                </p>
            )}
            {one.sheets.length > 1 && (isOpen || one.state === 'failed') && (
                <div className="sheet">
                    <Select
                        label="Sheet"
                        value={one.sheet}
                        options={one.sheets.map((sheet) => ({ value: sheet, label: sheet }))}
                        onChange={(sheet) => void act(service.register.sheet(id, { sheet }))}
                    />
                </div>
            )}
            {choose !== null && <Plates one={one} choose={choose} />}
            {one.columns.length > 0 && <Columns one={one} choose={choose} />}
            {one.what === 'circuits' && one.counts.new > 0 && <p>New circuits get the supply of the site.</p>}
            {one.rows > 0 && one.state !== 'reading' && <Rows one={one} />}
        </Box>
    );
}

/** What each column of the file fills, and in which unit; while nothing is written, each can be told another. */
function Columns({ one, choose }: { one: Import; choose: ((columns: (string | null)[]) => void) | null }) {
    const shown = one.columns.filter(({ head, decided }) => !head.startsWith('figure:') && (head !== '' || !decided));
    const taken = new Set(one.columns.map(({ path }) => path));
    const options = (column: Column) => [
        ...(column.decided ? [] : [{ value: '', label: 'Choose…' }]),
        { value: NOTHING, label: 'Not used' },
        ...Object.entries(FIELDS)
            .filter(([path]) => path === column.path || !taken.has(path))
            // What a board gives its circuits, nobody types but its tag.
            .filter(([path]) => !path.startsWith('supply.board.') || path === 'supply.board.tag')
            .map(([path, field]) => ({ value: path, label: `${field.label} (${path})` })),
    ];
    return (
        <Scroll tabIndex={0} role="group" aria-label="Columns of the file">
            <RuledTable>
                <thead>
                    <tr>
                        <th scope="col">Column</th>
                        <th scope="col">Field</th>
                        <th scope="col">Unit if none is given</th>
                    </tr>
                </thead>
                <tbody>
                    {shown.map((column) => (
                        <tr key={column.letter}>
                            <th scope="row">
                                {column.letter} {column.head}
                            </th>
                            <td>
                                {choose === null ? (
                                    filledBy(column)
                                ) : (
                                    <Select
                                        labelHidden
                                        label={`Field for column ${column.letter}`}
                                        value={chosenOf(column)}
                                        options={options(column)}
                                        onChange={(path) => choose(told(one.columns, column.letter, path))}
                                    />
                                )}
                            </td>
                            <td>{unitOf(column)}</td>
                        </tr>
                    ))}
                </tbody>
            </RuledTable>
        </Scroll>
    );
}

function Rows({ one }: { one: Import }) {
    const first: Shown = one.counts.refused > 0 ? 'refused' : one.counts.changed > 0 ? 'changed' : 'new';
    const [chosen, setShown] = useState<Shown | null>(null);
    const [page, setPage] = useState(1);
    const shown = chosen ?? first;
    const query = useQuery({
        queryKey: ['import', one.id, 'rows', shown, page, one.state],
        queryFn: () => service.register.rows(one.id, { action: shown, page }),
        placeholderData: (before) => before,
    });
    const currents = useQuery({
        queryKey: ['import', one.id, 'currents', shown, page, one.state],
        queryFn: () => service.register.currents(one.id, { action: shown, page }),
        enabled: one.what === 'circuits' && shown !== 'refused' && query.data !== undefined,
    });
    const currentOf = (number: number) => currents.data?.currents.find((each) => each.number === number);
    return (
        <>
            <Segments
                label="Rows"
                value={shown}
                options={[
                    { value: 'refused', label: `Rejected ${one.counts.refused}` },
                    { value: 'changed', label: `Changed ${one.counts.changed}` },
                    { value: 'new', label: `New ${one.counts.new}` },
                    { value: 'unchanged', label: `Unchanged ${one.counts.unchanged}` },
                ]}
                onChange={(action) => {
                    setShown(action);
                    setPage(1);
                }}
            />
            <Scroll tabIndex={0} role="group" aria-label="Rows of the file">
                <RuledTable>
                    <thead>
                        <tr>
                            <th scope="col">Row</th>
                            <th scope="col">Tag</th>
                            {one.what === 'circuits' && shown !== 'refused' && (
                                <>
                                    <th scope="col">Calculated current</th>
                                    <th scope="col">On the plate</th>
                                </>
                            )}
                            <th scope="col">{shown === 'refused' ? 'Problem' : shown === 'new' ? 'Read as' : 'Changes'}</th>
                        </tr>
                    </thead>
                    <tbody>
                        {query.data?.rows.map((row) => (
                            <tr key={row.number}>
                                <td>{row.number}</td>
                                <th scope="row">{row.tag}</th>
                                {one.what === 'circuits' && shown !== 'refused' && (
                                    <>
                                        <td>{currentOf(row.number)?.computed}</td>
                                        <td>
                                            {currentOf(row.number)?.own}
                                            {currentOf(row.number)?.unusual === true && (
                                                <>
                                                    {' '}
                                                    <GradeMark grade="caution" label="caution" /> {currentOf(row.number)?.difference}
                                                </>
                                            )}
                                        </td>
                                    </>
                                )}
                                <td>
                                    {row.problems.map((bad) => (
                                        <div key={`${bad.column} ${bad.text}`}>
                                            {bad.column !== '' && <b>{bad.column}: </b>}
                                            {bad.cell !== '' && !bad.text.includes(bad.cell) && `“${bad.cell}” `}
                                            {bad.text} <small>{bad.accepted}</small>
                                        </div>
                                    ))}
                                    {(shown === 'refused' ? [] : row.changes).map((change) => (
                                        <div key={change.label}>
                                            {change.label}: {shown !== 'new' && `${change.from === '' ? 'empty' : change.from} → `}
                                            {change.to === '' ? 'empty' : change.to}
                                            {change.read !== '' && change.read !== change.to && <small> read as {change.read}</small>}
                                        </div>
                                    ))}
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </RuledTable>
            </Scroll>
            <Pager page={page} pages={query.data?.pages ?? 1} onPage={setPage} />
        </>
    );
}
