import { useBench } from '../../bench/BenchContext';
import { typed } from '../../bench/circuit';
import { Choice, Field } from '../../bench/fields';
import { Fields, Pictures } from '../../bench/StationPage';
import { CurrentSources } from './CurrentSources';
import { PartLoadPicture } from './PartLoadPicture';
import { PowerTriangle } from './PowerTriangle';
import { Schools } from './Schools';

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
                <Choice
                    path="subject"
                    label="What stands here"
                    options={[
                        { value: '', label: 'A motor' },
                        { value: 'bench_load', label: 'A bench load' },
                    ]}
                />
                {bench ? (
                    <>
                        <Choice
                            path="supply.phases"
                            label="Phases"
                            options={[
                                { value: '', label: 'Three (assumed)' },
                                { value: '3', label: 'Three' },
                                { value: '1', label: 'One' },
                            ]}
                        />
                        <Field path="supply.voltage" label="Supply voltage" unit="V" />
                        <Field path="bench.power" label="Real power" unit="W" hint="two of these three" />
                        <Field path="bench.current" label="Current" unit="A" />
                        <Field path="bench.power_factor" label="Power factor" />
                        <Choice
                            path="bench.sense"
                            label="Its current"
                            options={[
                                { value: '', label: 'Not said' },
                                { value: 'lagging', label: 'lags' },
                                { value: 'leading', label: 'leads' },
                            ]}
                        />
                    </>
                ) : (
                    <Field path="load.output_percent" label="Load it runs at" unit="%" hint="of rated output, 0 to 125" />
                )}
            </Fields>
            {!bench && (
                <>
                    <PartLoadPicture />
                    <Schools />
                </>
            )}
        </>
    );
}
