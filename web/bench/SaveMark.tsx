import styled from 'styled-components';
import { useAway } from '../away/away';
import { Button } from '../kit/Button';
import { day } from '../kit/when';
import { narrow, token } from '../theme/tokens';
import type { DraftState } from './useDraft';

const Mark = styled.span<{ $loud: boolean }>`
    display: flex;
    gap: 4px 10px;
    align-items: center;
    min-width: 0;
    font-size: 14px;
    line-height: 1.2;
    white-space: ${({ $loud }) => ($loud ? 'normal' : 'nowrap')};
    color: ${({ $loud }) => ($loud ? '#f2b84b' : token.softOnSteel)};
    font-weight: ${({ $loud }) => ($loud ? 600 : 400)};
    button {
        flex: none;
    }
    @media ${narrow} {
        font-size: 13px;
        /* What is loud is long: it takes a line of its own, below what leads elsewhere. */
        ${({ $loud }) => ($loud ? 'order: 9; flex: 1 0 100%;' : '')}
    }
`;

/** Where the device is full or refuses, the page is all that holds what is typed. */
const LOST = 'and this device cannot store it: keep this page open';

/** Whether what is on the screen is kept. */
export function SaveMark({
    draft,
    readOnly,
    failed,
    carried,
    why = '',
    unread,
}: {
    draft: DraftState;
    readOnly: boolean;
    failed: boolean;
    /** Only this device has worked out the figures. */
    carried: boolean;
    /** Why this device could not work them out. */
    why?: string;
    unread: boolean;
}) {
    const { state, keptHere } = draft;
    const since = useAway();
    // Of which day tables, settings and supply of the site are.
    const onDevice = `; calculated on this device${since === null ? '' : `, site data of ${day.format(new Date(since))}`}`;
    const outOfDate = `; results are out of date${why === '' ? '' : `. ${why}`}`;
    const missing = `${failed ? outOfDate : carried ? onDevice : ''}${unread ? '; its readings are not loaded' : ''}`;
    if (readOnly) {
        return (
            <Mark $loud={missing !== ''} role="status">
                read only{missing}
            </Mark>
        );
    }
    const [text, loud] = {
        saved: ['saved', false],
        unsaved: ['typing…', false],
        saving: ['saving…', false],
        refused: ['not saved', true],
        offline: [keptHere ? 'stored on this device, will be saved when online' : `not saved, ${LOST}`, true],
        signed_out: [keptHere ? 'stored on this device: sign in again' : `not saved, ${LOST}; sign in again`, true],
        conflict: [`not saved: conflict${keptHere ? '' : `; ${LOST}`}`, true],
    }[state.kind] as [string, boolean];
    return (
        <Mark $loud={loud || missing !== ''} role="status" data-save={state.kind}>
            <span>
                {state.kind === 'refused' ? `not saved: ${state.problem.problem.title.toLowerCase()}${keptHere ? '' : `; ${LOST}`}` : text}
                {missing}
            </span>
            {state.kind === 'offline' && (
                <Button kind="steel" onPress={() => void draft.flush()}>
                    Try now
                </Button>
            )}
        </Mark>
    );
}
