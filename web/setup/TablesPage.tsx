import { useQuery, useQueryClient } from '@tanstack/react-query';
import { type SyntheticEvent, useState } from 'react';
import { useParams } from 'react-router';
import styled from 'styled-components';
import { errorOf, ProblemError } from '../api/client';
import { service } from '../api/service';
import type { TableCorrection, TableDoubt, TablesAnswer } from '../api/contract';
import { usePerson } from '../api/session';
import { Button } from '../kit/Button';
import { TextField } from '../kit/TextField';
import { TopBar } from '../kit/TopBar';
import { Waiting } from '../kit/Waiting';
import { narrow, token } from '../theme/tokens';
import { useKept } from '../away/useKept';
import { content } from '../kit/SkipLink';

const Page = styled.main.attrs(content)`
    display: grid;
    gap: 22px;
    max-width: 1000px;
    margin: 0 auto;
    padding: 20px 24px 60px;
    h1 {
        font-size: 24px;
        font-weight: 600;
    }
    h2 {
        padding-top: 10px;
        border-top: 2px solid ${token.ink};
        font-size: 19px;
        font-weight: 600;
    }
    section,
    ul {
        display: grid;
        gap: 10px;
    }
    @media ${narrow} {
        padding: 14px 14px 40px;
    }
`;

const Entry = styled.li`
    display: grid;
    gap: 6px;
    padding: 12px 14px;
    border: 1px solid ${token.rule};
    border-left: 4px solid ${token.edge};
    background: ${token.sheet};
    > h3 {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 14px;
        justify-content: space-between;
        font-size: 16px;
        font-weight: 600;
    }
    > p {
        color: ${token.soft};
    }
    form {
        display: grid;
        grid-template-columns: minmax(110px, 1fr) minmax(90px, 1fr) minmax(160px, 3fr) auto;
        gap: 10px;
        align-items: end;
    }
    @media ${narrow} {
        form {
            grid-template-columns: 1fr;
        }
    }
`;

/** Entries of the tables behind a site's circuits that memory is not sure of: held against the printed book, confirmed or corrected. */
export default function TablesPage() {
    const { id = '' } = useParams();
    const admin = usePerson()?.role === 'administrator';
    const tables = useQuery({
        queryKey: ['tables', id],
        queryFn: () => service.table.index(id),
        // While circuits are solved anew, how far that is.
        refetchInterval: (query) => (query.state.data?.recompute?.state === 'under_way' ? 1000 : false),
    });
    if (tables.isError) {
        return <Waiting title="Cannot open the tables" text="Cannot reach the server, or this site does not exist." />;
    }
    if (tables.data === undefined) {
        return <Waiting title="Loading…" />;
    }
    const { site, doubts, corrections } = tables.data;
    return (
        <>
            <TopBar line={`${site.name}, tables`} />
            <Page>
                <h1>Tables of {site.name}</h1>
                <p>
                    All tables were entered from memory. Check these values against the printed code in force; the printed code governs. A
                    confirmed value is no longer marked. A corrected value is used from now on and shown with your name, the date and the
                    reason.
                </p>
                <Progress answer={tables.data} admin={admin} />
                <section aria-label="Not verified">
                    <h2>Not verified, used by circuits at this site</h2>
                    {doubts.length === 0 && <p>No circuit at this site uses an unverified value.</p>}
                    <ul>
                        {doubts.map((doubt) => (
                            <Doubted key={doubt.path} doubt={doubt} site={site.id} version={site.version} admin={admin} />
                        ))}
                    </ul>
                </section>
                <section aria-label="Confirmed or corrected">
                    <h2>Confirmed or corrected by this site</h2>
                    {corrections.length === 0 && <p>None yet.</p>}
                    <ul>
                        {corrections.map((correction) => (
                            <Corrected key={correction.path} correction={correction} site={site.id} version={site.version} admin={admin} />
                        ))}
                    </ul>
                </section>
            </Page>
        </>
    );
}

