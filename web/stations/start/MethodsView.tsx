import { scaleLinear } from 'd3-scale';
import { useState } from 'react';
import styled from 'styled-components';
import type { ComparedRow } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { Button } from '../../kit/Button';
import { Drawing } from '../../kit/Drawing';
import { Picture } from '../../kit/Picture';
import { RuledTable } from '../../kit/RuledTable';
import { Scroll } from '../../kit/Scroll';
import { Segments } from '../../kit/Segments';
import { narrow, token } from '../../theme/tokens';
import { Level, path, Upright } from '../../kit/axes';
import { useExtra } from '../../bench/useExtra';

const WIDTH = 640;
const HEIGHT = 250;
const LEFT = 52;
const RIGHT = 16;
const TOP = 22;
const BOTTOM = 32;

const Lines = styled(Drawing)`
    .course {
        fill: none;
        stroke: ${token.edge};
        stroke-width: 1.5;
    }
    .looked {
        fill: none;
        stroke: ${token.hot};
        stroke-width: 3;
    }
    .own {
        fill: none;
        stroke: ${token.ink};
        stroke-width: 2.5;
        stroke-dasharray: 8 4;
    }
    .hot-text {
        fill: ${token.hot};
        font-weight: 600;
    }
`;

const Table = styled(RuledTable)`
    th,
    td {
        padding: 6px 10px 6px 0;
    }
    td {
        font-family: ${token.narrow};
        font-weight: 600;
        white-space: nowrap;
    }
    thead th {
        font-size: 14px;
        font-weight: 500;
        color: ${token.soft};
        white-space: nowrap;
    }
    tbody th {
        font-weight: 600;
        white-space: nowrap;
    }
    tr[data-looked='true'] {
        background: ${token.wash};
    }
    button.row {
        min-height: ${token.touch};
        padding: 0;
        border: 0;
        background: none;
        font-weight: 600;
        text-align: left;
        text-decoration: underline;
        text-decoration-color: ${token.edge};
        text-underline-offset: 4px;
        cursor: pointer;
    }
    .bad {
        color: ${token.stop};
    }
    .good {
        color: ${token.accent};
    }
`;

const Verdict = styled.div`
    padding: 10px 14px 12px;
    border: 1px solid ${token.edge};
    border-radius: 4px;
    background: ${token.sheet};
    h2 {
        font-size: 17px;
        font-weight: 600;
    }
    p + p {
        margin-top: 4px;
    }
    button {
        margin-top: 10px;
    }
    @media ${narrow} {
        padding: 10px;
    }
`;

type Picked = 'line' | 'speed';

const COLUMNS: readonly {
    key: 'line' | 'peak' | 'torque' | 'margin' | 'time' | 'worst' | 'dip' | 'dip_at_motor' | 'heat' | 'step' | 'generator';
    name: string;
}[] = [
    { key: 'line', name: 'Max. line current' },
    { key: 'time', name: 'Run-up time' },
    { key: 'worst', name: 'Worst case' },
    { key: 'margin', name: 'Torque margin' },
    { key: 'dip', name: 'Bus dip' },
    { key: 'torque', name: 'Starting torque' },
    { key: 'peak', name: 'First peak' },
    { key: 'dip_at_motor', name: 'Dip at motor' },
    { key: 'heat', name: 'Rotor heating' },
    { key: 'step', name: 'Torque step' },
    { key: 'generator', name: 'Smallest generator' },
];

