import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import type { BoardAnswer } from '../api/contract';
import { service } from '../api/service';
import { Button } from '../kit/Button';
import { RuledTable } from '../kit/RuledTable';
import { Scroll } from '../kit/Scroll';
import { Select } from '../kit/Select';
import { TextField } from '../kit/TextField';
import { shownOf } from './figures';
import { FieldsOfRow, Folding } from './Rows';
import { textOf, type Place } from './typed';
import type { BoardDraft } from './useBoard';

const Found = styled.ul`
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    padding-top: 8px;
`;

const RESTARTS = [
    { value: '', label: 'Not specified' },
    { value: 'true', label: 'By itself' },
    { value: 'false', label: 'By hand' },
];

/** What the board does to each circuit, and each circuit to the board. */
export function CircuitTable({ solved }: { solved: NonNullable<BoardAnswer['solved']> }) {
    if (solved.circuits.length + solved.boards.length === 0) {
        return <p>No circuits yet. Add the circuits that this board feeds.</p>;
    }
    return (
        <Scroll tabIndex={0} role="group" aria-label="Circuits of this board">
            <RuledTable>
                <caption>Circuits</caption>
                <thead>
                    <tr>
                        <th scope="col">Circuit</th>
                        <th scope="col">Current</th>
                        <th scope="col">Device</th>
                        <th scope="col">Fault current to break</th>
                        <th scope="col">Selective with the feeder</th>
                        <th scope="col">Drop with feeder</th>
                        <th scope="col">Dip at its start</th>
                        <th scope="col">Restart after</th>
                    </tr>
                </thead>
                <tbody>
                    {solved.circuits.map(({ id, tag, drives, device, figures }) => (
                        <tr key={id}>
                            <th scope="row">
                                <Link to={`/circuits/${id}`}>{tag}</Link> <small>{drives}</small>
                            </th>
                            <td>{shownOf(figures, 'power.design_current')}</td>
                            <td>{device ?? ''}</td>
                            <td>{shownOf(figures, 'feeder.circuit_fault_current')}</td>
                            <td>{shownOf(figures, 'feeder.selectivity')}</td>
                            <td>{shownOf(figures, 'feeder.total_drop')}</td>
                            <td>{shownOf(figures, 'feeder.circuit_start_dip')}</td>
                            <td>{shownOf(figures, 'feeder.restart_delay')}</td>
                        </tr>
                    ))}
                    {solved.boards.map(({ id, tag, figures }) => (
                        <tr key={id}>
                            <th scope="row">
                                Board <Link to={`/boards/${id}`}>{tag}</Link>
                            </th>
                            <td>{shownOf(figures, 'feeder.running_current')}</td>
                            <td>{shownOf(figures, 'feeder.scpd_rating')}</td>
                            <td>{shownOf(figures, 'feeder.fault_current')}</td>
                            <td>{shownOf(figures, 'feeder.selectivity')}</td>
                            <td />
                            <td />
                            <td />
                        </tr>
                    ))}
                </tbody>
            </RuledTable>
        </Scroll>
    );
}

/** Which circuits it feeds, in which order, and what each does there. */
export function CircuitPlaces({
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
    const { placed } = draft;
    const [isOpen, setOpen] = useState(placed.length === 0);
    const put = (n: number, key: string, value: string) =>
        change({ placed: placed.map((one, i) => (i === n ? { ...one, place: { ...one.place, [key]: value } } : one)) });
    const move = (n: number, by: number) => {
        const next = [...placed];
        const [one] = next.splice(n, 1);
        if (one !== undefined) {
            next.splice(n + by, 0, one);
            change({ placed: next });
        }
    };
    const field = (n: number, key: string, label: string, place: Place['place'], tag: string) => (
        <TextField
            label={label}
            labelFor={tag}
            value={textOf(place[key])}
            isReadOnly={readOnly}
            error={errorAt(`circuits.${n}.board.${key}`)}
            onChange={(value) => put(n, key, value)}
        />
    );
    const isAmerican = !answer.form.lists.some(({ path }) => path === 'groups');
    return (
        <Folding open={isOpen} onToggle={(event) => setOpen(event.currentTarget.open)}>
            <summary>Circuits of this board, their groups and restart</summary>
            {placed.map(({ id, tag, place }, n) => (
                <FieldsOfRow key={id}>
                    <legend>{tag}</legend>
                    {!isAmerican && field(n, 'group', 'Group', place, tag)}
                    {field(n, 'interlock', 'Interlock', place, tag)}
                    <Select
                        label="Restart"
                        value={textOf(place['restart'])}
                        options={RESTARTS}
                        isDisabled={readOnly}
                        onChange={(value) => put(n, 'restart', value)}
                    />
                    {field(n, 'priority', 'Priority, 1 first', place, tag)}
                    {field(n, 'start_power_factor', 'Power factor at start', place, tag)}
                    {!readOnly && (
                        <>
                            <Button isDisabled={n === 0} onPress={() => move(n, -1)} aria-label={`Move ${tag} up`}>
                                Up
                            </Button>
                            <Button
                                aria-label={`Take ${tag} off this board`}
                                onPress={() => change({ placed: placed.filter((_, i) => i !== n) })}
                            >
                                Take off
                            </Button>
                        </>
                    )}
                </FieldsOfRow>
            ))}
            {!readOnly && (
                <AddCircuits
                    site={answer.site.id}
                    here={placed.map(({ id }) => id)}
                    onAdd={(added) => change({ placed: [...placed, { ...added, place: {} }] })}
                />
            )}
            {errorAt('circuits') !== undefined && <p role="alert">{errorAt('circuits')}</p>}
        </Folding>
    );
}

/** Circuits of the site, found by what is typed. */
function AddCircuits({
    site,
    here,
    onAdd,
}: {
    site: number;
    here: readonly number[];
    onAdd: (circuit: { id: number; tag: string; drives: string }) => void;
}) {
    const [search, setSearch] = useState('');
    const found = useQuery({
        queryKey: ['circuits', 'for-board', site, search],
        queryFn: ({ signal }) => service.circuit.index({ site, search }, signal),
    });
    const rest = (found.data?.circuits ?? []).filter(({ id }) => !here.includes(id));
    return (
        <section aria-label="Add circuits">
            <TextField label="Add a circuit" hint="Tag, machine or area." value={search} onChange={setSearch} />
            {found.isError && <p role="alert">{found.error.message}</p>}
            <Found>
                {rest.slice(0, 24).map(({ id, tag, drives, board }) => (
                    <li key={id}>
                        <Button
                            onPress={() => onAdd({ id, tag, drives })}
                            aria-label={board === null ? `Add ${tag}` : `Move ${tag} here from board ${board}`}
                        >
                            {tag}
                            {board !== null && <small> from {board}</small>}
                        </Button>
                    </li>
                ))}
            </Found>
            {rest.some(({ board }) => board !== null) && <p>A circuit hangs on one board: the board named beside it loses it.</p>}
            {rest.length > 24 && <p>{rest.length - 24} more: type part of the tag.</p>}
        </section>
    );
}