function Progress({ answer: { recompute, site }, admin }: { answer: TablesAnswer; admin: boolean }) {
    const client = useQueryClient();
    if (recompute === null || recompute.state === 'done') {
        return null;
    }
    const act = async (work: Promise<TablesAnswer>) => {
        client.setQueryData(['tables', String(site.id)], await work);
    };
    const under = recompute.state === 'under_way';
    return (
        <div role="status">
            <p>
                {under
                    ? `Recalculating circuits: ${recompute.done} of ${recompute.total}. You can leave this page.`
                    : recompute.state === 'cancelled'
                      ? 'Recalculation cancelled. Some results in the yard are out of date.'
                      : 'Some circuits could not be recalculated. Their results in the yard are out of date.'}
            </p>
            {under && <progress value={recompute.done} max={recompute.total} aria-label="Circuits recalculated" />}
            {admin && (
                <Button onPress={() => void act(under ? service.table.cancel(site.id) : service.table.begin(site.id))}>
                    {under ? 'Cancel' : 'Recalculate'}
                </Button>
            )}
        </div>
    );
}

const withUnit = (shown: string, unit: string) => shown + (unit === '' ? '' : ` (${unit})`);

function Doubted({ doubt, site, version, admin }: { doubt: TableDoubt; site: number; version: number; admin: boolean }) {
    const client = useQueryClient();
    const form = `correction:${site}:${doubt.path}`;
    const [value, setValue] = useKept(`${form}:value`, doubt.value === null ? '' : doubt.shown);
    const [page, setPage] = useKept(`${form}:page`, '');
    const [why, setWhy] = useKept(`${form}:why`, '');
    const [problem, setProblem] = useState<Error | null>(null);
    const at = (path: string) => (problem instanceof ProblemError ? problem.at(path) : undefined);
    const confirms = doubt.value !== null && value.trim() === doubt.shown;
    const submit = async (event: SyntheticEvent) => {
        event.preventDefault();
        setProblem(null);
        try {
            const answer = await service.table.store(site, {
                path: doubt.path,
                value: confirms ? (doubt.value ?? '') : value,
                page,
                why,
                version,
            });
            setValue(doubt.value === null ? '' : doubt.shown);
            setPage('');
            setWhy('');
            client.setQueryData(['tables', String(site)], answer);
            await client.invalidateQueries({ queryKey: ['sites'] });
        } catch (error) {
            setProblem(errorOf(error));
            // What stands by now is shown; what was typed here stays.
            await client.invalidateQueries({ queryKey: ['tables', String(site)] });
        }
    };
    return (
        <Entry>
            <h3>
                <span>
                    {doubt.table}: {doubt.place}
                </span>
                <span>{withUnit(doubt.shown, doubt.unit)}</span>
            </h3>
            <p>
                {doubt.reason}. Used by {doubt.circuits === 1 ? 'one circuit' : `${doubt.circuits} circuits`}. Edition {doubt.edition}, from
                memory.
            </p>
            {admin && (
                <form onSubmit={(event) => void submit(event)} aria-label={`${doubt.table}, ${doubt.place}`}>
                    <TextField label="Printed value" value={value} onChange={setValue} error={at('value')} />
                    <TextField label="Page" value={page} onChange={setPage} error={at('page')} />
                    <TextField label="Edition and reason" value={why} onChange={setWhy} error={at('why')} />
                    <Button type="submit" kind="main">
                        {confirms ? 'Confirm' : 'Correct'}
                    </Button>
                    {problem !== null && !(problem instanceof ProblemError && problem.problem.errors.length > 0) && (
                        <span role="alert">{problem.message}</span>
                    )}
                </form>
            )}
        </Entry>
    );
}

function Corrected({ correction, site, version, admin }: { correction: TableCorrection; site: number; version: number; admin: boolean }) {
    const client = useQueryClient();
    const [problem, setProblem] = useState<Error | null>(null);
    const back = async () => {
        setProblem(null);
        try {
            const answer = await service.table.destroy(site, { path: correction.path, version });
            client.setQueryData(['tables', String(site)], answer);
            await client.invalidateQueries({ queryKey: ['sites'] });
        } catch (error) {
            setProblem(errorOf(error));
            await client.invalidateQueries({ queryKey: ['tables', String(site)] });
        }
    };
    return (
        <Entry>
            <h3>
                <span>
                    {correction.table}: {correction.place}
                </span>
                <span>{withUnit(correction.shown, correction.unit)}</span>
            </h3>
            <p>
                {correction.confirmed ? 'Confirmed' : `Corrected, original value ${correction.shipped},`} by {correction.by} on{' '}
                {correction.on}
                {correction.page === '' ? '' : `, page ${correction.page}`}: {correction.why}
            </p>
            {admin && <Button onPress={() => void back()}>Undo correction</Button>}
            {problem !== null && <span role="alert">{problem.message}</span>}
        </Entry>
    );
}
