import { useSearchParams } from 'react-router';
import { StationPage } from '../../bench/StationPage';
import { Segments } from '../../kit/Segments';
import { DrillView } from './DrillView';
import { InstrumentsView } from './InstrumentsView';
import { KeptView } from './KeptView';
import { LogbookView } from './LogbookView';
import { MethodView } from './MethodView';
import { PlanView } from './PlanView';

type View = 'plan' | 'kept' | 'logbook' | 'method' | 'instruments' | 'fault';

const VIEWS: readonly { value: View; label: string }[] = [
    { value: 'plan', label: 'Plan' },
    { value: 'kept', label: 'All readings' },
    { value: 'logbook', label: 'Logbook' },
    { value: 'method', label: 'Which method?' },
    { value: 'instruments', label: 'Instruments' },
    { value: 'fault', label: 'Find the fault' },
];

/** The circuit proved by readings, in the safe order. */
export default function ProveStation() {
    const [search, setSearch] = useSearchParams();
    const asked = search.get('view');
    const view = VIEWS.find(({ value }) => value === asked)?.value ?? 'plan';
    return (
        <StationPage name="prove">
            <Segments
                label="Measurement views"
                value={view}
                options={VIEWS}
                onChange={(chosen) => setSearch(chosen === 'plan' ? {} : { view: chosen }, { replace: true })}
            />
            {view === 'plan' && <PlanView />}
            {view === 'kept' && <KeptView />}
            {view === 'logbook' && <LogbookView />}
            {view === 'method' && <MethodView />}
            {view === 'instruments' && <InstrumentsView />}
            {view === 'fault' && <DrillView />}
        </StationPage>
    );
}
