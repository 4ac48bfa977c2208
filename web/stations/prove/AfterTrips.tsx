import { Link } from 'react-router';
import styled from 'styled-components';
import type { FigureKey, LogState, ReadingKind } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { GradeMark } from '../../kit/Grade';
import { token } from '../../theme/tokens';

const Steps = styled.ol`
    > li {
        display: grid;
        grid-template-columns: 24px minmax(0, 1fr);
        gap: 2px 8px;
        padding: 8px 0;
        border-top: 1px solid ${token.rule};
    }
    b {
        font-weight: 600;
    }
    small {
        display: block;
        color: ${token.soft};
        font-size: 14px;
    }
`;

interface Step {
    what: string;
    /** What it should be, by this circuit's own figures. */
    should: string;
    /** What was found since the trip; empty where nobody looked yet. */
    found: string;
    differs: boolean;
    to: { pathname: string; search?: string };
}

/** From the second trip on: what to look at next, in the order of the work, with this circuit's own numbers. */
export function AfterTrips({ trips }: { trips: LogState['trips'] }) {
    const { solved, readings, place } = useBench();
    if (trips.in_a_year < 2 || place === null) {
        return null;
    }
    const at = (station: string, search = '') => ({ pathname: `/circuits/${place.circuit}/${station}`, search });
    const plan = (solved.solution.curves.plan?.phases ?? []).flatMap((phase) => phase.steps);
    const dial = solved.figure('guard.overload_dial');
    const found = trips.dial_found;
    const read = (kind: ReadingKind, what: string, more = ''): Step[] => {
        const step = plan.find((one) => one.kind === kind);
        const reading = step?.reading == null ? undefined : readings[step.reading];
        const since = reading !== undefined && !reading.simulated && (trips.last_at === null || reading.taken_at > trips.last_at);
        const main = step?.reading == null ? undefined : solved.solution.comparisons[step.reading]?.quantities[0];
        return step === undefined
            ? []
            : [
                  {
                      what,
                      should: [step.expects, more].filter((text) => text !== '').join('; '),
                      found: since ? (main?.shown ?? 'measured') : '',
                      differs: since && step.state === 'differs',
                      to: at('prove', `?step=${kind}`),
                  },
              ];
    };
    const shown = (key: FigureKey, words: string) => {
        const figure = solved.figure(key);
        return figure === undefined ? '' : `${words} ${figure.shown}`;
    };
    const steps: readonly Step[] = [
        {
            what: 'Read the setting on the relay',
            should: [shown('guard.overload_dial', 'set to'), shown('guard.overload_class', 'trip class')].filter(Boolean).join(', '),
            found: found === null ? '' : `${found.shown} at the last trip`,
            differs: found !== null && dial !== undefined && found.shown !== dial.shown,
            to: at('guard'),
        },
        ...read('line_current', 'Measure the three line currents at the load it tripped at'),
        ...read('supply_voltage', 'Measure the three voltages while it runs'),
        ...read(
            'run_up_time',
            'Time one start from cold',
            [shown('guard.start_multiple', 'the relay sees'), shown('guard.overload_class', 'trip class')].filter(Boolean).join(', '),
        ),
        ...read('insulation_resistance', 'Dead and locked off: measure the insulation'),
        ...read('winding_resistance', 'Dead and locked off: measure the windings'),
    ];
    return (
        <section aria-label="What to read next">
            <h2>{trips.in_a_year} trips in a year: what to read next</h2>
            <Steps>
                {steps.map(({ what, should, found: seen, differs, to }) => (
                    <li key={what}>
                        <span>{differs ? <GradeMark grade="caution" label="differs" /> : seen === '' ? '○' : '✓'}</span>
                        <span>
                            <Link to={to}>{what}</Link>
                            <small>
                                {should === '' ? 'no figure of this circuit yet' : `should be: ${should}`}
                                {seen !== '' && (
                                    <>
                                        {'. '}
                                        <b>Found: {seen}</b>
                                    </>
                                )}
                            </small>
                        </span>
                    </li>
                ))}
            </Steps>
            <p>Reset once only after the cause is found. A third start without it can burn the winding.</p>
        </section>
    );
}
