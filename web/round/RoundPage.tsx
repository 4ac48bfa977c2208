import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import styled from 'styled-components';
import { messageOf } from '../api/client';
import { service } from '../api/service';
import { mayEdit, usePerson } from '../api/session';
import { Button } from '../kit/Button';
import { ListPage } from '../kit/ListPage';
import { NotLoaded } from '../kit/NotLoaded';
import { Select } from '../kit/Select';
import { TopBar } from '../kit/TopBar';
import { token } from '../theme/tokens';
import { RoundView } from './RoundView';

const Bar = styled.div`
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(180px, 1fr));
    gap: 12px 18px;
    align-items: end;
`;

const Past = styled.ol`
    li {
        padding: 6px 0;
        border-top: 1px solid ${token.rule};
    }
`;

/** A round through an area with a phone: what hangs on the doors held against what is there. */
export default function RoundPage() {
    const person = usePerson();
    const client = useQueryClient();
    const [search, setSearch] = useSearchParams();
    const [area, setArea] = useState('');
    const [problem, setProblem] = useState('');
    const sites = useQuery({ queryKey: ['sites'], queryFn: () => service.site.index() });
    const site = sites.data?.sites.find(({ id }) => String(id) === search.get('site')) ?? sites.data?.sites[0];
    const open = search.get('round');
    const past = useQuery({
        queryKey: ['rounds', site?.id],
        queryFn: () => service.round.index(site?.id ?? ''),
        enabled: site !== undefined && open === null,
    });
    if (open !== null) {
        return (
            <>
                <TopBar line="Rounds" />
                <ListPage $width={760}>
                    <RoundView key={open} id={open} onClose={() => setSearch(site === undefined ? {} : { site: String(site.id) })} />
                </ListPage>
            </>
        );
    }
    const begin = async () => {
        setProblem('');
        try {
            const round = await service.round.begin(site?.id ?? '', { area });
            await client.invalidateQueries({ queryKey: ['rounds'] });
            setSearch({ site: String(site?.id ?? ''), round: String(round.id) });
        } catch (error) {
            setProblem(messageOf(error));
        }
    };
    return (
        <>
            <TopBar line="Rounds" />
            <ListPage $width={760}>
                <h1>Rounds</h1>
                <p>Walk from motor to motor and compare each with its sheet. Any difference is checked at once.</p>
                <Bar>
                    <Select
                        label="Site"
                        value={String(site?.id ?? '')}
                        options={(sites.data?.sites ?? []).map(({ id, name }) => ({ value: String(id), label: name }))}
                        onChange={(chosen) => setSearch({ site: chosen }, { replace: true })}
                    />
                    <Select
                        label="Area"
                        value={area}
                        options={[{ value: '', label: 'All areas' }, ...(site?.areas ?? []).map((name) => ({ value: name, label: name }))]}
                        onChange={setArea}
                    />
                    {mayEdit(person) && (
                        <Button kind="main" isDisabled={site === undefined} onPress={() => void begin()}>
                            Start a round
                        </Button>
                    )}
                </Bar>
                <NotLoaded what="sites and rounds" of={[sites, past]} />
                {problem !== '' && <p role="alert">{problem}</p>}
                <Past aria-label="Rounds so far">
                    {past.data?.rounds.map((round) => (
                        <li key={round.id}>
                            <Button kind="quiet" onPress={() => setSearch({ site: String(round.site), round: String(round.id) })}>
                                {round.area === '' ? 'All areas' : round.area}
                            </Button>{' '}
                            {round.at.slice(0, 10)}, {round.by}
                            {round.ended ? '' : ', in progress'}
                        </li>
                    ))}
                </Past>
            </ListPage>
        </>
    );
}
