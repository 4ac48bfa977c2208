import { useBench } from '../../bench/BenchContext';
import { Choice, Field } from '../../bench/fields';
import { Fields, StationPage } from '../../bench/StationPage';
import { RatingLadder } from './RatingLadder';

/** Protective device, overload relay, disconnect and contactors. */
export default function GuardStation() {
    const { solved } = useBench();
    const place = solved.text('guard.overload_place');
    // A starter with one place for the relay needs no word for it.
    const seat = place === undefined || solved.note('guard.overload_place').unused ? '' : solved.choice('guard.overload_place', place);
    // Where the rule sets a limit above the dial, that limit is what must not be dialled.
    const limited = (solved.number('guard.overload_setting') ?? 0) > (solved.number('guard.overload_dial') ?? Infinity);
    // Without a timed start no class is chosen.
    const timed = solved.figure('guard.overload_class') !== undefined;
    return (
        <StationPage
            name="guard"
            large={[
                { figure: 'guard.scpd_rating', label: solved.word('scpd', 'protective device') },
                { figure: 'guard.overload_dial', label: `set the relay to${seat === '' ? '' : `, ${seat.toLowerCase()}`}` },
                limited
                    ? { figure: 'guard.overload_setting', label: 'trip, never above' }
                    : { figure: 'guard.overload_class', label: timed ? 'trip class' : 'trip class: not checked' },
                { figure: 'guard.disconnect_rating', label: `${solved.word('disconnect', 'disconnect')}, at least` },
            ]}
        >
            <RatingLadder />
            <Fields>
                <Choice path="guard.scpd" />
                <Field path="guard.rating" />
                <Choice path="guard.overload_place" />
                <Choice path="guard.overload_class" />
                <Field path="guard.dial" />
                <Field path="guard.breaking_capacity_ka" />
                <Field path="guard.marked_maximum" />
            </Fields>
        </StationPage>
    );
}
