import styled from 'styled-components';
import { Button } from '../kit/Button';
import { narrow, token } from '../theme/tokens';
import type { DraftState } from './useDraft';

const Mark = styled.span<{ $loud: boolean }>`
    font-size: 14px;
    white-space: nowrap;
    color: ${({ $loud }) => ($loud ? '#f2b84b' : token.softOnSteel)};
    font-weight: ${({ $loud }) => ($loud ? 600 : 400)};
    @media ${narrow} {
        font-size: 13px;
    }
`;

/** Whether what is on the screen is kept. */
export function SaveMark({ draft, readOnly, failed }: { draft: DraftState; readOnly: boolean; failed: boolean }) {
    const { state } = draft;
    if (readOnly) {
        return <Mark $loud={false}>read only</Mark>;
    }
    const [text, loud] = {
        saved: ['saved', false],
        unsaved: ['typing…', false],
        saving: ['saving…', false],
        refused: ['not saved', true],
        offline: ['kept on this device, will be saved', true],
        signed_out: ['kept on this device: sign in again', true],
        conflict: ['not saved: conflict', true],
    }[state.kind] as [string, boolean];
    return (
        <Mark $loud={loud || failed} role="status" data-save={state.kind}>
            {state.kind === 'refused' ? `not saved: ${state.problem.problem.title.toLowerCase()}` : text}
            {failed && '; figures are not recomputed'}{' '}
            {state.kind === 'offline' && (
                <Button kind="steel" onPress={() => void draft.flush()}>
                    Try now
                </Button>
            )}
        </Mark>
    );
}
