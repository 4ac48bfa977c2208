import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { service } from '../api/service';
import { usePerson } from '../api/session';
import { Pager } from '../kit/Pager';
import { RuledTable } from '../kit/RuledTable';
import { Scroll } from '../kit/Scroll';
import { ListBar, ListPage } from '../kit/ListPage';
import { Select } from '../kit/Select';
import { TextField } from '../kit/TextField';
import { TopBar } from '../kit/TopBar';
import { Waiting } from '../kit/Waiting';

/** Who did what to the house itself: for administrators. */
export default function RecordPage() {
    const person = usePerson();
    const [what, setWhat] = useState('');
    const [who, setWho] = useState('');
    const [page, setPage] = useState(1);
    const asked = { what, who };
    const query = useQuery({
        queryKey: ['record', asked, page],
        queryFn: () => service.record.index({ ...asked, page }),
        placeholderData: (before) => before,
        enabled: person?.role === 'administrator',
    });
    if (person != null && person.role !== 'administrator') {
        return <Waiting title="For administrators" text="Your role does not open this page." />;
    }
    return (
        <>
            <TopBar line="Activity log" />
            <ListPage>
                <h1>Activity log</h1>
                <ListBar>
                    <Select
                        label="Action"
                        value={what}
                        options={[{ value: '', label: 'Everything' }, ...(query.data?.kinds ?? [])]}
                        onChange={(value) => {
                            setWhat(value);
                            setPage(1);
                        }}
                    />
                    <TextField
                        label="User"
                        value={who}
                        onChange={(value) => {
                            setWho(value);
                            setPage(1);
                        }}
                    />
                    <a href={service.record.file(asked)}>Export (CSV)</a>
                </ListBar>
                {query.isError && <p role="alert">{query.error.message}</p>}
                <Scroll tabIndex={0} role="group" aria-label="Activity, latest first">
                    <RuledTable>
                        <thead>
                            <tr>
                                <th scope="col">Time</th>
                                <th scope="col">User</th>
                                <th scope="col">Address</th>
                                <th scope="col">Action</th>
                                <th scope="col">Subject</th>
                            </tr>
                        </thead>
                        <tbody>
                            {query.data?.events.map((event) => (
                                <tr key={event.id}>
                                    <td>{event.at.replace('T', ' ').replace('Z', '')}</td>
                                    <th scope="row">{event.who === '' ? 'not signed in' : event.who}</th>
                                    <td>{event.whence}</td>
                                    <td>{event.label}</td>
                                    <td>{event.about}</td>
                                </tr>
                            ))}
                        </tbody>
                    </RuledTable>
                </Scroll>
                <Pager page={page} pages={query.data?.pages ?? 1} onPage={setPage} />
            </ListPage>
        </>
    );
}
