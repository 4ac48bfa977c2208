import { useBench } from '../../bench/BenchContext';
import { typed } from '../../bench/circuit';
import { Choice, Field } from '../../bench/fields';
import { Fields, StationPage } from '../../bench/StationPage';
import { DEVICES, options } from '../../bench/words';
import { RatingLadder } from './RatingLadder';

const IEC = ['fuse_gg', 'breaker_b', 'breaker_c', 'breaker_d', 'fuse_am', 'motor_breaker'];
const NEC = ['breaker_inverse_time', 'fuse_dual_element', 'fuse_non_time_delay', 'breaker_instantaneous', 'motor_breaker'];

/** Protective device, overload relay, disconnect and contactors. */
export default function GuardStation() {
    const { draft, solved } = useBench();
    const iec = solved.solution.rule_book === 'iec';
    const starDelta = typed(draft, 'starter.method') === 'star_delta';
    return (
        <StationPage
            name="guard"
            large={[
                { figure: 'guard.scpd_rating', label: solved.word('scpd', 'protective device') },
                {
                    figure: 'guard.overload_dial',
                    label: solved.text('guard.overload_place') === 'delta' ? 'set the relay to, in the delta' : 'set the relay to',
                },
                iec
                    ? { figure: 'guard.overload_class', label: 'trip class' }
                    : { figure: 'guard.overload_setting', label: 'trip, never above' },
                { figure: 'guard.disconnect_rating', label: iec ? 'isolator, at least' : 'disconnect, at least' },
            ]}
        >
            <RatingLadder />
            <Fields>
                <Choice
                    path="guard.scpd"
                    label="Protective device"
                    options={[
                        { value: '', label: iec ? 'gG fuse (usual)' : 'Inverse-time breaker (usual)' },
                        ...options(DEVICES, iec ? IEC : NEC),
                    ]}
                />
                <Field path="guard.rating" label="Installed rating" unit="A" hint="Checked, not chosen." />
                {starDelta && (
                    <Choice
                        path="guard.overload_place"
                        label="Overload relay"
                        options={[
                            { value: '', label: 'In the delta (usual)' },
                            { value: 'delta', label: 'In the delta' },
                            { value: 'line', label: 'In the line' },
                        ]}
                    />
                )}
                <Choice
                    path="guard.overload_class"
                    label="Trip class"
                    options={[
                        { value: '', label: 'Smallest that holds' },
                        { value: '10A', label: '10A' },
                        { value: '10', label: '10' },
                        { value: '20', label: '20' },
                        { value: '30', label: '30' },
                    ]}
                />
                <Field path="guard.dial" label="Relay stands at" unit="A" hint="Checked, not chosen." />
                <Field path="guard.breaking_capacity_ka" label="Breaking capacity" unit="kA" />
                <Field path="guard.marked_maximum" label="Marked maximum" unit="A" hint="Largest device on the starter’s label." />
            </Fields>
        </StationPage>
    );
}
