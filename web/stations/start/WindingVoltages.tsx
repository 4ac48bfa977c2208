import styled from 'styled-components';
import { useBench } from '../../bench/BenchContext';
import { Picture } from '../../kit/Picture';
import { token } from '../../theme/tokens';

const Svg = styled.svg`
    text {
        fill: ${token.ink};
        font-size: 14px;
        font-weight: 600;
        text-anchor: middle;
    }
    .soft {
        fill: ${token.soft};
        font-size: 13px;
        font-weight: 500;
    }
    .winding {
        fill: none;
        stroke: ${token.reactive};
        stroke-width: 5;
        stroke-linecap: round;
    }
    .star {
        stroke: ${token.hot};
        stroke-dasharray: 9 4;
    }
    .bad {
        stroke: ${token.stop};
        stroke-dasharray: 2 7;
    }
    .frame {
        fill: none;
        stroke: ${token.rule};
    }
`;

const SIDE = 120;
const HEIGHT = (SIDE * Math.sqrt(3)) / 2;

/** Star and delta to one scale: the side of the triangle is the line voltage, an arm of the star its 1/√3. */
export function WindingVoltages() {
    const { solved } = useBench();
    const curve = solved.solution.curves.connection;
    const star = solved.word('star', 'star');
    if (curve === undefined || (curve.connection !== 'delta' && curve.connection !== 'star')) {
        return <p>The windings are shown once {star} and delta are known from the nameplate.</p>;
    }
    const corners = (left: number) => [
        [left, 30 + HEIGHT],
        [left + SIDE / 2, 30],
        [left + SIDE, 30 + HEIGHT],
    ];
    const centre = (left: number) => [left + SIDE / 2, 30 + (HEIGHT * 2) / 3] as const;
    const delta = corners(14);
    const wye = corners(186);
    const [cx, cy] = centre(186);
    const deltaFits = curve.connection === 'delta';
    return (
        <Picture
            title="Voltage of each winding, to scale"
            name="winding-voltages"
            rows={[
                ['Delta', curve.delta_volts.shown],
                [star, curve.star_volts.shown],
                ['This motor runs in', curve.connection === 'star' ? star : 'delta'],
            ]}
        >
            <Svg
                viewBox="0 0 320 190"
                role="img"
                aria-label={`Delta ${curve.delta_volts.shown}, ${star} ${curve.star_volts.shown} per winding`}
            >
                <path className={`winding ${deltaFits ? '' : 'bad'}`} d={`M${delta.map((point) => point.join(' ')).join('L')}Z`} />
                <text x={14 + SIDE / 2} y={22 + HEIGHT}>
                    {curve.delta_volts.shown}
                </text>
                <text x={14 + SIDE / 2} y={56 + HEIGHT}>
                    delta
                </text>
                <text className="soft" x={14 + SIDE / 2} y={74 + HEIGHT}>
                    {deltaFits ? 'its connection in run' : 'would burn it here'}
                </text>
                <path className="frame" d={`M${wye.map((point) => point.join(' ')).join('L')}Z`} />
                {wye.map(([x = 0, y = 0]) => (
                    <path key={`${x}-${y}`} className={deltaFits ? 'winding star' : 'winding'} d={`M${cx} ${cy}L${x} ${y}`} />
                ))}
                <text x={186 + SIDE / 2} y={22 + HEIGHT}>
                    {curve.star_volts.shown}
                </text>
                <text x={186 + SIDE / 2} y={56 + HEIGHT}>
                    {star}
                </text>
                <text className="soft" x={186 + SIDE / 2} y={74 + HEIGHT}>
                    {deltaFits ? 'one third of current and torque' : 'its connection in run'}
                </text>
            </Svg>
        </Picture>
    );
}
