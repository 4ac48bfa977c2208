import type { Reading, ReadingComparison } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { Drawing } from '../../kit/Drawing';
import { Picture } from '../../kit/Picture';

/** Corners of the terminals, and where the value of the pair between two of them stands. */
const CORNERS = { U: [150, 40], V: [250, 200], W: [50, 200] } as const;
const CENTRE = [150, 147] as const;
const PAIRS = [
    { name: 'ohms_uv', from: 'U', to: 'V', at: [258, 112], anchor: 'start' },
    { name: 'ohms_vw', from: 'V', to: 'W', at: [150, 236], anchor: 'middle' },
    { name: 'ohms_wu', from: 'W', to: 'U', at: [42, 112], anchor: 'end' },
] as const;

const middle = (a: readonly [number, number], b: readonly [number, number]) => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2] as const;

/** What was read between the terminals, and the windings behind it as they are joined. */
export function TerminalPicture({ reading, comparison }: { reading: Reading; comparison: ReadingComparison }) {
    const { solved } = useBench();
    const joined = typeof reading.values.joined === 'string' ? reading.values.joined : '';
    const typed = (name: string) => (typeof reading.values[name] === 'string' ? reading.values[name] : '');
    const word = joined === 'star' ? solved.word('star', joined) : joined;
    const windings = [1, 2, 3].map((number) => comparison.quantities.find(({ name }) => name === `winding_${number}`)?.shown ?? '');
    const ends = (['U', 'V', 'W'] as const).map((mark) => CORNERS[mark]);
    const sides = PAIRS.map(({ from, to }) => [CORNERS[from], CORNERS[to]] as const);
    const drawn = joined === 'delta' ? sides : ends.map((end) => [end, CENTRE] as const);
    return (
        <Picture
            title={joined === 'open' ? 'The windings, links removed' : `Between the terminals, connected in ${word}`}
            name="terminals"
            rows={PAIRS.map(
                (pair, index) => [`${pair.from}–${pair.to}`, `reading ${typed(pair.name)}; winding ${windings[index] ?? ''}`] as const,
            )}
        >
            <Drawing viewBox="-60 0 420 250" role="img" aria-label="Terminal readings on the windings" style={{ maxWidth: 460 }}>
                {drawn.map(([from, to], index) => {
                    const [x, y] = middle(from, to);
                    const gap = joined === 'open' ? 0.86 : 1;
                    return (
                        <g key={index}>
                            <path
                                className="apparent"
                                d={`M${from[0]} ${from[1]}L${from[0] + (to[0] - from[0]) * gap} ${from[1] + (to[1] - from[1]) * gap}`}
                            />
                            <text className="strong" x={x} y={y + 5} textAnchor="middle">
                                {windings[index]}
                            </text>
                        </g>
                    );
                })}
                {joined !== 'open' &&
                    PAIRS.map((pair) => (
                        <text key={pair.name} className="soft" x={pair.at[0]} y={pair.at[1]} textAnchor={pair.anchor}>
                            {pair.from}–{pair.to} {typed(pair.name)}
                        </text>
                    ))}
                {(['U', 'V', 'W'] as const).map((mark) => (
                    <g key={mark}>
                        <circle cx={CORNERS[mark][0]} cy={CORNERS[mark][1]} r="5" fill="currentColor" />
                        <text
                            className="strong"
                            x={CORNERS[mark][0] + (mark === 'W' ? -12 : 12)}
                            y={CORNERS[mark][1] + (mark === 'U' ? -8 : 6)}
                            textAnchor={mark === 'W' ? 'end' : 'start'}
                        >
                            {mark}
                        </text>
                    </g>
                ))}
            </Drawing>
        </Picture>
    );
}
