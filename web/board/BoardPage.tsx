import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { messageOf } from '../api/client';
import type { BoardAnswer, BoardSolved } from '../api/contract';
import { service } from '../api/service';
import { usePerson } from '../api/session';
import { useLeave } from '../bench/leave';
import { Button } from '../kit/Button';
import { FindingList } from '../kit/FindingList';
import { ListBar, ListPage, ListSection } from '../kit/ListPage';
import { RuledTable } from '../kit/RuledTable';
import { Scroll } from '../kit/Scroll';
import { TopBar } from '../kit/TopBar';
import { Waiting } from '../kit/Waiting';
import { CircuitPlaces, CircuitTable } from './BoardCircuits';
import { BoardFigures } from './BoardFigures';
import { BoardForm } from './BoardForm';
import { BoardShares } from './BoardShares';
import { BoardSheet } from './BoardSheet';
import { FeederLadder } from './FeederLadder';
import { shownOf } from './figures';
import { OneLinePicture } from './OneLinePicture';
import { RestartPicture } from './RestartPicture';
import { SelectivityMatrix } from './SelectivityMatrix';
import { StartPairs } from './StartPairs';
import { useBoard } from './useBoard';

/** A board of a site: its feeder, its circuits, and what they do together. */
export default function BoardPage() {
    const { id = '' } = useParams();
    const board = useQuery({ queryKey: ['board', id], queryFn: () => service.board.show(id), refetchOnWindowFocus: false, gcTime: 0 });
    if (board.isError) {
        return <Waiting title="Cannot open the board" text="Cannot reach the server, or this board does not exist." />;
    }
    return board.data === undefined ? <Waiting title="Loading…" /> : <Board key={id} first={board.data} />;
}

function Board({ first }: { first: BoardAnswer }) {
    const { answer, draft, change, status, refused, isSaved } = useBoard(first);
    const readOnly = usePerson()?.role === 'viewer';
    const { solved } = answer;
    const errors = [...(refused?.problem.errors ?? []), ...(solved?.errors ?? [])];
    const known = new Set([
        'tag',
        'fed_by',
        'circuits',
        ...answer.form.groups.flatMap(({ fields }) => fields.map(({ path }) => path)),
        ...answer.form.lists.flatMap(({ path, fields }) =>
            errors
                .map((error) => error.path)
                .filter((one) => fields.some((field) => new RegExp(`^${path}\\.\\d+\\.${field.path}$`).test(one))),
        ),
    ]);
    const errorAt = (path: string) => {
        const error = errors.find((one) => one.path === path);
        return error === undefined ? undefined : `${error.text} ${error.accepted}`;
    };
    const isAtCircuit = (path: string) => /^circuits\.\d+\.board\.(group|interlock|priority|start_power_factor)$/.test(path);
    const elsewhere = errors.filter(({ path }) => !known.has(path) && !isAtCircuit(path));
    return (
        <>
            <TopBar line={`${answer.site.name}, board ${answer.tag}`} />
            <ListPage $width={1200}>
                <h1>Board {answer.tag}</h1>
                <ListBar>
                    <Link to={`/boards?site=${answer.site.id}`}>All boards of {answer.site.name}</Link>
                    <Link to={`/?board=${answer.id}`}>Its circuits in the yard</Link>
                    <a href={service.board.document(answer.id)}>Save as file</a>
                    {!readOnly && <RemoveBoard board={answer} />}
                    <span role="status">{answer.stale ? 'Being calculated.' : status}</span>
                </ListBar>
                {elsewhere.map((error) => (
                    <p key={error.path + error.text} role="alert">
                        {placeOf(error.path, answer)} {error.text} {error.accepted}
                    </p>
                ))}
                {solved !== null && solved.figures.length > 0 && <OneLinePicture board={answer} solved={solved} />}
                <FindingList findings={solved?.findings ?? []} />
                {solved !== null && <CircuitTable solved={solved} />}
                <CircuitPlaces {...{ answer, draft, change, errorAt, readOnly }} />
                {solved !== null && solved.timetable.length > 0 && <RestartPicture steps={solved.timetable} />}
                {solved !== null && <ByHand solved={solved} />}
                <SelectivityMatrix matrix={solved?.matrix ?? []} />
                <StartPairs pairs={solved?.pairs ?? []} />
                <BoardShares shares={solved?.shares ?? []} />
                <ListSection aria-label="What is entered">
                    <h2>Supply and feeder</h2>
                    <BoardForm {...{ answer, draft, change, errorAt, readOnly }} />
                </ListSection>
                {solved !== null && solved.figures.length > 0 && (
                    <ListSection aria-label="Results">
                        <h2>Results</h2>
                        <FeederLadder ladder={solved.ladder} />
                        <BoardFigures figures={solved.figures} />
                        {solved.coils.length > 0 && (
                            <Scroll tabIndex={0} role="group" aria-label="Control cables">
                                <RuledTable>
                                    <caption>Longest control cables</caption>
                                    <thead>
                                        <tr>
                                            <th scope="col">Coil</th>
                                            <th scope="col">Pulls in up to</th>
                                            <th scope="col">Drops out up to</th>
                                            <th scope="col">Voltage at inrush</th>
                                        </tr>
                                    </thead>
                                    <tbody>
                                        {solved.coils.map((coil) => (
                                            <tr key={coil.tag}>
                                                <th scope="row">{coil.tag}</th>
                                                <td>{coil.pull_in}</td>
                                                <td>{coil.drop_out}</td>
                                                <td>{coil.inrush_voltage ?? ''}</td>
                                            </tr>
                                        ))}
                                    </tbody>
                                </RuledTable>
                            </Scroll>
                        )}
                    </ListSection>
                )}
                <BoardSheet answer={answer} isSaved={isSaved} />
                <p>
                    Have a licensed person check this against the local code. Isolate, lock out and prove dead before you work on a board;
                    what restarts by itself may start at any time.
                </p>
            </ListPage>
        </>
    );
}

/** Whoever restores the supply needs to know which ones wait for somebody. */
function ByHand({ solved }: { solved: BoardSolved }) {
    const waits = solved.circuits.filter(({ figures }) => shownOf(figures, 'feeder.restart_delay') === '').map(({ tag }) => tag);
    return waits.length === 0 || waits.length === solved.circuits.length ? null : (
        <p>Not back by themselves after a blackout: {waits.join(', ')}. Lock them out before the supply returns; start them by hand.</p>
    );
}

/** Where an error stands that has no field on this page: the circuit by its tag, never by a number. */
function placeOf(path: string, board: BoardAnswer): string {
    const tag =
        board.placed.find((_, n) => path.startsWith(`circuits.${n}.`))?.tag ??
        board.solved?.boards.find((_, n) => path.startsWith(`boards.${n}.`))?.tag;
    return tag === undefined ? '' : `${tag}:`;
}

function RemoveBoard({ board }: { board: BoardAnswer }) {
    const navigate = useNavigate();
    const client = useQueryClient();
    const leave = useLeave();
    const [said, setSaid] = useState('');
    if (board.placed.length > 0 || board.others.some(({ fed_by }) => fed_by === board.id)) {
        return null;
    }
    return (
        <>
            <Button
                onPress={() => {
                    service.board.destroy(board.id, { version: board.version }).then(
                        async () => {
                            await client.invalidateQueries({ queryKey: ['boards'] });
                            leave(() => void navigate(`/boards?site=${board.site.id}`));
                        },
                        (error: unknown) => setSaid(messageOf(error)),
                    );
                }}
            >
                Remove this board
            </Button>
            <span role="status">{said}</span>
        </>
    );
}
