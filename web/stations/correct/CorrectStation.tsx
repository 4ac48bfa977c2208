import { useBench } from '../../bench/BenchContext';
import { typed } from '../../bench/circuit';
import { Choice, Field } from '../../bench/fields';
import { Fields, Pictures, StationPage } from '../../bench/StationPage';
import { options, PLACES } from '../../bench/words';
import { CorrectionPicture } from './CorrectionPicture';
import { PlacementTable } from './PlacementTable';
import { StepList } from './StepList';

/** Capacitor for the target power factor, where it goes, and what changes because of it. */
export default function CorrectStation() {
    const { draft, solved } = useBench();
    const chosen = solved.figure('correct.capacitor_rating') !== undefined;
    const starDelta = typed(draft, 'starter.method') === 'star_delta';
    return (
        <StationPage
            name="correct"
            large={
                chosen
                    ? [
                          { figure: 'correct.capacitor_rating', label: `chosen, ${solved.shown('correct.reactive_required')} required` },
                          { figure: 'correct.corrected_power_factor', label: `power factor, was ${solved.shown('plate.power_factor')}` },
                          { figure: 'correct.corrected_current', label: `line current, was ${solved.shown('power.overload_current')}` },
                          { figure: 'correct.discharge_recommended', label: 'discharge resistor, each element' },
                      ]
                    : [
                          { figure: 'correct.reactive_required', label: 'required for the target' },
                          { figure: 'plate.power_factor', label: 'power factor now' },
                          { figure: 'correct.no_load_reactive', label: 'reactive power at no load' },
                          { figure: 'power.reactive', label: 'reactive power, full load' },
                      ]
            }
        >
            {chosen && (
                <Pictures $columns="minmax(0, 1fr) minmax(0, 1fr)">
                    <CorrectionPicture />
                    <PlacementTable />
                </Pictures>
            )}
            <StepList />
            <Fields>
                <Field path="correction.target_power_factor" label="Target power factor" hint="Such as 0.95." />
                <Choice
                    path="correction.place"
                    label="Capacitor"
                    options={[
                        ...(typed(draft, 'correction.place') === '' ? [{ value: '', label: 'None (assumed)' }] : []),
                        ...options(PLACES, Object.keys(PLACES)),
                    ]}
                />
                <Field path="correction.load_percent" label="Load it runs at" unit="%" placeholder="100" />
                <Field path="correction.lowest_load_percent" label="Lowest load" unit="%" hint="It must not lead there." />
                <Field
                    path="correction.rated_voltage"
                    label="Capacitor rated for"
                    unit="V"
                    placeholder={solved.figure('plate.supply_voltage')?.shown}
                />
                <Field path="correction.rated_kvar" label="Installed capacitor" unit="kvar" hint="Checked, not chosen." />
                <Field path="correction.tap_length" label="Its leads" unit="m" />
                {starDelta && (
                    <Choice
                        path="correction.own_contactor"
                        label="Own contactor"
                        options={[
                            { value: '', label: 'Not said' },
                            { value: 'true', label: 'Yes' },
                            { value: 'false', label: 'No' },
                        ]}
                    />
                )}
            </Fields>
        </StationPage>
    );
}
