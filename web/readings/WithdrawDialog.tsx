import { type SyntheticEvent, useState } from 'react';
import { ProblemError } from '../api/client';
import { Button } from '../kit/Button';
import { Actions, Dialog } from '../kit/Dialog';
import { TextField } from '../kit/TextField';
import { useKept } from '../away/useKept';

/** Asks why a record counts no more: a reading, an entry of a logbook. */
export function WithdrawDialog({
    what,
    form,
    open,
    onClose,
    withdraw,
}: {
    what: string;
    /** The record that it is about: what is typed is kept under it until it is sent. */
    form: string;
    open: boolean;
    onClose: () => void;
    withdraw: (why: string) => Promise<void>;
}) {
    const [why, setWhy] = useKept(`withdraw:${form}`, '');
    const [error, setError] = useState<string>();
    const submit = async (event: SyntheticEvent) => {
        event.preventDefault();
        try {
            await withdraw(why);
            setWhy('');
            setError(undefined);
            onClose();
        } catch (problem) {
            if (!(problem instanceof Error)) {
                throw problem;
            }
            setError(problem instanceof ProblemError ? (problem.at('why') ?? problem.message) : problem.message);
        }
    };
    return (
        <Dialog title={`Withdraw this ${what}`} open={open} onClose={onClose}>
            <form onSubmit={(event) => void submit(event)} style={{ display: 'grid', gap: 14 }}>
                <p>It stays in the list, struck through, with your reason.</p>
                <TextField label="Reason" value={why} onChange={setWhy} error={error} />
                <Actions>
                    <Button onPress={onClose}>Cancel</Button>
                    <Button kind="main" type="submit">
                        {`Withdraw ${what}`}
                    </Button>
                </Actions>
            </form>
        </Dialog>
    );
}
