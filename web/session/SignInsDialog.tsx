import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { messageOf } from '../api/client';
import { service } from '../api/service';
import { Button } from '../kit/Button';
import { Actions, Dialog } from '../kit/Dialog';
import { token } from '../theme/tokens';

const List = styled.ul`
    display: grid;
    gap: 0;
    li {
        display: flex;
        gap: 8px 16px;
        align-items: center;
        justify-content: space-between;
        min-height: 52px;
        padding: 6px 0;
        border-bottom: 1px solid ${token.rule};
    }
    small {
        display: block;
        color: ${token.soft};
        font-size: 13px;
    }
`;

const time = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' });

/** Where oneself is signed in: a tablet that was left somewhere is signed out from here. */
export function SignInsDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
    const client = useQueryClient();
    const [problem, setProblem] = useState<string | null>(null);
    const key = ['sign-ins'];
    const query = useQuery({
        queryKey: key,
        queryFn: () => service.session.signIns(),
        enabled: open,
        staleTime: 0,
    });
    const list = query.data?.sign_ins ?? [];
    const end = async (work: Promise<unknown>) => {
        setProblem(null);
        try {
            await work;
            await client.invalidateQueries({ queryKey: key });
        } catch (error) {
            setProblem(messageOf(error));
        }
    };
    return (
        <Dialog title="Where you are signed in" open={open} onClose={onClose}>
            {query.isError ? <p role="alert">{query.error.message}</p> : query.data === undefined && <p role="status">Loading…</p>}
            <List>
                {list.map((one) => (
                    <li key={one.id}>
                        <span>
                            {one.machine}
                            {one.present && ', this device'}
                            <small>
                                from {one.whence}, since {time.format(new Date(one.began_at))}, last used{' '}
                                {time.format(new Date(one.seen_at))}
                            </small>
                        </span>
                        {!one.present && (
                            <Button
                                onPress={() => void end(service.session.endOne(one.id))}
                                aria-label={`Sign out ${one.machine} since ${time.format(new Date(one.began_at))}`}
                            >
                                Sign out this device
                            </Button>
                        )}
                    </li>
                ))}
            </List>
            {problem !== null && <p role="alert">{problem}</p>}
            <Actions>
                {list.length > 2 && <Button onPress={() => void end(service.session.endOthers())}>Sign out all other devices</Button>}
                <Button kind="main" onPress={onClose}>
                    Close
                </Button>
            </Actions>
        </Dialog>
    );
}
