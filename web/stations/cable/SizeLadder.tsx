import { scaleLinear } from 'd3-scale';
import type { SizeLadder } from '../../api/contract';
import { Drawing } from '../../kit/Drawing';
import { Picture } from '../../kit/Picture';

const WIDTH = 656;
const ROW = 28;
const TOP = 34;
const LEFT = 103;

/** What is said of a size that fails nothing that was checked. */
function verdict(chosen: boolean, installed: boolean, checked: boolean): string {
    if (!checked) {
        return chosen ? (installed ? 'installed, drop not checked' : 'smallest by current') : 'by current';
    }
    return chosen ? (installed ? '✓ installed' : '✓ smallest that passes') : 'passes';
}

/** Every size as a rung: what it carries against what is wanted, its drop, and the constraint that rejects it. */
export function SizeLadderPicture({ title, name, ladder }: { title: string; name: string; ladder: SizeLadder }) {
    const chosen = ladder.rows.findIndex((row) => row.chosen);
    const from = Math.max(0, (chosen === -1 ? ladder.rows.length : chosen) - 4);
    const rows = ladder.rows.slice(from, from + 8);
    const scale = scaleLinear([0, Math.max(ladder.required.value, ...rows.map((row) => row.ampacity.value))], [0, 150]);
    const wanted = LEFT + scale(ladder.required.value);
    // What is not checked is never green.
    const checked = ladder.rows.every((row) => row.drop !== null);
    return (
        <Picture
            wide
            title={title}
            name={name}
            rows={ladder.rows.map((row) => [
                row.size,
                `${row.ampacity.shown}, voltage drop ${row.drop === null ? 'not checked' : row.drop.shown}, ${row.fails.length === 0 ? verdict(row.chosen, ladder.installed, checked).replace('✓ ', '') : `rejected: ${row.rejected_by}`}`,
            ])}
        >
            <Drawing viewBox={`0 0 ${WIDTH} ${TOP + rows.length * ROW + 4}`} role="img" aria-label={title}>
                <text className="soft" x={LEFT} y="14">
                    carries ({ladder.required.shown} required)
                </text>
                <text className="soft" x="386" y="14" textAnchor="end">
                    {checked ? `drop, limit ${ladder.drop_limit.shown}` : 'drop not checked'}
                </text>
                <text className="soft" x="462" y="14" textAnchor="end">
                    {checked ? `start, ${ladder.starting_drop_limit.shown}` : ''}
                </text>
                <path className="wanted" d={`M${wanted} ${TOP - 8}V${TOP + rows.length * ROW}`} />
                {rows.map((row, index) => {
                    const y = TOP + index * ROW;
                    return (
                        <g key={row.size} className={row.chosen ? 'on' : ''} transform={`translate(0 ${y})`}>
                            {row.chosen && <rect className="band" x="0" y="-5" width={WIDTH} height={ROW} />}
                            <text className="strong" x="4" y="14">
                                {row.size}
                            </text>
                            <rect className="bar" x={LEFT} y="1" height="16" width={scale(row.ampacity.value)} />
                            <text x="300" y="14" textAnchor="end">
                                {row.ampacity.shown}
                            </text>
                            <text className={row.fails.includes('running drop') ? 'bad' : ''} x="386" y="14" textAnchor="end">
                                {row.drop === null ? '–' : row.drop.shown}
                            </text>
                            <text className={row.fails.includes('starting drop') ? 'bad' : ''} x="462" y="14" textAnchor="end">
                                {row.starting_drop === null ? '–' : row.starting_drop.shown}
                            </text>
                            <text className={row.fails.length > 0 ? 'bad' : row.chosen && checked ? 'good' : ''} x="476" y="14">
                                {row.fails.length > 0
                                    ? `✕ ${row.chosen && ladder.installed ? 'installed: ' : ''}${[...new Set(row.fails.map((fail) => fail.replace(/^.* drop$/, 'drop')))].join(', ')}`
                                    : verdict(row.chosen, ladder.installed, checked)}
                            </text>
                        </g>
                    );
                })}
            </Drawing>
        </Picture>
    );
}