/** Every starter for this motor and load, on one picture and in one table, with one recommended. */
export function MethodsView() {
    const { curves, waiting, failed } = useExtra('methods');
    const comparison = curves?.comparison;
    const [looked, setLooked] = useState<string | null>(null);
    const [picked, setPicked] = useState<Picked>('line');
    if (comparison === undefined) {
        return (
            <p role="status">
                {waiting
                    ? 'Calculating all starting methods…'
                    : failed
                      ? 'Cannot reach the server. Your entries are kept.'
                      : 'To compare starters, first enter the driven machine under Run-up.'}
            </p>
        );
    }
    const { rows } = comparison;
    // Nobody asks for a generator on the mains.
    const columns = COLUMNS.filter(({ key }) => key !== 'generator' || rows.some((one) => one.generator !== null));
    const row = rows.find((one) => one.key === looked) ?? rows.find((one) => one.recommended) ?? rows.find((one) => one.chosen) ?? rows[0];
    return row === undefined ? null : (
        <>
            <p>
                <strong>{comparison.sentence}</strong>
            </p>
            <Segments
                label="Curve"
                value={picked}
                options={[
                    { value: 'line', label: 'Line current' },
                    { value: 'speed', label: 'Speed' },
                ]}
                onChange={setPicked}
            />
            <MethodsPicture rows={rows} looked={row} of={picked} />
            <Looked row={row} />
            <Scroll tabIndex={0} role="group" aria-label="Starting methods compared">
                <Table>
                    <thead>
                        <tr>
                            <th scope="col">Starter</th>
                            <th scope="col">Verdict</th>
                            {columns.map(({ key, name }) => (
                                <th key={key} scope="col">
                                    {name}
                                </th>
                            ))}
                        </tr>
                    </thead>
                    <tbody>
                        {rows.map((one) => (
                            <tr key={one.key} data-looked={one === row}>
                                <th scope="row">
                                    <button type="button" className="row" aria-pressed={one === row} onClick={() => setLooked(one.key)}>
                                        {one.name}
                                    </button>
                                </th>
                                <td className={one.verdict === 'runs_up' ? 'good' : 'bad'}>
                                    {one.verdict_word}
                                    {one.recommended ? ', recommended' : ''}
                                    {one.chosen ? ' (chosen)' : ''}
                                </td>
                                {columns.map(({ key }) => (
                                    <td key={key}>{one[key]?.shown ?? '–'}</td>
                                ))}
                            </tr>
                        ))}
                    </tbody>
                </Table>
            </Scroll>
        </>
    );
}

/** One starter: why it is or is not taken, what it is built of, and a touch that takes it over. */
function Looked({ row }: { row: ComparedRow }) {
    const { set, readOnly } = useBench();
    const take = () => {
        set('starter.method', row.sets.method);
        set('starter.tap_percent', row.sets.tap_percent);
        set('starter.transition', row.sets.transition);
        // A timer that was set for another starter would be wrong for this one.
        set('starter.changeover.by', null);
        set('starter.changeover.value', null);
        set('guard.overload_place', null);
    };
    return (
        <Verdict aria-live="polite">
            <h2>
                {row.name}: {row.verdict_word}
            </h2>
            <p>{row.reason}</p>
            {row.parts.length > 0 && <p>Parts: {row.parts.join(', ')}. Contactors: utilization category AC-3.</p>}
            {!row.chosen && row.verdict !== 'refused' && (
                <Button kind={row.recommended ? 'main' : 'plain'} isDisabled={readOnly} onPress={take}>
                    Use this starter
                </Button>
            )}
        </Verdict>
    );
}

function MethodsPicture({ rows, looked, of }: { rows: readonly ComparedRow[]; looked: ComparedRow; of: Picked }) {
    const drawn = rows.filter((row) => row.course.length > 1);
    const ends = Math.max(1e-6, ...drawn.map((row) => row.course[row.course.length - 1]?.time ?? 0));
    const x = scaleLinear([0, ends], [LEFT, WIDTH - RIGHT]);
    const y = scaleLinear(
        [0, Math.max(1e-6, ...drawn.flatMap((row) => row.course.map((point) => point[of]))) * 1.05],
        [HEIGHT - BOTTOM, TOP],
    );
    const line = (row: ComparedRow) =>
        path(
            row.course,
            (point) => x(point.time),
            (point) => y(point[of]),
        );
    const own = drawn.find((row) => row.chosen);
    const end = looked.course[Math.floor(looked.course.length / 3)];
    return (
        <Picture
            title={of === 'line' ? 'Line current over time, every starter' : 'Speed over time, every starter'}
            name="starters"
            wide
            rows={rows.map((row) => [row.name, `${row.verdict_word}, ${row.line?.shown ?? '–'}, ${row.time?.shown ?? '–'}`] as const)}
        >
            <Lines viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label="Every starter over time">
                <Upright scale={y} left={LEFT} right={WIDTH - RIGHT} ticks={4} unit={of === 'line' ? 'A' : 'rpm'} unitAt={TOP - 8} />
                <Level scale={x} top={TOP} bottom={HEIGHT - BOTTOM} ticks={6} unit="s" />
                {drawn.map((row) => (
                    <path key={row.key} className="course" d={line(row)} />
                ))}
                {own !== undefined && own !== looked && (
                    <>
                        <path className="own" d={line(own)} />
                        <text className="strong" x={WIDTH - RIGHT} y={TOP - 8} textAnchor="end">
                            – – present starter: {own.name}
                        </text>
                    </>
                )}
                {looked.course.length > 1 && <path className="looked" d={line(looked)} />}
                {end !== undefined && (
                    <text className="hot-text" x={x(end.time) + 8} y={y(end[of]) - 10}>
                        {looked.name}
                    </text>
                )}
            </Lines>
        </Picture>
    );
}
