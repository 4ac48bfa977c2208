import type { TerminalBox, WiringCurve } from '../../../api/contract';
import { Picture } from '../../../kit/Picture';
import { Circuit, INK } from './pen';

const STEP_X = 92;
const STEP_Y = 74;
const LEFT = 62;
const TOP = 92;

/** The terminals of a box with its links, and where the lines come in. */
export function BoxPicture({ wiring, box }: { wiring: WiringCurve; box: TerminalBox }) {
    const spot = new Map<string, { x: number; y: number }>();
    box.rows.forEach((row, r) => row.forEach((terminal, c) => spot.set(terminal, { x: LEFT + c * STEP_X, y: TOP + r * STEP_Y })));
    const height = TOP + (box.rows.length - 1) * STEP_Y + 46;
    const name = (line: number | null) => (line === null ? '' : (wiring.phases[line]?.name ?? ''));
    return (
        <Picture
            title={box.title}
            name={`links-${box.key}`}
            rows={box.joins.map((join) => [join.terminals.join('–'), join.line === null ? 'linked' : `to ${name(join.line)}`] as const)}
        >
            <Circuit viewBox={`0 0 330 ${height}`} role="img" aria-label={`Terminal box: ${box.title}`}>
                {box.joins.map((join) => {
                    const points = join.terminals.flatMap((terminal) => spot.get(terminal) ?? []);
                    return points.slice(1).map((point, index) => {
                        const from = points[index] ?? point;
                        return (
                            <path
                                key={`${join.terminals.join()}${index}`}
                                className="link"
                                d={`M${from.x} ${from.y}L${point.x} ${point.y}`}
                            />
                        );
                    });
                })}
                {box.joins.map((join) => {
                    const at = spot.get(join.terminals[0] ?? '');
                    const phase = join.line === null ? undefined : wiring.phases[join.line];
                    return at === undefined || phase === undefined ? null : (
                        <g key={phase.name}>
                            <path className="wire" d={`M${at.x} 34V${at.y - 13}`} style={{ stroke: INK[phase.colour], strokeWidth: 5 }} />
                            <text x={at.x} y="13" textAnchor="middle">
                                {phase.name}
                            </text>
                            <text className="soft" x={at.x} y="29" textAnchor="middle">
                                {phase.colour}
                            </text>
                        </g>
                    );
                })}
                {[...spot].map(([terminal, { x, y }]) => (
                    <g key={terminal}>
                        <circle className="ring" cx={x} cy={y} r="12" />
                        <text x={x + 17} y={y + 5}>
                            {terminal}
                        </text>
                    </g>
                ))}
            </Circuit>
        </Picture>
    );
}
