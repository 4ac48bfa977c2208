import { useBench } from '../../bench/BenchContext';
import { typed } from '../../bench/circuit';
import { Choice, Field } from '../../bench/fields';
import { SourceForm } from '../../bench/SourceForm';
import { Fields, Pictures } from '../../bench/StationPage';
import { CurrentSources } from './CurrentSources';
import { PartLoadPicture } from './PartLoadPicture';
import { PowerTriangle } from './PowerTriangle';
import { Schools } from './Schools';
import { SourceTable } from './SourceTable';

/** Output, input, apparent power, current: of the motor at full load and at any other, or of a bench load. */
export function ChainView() {
    const { draft } = useBench();
    const bench = typed(draft, 'subject') === 'bench_load';
    return (
        <>
            <Pictures $columns="minmax(0, 3fr) minmax(0, 2fr)">
                <PowerTriangle />
                {!bench && <CurrentSources />}
            </Pictures>
            <Fields>
                <Choice path="subject" />
                {bench ? (
                    <>
                        <Choice path="supply.phases" />
                        <Field path="supply.voltage" />
                        <Field path="supply.frequency" />
                        <Field path="bench.power" />
                        <Field path="bench.output" />
                        <Field path="bench.efficiency" />
                        <Field path="bench.current" />
                        <Field path="bench.power_factor" />
                        <Choice path="bench.sense" />
                        <SourceForm />
                    </>
                ) : (
                    <Field path="load.output_percent" />
                )}
            </Fields>
            <SourceTable />
            {!bench && (
                <>
                    <PartLoadPicture />
                    <Schools />
                </>
            )}
        </>
    );
}
