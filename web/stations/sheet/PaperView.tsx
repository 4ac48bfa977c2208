import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { Link } from 'react-router';
import { service } from '../../api/service';
import { useBench } from '../../bench/BenchContext';
import { ListBar } from '../../kit/ListPage';
import { Segments } from '../../kit/Segments';
import { Paper } from '../../paper/Paper';
import { paperOf } from '../../paper/paperOf';
import { circuitSubject } from '../../sheet/subject';
import { STATES, useRevisions } from '../../sheet/useRevisions';
import { useToReview } from '../../sheet/useToReview';

/** The paper as it would be printed now, following what is typed; of whoever reviews, that of the revision in review. */
export function PaperView() {
    const { draft, place } = useBench();
    const subject = place === null ? undefined : circuitSubject(place.circuit);
    const [name, setName] = useState<'door' | 'file'>('door');
    const [chosen, setChosen] = useState<'revision' | 'draft' | null>(null);
    const circuit = useDeferredValue(draft);
    const { revisions } = useRevisions(subject);
    const toReview = useToReview(subject);
    const kept = toReview ?? revisions.find(({ state }) => state === 'issued');
    const ofKept = kept !== undefined && (chosen ?? (toReview === undefined ? 'draft' : 'revision')) === 'revision';
    const query = useQuery({
        queryKey: ['paper', ofKept ? kept.id : 'draft', place?.circuit, name, ofKept ? null : circuit, kept?.state],
        queryFn: ({ signal }) => (ofKept ? service.sheet.show(kept.id, name, signal) : paperOf(place?.circuit ?? 0, circuit, name, signal)),
        enabled: place !== null,
        placeholderData: (before) => before,
        gcTime: 0,
        retry: 1,
    });
    const shown = query.data?.revision;
    return (
        <>
            <ListBar>
                <Segments
                    label="Which document"
                    value={name}
                    options={[
                        { value: 'door', label: 'Door card' },
                        { value: 'file', label: 'File sheet' },
                    ]}
                    onChange={setName}
                />
                {kept !== undefined && (ofKept || shown?.id !== kept.id) && (
                    <Segments
                        label="Of what"
                        value={ofKept ? 'revision' : 'draft'}
                        options={[
                            { value: 'revision', label: `Revision ${kept.number}` },
                            { value: 'draft', label: 'Draft' },
                        ]}
                        onChange={setChosen}
                    />
                )}
                {place !== null && (
                    <Link to={shown == null ? `/circuits/${place.circuit}/paper/${name}` : `/revisions/${shown.id}/paper/${name}`}>
                        Open print view
                    </Link>
                )}
                <span role="status">{query.isFetching ? 'Updating…' : ''}</span>
            </ListBar>
            {shown != null && (
                <p>
                    Revision {shown.number}, {shown.name}: {STATES[shown.state]}.{!ofKept && ' Nothing has changed since.'}
                </p>
            )}
            {shown === null && (
                <p>
                    {kept === undefined ? 'The draft. Nothing is in force yet.' : `The draft. It differs from revision ${kept.number}.`}{' '}
                    {query.data?.since}
                </p>
            )}
            {query.isError && <p role="alert">{query.error.message}</p>}
            {query.data !== undefined && <Paper name={name} label={name === 'door' ? 'Door card' : 'File sheet'} paper={query.data} />}
        </>
    );
}
