import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { service } from '../../api/service';
import { useBench } from '../../bench/BenchContext';
import { typed } from '../../bench/circuit';
import { Button } from '../../kit/Button';
import { RuledTable } from '../../kit/RuledTable';
import { Scroll } from '../../kit/Scroll';
import { useRefresh } from '../../readings/useReadings';
import { token } from '../../theme/tokens';
import { useKept } from '../../away/useKept';
import { when } from '../../kit/when';

const Face = styled.div`
    display: grid;
    gap: 12px;
    justify-items: stretch;
    max-width: 520px;
`;

const Clock = styled.output`
    font-family: ${token.narrow};
    font-weight: 600;
    font-size: 72px;
    line-height: 1;
    font-variant-numeric: tabular-nums;
    small {
        font-size: 28px;
        font-weight: 500;
    }
`;

const Big = styled(Button)`
    min-height: 148px;
    font-size: 26px;
`;

const Parts = styled.dl`
    display: grid;
    grid-template-columns: max-content 1fr;
    gap: 2px 16px;
    dt {
        color: ${token.soft};
    }
    dd {
        font-weight: 600;
    }
`;

/** When each touch came, ms since switching on. */
interface Times {
    began: number;
    changed: number | null;
    ended: number | null;
}

const seconds = (ms: number) => (ms / 1000).toFixed(1);
/** A start timed at the motor with one thumb: at switching on, at the changeover, at full speed. */
export function StopwatchView() {
    const { draft, solved, set, place, readOnly, readings } = useBench();
    const refresh = useRefresh(place?.circuit);
    const staged = !solved.note('starter.changeover.value').unused;
    const [times, setTimes] = useKept<Times | null>(`stopwatch:${place?.circuit ?? 0}`, null);
    const [now, setNow] = useState(0);
    const [said, setSaid] = useState('');
    const running = times !== null && times.ended === null;
    useEffect(() => {
        if (!running) {
            return;
        }
        const every = setInterval(() => setNow(performance.now()), 100);
        return () => clearInterval(every);
    }, [running]);
    const kept = readings.filter((reading) => reading.method === 'run_up_time' && reading.withdrawn === null);
    const touch = () => {
        const at = performance.now();
        setNow(at);
        setSaid('');
        if (times === null || times.ended !== null) {
            setTimes({ began: at, changed: null, ended: null });
        } else if (staged && times.changed === null) {
            setTimes({ ...times, changed: at });
        } else {
            setTimes({ ...times, ended: at });
        }
    };
    const take = (whole: string, change: string | null) => {
        set('starter.run_up_time', `${whole} s`);
        // The stopwatch replaces what was guessed.
        set('load.inertia', null);
        if (change !== null) {
            set('starter.changeover.by', 'time');
            set('starter.changeover.value', change);
        }
        setSaid('Saved. Inertia, timer and trip class now follow from this time.');
    };
    const keep = async (whole: string, change: string | null) => {
        if (place === null) {
            return;
        }
        try {
            await place.flush();
            await service.reading.storeStart(place.circuit, { seconds: whole, changeover: change });
            await refresh();
            setSaid('Saved with the time and your name.');
        } catch (problem) {
            setSaid(`Not saved: ${problem instanceof Error ? problem.message : 'no answer.'} The times stay here.`);
        }
    };
    const whole = times?.ended == null ? null : seconds(times.ended - times.began);
    const change = times?.changed == null ? null : seconds(times.changed - times.began);
    const shown = times === null ? '0.0' : seconds((times.ended ?? now) - times.began);
    const button = times === null || times.ended !== null ? 'Switching on' : staged && times.changed === null ? 'Changeover' : 'Full speed';
    return (
        <>
            <p>
                Stand where you can see the shaft, clear of the coupling and belt. Tap when the starter closes
                {staged ? ', at changeover' : ''} and when the speed stops rising.
            </p>
            <Face>
                <Clock aria-label="Time since switching on">
                    {shown}
                    <small> s</small>
                </Clock>
                <Big kind={running ? 'main' : 'plain'} onPressStart={touch}>
                    {button}
                </Big>
                {whole !== null && (
                    <>
                        <Parts>
                            {change !== null && (
                                <>
                                    <dt>Changeover after</dt>
                                    <dd>{change} s</dd>
                                </>
                            )}
                            <dt>Full speed after</dt>
                            <dd>{whole} s</dd>
                            <dt>Calculated</dt>
                            <dd>
                                {solved.shown('start.run_up_time')}, {solved.shown('start.run_up_time_worst')} worst case
                            </dd>
                        </Parts>
                        <Button kind="main" isDisabled={readOnly} onPress={() => take(whole, change)}>
                            {typed(draft, 'load.inertia') === '' ? 'Calculate the inertia from this time' : 'Replace the entered inertia'}
                        </Button>
                        {place !== null && (
                            <Button isDisabled={readOnly} onPress={() => void keep(whole, change)}>
                                Save this start
                            </Button>
                        )}
                    </>
                )}
                <p role="status">{said}</p>
            </Face>
            {kept.length > 0 && (
                <Scroll tabIndex={0} role="group" aria-label="Saved timed starts">
                    <RuledTable>
                        <caption>Timed starts of this circuit</caption>
                        <thead>
                            <tr>
                                <th scope="col">Date, user</th>
                                <th scope="col">Run-up</th>
                                <th scope="col">Compared with the one before</th>
                                <th scope="col">Compared with the calculation</th>
                            </tr>
                        </thead>
                        <tbody>
                            {kept.map((reading) => {
                                const of = (key: string) => reading.figures.find((figure) => figure.key === key);
                                return (
                                    <tr key={reading.id}>
                                        <td>
                                            {when.format(new Date(reading.taken_at))}, {reading.taken_by}
                                        </td>
                                        <td>
                                            {of('measured.run_up_time')?.shown}
                                            {of('measured.changeover_time') === undefined
                                                ? ''
                                                : `, changeover ${of('measured.changeover_time')?.shown ?? ''}`}
                                        </td>
                                        <td>{of('measured.run_up_change')?.shown ?? '–'}</td>
                                        <td>{of('measured.run_up_verdict')?.shown ?? '–'}</td>
                                    </tr>
                                );
                            })}
                        </tbody>
                    </RuledTable>
                </Scroll>
            )}
        </>
    );
}
