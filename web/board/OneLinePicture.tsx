import styled from 'styled-components';
import type { BoardAnswer, BoardFigure } from '../api/contract';
import { Drawing } from '../kit/Drawing';
import { Picture } from '../kit/Picture';
import { token } from '../theme/tokens';
import { numberOf, shownOf } from './figures';

const LEFT = 30;
const COLUMN = 128;
/** The feeder stands on the left, so that a phone shows where everything comes from. */
const FEEDER_X = 72;
const BUS_Y = 218;
const END_Y = 330;
const THICKEST = 26;
const THINNEST = 1.5;

const Lines = styled(Drawing)`
    .wire {
        stroke: ${token.accent};
        fill: none;
    }
    .idle {
        stroke: ${token.edge};
        stroke-dasharray: 5 4;
        fill: none;
    }
    .bus {
        stroke: ${token.ink};
        stroke-width: 7;
    }
    .symbol {
        fill: none;
        stroke: ${token.ink};
        stroke-width: 2;
    }
    .device {
        fill: ${token.ground};
        stroke: ${token.ink};
        stroke-width: 2;
    }
    .wrong {
        fill: ${token.caution};
        font-weight: 600;
    }
`;

interface Branch {
    tag: string;
    amperes: number;
    current: string;
    device: string;
    notes: readonly string[];
    wrong: string;
    counts: boolean;
    isBoard: boolean;
}

/** From the source down to the circuits: each line as wide as what flows in it. */
export function OneLinePicture({ board, solved }: { board: BoardAnswer; solved: NonNullable<BoardAnswer['solved']> }) {
    const figures = solved.figures;
    const branches = branchesOf(solved);
    const running = numberOf(figures, 'feeder.running_current');
    const width = Math.max(900, LEFT * 2 + branches.length * COLUMN);
    const wide = (amperes: number) => Math.max(THINNEST, running > 0 ? (THICKEST * amperes) / running : THINNEST);
    const bank = shownOf(figures, 'feeder.bank_steps_on');
    const isBelow = board.fed_by !== null;
    const source = sourceOf(solved);
    return (
        <Picture
            wide
            title="One-line diagram, lines as wide as their current"
            name={`one-line-${board.tag}`}
            rows={[
                ['Source', source.join(', ')],
                ['Feeder', feederOf(figures).join(', ')],
                ['Board', boardOf(figures).join(', ')],
                ...branches.map(
                    ({ tag, current, device, notes, wrong }) =>
                        [tag, [current, device, ...notes, wrong].filter(Boolean).join(', ')] as const,
                ),
                ...(bank === '' ? [] : [['Bank', `${bank} steps on`] as const]),
            ]}
        >
            <Lines
                viewBox={`0 0 ${width} ${END_Y + 112}`}
                style={{ minWidth: width, maxWidth: width }}
                role="img"
                aria-label={`One-line diagram of ${board.tag}`}
            >
                {!isBelow ? (
                    <>
                        <circle className="symbol" cx={FEEDER_X} cy={30} r={17} />
                        <circle className="symbol" cx={FEEDER_X} cy={52} r={17} />
                    </>
                ) : (
                    <path className="bus" d={`M${FEEDER_X - 42} 40H${FEEDER_X + 42}`} />
                )}
                {source.map((text, n) => (
                    <text key={n} x={FEEDER_X + 58} y={26 + 19 * n} className={n === 0 ? 'strong' : 'soft'}>
                        {text}
                    </text>
                ))}
                <path className="wire" d={`M${FEEDER_X} ${isBelow ? 44 : 69}V${BUS_Y}`} strokeWidth={wide(running)} />
                <rect className="device" x={FEEDER_X - 18} y={88} width={36} height={26} />
                <path className="symbol" d={`M${FEEDER_X} 88V114`} />
                {feederOf(figures).map((text, n) => (
                    <text key={n} x={FEEDER_X + 30} y={107 + 19 * n} className={n === 0 ? 'strong' : 'soft'}>
                        {text}
                    </text>
                ))}
                <path className="bus" d={`M${LEFT} ${BUS_Y}H${width - LEFT}`} />
                <text x={FEEDER_X + 30} y={BUS_Y - 34} className="strong">
                    {board.tag}
                </text>
                <text x={FEEDER_X + 30} y={BUS_Y - 14} className="soft">
                    {boardOf(figures).slice(0, 1).join('')}
                </text>
                {branches.map((branch, n) => {
                    const x = LEFT + COLUMN * (n + 0.5);
                    return (
                        <g key={branch.tag}>
                            <path
                                className={branch.counts ? 'wire' : 'idle'}
                                d={`M${x} ${BUS_Y}V${END_Y}`}
                                strokeWidth={branch.counts ? wide(branch.amperes) : 2}
                            />
                            {branch.device !== '' && <rect className="device" x={x - 9} y={BUS_Y + 26} width={18} height={30} />}
                            {branch.isBoard ? (
                                <path className="bus" d={`M${x - 34} ${END_Y}H${x + 34}`} />
                            ) : (
                                <circle className="device" cx={x} cy={END_Y} r={13} />
                            )}
                            <text x={x} y={END_Y + 32} textAnchor="middle" className="strong">
                                {branch.tag.length > 15 ? `${branch.tag.slice(0, 14)}…` : branch.tag}
                            </text>
                            {[branch.counts ? branch.current : `${branch.current}, standby`, branch.device, ...branch.notes]
                                .filter(Boolean)
                                .map((text, k) => (
                                    <text key={k} x={x} y={END_Y + 51 + 17 * k} textAnchor="middle" className="soft">
                                        {text}
                                    </text>
                                ))}
                            {branch.wrong !== '' && (
                                <text x={x + 14} y={BUS_Y + 46} className="wrong">
                                    {branch.wrong}
                                </text>
                            )}
                        </g>
                    );
                })}
            </Lines>
        </Picture>
    );
}

