import styled from 'styled-components';
import { useBench } from '../../bench/BenchContext';
import { Picture } from '../../kit/Picture';
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
                <p>Enter the nameplate and supply voltages: the links appear here.</p>
            </Box>
        );
    }
    const volts = curve.supply.shown;
    const name = curve.connection === 'star' ? star : curve.connection;
    if (curve.connection !== 'delta' && curve.connection !== 'star') {
        return (
            <Box>
                <b>
                    On {volts}: {curve.connection === 'single' ? 'as stamped' : name}
                </b>
                <p>
                    {curve.connection === 'parallel' &&
                        'Low voltage: the halves of each winding in parallel (nine or twelve leads). Follow the diagram in the terminal box.'}
                    {curve.connection === 'series' &&
                        'High voltage: the halves of each winding in series (nine or twelve leads). Follow the diagram in the terminal box.'}
                    {curve.connection === 'single' &&
                        'One voltage on the nameplate. Enter D or Y with it once you have seen the links in the box.'}
                </p>
            </Box>
        );
    }
    const { starts, ends, other } = curve;
    const wrong =
        other?.winding_volts == null
            ? ''
            : other.connection === 'star'
              ? `${star.charAt(0).toUpperCase()}${star.slice(1)} would give too little: ${other.winding_volts.shown} per winding`
              : `Delta would burn the winding: ${volts} on a ${other.volts} winding`;
    return (
        <Box>
            <Picture
                title={`On ${volts}, ${name}`}
                name="connection"
                rows={[
                    ['Connection', name],
                    [
                        'Links',
                        curve.connection === 'delta'
                            ? starts.map((start, i) => `${start}–${ends[i] ?? ''}`).join(', ')
                            : `${ends.join('–')} linked`,
                    ],
                    ['Voltage per winding', curve.winding_volts === null ? 'not known' : curve.winding_volts.shown],
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
                                {starts[i]}
                            </text>
                            <text x={x - 26} y={113}>
                                {ends[i]}
                            </text>
                            {curve.connection === 'delta' && <path className="link" d={`M${x} 50V108`} />}
                        </g>
                    ))}
                    {curve.connection === 'star' && <path className="link" d="M46 108H214" />}
                    <text x="130" y="143">
                        {curve.winding_volts === null ? '' : `each winding gets ${curve.winding_volts.shown}`}
                    </text>
                </svg>
            </Picture>
            {wrong !== '' && <p>{wrong}</p>}
        </Box>
    );
}
