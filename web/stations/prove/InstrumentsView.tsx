import { service } from '../../api/service';
import { useBench } from '../../bench/BenchContext';
import { toSolve } from '../../bench/circuit';
import { orHere } from '../../carried/answered';
import { useRefresh } from '../../readings/useReadings';
import { Analysers } from './Analysers';
import { InstrumentPanel } from './InstrumentPanel';
import { simulated } from './ownDrill';

/** Stand-ins on this circuit as it is computed: to learn by, and to try the plan without an instrument at hand. */
export function InstrumentsView() {
    const { draft, place } = useBench();
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
                read={(kind, where) =>
                    orHere(
                        async () => {
                            await place.flush();
                            return service.instrument.read(place.circuit, { kind, where });
                        },
                        () => simulated(toSolve(draft, place.settings), kind, where),
                    )
                }
                keep={async (reading) => {
                    await service.instrument.keep(place.circuit, reading);
                    await refresh();
                }}
            />
            <Analysers />
        </>
    );
}
