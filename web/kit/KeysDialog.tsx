import styled from 'styled-components';
import { STATIONS } from '../bench/BenchContext';
import { useKeys } from '../bench/keys';
import { token } from '../theme/tokens';
import { Button } from './Button';
import { Actions, Dialog } from './Dialog';

const Table = styled.table`
    border-collapse: collapse;
    td {
        padding: 6px 12px 6px 0;
        border-bottom: 1px solid ${token.rule};
    }
    kbd {
        padding: 2px 8px;
        border: 1px solid ${token.edge};
        border-radius: 3px;
        font: 600 15px ${token.narrow};
        white-space: nowrap;
    }
`;

const KEYS: readonly (readonly [string, string])[] = [
    [`1 – ${STATIONS.length}`, STATIONS.map(({ label }) => label).join(', ')],
    ['w', 'Show or hide the calculation'],
    ['/', 'Find a circuit'],
    ['n', 'New circuit'],
    ['?', 'This list'],
];

/** The list of keys; `?` opens it from anywhere outside a field. */
export function KeysDialog({ open, onOpen, onClose }: { open: boolean; onOpen: () => void; onClose: () => void }) {
    useKeys({ '?': onOpen });
    return (
        <Dialog title="Keyboard shortcuts" open={open} onClose={onClose}>
            <p>They work while no field is active.</p>
            <Table>
                <tbody>
                    {KEYS.map(([key, what]) => (
                        <tr key={key}>
                            <td>
                                <kbd>{key}</kbd>
                            </td>
                            <td>{what}</td>
                        </tr>
                    ))}
                </tbody>
            </Table>
            <Actions>
                <Button kind="main" onPress={onClose}>
                    Close
                </Button>
            </Actions>
        </Dialog>
    );
}
