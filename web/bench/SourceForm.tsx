import { Choice, Field } from './fields';

/** What feeds the circuit: the mains, a generator set, or an inverter on a battery. Only the fields of the chosen one show. */
export function SourceForm() {
    return (
        <>
            <Choice path="supply.source" />
            <Field path="supply.transformer_kva" />
            <Field path="supply.transformer_impedance_percent" />
            <Field path="supply.generator_kva" />
            <Field path="supply.generator_kw" />
            <Field path="supply.subtransient_percent" />
            <Field path="supply.transient_percent" />
            <Field path="supply.sustained_ratio" />
            <Field path="supply.inverter_va" />
            <Field path="supply.surge_va" />
            <Field path="supply.surge_seconds" />
            <Field path="supply.inverter_fault_ampere" />
            <Field path="supply.inverter_efficiency" />
            <Field path="supply.inverter_efficiency_points" />
            <Field path="supply.battery_volts" />
            <Field path="supply.battery_amp_hours" />
            <Field path="supply.transformer_phases" />
            <Field path="supply.x_over_r" />
            <Field path="supply.fault_level_kva" />
        </>
    );
}
