import { useQueryClient } from '@tanstack/react-query';
import { type SyntheticEvent, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import styled from 'styled-components';
import { errorOf, ProblemError } from '../api/client';
import { service } from '../api/service';
import { signedIn } from '../api/session';
import { Brand } from '../kit/Brand';
import { Button } from '../kit/Button';
import { TextField } from '../kit/TextField';
import { token } from '../theme/tokens';
import { announceSignIn } from './signedIn';
import { setSessionOver } from './over';

const Page = styled.div`
    display: grid;
    grid-template-rows: auto 1fr;
    min-height: 100dvh;
    > header {
        display: flex;
        min-height: 60px;
        background: ${token.steel};
    }
`;

const Form = styled.form`
    display: grid;
    gap: 14px;
    width: min(380px, calc(100% - 32px));
    margin: 10vh auto;
    padding: 24px;
    align-self: start;
    border: 1px solid ${token.rule};
    border-top: 6px solid ${token.accent};
    border-radius: 4px;
    background: ${token.sheet};
    h1 {
        font-size: 24px;
        font-weight: 600;
    }
    p {
        color: ${token.soft};
        font-size: 14px;
    }
`;

/** Who are you? */
export default function SignIn() {
    const [login, setLogin] = useState('');
    const [password, setPassword] = useState('');
    const [problem, setProblem] = useState<Error | null>(null);
    const [busy, setBusy] = useState(false);
    const client = useQueryClient();
    const navigate = useNavigate();
    const state = useLocation().state as { to?: string } | null;
    const submit = async (event: SyntheticEvent) => {
        event.preventDefault();
        setBusy(true);
        try {
            await signedIn(client, await service.session.store({ login, password }));
            setSessionOver(false);
            announceSignIn();
            void navigate(state?.to ?? '/', { replace: true });
        } catch (error) {
            setProblem(errorOf(error));
        } finally {
            setBusy(false);
        }
    };
    const at = (path: string) => (problem instanceof ProblemError ? problem.at(path) : undefined);
    return (
        <Page>
            <header>
                <Brand />
            </header>
            <main>
                <Form onSubmit={(event) => void submit(event)}>
                    <title>Sign in – Brave Anvil</title>
                    <h1>Sign in</h1>
                    <TextField label="Name" value={login} onChange={setLogin} autoComplete="username" error={at('login')} autoFocus />
                    <TextField
                        label="Password"
                        type="password"
                        value={password}
                        onChange={setPassword}
                        autoComplete="current-password"
                        error={at('password') ?? (problem !== null && at('login') === undefined ? problem.message : undefined)}
                    />
                    <Button kind="main" type="submit" isDisabled={busy}>
                        Sign in
                    </Button>
                    <p>Results are calculations. Have a licensed person check them against the local code.</p>
                </Form>
            </main>
        </Page>
    );
}
