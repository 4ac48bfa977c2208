import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { call } from '../../api/client';
import type { PaperAnswer } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { Segments } from '../../kit/Segments';
import { Paper } from '../../paper/Paper';
import { useRevisions } from './useRevisions';

const Bar = styled.div`
    display: flex;
    flex-wrap: wrap;
    gap: 10px 18px;
    align-items: center;
`;

/** The paper as it would be printed now, following what is typed. */
export function PaperView() {
    const { draft, place } = useBench();
    const [name, setName] = useState<'door' | 'file'>('door');
    const circuit = useDeferredValue(draft);
    const inForce = useRevisions(place?.circuit).revisions.find(({ state }) => state === 'issued');
    const query = useQuery({
        queryKey: ['paper', 'draft', place?.circuit, name, circuit],
        queryFn: ({ signal }) => call<PaperAnswer>('POST', `circuits/${place?.circuit ?? ''}/sheet`, { paper: name, circuit }, signal),
        enabled: place !== null,
        placeholderData: (before) => before,
        gcTime: 0,
        retry: 1,
    });
    return (
        <>
            <Bar>
                <Segments
                    label="Which document"
                    value={name}
                    options={[
                        { value: 'door', label: 'Door card' },
                        { value: 'file', label: 'File sheet' },
                    ]}
                    onChange={setName}
                />
                {place !== null && <Link to={`/circuits/${place.circuit}/paper/${name}`}>Open print view</Link>}
                <span role="status">{query.isFetching ? 'Updating…' : ''}</span>
            </Bar>
            {inForce !== undefined && (
                <p>
                    Revision in force:{' '}
                    <Link to={`/revisions/${inForce.id}/paper/${name}`}>
                        revision {inForce.number}, {inForce.name}
                    </Link>
                    . The document below shows the current draft.
                </p>
            )}
            {query.isError && <p role="alert">{query.error.message}</p>}
            {query.data !== undefined && <Paper name={name} label={name === 'door' ? 'Door card' : 'File sheet'} paper={query.data} />}
        </>
    );
}
