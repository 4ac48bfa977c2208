import { useBench } from '../../bench/BenchContext';
import { typed } from '../../bench/circuit';
import { Choice, Field } from '../../bench/fields';
import { Fields, type LargeFigure, Pictures, StationPage } from '../../bench/StationPage';
import { StartCurrents } from './StartCurrents';
import { WindingVoltages } from './WindingVoltages';

/** Inrush and star-delta currents; the run-up's time is typed. */
export default function StartStation() {
    const { draft, solved } = useBench();
    const star = solved.word('star', 'star');
    const speed = typed(draft, 'starter.changeover.by') === 'speed';
    const large: LargeFigure[] =
        solved.figure('start.star_line_current') !== undefined
            ? [
                  { figure: 'start.star_line_current', label: `first inrush in ${star}` },
                  { figure: 'start.locked_rotor_current', label: 'direct on line' },
                  { figure: 'start.star_torque', label: `torque in ${star}` },
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
                <Choice path="starter.method" />
                <Choice path="starter.changeover.by" />
                <Field
                    path="starter.changeover.value"
                    label={speed ? 'At speed' : 'After'}
                    unit={speed ? '% of ns' : 's'}
                    placeholder={solved.figure('start.star_time')?.shown}
                />
                <Field path="starter.run_up_time" />
                <Choice path="load.kind" />
                <Field path="load.torque_percent" />
                <Field path="load.inertia" />
            </Fields>
        </StationPage>
    );
}
