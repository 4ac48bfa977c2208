import styled from 'styled-components';
import { Drawing } from '../../kit/Drawing';
import { narrow, token } from '../../theme/tokens';
import { type Point, POINTS } from './points';

const Board = styled.div`
    position: relative;
    max-width: 760px;
    .wire {
        fill: none;
        stroke: currentColor;
        stroke-width: 1.6px;
    }
    .thick {
        stroke-width: 3px;
    }
    button {
        position: absolute;
        transform: translate(-50%, -50%);
        min-height: ${token.touch};
        padding: 0 10px;
        border: 1px solid ${token.edge};
        border-radius: 18px;
        background: ${token.sheet};
        font-weight: 600;
        font-size: 14px;
        white-space: nowrap;
        cursor: pointer;
    }
    button[aria-pressed='true'] {
        border-color: ${token.accent};
        background: ${token.accent};
        color: ${token.onAccent};
    }
    @media ${narrow} {
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 8px;
        svg {
            grid-column: 1 / -1;
        }
        /* The drawing is half as large there. */
        svg text,
        svg .soft {
            font-size: 26px;
        }
        button {
            position: static;
            transform: none;
        }
    }
`;

const LINES = [56, 84, 112] as const;

/** The circuit in one stroke for each line, with the places where an instrument can be held. */
export function CircuitPoints({
    capacitor,
    chosen,
    onChoose,
}: {
    capacitor: boolean;
    chosen: Point['name'] | null;
    onChoose: (point: Point) => void;
}) {
    return (
        <Board>
            <Drawing viewBox="0 0 760 190" role="img" aria-label="The circuit from its supply to its shaft">
                {LINES.map((y, index) => (
                    <g key={y}>
                        <path className="wire" d={`M34 ${y}H${y === 84 ? 560 : 572}`} />
                        <text className="soft" x="0" y={y + 4}>
                            L{index + 1}
                        </text>
                    </g>
                ))}
                <path className="wire thick" d="M176 46V122M170 46h12M170 122h12" />
                {capacitor && (
                    <g>
                        <path className="wire" d="M368 112V128M380 84V128M392 56V128M360 128h40M360 136h40" />
                        <path className="wire" d="M380 136v12" />
                    </g>
                )}
                <circle className="wire" cx="600" cy="84" r="40" />
                <text className="strong" x="600" y="82" textAnchor="middle">
                    M
                </text>
                <text className="soft" x="600" y="100" textAnchor="middle">
                    3 ~
                </text>
                <path className="wire thick" d="M640 84H716M716 66V102" />
            </Drawing>
            {POINTS.filter(({ name }) => capacitor || name !== 'capacitor').map((point) => (
                <button
                    key={point.name}
                    type="button"
                    aria-pressed={point.name === chosen}
                    style={{ left: `${point.at[0]}%`, top: `${point.at[1]}%` }}
                    onClick={() => onChoose(point)}
                >
                    {point.label}
                </button>
            ))}
        </Board>
    );
}
