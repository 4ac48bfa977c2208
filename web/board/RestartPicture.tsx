import { scaleLinear } from 'd3-scale';
import styled from 'styled-components';
import type { BoardAnswer } from '../api/contract';
import { Drawing } from '../kit/Drawing';
import { Picture } from '../kit/Picture';
import { token } from '../theme/tokens';
import { Level } from '../kit/axes';

const WIDTH = 900;
const LEFT = 30;
const RIGHT = WIDTH - 40;
const TOP = 18;
const STEP = 44;

const Lines = styled(Drawing)`
    .start {
        fill: ${token.hot};
        opacity: 0.75;
    }
    .up {
        fill: ${token.accent};
        opacity: 0.25;
    }
`;

/** After a blackout: which motors start when, how long each step runs up, and how deep the voltage falls. */
export function RestartPicture({ steps }: { steps: NonNullable<BoardAnswer['solved']>['timetable'] }) {
    const end = Math.max(...steps.map(({ at_seconds, run_up_seconds }) => at_seconds + run_up_seconds)) * 1.08;
    const x = scaleLinear([0, end], [LEFT, RIGHT]);
    const bottom = TOP + STEP * steps.length;
    return (
        <Picture
            wide
            title="Restart, from the return of the supply"
            name="restart"
            rows={steps.map(
                ({ at, tags, dip, run_up, current }) =>
                    [at, `${tags.join(', ')}: dip ${dip ?? 'collapse'}, ${current}, up after ${run_up}`] as const,
            )}
        >
            <Lines viewBox={`0 0 ${WIDTH} ${bottom + 30}`} role="img" aria-label="Steps of the restart over time">
                <Level scale={x} top={TOP} bottom={bottom} ticks={8} unit="s" />
                {steps.map((step, n) => {
                    const y = TOP + STEP * n;
                    const up = x(step.at_seconds + step.run_up_seconds);
                    return (
                        <g key={step.at_seconds}>
                            <rect className="start" x={x(step.at_seconds)} y={y + 24} width={up - x(step.at_seconds)} height={12} />
                            <rect className="up" x={up} y={y + 24} width={RIGHT - up} height={12} />
                            <text x={x(step.at_seconds)} y={y + 19}>
                                {`${step.at}: ${step.tags.slice(0, 6).join(', ')}${step.tags.length > 6 ? ` and ${step.tags.length - 6} more` : ''}${step.dip === null ? '' : `, dip ${step.dip}`}`}
                            </text>
                        </g>
                    );
                })}
            </Lines>
        </Picture>
    );
}
