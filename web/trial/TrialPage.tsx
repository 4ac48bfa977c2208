import { useQuery } from '@tanstack/react-query';
import { type SyntheticEvent, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { ProblemError } from '../api/client';
import { service } from '../api/service';
import { FIELDS } from '../api/contract';
import { mayEdit, usePerson } from '../api/session';
import { Button } from '../kit/Button';
import { plural } from '../kit/Grade';
import { ListBar, ListPage, ListSection } from '../kit/ListPage';
import { Select } from '../kit/Select';
import { TextField } from '../kit/TextField';
import { TopBar } from '../kit/TopBar';
import { counted, gravestFirst } from './gravest';
import { TrialTable } from './TrialTable';
import { useTrial } from './useTrial';

const Entries = styled.div`
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
    gap: 12px 18px;
`;

/** What of a supply is tried most: the room, the voltage, and how stiff it is. */
const TRIED = [
    'ambient',
    'voltage',
    'fault_level_kva',
    'transformer_kva',
    'transformer_impedance_percent',
    'x_over_r',
    'altitude',
    'unbalance',
] as const;

/** Another ambient, supply or fault level on trial: which circuits of a site would change, before chosen ones take it. */
export default function TrialPage() {
    const person = usePerson();
    const [search, setSearch] = useSearchParams();
    const sites = useQuery({ queryKey: ['sites'], queryFn: () => service.site.index() });
    const id = search.get('site') ?? String(sites.data?.sites[0]?.id ?? '');
    const site = sites.data?.sites.find((one) => String(one.id) === id);
    const { trial, problem, taken, busy, begin, stop, take } = useTrial();
    const [chosen, setChosen] = useState<ReadonlySet<number>>(new Set());
    const supply = Object.fromEntries(
        TRIED.map((name) => [name, search.get(name) ?? ''] as const).filter(([, text]) => text.trim() !== ''),
    );
    const at = (path: string) => (problem instanceof ProblemError ? problem.at(path) : undefined);
    const set = (name: string, value: string) =>
        setSearch(
            (before) => {
                const next = new URLSearchParams(before);
                if (value === '') {
                    next.delete(name);
                } else {
                    next.set(name, value);
                }
                return next;
            },
            { replace: true },
        );
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        setChosen(new Set());
        void begin(id, supply);
    };
    const done = new Set(taken.filter((one) => one.problem === '').map(({ circuit }) => circuit));
    const toTake = (trial?.rows ?? []).filter(({ circuit }) => chosen.has(circuit) && !done.has(circuit));
    const present = (name: string) => site?.supply[name] ?? null;
    return (
        <>
            <TopBar line="What if" />
            <ListPage>
                <h1>What if the supply changes?</h1>
                <p>Enter what would be different. All circuits of the site are calculated with it; nothing is saved until you choose.</p>
                <form onSubmit={submit} aria-label="Supply to try" noValidate>
                    <ListSection as="div">
                        <ListBar>
                            <Select
                                label="Site"
                                value={id}
                                options={(sites.data?.sites ?? []).map((one) => ({ value: String(one.id), label: one.name }))}
                                onChange={(value) => set('site', value)}
                            />
                        </ListBar>
                        <Entries>
                            {TRIED.map((name) => (
                                <TextField
                                    key={name}
                                    label={FIELDS[`supply.${name}`].label}
                                    unit={FIELDS[`supply.${name}`].unit}
                                    value={search.get(name) ?? ''}
                                    onChange={(value) => set(name, value)}
                                    error={at(`supply.${name}`)}
                                    hint={present(name) === null ? 'unchanged if empty' : `new circuits here: ${String(present(name))}`}
                                />
                            ))}
                        </Entries>
                        {at('supply') !== undefined && <p role="alert">{at('supply')}</p>}
                        <ListBar>
                            <Button kind="main" type="submit" isDisabled={busy || id === ''}>
                                Try it on all circuits
                            </Button>
                            {busy && trial?.isOver !== true && <Button onPress={stop}>Stop</Button>}
                            <span role="status">
                                {trial !== null && !trial.isOver && `${trial.tried} of ${plural(trial.total, 'circuit')} tried`}
                                {problem !== null && at('supply') === undefined && problem.message}
                            </span>
                        </ListBar>
                    </ListSection>
                </form>
                {trial !== null && (
                    <ListSection aria-label="What would change">
                        <h2>
                            {trial.rows.length === 0
                                ? 'No size, device, setting, stop or caution changes'
                                : `${plural(trial.rows.length, 'circuit')} of ${trial.tried} would change`}
                        </h2>
                        {trial.rows.length > 0 && (
                            <>
                                <p>{counted(trial.rows)}</p>
                                <TrialTable
                                    rows={gravestFirst(trial.rows)}
                                    taken={taken}
                                    mayChoose={mayEdit(person) && trial.isOver}
                                    chosen={chosen}
                                    onChoose={setChosen}
                                />
                                {mayEdit(person) ? (
                                    <ListBar>
                                        <Button
                                            kind="main"
                                            isDisabled={toTake.length === 0 || busy}
                                            onPress={() => void take(trial, toTake)}
                                        >
                                            {toTake.length === 0
                                                ? 'Choose circuits first'
                                                : `Enter it in ${plural(toTake.length, 'circuit')}`}
                                        </Button>
                                        <span role="status">
                                            {done.size > 0 && `Entered in ${plural(done.size, 'circuit')}.`}{' '}
                                            {done.size > 0 && person?.role === 'administrator' && (
                                                <Link to="/setup">Change it for new circuits of this site too</Link>
                                            )}
                                        </span>
                                    </ListBar>
                                ) : (
                                    <p>
                                        You can look. An electrician, a reviewer or an administrator can enter it in these circuits: send
                                        them the address of this page, the values are in it.
                                    </p>
                                )}
                            </>
                        )}
                    </ListSection>
                )}
            </ListPage>
        </>
    );
}
