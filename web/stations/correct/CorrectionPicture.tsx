import { scaleLinear } from 'd3-scale';
import { useBench } from '../../bench/BenchContext';
import { Drawing } from '../../kit/Drawing';
import { Picture } from '../../kit/Picture';

/** Real and reactive power at the load it runs at, and what the capacitor takes off, to one scale. */
export function CorrectionPicture() {
    const { solved } = useBench();
    const curve = solved.solution.curves.correction;
    if (curve === undefined) {
        return null;
    }
    const most = Math.max(curve.reactive.value, -curve.left.value);
    const k = scaleLinear([0, 1], [0, Math.min(180 / curve.power.value, 150 / most)]);
    const x = 10 + k(curve.power.value);
    const base = 34;
    const y = base + k(curve.reactive.value);
    const left = base + k(curve.left.value);
    return (
        <Picture
            title={`Before and after, at ${curve.load}`}
            name="correction"
            rows={[
                ['Real power', curve.power.shown],
                ['Reactive power before', curve.reactive.shown],
                ['Capacitor', curve.chosen.shown],
                ['Reactive power after', curve.left.shown],
                ['Line current before', curve.current_before.shown],
                ['Line current after', curve.current_after.shown],
            ]}
        >
            <Drawing viewBox={`0 0 330 ${y + 26}`} role="img" aria-label="Correction triangle">
                <path className="real" d={`M10 ${base}H${x}`} />
                <path className="reactive" d={`M${x} ${base}V${left}`} />
                <path className="capacitor" d={`M${x} ${left}V${y}`} />
                <path className="before" d={`M10 ${base}L${x} ${y}`} />
                <path className="apparent" d={`M10 ${base}L${x} ${left}`} />
                <text x="10" y={base - 12}>
                    P {curve.power.shown}
                </text>
                <text x={x + 12} y={Math.max(base + 14, (base + left) / 2 + 5)}>
                    {curve.left.shown}
                </text>
                <text x={x + 12} y={Math.max(base + 34, (left + y) / 2 + 5)}>
                    capacitor {curve.chosen.shown}
                </text>
                <text className="soft" x="10" y={y + 18}>
                    thin: before; thick: after
                </text>
            </Drawing>
        </Picture>
    );
}
