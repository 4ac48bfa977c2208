import styled from 'styled-components';
import { useBench } from '../../bench/BenchContext';
import { Drawing } from '../../kit/Drawing';
import { Picture } from '../../kit/Picture';
import { token } from '../../theme/tokens';

const Lines = styled(Drawing)`
    .wire {
        fill: none;
        stroke: ${token.ink};
        stroke-width: 2.5;
    }
    .part {
        fill: ${token.sheet};
        stroke: ${token.ink};
        stroke-width: 2.5;
    }
    .unit {
        fill: none;
        stroke: ${token.accent};
        stroke-width: 3.5;
    }
    .not {
        fill: none;
        stroke: ${token.edge};
        stroke-width: 2;
        stroke-dasharray: 4 4;
    }
    .cross {
        stroke: ${token.stop};
        stroke-width: 3;
    }
    .dot {
        fill: ${token.ink};
    }
`;

/** Where each place joins the line, in the order of the line, and what it is called there. */
const PLACES: readonly { place: string; x: number; name: string }[] = [
    { place: 'board', x: 110, name: 'at the board' },
    { place: 'before_controller', x: 220, name: 'before the contactor' },
    { place: 'after_controller', x: 335, name: 'between contactor and overload relay' },
    { place: 'behind_relay', x: 445, name: 'after the overload relay' },
    { place: 'at_motor', x: 520, name: 'at the motor terminals' },
];

/** Where the capacitor joins the circuit: one line for three phases, both conductors for one. */
export function PlacePicture() {
    const { solved } = useBench();
    return solved.figure('correct.capacitance_required') === undefined ? <OneLine /> : <TwoWires />;
}

function OneLine() {
    const { solved } = useBench();
    const place = solved.solution.curves.placement;
    const at = place?.place ?? 'board';
    return (
        <Picture title={`Position: ${place?.name ?? 'at the board'}`} name="capacitor-place" wide rows={[['Position', place?.name ?? '']]}>
            <Lines viewBox="0 0 620 246" role="img" aria-label={`Capacitor ${place?.name ?? ''}`}>
                <path className="wire" d="M60 40V80M40 40H80" />
                <path className="wire" d="M60 60H540" />
                <text x="24" y="30">
                    board
                </text>
                <g transform="translate(278 60)">
                    <rect className="part" x="-26" y="-16" width="52" height="32" />
                    <path className="wire" d="M-12 0L10 -10M10 0H12" />
                    <text y="-26" textAnchor="middle">
                        contactor
                    </text>
                </g>
                <g transform="translate(390 60)">
                    <rect className="part" x="-22" y="-16" width="44" height="32" />
                    <path className="wire" d="M-10 4V-6H10V4" />
                    <text y="-26" textAnchor="middle">
                        relay
                    </text>
                </g>
                <g transform="translate(560 60)">
                    <circle className="part" r="24" />
                    <text className="strong" y="6" textAnchor="middle">
                        M
                    </text>
                </g>
                {PLACES.map(({ place: name, x }, index) => (
                    <g key={name} transform={`translate(${x} 60)`}>
                        <text className="soft" y="-10" textAnchor="middle">
                            {index + 1}
                        </text>
                        {name === at ? (
                            <>
                                <circle className="dot" r="4" />
                                <path className="unit" d="M0 0V40M-20 40H20M-20 50H20M0 50V80" />
                                <path className="unit" d="M0 80L13 102H-13Z" />
                                <text className="good" x="28" y="50">
                                    {solved.shown('correct.capacitor_rating')}
                                </text>
                                <text className="soft" x="28" y="68">
                                    {solved.shown('correct.capacitor_current')}
                                </text>
                            </>
                        ) : (
                            <path className="not" d="M0 0V30M-12 30H12M-12 38H12" />
                        )}
                    </g>
                ))}
                {[PLACES.slice(0, 3), PLACES.slice(3)].map((some, row) => (
                    <text key={row} className="soft" x="24" y={190 + 21 * row}>
                        {some.map(({ name }, index) => `${3 * row + index + 1} ${name}`).join(' · ')}
                    </text>
                ))}
                <text className="soft" x="24" y="236">
                    three poles, in delta; with fuses and resistors where the table shows them
                </text>
            </Lines>
        </Picture>
    );
}

function TwoWires() {
    const { solved } = useBench();
    return (
        <Picture
            title="Position: on the load side of the switch"
            name="capacitor-place"
            wide
            rows={[['Position', 'across the load, on the load side of the switch or thermostat']]}
        >
            <Lines viewBox="0 0 620 210" role="img" aria-label="Capacitor across the load, on the load side of the switch">
                <text x="10" y="46">
                    L
                </text>
                <text x="10" y="166">
                    N
                </text>
                <path className="wire" d="M30 40H180M250 40H540V70M30 160H540V130" />
                <path className="wire" d="M180 40L245 16" />
                <circle className="dot" cx="180" cy="40" r="4" />
                <circle className="dot" cx="250" cy="40" r="4" />
                <text x="215" y="64" textAnchor="middle">
                    switch, thermostat
                </text>
                <rect className="part" x="500" y="70" width="80" height="60" />
                <text x="540" y="106" textAnchor="middle">
                    load
                </text>
                <circle className="dot" cx="390" cy="40" r="4" />
                <circle className="dot" cx="390" cy="160" r="4" />
                <path className="unit" d="M390 40V94M368 94H412M368 104H412M390 104V160" />
                <text className="good" x="420" y="96">
                    {solved.shown('correct.capacitance_delta')}
                </text>
                <text className="soft" x="420" y="114">
                    {solved.shown('correct.rated_voltage')}
                </text>
                <path className="not" d="M110 40V94M88 94H132M88 104H132M110 104V160" />
                <path className="cross" d="M92 80L128 118M128 80L92 118" />
                <text className="bad" x="66" y="190">
                    not before the switch: the capacitor would stay on by itself
                </text>
                <text className="soft" x="352" y="190">
                    with a resistor across it
                </text>
            </Lines>
        </Picture>
    );
}
