import { useBench } from '../../bench/BenchContext';
import { Choice, Field } from '../../bench/fields';
import { SourceForm } from '../../bench/SourceForm';
import { Fields } from '../../bench/StationPage';
import { FedBy } from './FedBy';

/** The supply beside the plate. */
export function SupplyForm() {
    const earth = useBench().solved.word('earth', 'earth');
    return (
        <>
            <h2 style={{ fontSize: 16, fontWeight: 600 }}>Supply and location</h2>
            <FedBy />
            <Fields style={{ paddingTop: 10 }}>
                <SourceForm />
                <Choice path="supply.voltage_factor" />
                <Field path="supply.ambient" />
                <Field path="supply.altitude" />
                <Field path="supply.unbalance" />
                <Choice path="surroundings" />
                <Choice path="plate.kind" />
                <Choice path="supply.earthing" label={`${earth.charAt(0).toUpperCase()}${earth.slice(1)}ing system`} />
                <Field path="supply.earth_loop_ohm" label={`${earth.charAt(0).toUpperCase()}${earth.slice(1)}-fault loop impedance`} />
                <Field path="supply.earthing_ohm" />
                <Field path="supply.earthing_ampere" />
                <Choice path="supply.it_earthing" />
            </Fields>
        </>
    );
}
