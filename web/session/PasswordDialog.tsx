import { type SyntheticEvent, useState } from 'react';
import { errorOf, ProblemError } from '../api/client';
import { service } from '../api/service';
import { Button } from '../kit/Button';
import { Actions, Dialog } from '../kit/Dialog';
import { TextField } from '../kit/TextField';

/** Another password for whoever is signed in. */
export function PasswordDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
    const [present, setPresent] = useState('');
    const [password, setPassword] = useState('');
    const [problem, setProblem] = useState<Error | null>(null);
    const [done, setDone] = useState(false);
    const at = (path: string) => (problem instanceof ProblemError ? problem.at(path) : undefined);
    const close = () => {
        setPresent('');
        setPassword('');
        setProblem(null);
        setDone(false);
        onClose();
    };
    const submit = async (event: SyntheticEvent) => {
        event.preventDefault();
        setProblem(null);
        try {
            await service.session.password({ present, password });
            setDone(true);
        } catch (error) {
            setProblem(errorOf(error));
        }
    };
    return (
        <Dialog title="Change your password" open={open} onClose={close}>
            {done ? (
                <p role="status">Password changed. You have been signed out on all other devices.</p>
            ) : (
                <form onSubmit={(event) => void submit(event)} style={{ display: 'grid', gap: 14 }}>
                    <TextField
                        label="Present password"
                        type="password"
                        autoComplete="current-password"
                        value={present}
                        onChange={setPresent}
                        error={at('present')}
                    />
                    <TextField
                        label="New password"
                        type="password"
                        autoComplete="new-password"
                        hint="At least 12 characters. A few words are easier to remember than symbols."
                        value={password}
                        onChange={setPassword}
                        error={at('password')}
                    />
                    {problem !== null && at('present') === undefined && at('password') === undefined && (
                        <p role="alert">{problem.message}</p>
                    )}
                    <Actions>
                        <Button onPress={close}>Cancel</Button>
                        <Button kind="main" type="submit" isDisabled={present === '' || password === ''}>
                            Change password
                        </Button>
                    </Actions>
                </form>
            )}
            {done && (
                <Actions>
                    <Button onPress={close}>Close</Button>
                </Actions>
            )}
        </Dialog>
    );
}
