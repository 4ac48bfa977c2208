import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { usePerson } from '../api/session';
import { UnsavedList } from '../away/UnsavedList';
import { Button } from '../kit/Button';
import { Actions, Dialog } from '../kit/Dialog';
import { signOut } from './signOut';

/** Asks before somebody signs out who has typed something that is not saved yet, and says when signing out fails. */
export function SignOutDialog({ problem, onClose }: { problem: 'unsaved' | 'away' | null; onClose: () => void }) {
    const client = useQueryClient();
    const navigate = useNavigate();
    const person = usePerson();
    const [failed, setFailed] = useState(false);
    const out = async () => {
        try {
            await signOut(client);
            void navigate('/sign-in');
        } catch {
            setFailed(true);
        }
    };
    return (
        <Dialog title="Sign out?" open={problem !== null} onClose={onClose}>
            {problem === 'unsaved' && (
                <>
                    <UnsavedList />
                    <p>Your changes stay on this device and are saved when {person?.name ?? 'you'} signs in here again.</p>
                </>
            )}
            {(problem === 'away' || failed) && (
                <p role="alert">
                    Cannot reach the server, so you are still signed in. Try again when you are online, or close the browser.
                </p>
            )}
            <Actions>
                <Button kind="main" onPress={onClose}>
                    Stay signed in
                </Button>
                <Button onPress={() => void out()}>Sign out</Button>
            </Actions>
        </Dialog>
    );
}
