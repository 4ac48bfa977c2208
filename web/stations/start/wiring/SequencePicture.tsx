import { scaleLinear } from 'd3-scale';
import type { WiringCurve } from '../../../api/contract';
import { Picture } from '../../../kit/Picture';
import { Level } from '../../../kit/axes';
import { Circuit } from './pen';

const LEFT = 170;
const WIDTH = 640;
const ROW = 40;

/** When each contactor is closed. */
export function SequencePicture({ wiring }: { wiring: WiringCurve }) {
    const { sequence } = wiring;
    if (sequence.length === 0) {
        return null;
    }
    const end = Math.max(...sequence.map((step) => step.to));
    const x = scaleLinear([0, end], [LEFT, WIDTH - 20]);
    const bottom = 16 + sequence.length * ROW;
    return (
        <Picture
            title="Contactors over time"
            name="contactors-over-time"
            rows={sequence.map((step) => [step.name, step.shown] as const)}
            wide
        >
            <Circuit viewBox={`0 0 ${WIDTH} ${bottom + 30}`} role="img" aria-label="When each contactor is closed">
                <Level scale={x} top={10} bottom={bottom} ticks={6} unit="s" />
                {sequence.map((step, index) => (
                    <g key={step.name}>
                        <text x={LEFT - 12} y={36 + index * ROW} textAnchor="end">
                            {step.name}
                        </text>
                        <rect
                            className="bar"
                            x={x(step.from)}
                            y={22 + index * ROW}
                            width={Math.max(2, x(step.to) - x(step.from))}
                            height="18"
                        />
                        <text
                            className="soft"
                            x={x(step.from) > WIDTH * 0.7 ? x(step.to) : x(step.from) + 8}
                            y={56 + index * ROW}
                            textAnchor={x(step.from) > WIDTH * 0.7 ? 'end' : 'start'}
                        >
                            {step.shown}
                        </text>
                    </g>
                ))}
            </Circuit>
        </Picture>
    );
}
