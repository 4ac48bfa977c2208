import { useQuery } from '@tanstack/react-query';
import { useSearchParams } from 'react-router';
import styled from 'styled-components';
import { call } from '../api/client';
import type { SitesAnswer } from '../api/contract';
import { mayEdit, usePerson } from '../api/session';
import { Select } from '../kit/Select';
import { TopBar } from '../kit/TopBar';
import { narrow, token } from '../theme/tokens';
import { Imports } from './Imports';
import { Schedules } from './Schedules';

const Page = styled.main`
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 18px;
    max-width: 1100px;
    margin: 0 auto;
    padding: 20px 24px 60px;
    h1 {
        font-size: 24px;
        font-weight: 600;
    }
    h2 {
        padding-top: 10px;
        border-top: 2px solid ${token.ink};
        font-size: 18px;
        font-weight: 600;
    }
    section {
        display: grid;
        grid-template-columns: minmax(0, 1fr);
        gap: 12px;
    }
    @media ${narrow} {
        padding: 14px 14px 40px;
    }
`;

const Links = styled.ul`
    display: flex;
    flex-wrap: wrap;
    gap: 8px 24px;
`;

/** The circuits and readings of a site as files: out, in with a look first, and as schedules. */
export default function RegisterPage() {
    const person = usePerson();
    const [search, setSearch] = useSearchParams();
    const sites = useQuery({ queryKey: ['sites'], queryFn: () => call<SitesAnswer>('GET', 'sites') });
    const site = search.get('site') ?? String(sites.data?.sites[0]?.id ?? '');
    return (
        <>
            <TopBar line="Register" />
            <Page>
                <h1>Register</h1>
                <div style={{ maxWidth: 320 }}>
                    <Select
                        label="Site"
                        value={site}
                        options={(sites.data?.sites ?? []).map(({ id, name }) => ({ value: String(id), label: name }))}
                        onChange={(chosen) => setSearch({ site: chosen }, { replace: true })}
                    />
                </div>
                {site !== '' && (
                    <>
                        <section aria-label="Out">
                            <h2>Out</h2>
                            <Links>
                                <li>
                                    <a href={`/api/sites/${site}/circuits.csv`}>Circuits, as typed (CSV)</a>
                                </li>
                                <li>
                                    <a href={`/api/sites/${site}/circuits.csv?figures=1`}>Circuits with computed figures (CSV)</a>
                                </li>
                                <li>
                                    <a href={`/api/sites/${site}/circuits.jsonl`}>Circuits, one a line (JSON)</a>
                                </li>
                                <li>
                                    <a href={`/api/sites/${site}/readings.csv`}>Readings (CSV)</a>
                                </li>
                                <li>
                                    <a href={`/api/sites/${site}/readings.jsonl`}>Readings, one a line (JSON)</a>
                                </li>
                            </Links>
                        </section>
                        <Schedules site={site} />
                        {mayEdit(person) && <Imports key={site} site={site} />}
                    </>
                )}
            </Page>
        </>
    );
}
