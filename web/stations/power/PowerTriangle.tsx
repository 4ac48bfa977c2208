import { scaleLinear } from 'd3-scale';
import { useBench } from '../../bench/BenchContext';
import { Drawing } from '../../kit/Drawing';
import { Picture } from '../../kit/Picture';
import { withUnit } from '../../kit/show';

const WIDTH = 400;
const HEIGHT = 300;
const LEFT = 12;
const BASE = 40;

/** Real, reactive and apparent power to one scale; with a capacitor, the part that it takes off. */
export function PowerTriangle() {
    const { solved } = useBench();
    const triangle = solved.solution.curves.triangle;
    if (triangle === undefined) {
        return <p>Output, efficiency and power factor draw the triangle.</p>;
    }
    const capacitor = solved.number('correct.reactive_chosen');
    const room = Math.min((WIDTH - LEFT - 150) / triangle.input, (HEIGHT - BASE - 46) / Math.max(triangle.reactive, 1));
    const scale = scaleLinear([0, 1], [0, room]);
    const x = LEFT + scale(triangle.input);
    const shaft = LEFT + scale(triangle.output);
    const y = BASE + scale(triangle.reactive);
    const left = capacitor === undefined ? null : BASE + scale(triangle.reactive - capacitor);
    return (
        <Picture
            title="Power triangle, to scale"
            name="power-triangle"
            rows={[
                ...(triangle.output < triangle.input ? ([['Shaft output', withUnit(triangle.output, 'W')]] as const) : []),
                ['Input, real power', withUnit(triangle.input, 'W')],
                ['Reactive power', withUnit(triangle.reactive, 'var')],
                ['Apparent power', withUnit(triangle.apparent, 'VA')],
                ...(capacitor === undefined ? [] : ([['Capacitor takes off', withUnit(capacitor, 'var')]] as const)),
            ]}
        >
            <Drawing viewBox={`0 0 ${WIDTH} ${Math.max(y + 34, 170)}`} role="img" aria-label="Power triangle">
                <path className="real" d={`M${LEFT} ${BASE}H${shaft}`} />
                <path className="loss" d={`M${shaft} ${BASE}H${x}`} />
                <path className="reactive" d={`M${x} ${BASE}V${left ?? y}`} />
                {left !== null && <path className="capacitor" d={`M${x} ${left}V${y}`} />}
                <path className="apparent" d={`M${LEFT} ${BASE}L${x} ${y}`} />
                {left !== null && <path className="after" d={`M${LEFT} ${BASE}L${x} ${left}`} />}
                <text className="real-text" x={LEFT} y={BASE - 14}>
                    P {withUnit(triangle.input, 'W')}
                </text>
                {triangle.output < triangle.input && (
                    <text className="soft" x={x} y={BASE - 14} textAnchor="end">
                        shaft {withUnit(triangle.output, 'W')}, losses {withUnit(triangle.input - triangle.output, 'W')}
                    </text>
                )}
                <text className="reactive-text" x={x + 12} y={(BASE + (left ?? y)) / 2 + 5}>
                    Q {withUnit(capacitor === undefined ? triangle.reactive : triangle.reactive - capacitor, 'var')}
                </text>
                {left !== null && (
                    <text className="good" x={x + 12} y={(left + y) / 2 + 5}>
                        capacitor {withUnit(capacitor, 'var')}
                    </text>
                )}
                <text x={(LEFT + x) / 2 - 16} y={(BASE + y) / 2 + 26} textAnchor="end">
                    S {withUnit(triangle.apparent, 'VA')}
                </text>
                <text className="soft" x={(LEFT + x) / 2 - 16} y={(BASE + y) / 2 + 44} textAnchor="end">
                    cos φ {triangle.power_factor.toFixed(2)}
                </text>
            </Drawing>
        </Picture>
    );
}
