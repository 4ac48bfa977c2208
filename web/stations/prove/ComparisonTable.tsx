import type { Reading, ReadingComparison } from '../../api/contract';
import { when } from '../../kit/when';
import { QuantityTable } from './QuantityTable';

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
