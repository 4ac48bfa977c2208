import { scaleLog } from 'd3-scale';
import { useBench } from '../../bench/BenchContext';
import { Drawing } from '../../kit/Drawing';
import { Picture } from '../../kit/Picture';

const WIDTH = 656;
const ROW = 28;
const TOP = 58;

/** Standard ratings as rungs: below the motor current, too quick for the start, right, or above what the rule allows. */
export function RatingLadder() {
    const { solved } = useBench();
    const curve = solved.solution.curves.ratings;
    if (curve === undefined || curve.rows.length === 0) {
        return null;
    }
    const chosen = curve.rows.findIndex((row) => row.rating.value === curve.chosen);
    const from = Math.max(0, Math.min((chosen === -1 ? curve.rows.length - 1 : chosen) - 4, curve.rows.length - 8));
    const rows = curve.rows.slice(from, from + 8);
    const ratings = rows.map((row) => row.rating.value);
    const scale = scaleLog([Math.min(curve.current.value, ...ratings) * 0.6, Math.max(curve.maximum ?? 0, ...ratings) * 1.05], [0, 200]);
    const current = 82 + scale(curve.current.value);
    return (
        <Picture
            wide
            title={`${solved.choice('guard.scpd', curve.device)}: ratings that carry the start and that the code allows`}
            name="rating-ladder"
            rows={curve.rows.map((row) => [row.rating.shown, row.reason] as const)}
        >
            <Drawing viewBox={`0 0 ${WIDTH} ${TOP + rows.length * ROW + 4}`} role="img" aria-label="Standard ratings">
                <text x="0" y="14">
                    {curve.start}
                </text>
                <text className="soft" x={current} y="38" textAnchor="middle">
                    motor {curve.current.shown}
                </text>
                {curve.limit !== null && (
                    <text className="soft" x={Math.max(82 + scale(curve.limit.value), current + 70)} y="38" textAnchor="start">
                        limit {curve.limit.shown}
                    </text>
                )}
                {rows.map((row, index) => {
                    const right = row.rating.value === curve.chosen;
                    const good = row.carries && row.allowed;
                    return (
                        <g key={row.rating.value} className={right ? 'on' : ''} transform={`translate(0 ${TOP + index * ROW})`}>
                            {right && <rect className="band" x="0" y="-5" width={WIDTH} height={ROW} />}
                            <text className="strong" x="70" y="14" textAnchor="end">
                                {row.rating.shown}
                            </text>
                            <rect className="bar" x="82" y="1" height="16" width={scale(row.rating.value)} />
                            <text className={good ? '' : 'bad'} x="300" y="14">
                                {good ? (right ? '✓ ' : '') : '✕ '}
                                {row.reason}
                            </text>
                        </g>
                    );
                })}
                <path className="wanted" d={`M${current} ${TOP - 14}V${TOP + rows.length * ROW}`} />
                {curve.limit !== null && (
                    <path className="limit" d={`M${82 + scale(curve.limit.value)} ${TOP - 14}V${TOP + rows.length * ROW}`} />
                )}
            </Drawing>
        </Picture>
    );
}
