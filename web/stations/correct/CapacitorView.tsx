import { Link } from 'react-router';
import { useBench } from '../../bench/BenchContext';
import { Choice, Field } from '../../bench/fields';
import { Fields, Pictures } from '../../bench/StationPage';
import { TraitField } from '../../bench/TraitField';
import { CorrectionPicture } from './CorrectionPicture';
import { OverLoadPicture } from './OverLoadPicture';
import { PlacementTable } from './PlacementTable';
import { ResonancePicture } from './ResonancePicture';
import { SoldValues } from './SoldValues';
import { StepList } from './StepList';

/** Capacitor for the target power factor, where it goes, and what changes because of it. */
export function CapacitorView() {
    const { solved, place } = useBench();
    const onePhase = solved.figure('correct.capacitance_required') !== undefined;
    return (
        <>
            <Pictures $columns="minmax(0, 1fr) minmax(0, 1fr)">
                <CorrectionPicture />
                {onePhase ? <SoldValues /> : <PlacementTable />}
            </Pictures>
            <StepList />
            <OverLoadPicture />
            <ResonancePicture />
            <Fields>
                <Field path="correction.target_power_factor" />
                <Choice path="correction.basis" />
                <Choice path="correction.place" />
                <Field path="correction.kvar_per_kw" />
                <Field path="correction.load_percent" />
                <Field path="correction.lowest_load_percent" />
                <Field path="correction.rated_voltage" />
                <Field path="correction.rated_frequency" />
                <Field path="correction.detuning_percent" />
                {onePhase ? <Field path="correction.capacitance" /> : <Field path="correction.rated_kvar" />}
                <Field path="correction.resistor_ohm" />
                <Field path="correction.tap_length" />
                <Choice path="correction.own_contactor" />
                <Choice path="correction.pluggable" />
                <Field path="supply.other_capacitors_kvar" />
                <Field path="supply.inverter_efficiency" />
            </Fields>
            <TraitField path="load.traits" />
            {place !== null && (
                <p>
                    For several circuits together: <Link to={`/sites/${place.site}/bank`}>the capacitor bank of this site</Link>.
                </p>
            )}
        </>
    );
}
