import styled from 'styled-components';
import type { RunCurve } from '../api/contract';
import { token } from '../theme/tokens';

export type Part = 'supply' | 'guard' | RunCurve['drawing'] | 'flow' | 'cable' | 'motor' | 'load' | 'capacitor' | 'no_capacitor';

const Svg = styled.svg<{ $hot: boolean }>`
    width: 92px;
    height: 100%;
    fill: none;
    stroke: ${({ $hot }) => ($hot ? token.hot : token.ink)};
    stroke-width: 2.5;
    text {
        stroke: none;
        fill: ${token.ink};
        font: 600 15px ${token.narrow};
        text-anchor: middle;
    }
    .plain {
        stroke: ${token.ink};
    }
    .dot {
        fill: ${token.ink};
        stroke: none;
    }
`;

/** One part of the run as a single-line symbol, 92 by 76; lines stretch with the row. */
export function RunSymbol({ part, six, hot, phases }: { part: Part; six: boolean; hot: boolean; phases: number }) {
    return (
        <Svg $hot={hot} viewBox="0 0 92 76" preserveAspectRatio="none" aria-hidden="true">
            {drawing(part, six, phases)}
        </Svg>
    );
}

function drawing(part: Part, six: boolean, phases: number) {
    const leads = six ? [28, 50, 72] : [50];
    switch (part) {
        case 'supply':
            return (
                <>
                    <path className="plain" d="M28 22h44" strokeWidth="5" />
                    <path d="M50 22v54" />
                </>
            );
        case 'guard':
            return (
                <>
                    <path d="M50 0v76" />
                    <rect x="42" y="18" width="16" height="40" className="plain" />
                </>
            );
        case 'contactor':
            return <path d="M50 0v24l-14 24M50 52v24M44 52h12" />;
        case 'six_leads':
            return <path d="M50 0v16M28 16h44M28 16v12l-9 20M50 16v12l-9 20M72 16v12l-9 20M28 52v24M50 52v24M72 52v24" />;
        case 'tapped_winding':
            // A winding with its tap: loops on the line side, the motor leaves from their middle.
            return <path d="M50 0v16c-14 0-14 10 0 10s14 0 0 0c-14 0-14 10 0 10c-14 0-14 10 0 10c-14 0-14 10 0 10M50 36h22v26H50v14" />;
        case 'series_resistor':
            return (
                <>
                    <path d="M50 0v18M50 58v18M50 10h22v18l8 14M72 48v18H50" />
                    <rect x="42" y="18" width="16" height="40" />
                </>
            );
        case 'series_reactor':
            return <path d="M50 0v16c14 0 14 10 0 10c14 0 14 10 0 10c14 0 14 10 0 10c14 0 14 10 0 10v20M50 8h28v22l8 14M78 48v20H50" />;
        case 'thyristors':
            return (
                <>
                    <path d="M50 0v14M50 62v14" />
                    <rect x="26" y="14" width="48" height="48" className="plain" />
                    <path d="M34 54l12-2 14-26h8" />
                </>
            );
        case 'converter':
            return (
                <>
                    <path d="M50 0v14M50 62v14" />
                    <rect x="26" y="14" width="48" height="48" className="plain" />
                    <path className="plain" d="M26 62L74 14" />
                    <path d="M32 26c4-7 7 7 12 0M56 52c2-6 3 6 6 0s3 6 6 0" />
                </>
            );
        case 'flow':
        case 'cable':
            return <path d={leads.map((x) => `M${x} 0v76`).join('')} strokeWidth={six ? 3 : 4} />;
        case 'motor':
            return (
                <>
                    <path d={six ? 'M28 0c0 8 10 8 12 14M50 0v10M72 0c0 8-10 8-12 14' : 'M50 0v10'} strokeWidth="3" />
                    <path d="M50 65v11" className="plain" />
                    <circle cx="50" cy="38" r="27" className="plain" />
                    <text x="50" y="37">
                        M
                    </text>
                    <text x="50" y="52" style={{ fontSize: 12 }}>
                        {phases} ~
                    </text>
                </>
            );
        case 'load':
            return (
                <>
                    {/* Two flanges bolted to each other: a coupling, not a capacitor. */}
                    <path className="plain" d="M50 0v4M50 16v4M43 2v16M57 2v16" strokeWidth="1.6" />
                    <rect x="38" y="4" width="24" height="6" className="plain" strokeWidth="1.6" />
                    <rect x="38" y="10" width="24" height="6" className="plain" strokeWidth="1.6" />
                    <rect x="28" y="20" width="44" height="36" className="plain" />
                    <path className="plain" d="M61 41a11 11 0 1 1 1-8M63 25l-1 8-8-1" />
                </>
            );
        case 'capacitor':
            return (
                <>
                    <path d={leads.map((x) => `M${x} 0v76`).join('')} />
                    {/* A branch off the line: two plates, and a star point at its end, not earth. */}
                    <path className="plain" d={`M${leads[0]} 38H30M30 24v28M22 24v28M22 38H14`} />
                    <circle cx={leads[0]} cy="38" r="3.5" className="dot" />
                    <circle cx="13" cy="38" r="3.5" className="dot" />
                </>
            );
        default:
            return null;
    }
}
