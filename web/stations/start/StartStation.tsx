import { useBench } from '../../bench/BenchContext';
import { typed } from '../../bench/circuit';
import { Choice, Field } from '../../bench/fields';
import { Fields, type LargeFigure, Pictures, StationPage } from '../../bench/StationPage';
import { capital, methodName } from '../../bench/words';
import { StartCurrents } from './StartCurrents';
import { WindingVoltages } from './WindingVoltages';

const METHODS = ['direct', 'star_delta', 'autotransformer', 'resistor', 'soft_starter', 'drive'];

/** Inrush and star-delta currents; the run-up's time is typed. */
export default function StartStation() {
    const { draft, solved } = useBench();
    const starDelta = typed(draft, 'starter.method') === 'star_delta';
    const large: LargeFigure[] =
        starDelta && solved.figure('start.star_line_current') !== undefined
            ? [
                  { figure: 'start.star_line_current', label: `first inrush in ${solved.word('star', 'star')}` },
                  { figure: 'start.locked_rotor_current', label: 'direct on line' },
                  { figure: 'start.star_torque', label: `torque in ${solved.word('star', 'star')}` },
                  { figure: 'start.delta_winding_current', label: 'in each lead, running' },
              ]
            : [
                  { figure: 'start.locked_rotor_current', label: 'locked rotor' },
                  { figure: 'start.peak_first_half_cycle', label: 'first peak, at most' },
                  { figure: 'start.locked_rotor_torque', label: 'torque at standstill' },
                  { figure: 'start.run_up_time', label: 'run-up time' },
              ];
    return (
        <StationPage name="start" large={large}>
            <Pictures $columns="minmax(0, 1fr) minmax(0, 1fr)">
                <StartCurrents />
                <WindingVoltages />
            </Pictures>
            <Fields>
                <Choice
                    path="starter.method"
                    label="Method"
                    options={[
                        { value: '', label: 'Direct on line (assumed)' },
                        ...METHODS.map((value) => ({ value, label: capital(methodName(value, solved)) })),
                    ]}
                />
                {starDelta ? (
                    <>
                        <Choice
                            path="starter.changeover.by"
                            label="Changeover by"
                            options={[
                                { value: '', label: 'Time' },
                                { value: 'time', label: 'Time' },
                                { value: 'speed', label: 'Speed' },
                            ].slice(typed(draft, 'starter.changeover.by') === '' ? 0 : 1)}
                        />
                        <Field
                            path="starter.changeover.value"
                            label={typed(draft, 'starter.changeover.by') === 'speed' ? 'At speed' : 'After'}
                            unit={typed(draft, 'starter.changeover.by') === 'speed' ? '% of ns' : 's'}
                            placeholder={solved.figure('start.star_time')?.shown}
                        />
                    </>
                ) : null}
                <Field
                    path="starter.run_up_time"
                    label="Run-up time"
                    unit="s"
                    placeholder={
                        solved.figure('start.run_up_time')?.assumed === true ? `${solved.shown('start.run_up_time')}, assumed` : undefined
                    }
                    hint="From the last start, until the run-up is computed."
                />
                <Choice
                    path="load.kind"
                    label="Load"
                    options={[
                        { value: '', label: 'Not said' },
                        { value: 'quadratic', label: 'Fan or pump' },
                        { value: 'constant', label: 'Constant torque' },
                        { value: 'linear', label: 'Linear' },
                        { value: 'constant_power', label: 'Constant power' },
                    ]}
                />
                <Field path="load.torque_percent" label="Load at full speed" unit="%" />
                <Field path="load.inertia" label="Load inertia" unit="kg·m²" />
            </Fields>
        </StationPage>
    );
}
