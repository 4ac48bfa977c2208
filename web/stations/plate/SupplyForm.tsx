import { Choice, Field } from '../../bench/fields';
import { Fields } from '../../bench/StationPage';

/** The supply beside the plate. */
export function SupplyForm() {
    return (
        <>
            <h2 style={{ fontSize: 16, fontWeight: 600 }}>The supply and the place</h2>
            <Fields style={{ paddingTop: 10 }}>
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
                <Field path="supply.unbalance" label="Voltage unbalance" unit="%" hint="or three line voltages, 400/404/390" />
                <Choice
                    path="surroundings"
                    label="Surroundings"
                    options={[
                        { value: '', label: 'Not said' },
                        { value: 'dry', label: 'Dry, indoors' },
                        { value: 'damp', label: 'Damp' },
                        { value: 'outdoor', label: 'Outdoors' },
                        { value: 'wash_down', label: 'Wash-down' },
                        { value: 'dust', label: 'Dust' },
                        { value: 'combustible_dust', label: 'Dust that can burn' },
                    ]}
                />
                <Choice
                    path="plate.kind"
                    label="Kind of motor"
                    options={[
                        { value: '', label: 'As the plate says' },
                        { value: 'cage', label: 'Cage' },
                        { value: 'wound_rotor', label: 'Wound rotor' },
                        { value: 'two_speed', label: 'Two speeds' },
                        { value: 'part_winding', label: 'Part winding' },
                        { value: 'single_phase', label: 'Single phase' },
                    ]}
                />
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
