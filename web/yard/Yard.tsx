import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useLocation, useNavigate, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { messageOf } from '../api/client';
import { service } from '../api/service';
import { mayEdit, usePerson } from '../api/session';
import { isAway } from '../away/away';
import { beginHere } from '../away/begun';
import { isAwayError, lastSeen } from '../away/lastSeen';
import { canCalculate } from '../carried/carried';
import { UnsavedList } from '../away/UnsavedList';
import { useKeys } from '../bench/keys';
import { Button } from '../kit/Button';
import { Actions, Dialog } from '../kit/Dialog';
import { plural } from '../kit/Grade';
import { Segments } from '../kit/Segments';
import { Select } from '../kit/Select';
import { TextField } from '../kit/TextField';
import { TopBar } from '../kit/TopBar';
import { narrow, token } from '../theme/tokens';
import { understood } from './asked';
import { GROUPED, Groups, isGroupedBy } from './Groups';
import { YardTable } from './YardTable';
import { content } from '../kit/SkipLink';

const Page = styled.main.attrs(content)`
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 14px;
    max-width: 1280px;
    margin: 0 auto;
    padding: 18px 24px 48px;
    min-width: 0;
    > * {
        min-width: 0;
    }
    @media ${narrow} {
        padding: 12px 12px 40px;
    }
`;

const Head = styled.div`
    display: flex;
    flex-wrap: wrap;
    gap: 10px 20px;
    align-items: end;
    justify-content: space-between;
    h1 {
        font-size: 24px;
        font-weight: 600;
        line-height: 1.2;
    }
    p {
        color: ${token.soft};
    }
`;

const Filters = styled.div`
    display: grid;
    grid-template-columns: minmax(200px, 2fr) repeat(3, minmax(110px, 1fr)) minmax(330px, 1.6fr);
    gap: 12px;
    align-items: end;
    @media ${narrow} {
        grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
        > :first-child,
        > :last-child {
            grid-column: 1 / -1;
        }
    }
`;

const Empty = styled.p`
    padding: 40px 20px;
    border: 1px dashed ${token.edge};
    text-align: center;
    color: ${token.soft};
`;

const Sites = styled.ul`
    display: grid;
    gap: 8px;
    button {
        width: 100%;
    }
`;

const Chosen = styled.ul`
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
`;

const Undo = styled.p`
    display: flex;
    flex-wrap: wrap;
    gap: 8px 16px;
    align-items: center;
    padding: 8px 14px;
    border-left: 4px solid ${token.accent};
    background: ${token.wash};
`;

const GRADES = [
    { value: 'all', label: 'All' },
    { value: 'stop', label: 'Stops' },
    { value: 'caution', label: 'Cautions' },
    { value: 'clear', label: 'Notes only' },
] as const;

/** While the service is away it is asked again. */
const AGAIN_MS = 5000;

