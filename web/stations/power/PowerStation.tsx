import { lazy, Suspense } from 'react';
import { useSearchParams } from 'react-router';
import { useBench } from '../../bench/BenchContext';
import { typed } from '../../bench/circuit';
import { type LargeFigure, StationPage } from '../../bench/StationPage';
import { Segments } from '../../kit/Segments';
import { ChainView } from './ChainView';
import { MeasureView } from './MeasureView';
import { PhasorView } from './PhasorView';
import { WindingsView } from './WindingsView';

const WaveformView = lazy(() => import('./WaveformView'));

type View = 'chain' | 'measure' | 'waveform' | 'phasors' | 'windings';

const VIEWS: readonly { value: View; label: string }[] = [
    { value: 'chain', label: 'Overview' },
    { value: 'measure', label: 'Measure' },
    { value: 'waveform', label: 'Waveform' },
    { value: 'phasors', label: 'Phasors' },
    { value: 'windings', label: 'Windings' },
];

const CHAIN: readonly LargeFigure[] = [
    { figure: 'power.input', label: 'real power, input' },
    { figure: 'power.reactive', label: 'reactive power' },
    { figure: 'power.apparent', label: 'apparent power' },
    { figure: 'power.design_current', label: 'design current' },
];

const BENCH: readonly LargeFigure[] = [...CHAIN.slice(0, 3), { figure: 'power.computed_current', label: 'current' }];

const MEASURED: readonly LargeFigure[] = [
    { figure: 'measured.real', label: 'real power, measured' },
    { figure: 'measured.reactive', label: 'reactive power, + lagging' },
    { figure: 'measured.apparent', label: 'apparent power' },
    { figure: 'measured.power_factor', label: 'power factor' },
];

/** From output to input, apparent power and current; the same from instruments. */
export default function PowerStation() {
    const { draft } = useBench();
    const [search, setSearch] = useSearchParams();
    const asked = search.get('view');
    const view = VIEWS.find(({ value }) => value === asked)?.value ?? 'chain';
    const bench = typed(draft, 'subject') === 'bench_load';
    const large = view === 'measure' ? MEASURED : view === 'chain' ? (bench ? BENCH : CHAIN) : undefined;
    return (
        <StationPage name="power" {...(large === undefined ? {} : { large })}>
            <Segments
                label="Power views"
                value={view}
                options={VIEWS}
                onChange={(chosen) => setSearch(chosen === 'chain' ? {} : { view: chosen }, { replace: true })}
            />
            {view === 'chain' && <ChainView />}
            {view === 'measure' && <MeasureView />}
            {view === 'waveform' && (
                <Suspense fallback={null}>
                    <WaveformView />
                </Suspense>
            )}
            {view === 'phasors' && <PhasorView />}
            {view === 'windings' && <WindingsView />}
        </StationPage>
    );
}
