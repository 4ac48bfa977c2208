import { Button } from '../kit/Button';
import { when } from '../kit/when';

/** The last cell of a line that may be withdrawn; empty where it was. */
export function WithdrawCell({ what, at, withdrawn, onPress }: { what: string; at: string; withdrawn: unknown; onPress: () => void }) {
    return (
        <td>
            {withdrawn === null && (
                <Button kind="quiet" aria-label={`Withdraw ${what} of ${when.format(new Date(at))}`} onPress={onPress}>
                    Withdraw
                </Button>
            )}
        </td>
    );
}
