import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { messageOf } from '../api/client';
import { service } from '../api/service';
import { usePerson } from '../api/session';
import { Button } from '../kit/Button';
import { GradeMark } from '../kit/Grade';
import { RuledTable } from '../kit/RuledTable';
import { Scroll } from '../kit/Scroll';
import { ListBar, ListPage } from '../kit/ListPage';
import { Select } from '../kit/Select';
import { TopBar } from '../kit/TopBar';

const WORDS = { overdue: 'overdue', due: 'due', ok: 'in time', unknown: '', none: '' } as const;

/** What is to be done on the motors of a site, soonest first: greasing, readings, trips that come again, warranties. */
export default function DuePage() {
    const person = usePerson();
    const client = useQueryClient();
    const [search, setSearch] = useSearchParams();
    const [said, setSaid] = useState('');
    const sites = useQuery({ queryKey: ['sites'], queryFn: () => service.site.index() });
    const site = search.get('site') ?? String(sites.data?.sites[0]?.id ?? '');
    const key = ['due', site];
    const due = useQuery({ queryKey: key, queryFn: () => service.log.due(site), enabled: site !== '' });
    const renew = async () => {
        try {
            await service.log.renewCalendar(site);
            await client.invalidateQueries({ queryKey: key });
            setSaid('New address made. The old address no longer works.');
        } catch (error) {
            setSaid(messageOf(error));
        }
    };
    const calendar = due.data?.calendar ?? null;
    return (
        <>
            <TopBar line="Due list" />
            <ListPage $width={1000}>
                <h1>Due</h1>
                <ListBar>
                    <Select
                        label="Site"
                        value={site}
                        options={(sites.data?.sites ?? []).map(({ id, name }) => ({ value: String(id), label: name }))}
                        onChange={(chosen) => setSearch({ site: chosen }, { replace: true })}
                    />
                    {site !== '' && <a href={service.log.dueFile(site)}>Export (CSV)</a>}
                </ListBar>
                {due.isError && <p>{due.error.message}</p>}
                {due.data?.items.length === 0 && <p>Nothing is due. Greasing is counted from the first greasing in the logbook.</p>}
                {due.data !== undefined && due.data.items.length > 0 && (
                    <Scroll tabIndex={0} role="group" aria-label="What is due">
                        <RuledTable>
                            <thead>
                                <tr>
                                    <th scope="col">Due date</th>
                                    <th scope="col">Motor</th>
                                    <th scope="col">Task</th>
                                    <th scope="col">Remark</th>
                                </tr>
                            </thead>
                            <tbody>
                                {due.data.items.map((item) => (
                                    <tr key={`${item.circuit} ${item.board} ${item.what}`}>
                                        <td>
                                            {item.state === 'overdue' || item.state === 'due' ? <GradeMark grade="caution" /> : null}{' '}
                                            {item.due_at?.slice(0, 10) ?? 'now'} {WORDS[item.state]}
                                        </td>
                                        <th scope="row">
                                            <Link
                                                to={
                                                    item.board !== null
                                                        ? `/boards/${item.board}`
                                                        : `/circuits/${item.circuit}/${item.what === 'Sheet in review' ? 'sheet?view=review' : 'prove?view=logbook'}`
                                                }
                                            >
                                                {item.tag}
                                            </Link>{' '}
                                            <small>{item.drives}</small>
                                        </th>
                                        <td>{item.what}</td>
                                        <td>{item.says}</td>
                                    </tr>
                                ))}
                            </tbody>
                        </RuledTable>
                    </Scroll>
                )}
                <section aria-label="Calendar">
                    {calendar !== null && (
                        <p>
                            Subscribe to this address in your calendar: <a href={calendar}>{`${window.location.origin}${calendar}`}</a>.
                            Anyone who has the address can read the due list.
                        </p>
                    )}
                    {calendar === null && (
                        <p>
                            This site has no calendar address
                            {person?.role === 'administrator' ? '.' : ' yet. An administrator can make one.'}
                        </p>
                    )}
                    {person?.role === 'administrator' && site !== '' && (
                        <Button onPress={() => void renew()}>{calendar === null ? 'Make a calendar address' : 'Make a new address'}</Button>
                    )}{' '}
                    <span role="status">{said}</span>
                </section>
            </ListPage>
        </>
    );
}
