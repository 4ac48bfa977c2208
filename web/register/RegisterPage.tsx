import { useQuery } from '@tanstack/react-query';
import { useSearchParams } from 'react-router';
import styled from 'styled-components';
import { service } from '../api/service';
import { mayEdit, usePerson } from '../api/session';
import { ListPage, ListSection } from '../kit/ListPage';
import { NotLoaded } from '../kit/NotLoaded';
import { Select } from '../kit/Select';
import { TopBar } from '../kit/TopBar';
import { PaperMaker } from '../paper/PaperMaker';
import { Imports } from './Imports';
import { Schedules } from './Schedules';

const Links = styled.ul`
    display: flex;
    flex-wrap: wrap;
    gap: 8px 24px;
`;

/** The circuits and readings of a site as files: out, in with a look first, and as schedules. */
export default function RegisterPage() {
    const person = usePerson();
    const [search, setSearch] = useSearchParams();
    const sites = useQuery({ queryKey: ['sites'], queryFn: () => service.site.index() });
    const site = search.get('site') ?? String(sites.data?.sites[0]?.id ?? '');
    return (
        <>
            <TopBar line="Import and export" />
            <ListPage>
                <h1>Import and export</h1>
                <NotLoaded what="the sites" of={sites} />
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
                        <ListSection aria-label="Export">
                            <h2>Export</h2>
                            <Links>
                                <li>
                                    <a href={service.register.circuits(site)}>Circuits, as entered (CSV)</a>
                                </li>
                                <li>
                                    <a href={service.register.circuits(site, { figures: 1 })}>Circuits with results (CSV)</a>
                                </li>
                                <li>
                                    <a href={service.register.circuitLines(site)}>Circuits, one per line (JSON)</a>
                                </li>
                                <li>
                                    <a href={service.register.readings(site)}>Readings (CSV)</a>
                                </li>
                                <li>
                                    <a href={service.register.readingLines(site)}>Readings, one per line (JSON)</a>
                                </li>
                            </Links>
                            <Links aria-label="Workbooks">
                                {(['xlsx', 'ods'] as const).map((as) => (
                                    <li key={`${site} ${as}`}>
                                        <PaperMaker
                                            ask={() => service.register.workbook(site, { as, empty: false })}
                                            what={`workbook (${as.toUpperCase()})`}
                                            of="this site"
                                        />
                                    </li>
                                ))}
                                <li>
                                    <PaperMaker
                                        key={site}
                                        ask={() => service.register.workbook(site, { as: 'xlsx', empty: true })}
                                        what="empty workbook (XLSX)"
                                        of="this site"
                                    />
                                </li>
                            </Links>
                            <p>
                                A workbook has every circuit as entered and with its results, readings, spares, log and schedules. Change
                                the sheet “Circuits” or “Readings” and import the file; or fill in the empty one.
                            </p>
                        </ListSection>
                        <Schedules site={site} />
                        {mayEdit(person) && <Imports key={site} site={site} />}
                    </>
                )}
            </ListPage>
        </>
    );
}
