import { type SyntheticEvent, useState } from 'react';
import { call, ProblemError } from '../api/client';
import type { Reading } from '../api/contract';
import { Button } from '../kit/Button';
import { Actions, Dialog } from '../kit/Dialog';
import { TextField } from '../kit/TextField';

/** Asks why a reading counts no more. */
export function WithdrawDialog({
    reading,
    onClose,
    onDone,
}: {
    reading: Reading | null;
    onClose: () => void;
    onDone: () => Promise<void>;
}) {
    const [why, setWhy] = useState('');
    const [error, setError] = useState<string>();
    const submit = async (event: SyntheticEvent) => {
        event.preventDefault();
        try {
            await call<Reading>('POST', `readings/${reading?.id ?? 0}/withdraw`, { why });
            await onDone();
            setWhy('');
            setError(undefined);
            onClose();
        } catch (problem) {
            if (!(problem instanceof ProblemError)) {
                throw problem;
            }
            setError(problem.at('why') ?? problem.message);
        }
    };
    return (
        <Dialog title="Withdraw this reading" open={reading !== null} onClose={onClose}>
            <form onSubmit={(event) => void submit(event)} style={{ display: 'grid', gap: 14 }}>
                <p>It stays in the list, struck through, with your reason.</p>
                <TextField label="Why" value={why} onChange={setWhy} error={error} />
                <Actions>
                    <Button onPress={onClose}>Cancel</Button>
                    <Button kind="main" type="submit">
                        Withdraw it
                    </Button>
                </Actions>
            </form>
        </Dialog>
    );
}
