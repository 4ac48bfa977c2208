import { useQuery, useQueryClient } from '@tanstack/react-query';
import { type SyntheticEvent, useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { ProblemError } from '../api/client';
import { service } from '../api/service';
import type { CircuitResource } from '../api/contract';
import { Button } from '../kit/Button';
import { Actions, Dialog } from '../kit/Dialog';
import { NotLoaded } from '../kit/NotLoaded';
import { TextField } from '../kit/TextField';
import { token } from '../theme/tokens';
import { useBench } from './BenchContext';
import type { DraftState } from './useDraft';
import { useKept } from '../away/useKept';

const List = styled.ol`
    li {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 14px;
        align-items: baseline;
        padding: 8px 0;
        border-bottom: 1px solid ${token.rule};
    }
    small {
        color: ${token.soft};
    }
`;

/** Naming a revision, and the revisions there are. */
export function Revisions({
    resource,
    draft,
    open,
    onClose,
}: {
    resource: CircuitResource;
    draft: Pick<DraftState, 'flush'>;
    open: boolean;
    onClose: () => void;
}) {
    const { readOnly } = useBench();
    const client = useQueryClient();
    const [name, setName] = useKept(`revision:${resource.id}:name`, '');
    const [error, setError] = useState<string>();
    const key = ['revisions', resource.id];
    const query = useQuery({
        queryKey: key,
        queryFn: () => service.revision.index(resource.id),
        enabled: open,
    });
    const submit = async (event: SyntheticEvent) => {
        event.preventDefault();
        setError(undefined);
        const version = await draft.flush();
        if (version === null) {
            setError('Save the draft before you make a revision.');
            return;
        }
        try {
            await service.revision.store(resource.id, { name, version });
            setName('');
            await client.invalidateQueries({ queryKey: key });
        } catch (problem) {
            setError(problem instanceof ProblemError ? (problem.at('name') ?? problem.message) : 'Cannot reach the server.');
        }
    };
    return (
        <Dialog title="Revisions" open={open} onClose={onClose}>
            <p>A revision stores this circuit and all its results as they are now. It cannot be changed later.</p>
            {!readOnly && (
                <form onSubmit={(event) => void submit(event)}>
                    <TextField
                        label="Name of the revision"
                        value={name}
                        onChange={setName}
                        error={error}
                        hint="For example: as built"
                        maxLength={80}
                    />
                    <Actions style={{ marginTop: 10 }}>
                        <Button kind="main" type="submit" isDisabled={name.trim() === ''}>
                            Save revision
                        </Button>
                    </Actions>
                </form>
            )}
            <NotLoaded what="the revisions" of={query} />
            <List>
                {(query.data?.revisions ?? []).map((revision) => (
                    <li key={revision.id}>
                        <b>{revision.number}</b>
                        <Link to={`/revisions/${revision.id}`}>{revision.name}</Link>
                        <small>
                            {revision.created_by}, {new Date(revision.created_at).toLocaleString('en-GB')}, core {revision.core}
                        </small>
                    </li>
                ))}
                {query.data?.revisions.length === 0 && <li>No revisions yet.</li>}
            </List>
            <Actions>
                <Button onPress={onClose}>Close</Button>
            </Actions>
        </Dialog>
    );
}
