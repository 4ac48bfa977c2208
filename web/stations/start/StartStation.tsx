import { useSearchParams } from 'react-router';
import { useBench } from '../../bench/BenchContext';
import { type LargeFigure, StationPage } from '../../bench/StationPage';
import { Segments } from '../../kit/Segments';
import { MethodsView } from './MethodsView';
import { RunUpView } from './RunUpView';
import { StopwatchView } from './StopwatchView';
import { WiringView } from './wiring/WiringView';

type View = 'run-up' | 'methods' | 'wiring' | 'stopwatch';

const VIEWS: readonly { value: View; label: string }[] = [
    { value: 'run-up', label: 'Run-up' },
    { value: 'methods', label: 'Starters compared' },
    { value: 'wiring', label: 'Wiring' },
    { value: 'stopwatch', label: 'Stopwatch' },
];

/** How the motor is started: whether it comes up, which starter, how it is wired, and how long it took. */
export default function StartStation() {
    const { solved } = useBench();
    const [search, setSearch] = useSearchParams();
    const asked = search.get('view');
    const view = VIEWS.find(({ value }) => value === asked)?.value ?? 'run-up';
    const star = solved.word('star', 'star');
    const has = (key: LargeFigure['figure']) => solved.figure(key) !== undefined;
    const large: LargeFigure[] = has('start.steady_speed')
        ? has('start.reduced_speed')
            ? [
                  { figure: 'start.standstill_current', label: 'from the line at switch-on' },
                  { figure: 'start.changeover_current', label: 'at the changeover' },
                  { figure: 'start.run_up_time', label: 'to full speed' },
                  has('start.voltage_dip')
                      ? { figure: 'start.voltage_dip', label: 'dip at the bus' }
                      : { figure: 'start.torque_margin', label: 'smallest torque margin (× load)' },
              ]
            : [
                  { figure: 'start.peak_line_current', label: 'largest line current' },
                  { figure: 'start.run_up_time', label: 'to full speed' },
                  { figure: 'start.torque_margin', label: 'smallest torque margin (× load)' },
                  has('start.voltage_dip')
                      ? { figure: 'start.voltage_dip', label: 'dip at the bus' }
                      : { figure: 'start.standstill_torque', label: 'torque at standstill' },
              ]
        : has('start.star_line_current')
          ? [
                { figure: 'start.star_line_current', label: `first inrush in ${star}` },
                { figure: 'start.locked_rotor_current', label: solved.word('direct', 'direct-on-line') },
                { figure: 'start.star_torque', label: `torque in ${star}` },
                { figure: 'start.delta_winding_current', label: 'running, in each lead' },
            ]
          : [
                { figure: 'start.locked_rotor_current', label: 'locked rotor' },
                { figure: 'start.peak_first_half_cycle', label: 'first peak, upper limit' },
                { figure: 'start.locked_rotor_torque', label: 'torque at standstill' },
                { figure: 'start.run_up_time', label: 'run-up time' },
            ];
    return (
        <StationPage name="start" {...(view === 'run-up' ? { large } : {})}>
            <Segments
                label="Start views"
                value={view}
                options={VIEWS}
                onChange={(chosen) => setSearch(chosen === 'run-up' ? {} : { view: chosen }, { replace: true })}
            />
            {view === 'run-up' && <RunUpView />}
            {view === 'methods' && <MethodsView />}
            {view === 'wiring' && <WiringView />}
            {view === 'stopwatch' && <StopwatchView />}
        </StationPage>
    );
}
