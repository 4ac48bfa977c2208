import { useSearchParams } from 'react-router';
import styled from 'styled-components';
import { useBench } from '../../bench/BenchContext';
import { Choice, Field } from '../../bench/fields';
import { Fields, StationPage } from '../../bench/StationPage';
import { Segments } from '../../kit/Segments';
import { token } from '../../theme/tokens';
import { FaultTable } from './FaultTable';
import { RatingLadder } from './RatingLadder';
import { TimeCurrentView } from './TimeCurrentView';

type View = 'device' | 'time-current';

const VIEWS: readonly { value: View; label: string }[] = [
    { value: 'device', label: 'Device and relay' },
    { value: 'time-current', label: 'Time and current' },
];

const Limit = styled.p`
    font-size: 14px;
    color: ${token.soft};
`;

/** Protective device, overload relay, disconnect and contactors. */
export default function GuardStation() {
    const { solved } = useBench();
    const [search, setSearch] = useSearchParams();
    const view = search.get('view') === 'time-current' ? 'time-current' : 'device';
    const place = solved.text('guard.overload_place');
    // A starter with one place for the relay needs no word for it.
    const seat = place === undefined || solved.note('guard.overload_place').unused ? '' : solved.choice('guard.overload_place', place);
    // Where the rule sets a limit above the dial it stands small: the largest number is the one that is dialled.
    const limited = (solved.number('guard.overload_setting') ?? 0) > (solved.number('guard.overload_dial') ?? Infinity);
    // Without a timed start no class is chosen.
    const timed = solved.figure('guard.overload_class') !== undefined;
    return (
        <StationPage
            name="guard"
            large={[
                solved.figure('guard.instantaneous_setting') === undefined
                    ? { figure: 'guard.scpd_rating', label: solved.word('scpd', 'protective device') }
                    : { figure: 'guard.instantaneous_setting', label: 'instantaneous trip, set to' },
                { figure: 'guard.overload_dial', label: `overload setting${seat === '' ? '' : `, relay ${seat.toLowerCase()}`}` },
                { figure: 'guard.overload_class', label: timed ? 'trip class' : 'trip class: not checked (start time unknown)' },
                { figure: 'guard.disconnect_rating', label: `${solved.word('disconnect', 'disconnect')}, minimum` },
            ]}
        >
            <Segments
                label="Protection views"
                value={view}
                options={VIEWS}
                onChange={(chosen) => setSearch(chosen === 'device' ? {} : { view: chosen }, { replace: true })}
            />
            {view === 'time-current' ? (
                <TimeCurrentView />
            ) : (
                <>
                    {limited && (
                        <Limit>Code limit for the trip: {solved.shown('guard.overload_setting')}. Do not set the dial to it.</Limit>
                    )}
                    <RatingLadder />
                    <FaultTable />
                    <Fields>
                        <Choice path="guard.scpd" />
                        <Field path="guard.rating" />
                        <Field path="guard.instantaneous" />
                        <Choice path="guard.overload_place" />
                        <Choice path="guard.overload_class" />
                        <Field path="guard.dial" />
                        <Field path="guard.breaking_capacity_ka" />
                        <Field path="guard.marked_maximum" />
                        <Choice path="guard.reset" />
                        <Choice path="guard.earth_fault_relay" />
                        <Field path="guard.start_exception.evidence" />
                        <Choice path="guard.start_exception.overload" />
                    </Fields>
                </>
            )}
        </StationPage>
    );
}
