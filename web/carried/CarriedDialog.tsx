import { Button } from '../kit/Button';
import { Actions, Dialog } from '../kit/Dialog';
import { fetchCarried, removeCarried, useCarried, type Carried } from './carried';

/** For the menu. */
export function carriedWords(carried: Carried): string {
    switch (carried.state) {
        case 'ready':
            return 'Works without a network: ready';
        case 'fetching':
            return `Works without a network: fetching ${carried.percent} %`;
        case 'none':
            return `Works without a network: not on this device (${carried.why})`;
    }
}

/** What this device can do without a network, and the copy that it takes: fetched or removed. */
export function CarriedDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
    const carried = useCarried();
    return (
        <Dialog title="Work without a network" open={open} onClose={onClose}>
            <p role="status">{carriedWords(carried)}.</p>
            <p>
                This device keeps a copy of the calculation, 3.7 MB. While the server is away it calculates circuits by itself, and marks
                what it calculated until the server confirms it. Signing, PDFs and exports need the server.
            </p>
            <Actions>
                {carried.state === 'ready' && <Button onPress={() => void removeCarried()}>Remove from this device</Button>}
                {carried.state === 'none' && <Button onPress={() => void fetchCarried()}>Store on this device</Button>}
                <Button kind="main" onPress={onClose}>
                    Close
                </Button>
            </Actions>
        </Dialog>
    );
}
