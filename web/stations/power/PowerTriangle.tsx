import { scaleLinear } from 'd3-scale';
import { useBench } from '../../bench/BenchContext';
import { Drawing } from '../../kit/Drawing';
import { Picture } from '../../kit/Picture';

const WIDTH = 400;
const HEIGHT = 300;
const LEFT = 12;
const TOP = 40;

/** Real, reactive and apparent power to one scale; with a capacitor, the part that it takes off. */
export function PowerTriangle() {
    const { solved } = useBench();
    const triangle = solved.solution.curves.triangle;
    if (triangle === undefined) {
        return <p>Enter output, efficiency and power factor to see the triangle.</p>;
    }
    const after = solved.solution.curves.correction;
    // A leading load stands on its real power, a lagging one hangs from it.
    const leading = triangle.reactive.value < 0;
    const size = Math.abs(triangle.reactive.value);
    const room = Math.min((WIDTH - LEFT - 150) / triangle.input.value, (HEIGHT - TOP - 46) / Math.max(size, 1));
    const scale = scaleLinear([0, 1], [0, room]);
    const base = leading ? TOP + scale(size) : TOP;
    const x = LEFT + scale(triangle.input.value);
    const shaft = LEFT + scale(triangle.output.value);
    const y = base + scale(triangle.reactive.value);
    const left = after === undefined ? null : base + scale(after.full_load_left.value);
    const shaftLoses = triangle.losses.value > 0;
    return (
        <Picture
            title="Power triangle, to scale"
            name="power-triangle"
            rows={[
                ...(shaftLoses ? ([['Shaft output', triangle.output.shown]] as const) : []),
                ['Input, real power', triangle.input.shown],
                ['Reactive power', triangle.reactive.shown],
                ['Apparent power', triangle.apparent.shown],
                ...(after === undefined ? [] : ([['Supplied by the capacitor', after.chosen.shown]] as const)),
            ]}
        >
            <Drawing viewBox={`0 0 ${WIDTH} ${Math.max(Math.max(base, y) + 34, 170)}`} role="img" aria-label="Power triangle">
                <path className="real" d={`M${LEFT} ${base}H${shaft}`} />
                <path className="loss" d={`M${shaft} ${base}H${x}`} />
                <path className="reactive" d={`M${x} ${base}V${left ?? y}`} />
                {left !== null && <path className="capacitor" d={`M${x} ${left}V${y}`} />}
                <path className="apparent" d={`M${LEFT} ${base}L${x} ${y}`} />
                {left !== null && <path className="after" d={`M${LEFT} ${base}L${x} ${left}`} />}
                <text className="real-text" x={LEFT} y={leading ? base + 20 : base - 14}>
                    P {triangle.input.shown}
                </text>
                {shaftLoses && (
                    <text className="soft" x={x} y={leading ? base + 20 : base - 14} textAnchor="end">
                        shaft {triangle.output.shown}, losses {triangle.losses.shown}
                    </text>
                )}
                <text className="reactive-text" x={x + 12} y={(base + (left ?? y)) / 2 + 5}>
                    Q {(after?.full_load_left ?? triangle.reactive).shown}
                </text>
                {after !== undefined && left !== null && (
                    <text className="good" x={x + 12} y={(left + y) / 2 + 5}>
                        capacitor {after.chosen.shown}
                    </text>
                )}
                <text x={(LEFT + x) / 2 - 16} y={(base + y) / 2 + 26} textAnchor="end">
                    S {triangle.apparent.shown}
                </text>
                <text className="soft" x={(LEFT + x) / 2 - 16} y={(base + y) / 2 + 44} textAnchor="end">
                    cos φ {triangle.power_factor.shown}
                </text>
            </Drawing>
        </Picture>
    );
}
