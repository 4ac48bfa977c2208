import { service } from '../../api/service';
import { useBench } from '../../bench/BenchContext';
import { useRefresh } from '../../readings/useReadings';
import { Analysers } from './Analysers';
import { InstrumentPanel } from './InstrumentPanel';

/** Stand-ins on this circuit as it is computed: to learn by, and to try the plan without an instrument at hand. */
export function InstrumentsView() {
    const { place } = useBench();
    const refresh = useRefresh(place?.circuit);
    if (place === null) {
        return null;
    }
    return (
        <>
            <p>
                Simulated instruments. They show what a healthy motor on this circuit would read, with normal meter error. You can save the
                readings; they stay marked “simulated” and never count as measured.
            </p>
            <InstrumentPanel
                read={async (kind, where) => {
                    await place.flush();
                    return service.instrument.read(place.circuit, { kind, where });
                }}
                keep={async (reading) => {
                    await service.instrument.keep(place.circuit, reading);
                    await refresh();
                }}
            />
            <Analysers />
        </>
    );
}
