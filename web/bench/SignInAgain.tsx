import { useQueryClient } from '@tanstack/react-query';
import { type SyntheticEvent, useState } from 'react';
import { errorOf, ProblemError } from '../api/client';
import { service } from '../api/service';
import { signedIn } from '../api/session';
import { Button } from '../kit/Button';
import { Actions, Dialog } from '../kit/Dialog';
import { TextField } from '../kit/TextField';
import type { DraftState } from './useDraft';
import { announceSignIn } from '../session/signedIn';
import { setSessionOver, useSessionOver } from '../session/over';

/** The session is over while somebody types: signing in again in place, over the bench, and what was typed is saved. */
export function SignInAgain({ draft, login }: { draft?: DraftState; login: string }) {
    const over = useSessionOver();
    const client = useQueryClient();
    const [password, setPassword] = useState('');
    const [problem, setProblem] = useState<Error | null>(null);
    if (draft?.state.kind !== 'signed_out' && !over) {
        return null;
    }
    const submit = async (event: SyntheticEvent) => {
        event.preventDefault();
        setProblem(null);
        try {
            const session = await service.session.store({ login, password });
            announceSignIn();
            setPassword('');
            await signedIn(client, session);
            setSessionOver(false);
            await draft?.flush();
            await client.invalidateQueries();
        } catch (error) {
            setProblem(errorOf(error));
        }
    };
    return (
        <Dialog title="Your session has ended" open dismissable={false} onClose={() => undefined}>
            <form onSubmit={(event) => void submit(event)} style={{ display: 'grid', gap: 14 }}>
                <p>
                    {draft === undefined
                        ? `Your changes are stored on this device. Sign in again as ${login} to continue.`
                        : `Your changes are stored ${draft.keptHere ? 'on this device' : 'on this page only'}. Sign in again as ${login} to save them.`}
                </p>
                <TextField
                    label="Password"
                    type="password"
                    autoComplete="current-password"
                    value={password}
                    onChange={setPassword}
                    error={problem instanceof ProblemError ? (problem.at('password') ?? problem.message) : problem?.message}
                    autoFocus
                />
                <Actions>
                    <Button kind="main" type="submit" isDisabled={password === ''}>
                        {draft === undefined ? 'Sign in and continue' : 'Sign in and save'}
                    </Button>
                </Actions>
            </form>
        </Dialog>
    );
}
