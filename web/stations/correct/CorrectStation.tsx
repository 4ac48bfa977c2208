import { useBench } from '../../bench/BenchContext';
import { Choice, Field } from '../../bench/fields';
import { Fields, Pictures, StationPage } from '../../bench/StationPage';
import { CorrectionPicture } from './CorrectionPicture';
import { PlacementTable } from './PlacementTable';
import { StepList } from './StepList';

/** Capacitor for the target power factor, where it goes, and what changes because of it. */
export default function CorrectStation() {
    const { solved } = useBench();
    const chosen = solved.figure('correct.capacitor_rating') !== undefined;
    // One load is named throughout: the one it runs at, where it is typed.
    const atLoad = solved.figure('correct.load_corrected_current') !== undefined;
    const load = solved.solution.curves.correction?.load ?? 'full';
    return (
        <StationPage
            name="correct"
            large={
                chosen
                    ? [
                          { figure: 'correct.capacitor_rating', label: `chosen, ${solved.shown('correct.reactive_required')} required` },
                          ...(atLoad
                              ? ([
                                    { figure: 'correct.load_corrected_power_factor', label: `power factor at ${load} load` },
                                    { figure: 'correct.load_corrected_current', label: `line current at ${load} load` },
                                ] as const)
                              : ([
                                    {
                                        figure: 'correct.corrected_power_factor',
                                        label: `power factor at full load, was ${solved.shown('plate.power_factor')}`,
                                    },
                                    {
                                        figure: 'correct.corrected_current',
                                        label: `line current at full load, was ${solved.shown('power.overload_current')}`,
                                    },
                                ] as const)),
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
                <Field path="correction.target_power_factor" />
                <Choice path="correction.place" />
                <Field path="correction.load_percent" />
                <Field path="correction.lowest_load_percent" />
                <Field path="correction.rated_voltage" />
                <Field path="correction.rated_kvar" />
                <Field path="correction.tap_length" />
                <Choice path="correction.own_contactor" />
            </Fields>
        </StationPage>
    );
}
