import { useSearchParams } from 'react-router';
import { useBench } from '../../bench/BenchContext';
import { type LargeFigure, StationPage } from '../../bench/StationPage';
import { Segments } from '../../kit/Segments';
import { AfterView } from './AfterView';
import { CapacitorView } from './CapacitorView';
import { MoneyView } from './MoneyView';
import { TrialView } from './TrialView';

type View = 'capacitor' | 'trial' | 'after' | 'money';

const VIEWS: readonly { value: View; label: string }[] = [
    { value: 'capacitor', label: 'Capacitor' },
    { value: 'trial', label: 'Test run' },
    { value: 'after', label: 'After installation' },
    { value: 'money', label: 'Costs' },
];

/** Which capacitor, where it goes, how it is tried, and what it did. */
export default function CorrectStation() {
    const { solved } = useBench();
    const [search, setSearch] = useSearchParams();
    const asked = search.get('view');
    const view = VIEWS.find(({ value }) => value === asked)?.value ?? 'capacitor';
    return (
        <StationPage name="correct" {...(view === 'capacitor' ? { large: largeFigures(solved) } : {})}>
            <Segments
                label="Correction views"
                value={view}
                options={VIEWS}
                onChange={(chosen) => setSearch(chosen === 'capacitor' ? {} : { view: chosen }, { replace: true })}
            />
            {view === 'capacitor' && <CapacitorView />}
            {view === 'trial' && <TrialView />}
            {view === 'after' && <AfterView />}
            {view === 'money' && <MoneyView />}
        </StationPage>
    );
}

function largeFigures(solved: ReturnType<typeof useBench>['solved']): readonly LargeFigure[] {
    if (solved.figure('correct.capacitor_rating') === undefined) {
        return [
            { figure: 'correct.reactive_required', label: 'required for the target' },
            { figure: 'plate.power_factor', label: 'present power factor' },
            { figure: 'correct.load_current', label: 'present current' },
            { figure: 'correct.load_reactive', label: 'present reactive power' },
        ];
    }
    const load = solved.solution.curves.correction?.load ?? 'full load';
    return [
        solved.figure('correct.capacitance_required') === undefined
            ? { figure: 'correct.capacitor_rating', label: `chosen, ${solved.shown('correct.reactive_required')} required` }
            : { figure: 'correct.capacitance_delta', label: `chosen, ${solved.shown('correct.capacitance_required')} required` },
        { figure: 'correct.load_corrected_power_factor', label: `power factor at ${load}` },
        { figure: 'correct.load_corrected_current', label: `line current at ${load}, was ${solved.shown('correct.load_current')}` },
        { figure: 'correct.discharge_recommended', label: 'discharge resistor, each element' },
    ];
}
