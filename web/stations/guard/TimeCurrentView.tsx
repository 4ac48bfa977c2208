import { useExtra } from '../../bench/useExtra';
import { CheckTable } from './CheckTable';
import { TimeCurrentPicture } from './TimeCurrentPicture';

/** Device, relay, start, rotor and conductors over current and time: worked out when somebody looks. */
export function TimeCurrentView() {
    const { curves, waiting, failed } = useExtra('time_current');
    if (failed) {
        return <p role="alert">The curves cannot be worked out now: the service does not answer.</p>;
    }
    if (waiting) {
        return <p role="status">Working out the curves.</p>;
    }
    const curve = curves?.time_current;
    if (curve === undefined) {
        return <p>There are curves to draw once the start is known and the overload relay has its place.</p>;
    }
    return (
        <>
            <TimeCurrentPicture curve={curve} />
            {curve.device.asks !== '' && <p>{curve.device.asks}</p>}
            <CheckTable
                title="What must lie left and right of what"
                rows={curve.checks.map(({ label, verdict, why }) => ({ label, verdict, found: why }))}
            />
        </>
    );
}
