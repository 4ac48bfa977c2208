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
                    ? 'What you typed is kept on this device.'
                    : 'This device cannot store what you typed. If you leave now, you lose it.'}{' '}
                {settle
                    ? 'It is not saved before you settle here what stands against it.'
                    : `It is saved by itself when the service answers and you are signed in${keptHere ? ' on this device' : ', as long as you stay here'}.`}
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
                    {keptHere ? 'Leave it for now' : 'Leave and lose it'}
                </Button>
            </Actions>
        </Dialog>
    );
    return { leave, question };
}
