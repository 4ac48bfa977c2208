import styled from 'styled-components';
import { useBench } from '../../bench/BenchContext';
import { typed } from '../../bench/circuit';
import { Choice, Field } from '../../bench/fields';
import { Fields, Pictures } from '../../bench/StationPage';
import { token } from '../../theme/tokens';
import { CoursePicture } from './CoursePicture';
import { OnePhaseStart } from './OnePhaseStart';
import { StartCurrents } from './StartCurrents';
import { TorqueSpeedPicture } from './TorqueSpeedPicture';
import { WindingVoltages } from './WindingVoltages';

const Card = styled.aside`
    padding: 10px 14px 12px;
    border: 1px solid ${token.edge};
    border-radius: 4px;
    background: ${token.sheet};
    h2 {
        font-size: 17px;
        font-weight: 600;
    }
    dl {
        display: grid;
        grid-template-columns: max-content minmax(0, 1fr);
        gap: 2px 14px;
    }
    dt {
        color: ${token.soft};
    }
    dd {
        font-weight: 600;
    }
`;

/** Whether the load comes up, drawn; and the fields that decide it. */
export function RunUpView() {
    const { draft, solved } = useBench();
    const onePhase = solved.solution.curves.run?.phases === 1;
    const speed = typed(draft, 'starter.changeover.by') === 'speed';
    const course = solved.solution.curves.start_course;
    const changeover = solved.first('start.star_time', 'start.reduced_time');
    return (
        <>
            {course === undefined ? (
                <Pictures $columns="minmax(0, 1fr) minmax(0, 1fr)">
                    <StartCurrents />
                    {onePhase ? <OnePhaseStart /> : <WindingVoltages />}
                </Pictures>
            ) : (
                <Pictures $columns="minmax(0, 1fr) minmax(0, 1fr)">
                    <TorqueSpeedPicture />
                    <CoursePicture />
                </Pictures>
            )}
            <Fields>
                <Choice path="load.machine" />
                <Choice path="load.kind" />
                <Field path="load.torque_percent" />
                {typed(draft, 'load.kind') === 'points' && <Field path="load.points" />}
                <Field path="load.inertia" />
                <Field path="load.speed_ratio" />
                <Field path="load.breakaway_percent" />
                <Choice path="starter.method" />
                <Choice path="starter.changeover.by" />
                <Field
                    path="starter.changeover.value"
                    label={speed ? 'At speed' : 'After'}
                    unit={speed ? '% of ns' : 's'}
                    placeholder={speed ? undefined : changeover?.shown}
                />
                <Choice path="starter.transition" />
                <Choice path="starter.for_one_phase" />
                <Field path="starter.gap" />
                <Field path="starter.tap_percent" />
                <Field path="starter.current_limit" />
                <Field path="starter.initial_voltage" />
                <Field path="starter.ramp_time" />
                <Field path="starter.drive_input_current" />
                <Field path="starter.run_up_time" />
                <Field path="measure.locked_rotor_amps" />
                <Field path="measure.locked_rotor_kva" />
                <Field path="measure.locked_rotor_volts" />
                <Field path="plate.locked_rotor_time" />
            </Fields>
            {course !== undefined && <SettingCard />}
        </>
    );
}

/** What to set, what to watch at the first start, and what it means if it takes longer. */
function SettingCard() {
    const { draft, solved } = useBench();
    const timer = solved.first('start.star_time', 'start.reduced_time');
    const time = solved.figure('start.run_up_time');
    const worst = solved.figure('start.run_up_time_worst');
    const falls = solved.figure('start.changeover_current');
    const hand = typed(draft, 'starter.changeover.by') === 'hand';
    const rows: (readonly [string, string | undefined])[] = [
        [hand ? 'Changeover after' : 'Timer', timer?.shown],
        ['Earliest', solved.figure('start.timer_first')?.shown],
        ['Latest', solved.figure('start.timer_last')?.shown],
        ['Speed at the changeover', solved.figure('start.changeover_speed')?.shown],
        ['Full speed after', time === undefined ? undefined : `${time.shown}${worst === undefined ? '' : `, worst case ${worst.shown}`}`],
        ['Relay', solved.figure('guard.overload_dial')?.shown],
        ['Takes at the start', solved.figure('start.starting_kva')?.shown],
        ['Smallest generator', solved.figure('start.generator_least_kva')?.shown],
        ['Starts per hour, by heating', solved.figure('start.starts_per_hour')?.shown],
    ];
    return (
        <Card aria-labelledby="setting-card">
            <h2 id="setting-card">Setting card</h2>
            <dl>
                {rows.flatMap(([name, value]) =>
                    value === undefined ? [] : [<dt key={`${name} name`}>{name}</dt>, <dd key={name}>{value}</dd>],
                )}
            </dl>
            {time !== undefined && (
                <p>
                    Watch the ammeter and the speed on the first start.
                    {falls === undefined
                        ? ''
                        : ` At changeover the ammeter rises to about ${falls.shown}. Much more means the timer is set too short.`}{' '}
                    If it takes longer than {worst?.shown ?? time.shown}, switch off. Check for low voltage, overload, a damper or valve in
                    the wrong position, or a dragging brake. Keep clear of couplings and belts.
                </p>
            )}
        </Card>
    );
}
