import styled from 'styled-components';
import { useBench } from '../../bench/BenchContext';
import { Picture } from '../../kit/Picture';
import { digits } from '../../kit/show';
import { token } from '../../theme/tokens';

const Box = styled.div`
    padding: 12px 16px 14px;
    border: 1px solid ${token.rule};
    border-radius: 4px;
    background: ${token.panel};
    p {
        margin-top: 4px;
        color: ${token.soft};
        font-size: 14px;
    }
    text {
        fill: ${token.ink};
        font-size: 13px;
        font-weight: 600;
        text-anchor: middle;
    }
    circle {
        fill: ${token.sheet};
        stroke: ${token.ink};
        stroke-width: 2;
    }
    .link {
        stroke: ${token.accent};
        stroke-width: 9;
        stroke-linecap: round;
    }
    .line {
        stroke: ${token.ink};
        stroke-width: 2;
    }
`;

const IEC = { top: ['W2', 'U2', 'V2'], bottom: ['U1', 'V1', 'W1'] };
const NEMA = { top: ['T6', 'T4', 'T5'], bottom: ['T1', 'T2', 'T3'] };
const COLUMNS = [46, 130, 214];

/** The six-terminal box with the links that this supply asks for; what the other connection would do to a winding. */
export function ConnectionPicture() {
    const { solved } = useBench();
    const curve = solved.solution.curves.connection;
    const star = solved.word('star', 'star');
    if (curve === undefined) {
        return (
            <Box>
                <b>Connection</b>
                <p>Type the voltages of plate and supply: the links appear here.</p>
            </Box>
        );
    }
    const volts = digits(curve.supply);
    const name = curve.connection === 'star' ? star : curve.connection;
    if (curve.connection !== 'delta' && curve.connection !== 'star') {
        return (
            <Box>
                <b>
                    On {volts} V: {curve.connection === 'single' ? 'as stamped' : name}
                </b>
                <p>
                    {curve.connection === 'parallel' &&
                        'Low voltage: the halves of each winding in parallel (nine or twelve leads). Follow the diagram in the terminal box.'}
                    {curve.connection === 'series' &&
                        'High voltage: the halves of each winding in series (nine or twelve leads). Follow the diagram in the terminal box.'}
                    {curve.connection === 'single' &&
                        'One voltage on the plate. Type D or Y with it once you have seen the links in the box.'}
                </p>
            </Box>
        );
    }
    const marks = solved.solution.rule_book === 'iec' ? IEC : NEMA;
    const wrong =
        curve.other === 'star' && curve.other_winding_volts !== null
            ? `${star[0]?.toUpperCase() ?? ''}${star.slice(1)} here would starve it: ${digits(curve.other_winding_volts)} V a winding`
            : curve.other === 'delta' && curve.other_volts !== null
              ? `Delta here would burn it: ${volts} V on a ${digits(curve.other_volts[0] ?? 0)} V winding`
              : '';
    return (
        <Box>
            <Picture
                title={`On ${volts} V, ${name}`}
                name="connection"
                rows={[
                    ['Connection', name],
                    [
                        'Links',
                        curve.connection === 'delta'
                            ? marks.bottom.map((b, i) => `${b}–${marks.top[i] ?? ''}`).join(', ')
                            : `${marks.top.join('–')} together`,
                    ],
                    ['Each winding sees', curve.winding_volts === null ? 'not known' : `${digits(curve.winding_volts)} V`],
                ]}
            >
                <svg viewBox="0 0 260 150" role="img" aria-label={`Terminal box linked in ${name}`}>
                    {COLUMNS.map((x, i) => (
                        <g key={x}>
                            <path className="line" d={`M${x} 22V118`} opacity={curve.connection === 'delta' ? 1 : 0} />
                            <text x={x} y={13}>
                                L{i + 1}
                            </text>
                            <path className="line" d={`M${x} 18V44`} />
                            <circle cx={x} cy={50} r={12} />
                            <circle cx={x} cy={108} r={12} />
                            <text x={x - 26} y={55}>
                                {marks.bottom[i]}
                            </text>
                            <text x={x - 26} y={113}>
                                {marks.top[i]}
                            </text>
                            {curve.connection === 'delta' && <path className="link" d={`M${x} 50V108`} />}
                        </g>
                    ))}
                    {curve.connection === 'star' && <path className="link" d="M46 108H214" />}
                    <text x="130" y="143">
                        {curve.winding_volts === null ? '' : `each winding sees ${digits(curve.winding_volts)} V`}
                    </text>
                </svg>
            </Picture>
            {wrong !== '' && <p>{wrong}</p>}
        </Box>
    );
}
