import type { Reading, ReadingComparison } from '../../api/contract';
import { QuantityTable } from './QuantityTable';

export const when = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeStyle: 'short' });

/** One kept reading beside what was to be expected. */
export function ComparisonTable({ reading, comparison }: { reading: Reading; comparison: ReadingComparison }) {
    const simulated = reading.simulated ? 'simulated, ' : '';
    return (
        <QuantityTable
            comparison={comparison}
            caption={`${simulated}${when.format(new Date(reading.taken_at))}, ${reading.instrument}, ${reading.taken_by}`}
        />
    );
}
