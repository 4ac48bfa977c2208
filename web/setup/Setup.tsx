import { useQuery } from '@tanstack/react-query';
import styled from 'styled-components';
import { service } from '../api/service';
import { usePerson } from '../api/session';
import { NotLoaded } from '../kit/NotLoaded';
import { TopBar } from '../kit/TopBar';
import { Waiting } from '../kit/Waiting';
import { token } from '../theme/tokens';
import { Analysers } from './Analysers';
import { PersonForm } from './PersonForm';
import { SiteForm } from './SiteForm';
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
    section {
        display: grid;
        gap: 14px;
    }
`;

/** Sites and users, for administrators. */
export default function Setup() {
    const person = usePerson();
    const admin = person?.role === 'administrator';
    const sites = useQuery({ queryKey: ['sites'], queryFn: () => service.site.index(), enabled: admin });
    const people = useQuery({ queryKey: ['people'], queryFn: () => service.person.index(), enabled: admin });
    if (!admin) {
        return <Waiting title="For administrators" text="Your role does not open this page." />;
    }
    return (
        <>
            <TopBar line="Sites and users" />
            <Page>
                <h1>Sites and users</h1>
                <NotLoaded what="sites and users" of={[sites, people]} />
                <section>
                    <h2>Sites</h2>
                    {sites.data?.sites.map((site) => (
                        <SiteForm key={`${site.id}-${site.version}`} site={site} />
                    ))}
                    {/* Only once the others are there: a form that is begun anew would lose what was typed meanwhile. */}
                    {sites.data !== undefined && <SiteForm key={`new-${sites.data.sites.length}`} />}
                </section>
                <section>
                    <h2>Users</h2>
                    {people.data?.people.map((one) => (
                        <PersonForm key={one.id} person={one} />
                    ))}
                    {people.data !== undefined && <PersonForm key={`new-${people.data.people.length}`} />}
                </section>
                <section>
                    <h2>Instruments</h2>
                    <Analysers />
                </section>
            </Page>
        </>
    );
}
