import type { FigureKey } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { FigureRows } from '../../bench/FigureRows';
import { typed } from '../../bench/circuit';
import { RuledTable } from '../../kit/RuledTable';

const ROWS: readonly { key: FigureKey; label: string }[] = [
    { key: 'power.generator_share', label: 'Load on the generator' },
    { key: 'power.engine_share', label: 'Load on the engine' },
    { key: 'start.starting_kva', label: 'At the start it takes' },
    { key: 'start.generator_least_kva', label: 'Smallest generator for this start' },
    { key: 'power.inverter_share', label: 'Load on the inverter' },
    { key: 'power.inverter_share_corrected', label: 'with the capacitor' },
    { key: 'power.dc_power', label: 'From the battery' },
    { key: 'power.dc_power_corrected', label: 'with the capacitor' },
    { key: 'power.dc_current', label: 'Battery current' },
    { key: 'power.battery_hours', label: 'Battery time, down to empty' },
];

/** What a generator set, or an inverter and its battery, carry with this load. Nothing on the mains. */
export function SourceTable() {
    const { draft, solved } = useBench();
    const source = typed(draft, 'supply.source');
    const rows = ROWS.filter(({ key }) => solved.figure(key) !== undefined);
    if ((source !== 'generator' && source !== 'inverter') || rows.length === 0) {
        return null;
    }
    return (
        <section aria-labelledby="source-table">
            <h2 id="source-table" style={{ fontSize: 16, fontWeight: 600 }}>
                {source === 'generator' ? 'On the generator' : 'On the inverter'}
            </h2>
            <RuledTable>
                <tbody>
                    <FigureRows rows={rows} />
                </tbody>
            </RuledTable>
        </section>
    );
}
