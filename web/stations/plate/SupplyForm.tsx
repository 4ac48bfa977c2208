import { Choice, Field } from '../../bench/fields';
import { Fields } from '../../bench/StationPage';

/** The supply beside the plate. */
export function SupplyForm() {
    return (
        <>
            <h2 style={{ fontSize: 16, fontWeight: 600 }}>The supply</h2>
            <Fields style={{ paddingTop: 10 }}>
                <Field path="supply.voltage" label="Supply voltage" unit="V" />
                <Field path="supply.frequency" label="Frequency" unit="Hz" />
                <Choice
                    path="supply.phases"
                    label="Phases"
                    options={[
                        { value: '3', label: 'Three' },
                        { value: '', label: 'Three (assumed)' },
                        { value: '1', label: 'One, a bench load' },
                    ]}
                />
                <Field path="supply.transformer_kva" label="Transformer" unit="kVA" />
                <Field path="supply.transformer_impedance_percent" label="Its impedance" unit="%" />
                <Field path="supply.x_over_r" label="X/R" />
                <Field
                    path="supply.fault_level_kva"
                    label="Fault level"
                    unit="kVA"
                    hint="Alone: at the bus. With a transformer: on its primary."
                />
                <Field path="supply.ambient" label="Ambient" unit="°C" placeholder="30, assumed" />
                <Field path="supply.altitude" label="Altitude" unit="m" />
                <Choice
                    path="supply.earthing"
                    label="Earthing system"
                    options={[
                        { value: '', label: 'Not said' },
                        { value: 'tn_s', label: 'TN-S' },
                        { value: 'tn_c_s', label: 'TN-C-S' },
                        { value: 'tt', label: 'TT' },
                        { value: 'it', label: 'IT' },
                    ]}
                />
            </Fields>
        </>
    );
}
