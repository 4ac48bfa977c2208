import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { ProblemError, messageOf } from '../api/client';
import type { BoardRow } from '../api/contract';
import { service } from '../api/service';
import { mayEdit, usePerson } from '../api/session';
import { Button } from '../kit/Button';
import { GradeMark } from '../kit/Grade';
import { ListBar, ListPage } from '../kit/ListPage';
import { NotLoaded } from '../kit/NotLoaded';
import { RuledTable } from '../kit/RuledTable';
import { Scroll } from '../kit/Scroll';
import { Select } from '../kit/Select';
import { TextField } from '../kit/TextField';
import { TopBar } from '../kit/TopBar';

/** Each board after the one that feeds it, with how deep it lies. */
function inOrder(boards: readonly BoardRow[], of: number | null = null, depth = 0): { board: BoardRow; depth: number }[] {
    return boards.filter(({ fed_by }) => fed_by === of).flatMap((board) => [{ board, depth }, ...inOrder(boards, board.id, depth + 1)]);
}

/** The boards of a site. */
export default function BoardsPage() {
    const person = usePerson();
    const [search, setSearch] = useSearchParams();
    const sites = useQuery({ queryKey: ['sites'], queryFn: () => service.site.index() });
    const site = search.get('site') ?? String(sites.data?.sites[0]?.id ?? '');
    const boards = useQuery({ queryKey: ['boards', site], queryFn: () => service.board.index(site), enabled: site !== '' });
    return (
        <>
            <TopBar line="Boards" />
            <ListPage>
                <h1>Boards</h1>
                <ListBar>
                    <Select
                        label="Site"
                        value={site}
                        options={(sites.data?.sites ?? []).map(({ id, name }) => ({ value: String(id), label: name }))}
                        onChange={(chosen) => setSearch({ site: chosen }, { replace: true })}
                    />
                    {mayEdit(person) && site !== '' && <AddBoard key={site} site={site} />}
                    {site !== '' && (
                        <>
                            <a href={service.board.table(site)}>Export (CSV)</a>
                            <a href={service.board.lines(site)}>Save all as file</a>
                        </>
                    )}
                </ListBar>
                <NotLoaded what="boards" of={[sites, boards]} />
                {boards.data?.boards.length === 0 && (
                    <p>No boards yet. A board knows what its circuits do together: demand, fault current, dips, restart.</p>
                )}
                {boards.data !== undefined && boards.data.boards.length > 0 && (
                    <Scroll tabIndex={0} role="group" aria-label="Boards of the site">
                        <RuledTable>
                            <thead>
                                <tr>
                                    <th scope="col">Board</th>
                                    <th scope="col">Circuits</th>
                                    <th scope="col">Demand</th>
                                    <th scope="col">Feeder device</th>
                                    <th scope="col">Feeder size</th>
                                    <th scope="col">Fault current</th>
                                    <th scope="col">Deepest dip</th>
                                    <th scope="col">Transformer load</th>
                                </tr>
                            </thead>
                            <tbody>
                                {inOrder(boards.data.boards).map(({ board, depth }) => (
                                    <tr key={board.id}>
                                        <th scope="row" style={{ paddingLeft: 22 * depth }}>
                                            {board.worst !== 'none' && <GradeMark grade={board.worst} label={board.worst} />}{' '}
                                            <Link to={`/boards/${board.id}`}>{board.tag}</Link> <small>{board.problem}</small>
                                        </th>
                                        <td>{board.circuits}</td>
                                        <td>{board.demand ?? ''}</td>
                                        <td>{board.device ?? ''}</td>
                                        <td>{board.conductors ?? ''}</td>
                                        <td>{board.fault ?? ''}</td>
                                        <td>{board.dip ?? ''}</td>
                                        <td>{board.loading ?? ''}</td>
                                    </tr>
                                ))}
                            </tbody>
                        </RuledTable>
                    </Scroll>
                )}
            </ListPage>
        </>
    );
}

function AddBoard({ site }: { site: string }) {
    const navigate = useNavigate();
    const client = useQueryClient();
    const [tag, setTag] = useState('');
    const [problem, setProblem] = useState<string>();
    const [said, setSaid] = useState('');
    // One board, or one a line.
    const take = async (file: File) => {
        let taken = 0;
        try {
            const documents = (await file.text()).trim().split(/\r?\n(?=\{)/);
            for (const document of documents) {
                await service.board.take(site, { document: JSON.parse(document) as Readonly<Record<string, unknown>> });
                taken += 1;
            }
            setSaid(`${taken} read.`);
        } catch (error) {
            setSaid(`${taken} read. ${error instanceof SyntaxError ? 'The rest is not a board file.' : messageOf(error)}`);
        }
        await client.invalidateQueries({ queryKey: ['boards'] });
    };
    const add = () => {
        service.board.store(site, { tag }).then(
            async (board) => {
                await client.invalidateQueries({ queryKey: ['boards'] });
                void navigate(`/boards/${board.id}`);
            },
            (error: unknown) => setProblem((error instanceof ProblemError ? error.at('tag') : undefined) ?? messageOf(error)),
        );
    };
    return (
        <>
            <TextField label="New board" value={tag} error={problem} onChange={setTag} placeholder="MCC-1" />
            <Button kind="main" isDisabled={tag.trim() === ''} onPress={add}>
                Add board
            </Button>
            <FileTrigger
                acceptedFileTypes={['.json', '.jsonl', 'application/json']}
                onSelect={(files) => {
                    const [file] = [...(files ?? [])];
                    if (file !== undefined) {
                        void take(file);
                    }
                }}
            >
                <Button>Open board files</Button>
            </FileTrigger>
            <span role="status">{said}</span>
        </>
    );
}
