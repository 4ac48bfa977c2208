import { scaleLinear } from 'd3-scale';
import type { FigureKey } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { Drawing } from '../../kit/Drawing';
import { Picture } from '../../kit/Picture';

const WIDTH = 320;
const ROW = 52;

/** Line currents of the start to one scale: direct on line against star, and what flows once it runs. */
export function StartCurrents() {
    const { solved } = useBench();
    const star = solved.word('star', 'star');
    const onePhase = solved.solution.curves.run?.phases === 1;
    const wanted: readonly { key: FigureKey; name: string; look: string }[] = [
        ...(onePhase ? [{ key: 'start.locked_rotor_current_low', name: 'standstill, at least', look: 'hot' } as const] : []),
        { key: 'start.locked_rotor_current', name: `${solved.word('direct', 'direct-on-line')}, standstill`, look: 'hot' },
        { key: 'start.star_line_current', name: `in ${star}, standstill`, look: 'hot' },
        ...(onePhase ? [{ key: 'start.locked_rotor_current_high', name: 'standstill, at most', look: 'hot' } as const] : []),
        { key: 'power.plate_current', name: onePhase ? 'running' : 'running, in each line', look: 'run' },
        { key: 'start.delta_winding_current', name: 'running, in each winding', look: 'bar' },
    ];
    const bars = wanted.flatMap((bar) => {
        const value = solved.number(bar.key);
        return value === undefined ? [] : [{ ...bar, value, shown: solved.shown(bar.key) }];
    });
    if (bars.length === 0) {
        return <p>Enter Ia/In or the code letter from the nameplate.</p>;
    }
    const scale = scaleLinear([0, Math.max(...bars.map((bar) => bar.value))], [0, WIDTH - 70]).nice(4);
    return (
        <Picture
            title={onePhase ? 'Starting current' : `Starting currents, ${solved.word('direct', 'direct-on-line')} and ${star}`}
            name="starting-currents"
            rows={bars.map((bar) => [bar.name, bar.shown] as const)}
        >
            <Drawing viewBox={`0 0 ${WIDTH} ${bars.length * ROW + 22}`} role="img" aria-label="Starting and running currents">
                {scale.ticks(4).map((tick) => (
                    <g key={tick} transform={`translate(${scale(tick)} 0)`}>
                        <path className="tick" d={`M0 4V${bars.length * ROW}`} />
                        <text className="soft" y={bars.length * ROW + 17} textAnchor={tick === 0 ? 'start' : 'middle'}>
                            {tick}
                            {tick === 0 ? ' A' : ''}
                        </text>
                    </g>
                ))}
                {bars.map((bar, index) => (
                    <g key={bar.key} transform={`translate(0 ${index * ROW})`}>
                        <text className="soft" y="16">
                            {bar.name}
                        </text>
                        <rect className={bar.look} y="22" height="20" width={scale(bar.value)} />
                        <text x={scale(bar.value) + 8} y="38">
                            {bar.shown}
                        </text>
                    </g>
                ))}
            </Drawing>
        </Picture>
    );
}
