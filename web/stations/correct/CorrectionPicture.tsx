import { scaleLinear } from 'd3-scale';
import { useBench } from '../../bench/BenchContext';
import { Drawing } from '../../kit/Drawing';
import { Picture } from '../../kit/Picture';
import { withUnit } from '../../kit/show';

/** Real and reactive power at the load it runs at, and what the capacitor takes off, to one scale. */
export function CorrectionPicture() {
    const { solved } = useBench();
    const curve = solved.solution.curves.correction;
    if (curve === undefined) {
        return null;
    }
    const most = Math.max(curve.reactive, -curve.left);
    const k = scaleLinear([0, 1], [0, Math.min(180 / curve.power, 150 / most)]);
    const x = 10 + k(curve.power);
    const base = 34;
    const y = base + k(curve.reactive);
    const left = base + k(curve.left);
    return (
        <Picture
            title="Before and after, at its load"
            name="correction"
            rows={[
                ['Real power', withUnit(curve.power, 'W')],
                ['Reactive power before', withUnit(curve.reactive, 'var')],
                ['Capacitor', withUnit(curve.chosen, 'var')],
                ['Reactive power after', withUnit(curve.left, 'var')],
                ['Line current at full load before', withUnit(curve.current_before, 'A')],
                ['Line current at full load after', withUnit(curve.current_after, 'A')],
            ]}
        >
            <Drawing viewBox={`0 0 330 ${y + 26}`} role="img" aria-label="Correction triangle">
                <path className="real" d={`M10 ${base}H${x}`} />
                <path className="reactive" d={`M${x} ${base}V${left}`} />
                <path className="capacitor" d={`M${x} ${left}V${y}`} />
                <path className="before" d={`M10 ${base}L${x} ${y}`} />
                <path className="apparent" d={`M10 ${base}L${x} ${left}`} />
                <text x="10" y={base - 12}>
                    P {withUnit(curve.power, 'W')}
                </text>
                <text x={x + 12} y={Math.max(base + 14, (base + left) / 2 + 5)}>
                    {withUnit(curve.left, 'var')} left
                </text>
                <text x={x + 12} y={Math.max(base + 34, (left + y) / 2 + 5)}>
                    capacitor {withUnit(curve.chosen, 'var')}
                </text>
                <text className="soft" x="10" y={y + 18}>
                    thin before, thick after
                </text>
            </Drawing>
        </Picture>
    );
}
