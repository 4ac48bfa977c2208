import { scaleLinear } from 'd3-scale';
import styled from 'styled-components';
import type { BankDay } from '../api/contract';
import { Drawing } from '../kit/Drawing';
import { Picture } from '../kit/Picture';
import { token } from '../theme/tokens';

const WIDTH = 900;
const LEFT = 58;
const RIGHT = WIDTH - 16;
const TOP = 26;
const BOTTOM = 250;

const Lines = styled(Drawing)`
    .on {
        fill: ${token.accent};
        opacity: 0.35;
    }
    .need {
        fill: none;
        stroke: ${token.reactive};
        stroke-width: 3;
    }
    .step-line {
        stroke: ${token.rule};
        stroke-width: 1;
        stroke-dasharray: 3 4;
    }
`;

/** What is needed over the day, and the steps that are on. */
export function BankDayPicture({ day }: { day: BankDay }) {
    const last = day.intervals[day.intervals.length - 1];
    if (last === undefined) {
        return null;
    }
    const most = Math.max(day.step.value * day.steps, ...day.intervals.map(({ need }) => need.value));
    const x = scaleLinear([0, last.until], [LEFT, RIGHT]);
    const y = scaleLinear([0, most * 1.06], [BOTTOM, TOP]);
    const need = day.intervals
        .map(({ from, until, need: { value } }, k) => `${k === 0 ? 'M' : 'L'}${x(from)} ${y(value)}H${x(until)}`)
        .join('');
    const hours = Math.max(1, Math.ceil(last.until / 60 / 12));
    return (
        <Picture
            wide
            title={`Steps over the day, each ${day.step.shown}`}
            name="bank-day"
            rows={day.intervals.map(
                ({ clock, need: wanted, on, given, before, after }) =>
                    [clock, `${wanted.shown} required, ${on} steps supply ${given.shown}; power factor ${before}, then ${after}`] as const,
            )}
        >
            <Lines viewBox={`0 0 ${WIDTH} ${BOTTOM + 30}`} role="img" aria-label="Steps of the bank over the day">
                {Array.from({ length: day.steps + 1 }, (_, n) => (
                    <g key={n}>
                        <path className="step-line" d={`M${LEFT} ${y(n * day.step.value)}H${RIGHT}`} />
                        <text className="soft" x={LEFT - 8} y={y(n * day.step.value) + 5} textAnchor="end">
                            {n}
                        </text>
                    </g>
                ))}
                <text className="soft" x={LEFT} y={TOP - 10}>
                    steps switched in (shaded), reactive power required (line)
                </text>
                {day.intervals.map(({ from, until, given }) => (
                    <rect
                        key={from}
                        className="on"
                        x={x(from)}
                        y={y(given.value)}
                        width={x(until) - x(from)}
                        height={BOTTOM - y(given.value)}
                    />
                ))}
                <path className="need" d={need} />
                {Array.from({ length: Math.floor(last.until / 60 / hours) + 1 }, (_, n) => n * hours).map((hour) => (
                    <text key={hour} className="soft" x={x(hour * 60)} y={BOTTOM + 20} textAnchor="middle">
                        {hour} h
                    </text>
                ))}
            </Lines>
        </Picture>
    );
}
