import { useSearchParams } from 'react-router';
import { StationPage } from '../../bench/StationPage';
import { Segments } from '../../kit/Segments';
import { PaperView } from './PaperView';
import { ReviewView } from './ReviewView';
import { useBench } from '../../bench/BenchContext';
import { RevisionList } from '../../sheet/RevisionList';
import { circuitSubject } from '../../sheet/subject';
import { SensitivityView } from './SensitivityView';

type View = 'paper' | 'review' | 'change' | 'revisions';

const VIEWS: readonly { value: View; label: string }[] = [
    { value: 'paper', label: 'Documents' },
    { value: 'change', label: 'Sensitivity' },
    { value: 'review', label: 'Review and sign' },
    { value: 'revisions', label: 'Revisions' },
];

/** The job handed over: on paper, reviewed, signed, and kept. */
export default function SheetStation() {
    const [search, setSearch] = useSearchParams();
    const asked = search.get('view');
    const { place } = useBench();
    const view = VIEWS.find(({ value }) => value === asked)?.value ?? 'paper';
    return (
        <StationPage name="sheet">
            <Segments
                label="Sheet views"
                value={view}
                options={VIEWS}
                onChange={(chosen) => setSearch(chosen === 'paper' ? {} : { view: chosen }, { replace: true })}
            />
            {view === 'paper' && <PaperView />}
            {view === 'change' && <SensitivityView />}
            {view === 'review' && <ReviewView />}
            {view === 'revisions' && <RevisionList subject={place === null ? undefined : circuitSubject(place.circuit)} />}
        </StationPage>
    );
}