function sourceOf(solved: NonNullable<BoardAnswer['solved']>): string[] {
    const fault = shownOf(solved.figures, 'feeder.supply_fault_current');
    const loading = shownOf(solved.figures, 'feeder.transformer_loading');
    const dip = shownOf(solved.figures, 'feeder.transformer_dip');
    return [
        solved.source,
        fault === '' ? '' : `fault current ${fault}`,
        loading === '' ? '' : `loaded ${loading}${dip === '' ? '' : `, dip ${dip}`}`,
    ].filter(Boolean);
}

function feederOf(figures: readonly BoardFigure[]): string[] {
    const device = shownOf(figures, 'feeder.scpd_rating');
    const sets = numberOf(figures, 'feeder.sets');
    const size = shownOf(figures, 'feeder.size');
    const drop = shownOf(figures, 'feeder.voltage_drop');
    const running = shownOf(figures, 'feeder.running_current');
    return [
        device,
        size === '' ? '' : `${sets > 1 ? `${sets} × ` : ''}${size}${drop === '' ? '' : `, drops ${drop}`}`,
        running === '' ? '' : `carries ${running}`,
    ].filter(Boolean);
}

function boardOf(figures: readonly BoardFigure[]): string[] {
    const fault = shownOf(figures, 'feeder.fault_current');
    const volts = shownOf(figures, 'feeder.board_voltage');
    const dip = shownOf(figures, 'feeder.start_dip');
    return [[volts, fault === '' ? '' : `fault current ${fault}`, dip === '' ? '' : `deepest dip ${dip}`].filter(Boolean).join(', ')];
}

function branchesOf(solved: NonNullable<BoardAnswer['solved']>): Branch[] {
    const selective = (figures: readonly BoardFigure[]) =>
        figures.some(({ key, value }) => key === 'feeder.selectivity' && value === 'not_selective') ? 'not selective' : '';
    return [
        ...solved.circuits.map(({ tag, figures, counts }) => ({
            tag,
            amperes: numberOf(figures, 'power.design_current'),
            current: shownOf(figures, 'power.design_current'),
            // The rating alone: names of devices are long, and stand in the table.
            device: shownOf(figures, 'guard.scpd_rating'),
            counts,
            isBoard: false,
            notes: [shownOf(figures, 'feeder.circuit_start_dip')].filter(Boolean).map((dip) => `dip ${dip}`),
            wrong: selective(figures),
        })),
        ...solved.boards.map(({ tag, figures }) => ({
            tag,
            amperes: numberOf(figures, 'feeder.running_current'),
            current: shownOf(figures, 'feeder.running_current'),
            device: shownOf(figures, 'feeder.scpd_rating'),
            notes: ['board'],
            wrong: selective(figures),
            counts: true,
            isBoard: true,
        })),
        ...solved.others.map(({ tag, amperes, current }) => ({
            tag,
            amperes,
            current,
            device: '',
            notes: [],
            wrong: '',
            counts: true,
            isBoard: false,
        })),
    ];
}
