import { createContext, type ReactNode, useCallback, useContext, useState } from 'react';
import { Button } from '../kit/Button';
import { Actions, Dialog } from '../kit/Dialog';
import type { DraftState } from './useDraft';

/** Goes somewhere else, once nothing unsaved stands against it. */
export type Leave = (go: () => void) => void;

export const LeaveContext = createContext<Leave>((go) => go());

/** How a view is left: at once, or from a bench after a question. */
export const useLeave = (): Leave => useContext(LeaveContext);

/** Whoever leaves a bench with something that cannot be saved now is asked first; `question` stands in the bench. */
export function useAskBeforeLeaving({ flush, state, keptHere }: DraftState): { leave: Leave; question: ReactNode } {
    const [going, setGoing] = useState<(() => void) | null>(null);
    const leave = useCallback<Leave>(
        (go) => {
            void flush().then((version) => {
                if (version === null) {
                    setGoing(() => go);
                } else {
                    go();
                }
            });
        },
        [flush],
    );
    const stay = () => setGoing(null);
    const settle = state.kind === 'refused' || state.kind === 'conflict';
    const question = (
        <Dialog title="Not saved yet" open={going !== null} onClose={stay}>
            <p>
                {keptHere
                    ? 'Your changes are stored on this device.'
                    : 'This device cannot store your changes. If you leave now, you lose them.'}{' '}
                {settle
                    ? 'It cannot be saved until you fix the problem shown here.'
                    : `It is saved automatically when you are online and signed in${keptHere ? ' on this device' : ', as long as you stay here'}.`}
            </p>
            <Actions>
                <Button kind="main" onPress={stay}>
                    Stay here
                </Button>
                <Button
                    onPress={() => {
                        stay();
                        going?.();
                    }}
                >
                    {keptHere ? 'Leave without saving' : 'Leave and lose the changes'}
                </Button>
            </Actions>
        </Dialog>
    );
    return { leave, question };
}
