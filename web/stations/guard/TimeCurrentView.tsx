import { useExtra } from '../../bench/useExtra';
import { CheckTable } from './CheckTable';
import { TimeCurrentPicture } from './TimeCurrentPicture';

/** Device, relay, start, rotor and conductors over current and time: worked out when somebody looks. */
export function TimeCurrentView() {
    const { curves, waiting, failed } = useExtra('time_current');
    if (failed) {
        return <p role="alert">The curves cannot be calculated now: cannot reach the server.</p>;
    }
    if (waiting) {
        return <p role="status">Calculating the curves…</p>;
    }
    const curve = curves?.time_current;
    if (curve === undefined) {
        return <p>Curves appear once the start is known and the position of the overload relay is set.</p>;
    }
    return (
        <>
            <TimeCurrentPicture curve={curve} />
            {curve.device.asks !== '' && <p>{curve.device.asks}</p>}
            <CheckTable
                title="Which curve must trip first"
                rows={curve.checks.map(({ label, verdict, why }) => ({ label, verdict, found: why }))}
            />
        </>
    );
}