/** All circuits of the sites: find, filter, open, begin one. */
export default function Yard() {
    const person = usePerson();
    const navigate = useNavigate();
    const [written, setParams] = useSearchParams();
    const params = useMemo(() => understood(written), [written]);
    const [choosing, setChoosing] = useState(false);
    const [wanted, setWanted] = useState(params.get('search') ?? '');
    const searchBox = useRef<HTMLDivElement>(null);
    const sites = useQuery({ queryKey: ['sites'], queryFn: () => lastSeen('sites', () => service.site.index()) }).data?.sites ?? [];
    const change = (name: string, value: string) => {
        setParams(
            (before) => {
                const next = new URLSearchParams(before);
                if (value === '') {
                    next.delete(name);
                } else {
                    next.set(name, value);
                }
                if (name !== 'page') {
                    next.delete('page');
                }
                return next;
            },
            { replace: true },
        );
    };
    useEffect(() => {
        const timer = setTimeout(() => {
            if ((params.get('search') ?? '') !== wanted) {
                change('search', wanted);
            }
        }, 150);
        return () => clearTimeout(timer);
    });
    const grade = params.get('worst') ?? 'all';
    const asked = new URLSearchParams(params);
    if (grade === 'clear') {
        asked.set('worst', 'note');
    }
    const register = useQuery({
        queryKey: ['register', asked.toString()],
        queryFn: ({ signal }) =>
            lastSeen(
                `register:${asked.toString()}`,
                () => service.circuit.index(Object.fromEntries(asked), signal),
                asked.has('archived') ? undefined : 'register',
            ),
        placeholderData: keepPreviousData,
        refetchInterval: () => (isAway() ? AGAIN_MS : false),
    });
    const [problem, setProblem] = useState<string | null>(null);
    const act = (work: () => Promise<void>) => {
        setProblem(null);
        work().catch((reason: unknown) => setProblem(messageOf(reason)));
    };
    const create = (site: number) => {
        setChoosing(false);
        act(async () => {
            const made = await service.circuit.store({ site_id: site }).catch((reason: unknown) => {
                const here = sites.find((one) => one.id === site);
                // Without the service it begins on this device, and goes up later.
                if (here === undefined || !isAwayError(reason) || !canCalculate()) {
                    throw reason;
                }
                return beginHere(here);
            });
            // A new circuit begins in its first stamp.
            void navigate(`/circuits/${made.id}/plate`, { state: { to: { field: 'plate.power' } } });
        });
    };
    const begin = () => {
        const only = sites.find((site) => String(site.id) === params.get('site')) ?? (sites.length === 1 ? sites[0] : undefined);
        if (only !== undefined) {
            create(only.id);
        } else {
            setChoosing(true);
        }
    };
    const editor = mayEdit(person);
    // A key pressed in a bench arrives here with what it wanted.
    const arrived = useLocation().state as { find?: boolean; begin?: boolean; archived?: { id: number; tag: string } } | null;
    const client = useQueryClient();
    const restore = (id: number) =>
        act(async () => {
            await service.circuit.restore(id);
            await client.invalidateQueries({ queryKey: ['register'] });
            void navigate('/', { replace: true, state: null });
        });
    useEffect(() => {
        if (arrived?.find === true) {
            searchBox.current?.querySelector('input')?.focus();
        }
        if (arrived?.begin === true) {
            setChoosing(true);
        }
    }, [arrived]);
    useKeys({ '/': () => searchBox.current?.querySelector('input')?.focus(), ...(editor ? { n: begin } : {}) });
    const data = register.data;
    const archived = params.get('archived') === '1';
    const filtered = ['search', 'site', 'worst', 'area', 'device', 'cable', 'board', 'starting', 'archived'].some((name) =>
        params.has(name),
    );
    const areas = [
        ...new Set(sites.filter((site) => !params.has('site') || String(site.id) === params.get('site')).flatMap((site) => site.areas)),
    ];
    const grouped = params.get('group');
    const group = isGroupedBy(grouped) ? grouped : null;
    const chosen = (['board', 'device', 'cable', 'starting'] as const).flatMap((name) => {
        const value = params.get(name);
        return value === null ? [] : [[name, value] as const];
    });
    const page = data?.page ?? 1;
    const pages = data === undefined ? 1 : Math.max(1, Math.ceil(data.total / data.page_size));
    return (
        <>
            <TopBar line={person?.name ?? ''} title={archived ? 'Archived circuits' : 'Yard'} />
            <Page>
                <Head>
                    <div>
                        <h1>{archived ? 'Archived circuits' : 'Yard'}</h1>
                        <p role="status">
                            {data === undefined
                                ? 'Loading…'
                                : `${plural(data.total, 'circuit')}${filtered ? ' found' : ` on ${plural(sites.length, 'site')}`}`}
                        </p>
                    </div>
                    {editor && (
                        <Button kind="main" onPress={begin}>
                            New circuit
                        </Button>
                    )}
                </Head>
                <UnsavedList />
                {problem !== null && <Undo role="alert">{problem}</Undo>}
                {register.isError && (
                    <Undo role="alert">{register.error.message} Offline. The yard has not been opened on this device before.</Undo>
                )}
                {arrived?.archived !== undefined && (
                    <Undo role="status">
                        {arrived.archived.tag} is archived, with its revisions.
                        <Button onPress={() => restore(arrived.archived?.id ?? 0)}>Undo</Button>
                    </Undo>
                )}
                <Filters>
                    <div ref={searchBox}>
                        <TextField
                            label="Find by tag, machine, area, device, cable or setting"
                            value={wanted}
                            onChange={setWanted}
                            type="search"
                        />
                    </div>
                    <Select
                        label="Site"
                        value={params.get('site') ?? ''}
                        onChange={(value) => change('site', value)}
                        options={[
                            { value: '', label: 'All sites' },
                            ...sites.map((site) => ({ value: String(site.id), label: site.name })),
                        ]}
                    />
                    <Select
                        label="Area"
                        value={params.get('area') ?? ''}
                        onChange={(value) => change('area', value)}
                        options={[{ value: '', label: 'All areas' }, ...areas.map((area) => ({ value: area, label: area }))]}
                    />
                    <Select label="Count by" value={group ?? ''} options={[...GROUPED]} onChange={(value) => change('group', value)} />
                    <Segments
                        label="Worst finding"
                        value={grade}
                        options={GRADES}
                        onChange={(value) => change('worst', value === 'all' ? '' : value)}
                    />
                </Filters>
                {chosen.length > 0 && (
                    <Chosen aria-label="Shown alone">
                        {chosen.map(([name, value]) => (
                            <li key={name}>
                                <Button onPress={() => change(name, '')}>
                                    {GROUPED.find((one) => one.value === name)?.label}: {data?.circuits[0]?.[name] ?? value}, remove
                                </Button>
                            </li>
                        ))}
                    </Chosen>
                )}
                {group !== null && data !== undefined && (
                    <Groups by={group} groups={data.groups} onChoose={(value) => change(group, value)} />
                )}
                {data !== undefined && data.circuits.length === 0 ? (
                    <Empty>
                        {filtered
                            ? 'No circuits match. Remove a filter.'
                            : 'No circuits yet. Tap “New circuit” and enter the nameplate of a motor.'}
                    </Empty>
                ) : (
                    <YardTable
                        {...(archived && editor ? { onRestore: restore } : {})}
                        rows={data?.circuits ?? []}
                        sites={sites}
                        sort={params.get('sort') ?? 'tag'}
                        down={params.get('down') === '1'}
                        onSort={(sort, down) => {
                            setParams(
                                (before) => {
                                    const next = new URLSearchParams(before);
                                    next.set('sort', sort);
                                    if (down) {
                                        next.set('down', '1');
                                    } else {
                                        next.delete('down');
                                    }
                                    next.delete('page');
                                    return next;
                                },
                                { replace: true },
                            );
                        }}
                    />
                )}
                <p>
                    <Button onPress={() => change('archived', archived ? '' : '1')}>
                        {archived ? 'Back to the yard' : 'Show archived circuits'}
                    </Button>
                </p>
                {pages > 1 && (
                    <Actions>
                        <Button isDisabled={page <= 1} onPress={() => change('page', String(page - 1))}>
                            Previous
                        </Button>
                        <span>
                            Page {page} of {pages}
                        </span>
                        <Button isDisabled={page >= pages} onPress={() => change('page', String(page + 1))}>
                            Next
                        </Button>
                    </Actions>
                )}
            </Page>
            <Dialog title="New circuit: choose the site" open={choosing} onClose={() => setChoosing(false)}>
                <p>The circuit starts with the supply, rule book and settings of the site.</p>
                <Sites>
                    {sites.map((site) => (
                        <li key={site.id}>
                            <Button onPress={() => create(site.id)}>
                                {site.name}: {site.facts}
                            </Button>
                        </li>
                    ))}
                </Sites>
                <Actions>
                    <Button onPress={() => setChoosing(false)}>Cancel</Button>
                </Actions>
            </Dialog>
        </>
    );
}
