import { service } from '../api/service';
import type { Reading } from '../api/contract';
import { useRefresh } from './useReadings';
import { WithdrawDialog } from './WithdrawDialog';

/** Asks why a reading counts no more, and takes it back. */
export function WithdrawReading({
    circuit,
    reading,
    onClose,
}: {
    circuit: number | undefined;
    reading: Reading | null;
    onClose: () => void;
}) {
    const refresh = useRefresh(circuit);
    return (
        <WithdrawDialog
            form={`reading:${reading?.id ?? 0}`}
            what="reading"
            open={reading !== null}
            onClose={onClose}
            withdraw={async (why) => {
                await service.reading.withdraw(reading?.id ?? 0, { why });
                await refresh();
            }}
        />
    );
}
