import { Fragment, useState } from 'react';
import styled from 'styled-components';
import { useBench } from '../../bench/BenchContext';
import { narrow, token } from '../../theme/tokens';
import { PlateCell, type Stamp } from './PlateCell';
import { PlateMessages } from './PlateMessages';

const Metal = styled.fieldset`
    position: relative;
    margin: 0;
    padding: 8px 22px;
    border: 1px solid ${token.edge};
    border-radius: 8px;
    background: linear-gradient(160deg, ${token.sheet}, ${token.panel});
    min-width: 0;
    &::before,
    &::after {
        content: '';
        position: absolute;
        top: calc(50% - 5px);
        width: 10px;
        height: 10px;
        border: 1.5px solid ${token.edge};
        border-radius: 50%;
        background: ${token.rule};
    }
    &::before {
        left: 5px;
    }
    &::after {
        right: 5px;
    }
    @media ${narrow} {
        padding: 6px 10px;
        &::before,
        &::after {
            display: none;
        }
    }
    legend {
        position: absolute;
        width: 1px;
        height: 1px;
        overflow: hidden;
        clip-path: inset(50%);
    }
`;

const Row = styled.div`
    display: flex;
    border-bottom: 1px solid ${token.rule};
    &:last-child {
        border-bottom: 0;
    }
    @media ${narrow} {
        display: grid;
        grid-template-columns: 1fr 1fr;
    }
`;

const Meaning = styled.p`
    /* In sight while a stamp higher up has the focus, on a phone too. */
    position: sticky;
    bottom: 0;
    background: ${token.panel};
    min-height: 34px;
    padding: 6px 8px 4px;
    color: ${token.soft};
    font-size: 14.5px;
    line-height: 1.35;
    b {
        margin-right: 4px;
        color: ${token.accent};
        font-weight: 600;
    }
`;

/** The stamps in the order in which plates are read: row by row. */
function rows(american: boolean): readonly (readonly Stamp[])[] {
    return [
        [
            {
                path: 'plate.power',
                label: american ? 'Output, hp or kW' : 'Output, kW or hp',
                grow: 1.3,
                placeholder: american ? '50 hp' : '37 kW',
                assumedFrom: 'plate.output',
            },
            { path: 'plate.voltage', label: 'Volts', grow: 1.5, placeholder: american ? '230/460' : '400/690' },
            { path: 'plate.current', label: 'Amps', grow: 1.2, placeholder: american ? '122/61' : '66/38' },
            { path: 'plate.speed', label: 'rpm', grow: 1, placeholder: american ? '1775' : '1482' },
            { path: 'plate.frequency', label: 'Hz', grow: 0.7, assumedFrom: 'plate.frequency' },
        ],
        [
            { path: 'plate.power_factor', label: 'cos φ', grow: 0.8, assumedFrom: 'plate.power_factor' },
            { path: 'plate.efficiency', label: 'Efficiency, %', grow: 1.1, assumedFrom: 'plate.efficiency' },
            { path: 'plate.efficiency_class', label: 'IE class', grow: 0.8 },
            { path: 'plate.service_factor', label: 'Service factor', grow: 1.35 },
            { path: 'plate.code_letter', label: 'Code letter', grow: 0.9 },
            { path: 'plate.design_letter', label: 'Design', grow: 0.8 },
            { path: 'plate.duty', label: 'Duty', grow: 0.7 },
        ],
        [
            { path: 'plate.start_current_ratio', label: 'Ia/In', grow: 0.8 },
            { path: 'plate.start_torque_ratio', label: 'Tst/Tn', grow: 0.8 },
            { path: 'plate.breakdown_torque_ratio', label: 'Tmax/Tn', grow: 0.8 },
            { path: 'plate.insulation_class', label: 'Ins. class', grow: 0.8 },
            { path: 'plate.temperature_rise', label: 'Rise, K', grow: 0.7 },
            { path: 'plate.ambient', label: 'Ambient, °C', grow: 0.9 },
            { path: 'plate.ip', label: 'IP', grow: 0.8 },
            { path: 'plate.leads', label: 'Leads', grow: 0.6 },
        ],
        [
            { path: 'plate.type', label: 'Type', grow: 1.6 },
            { path: 'plate.serial', label: 'Serial no.', grow: 1.2 },
            { path: 'plate.year', label: 'Year', grow: 0.7 },
            { path: 'plate.standard', label: 'Standard', grow: 1.4 },
            { path: 'plate.frame', label: 'Frame', grow: 0.9 },
            { path: 'plate.mounting', label: 'Mounting', grow: 0.9 },
        ],
        [
            { path: 'plate.bearings', label: 'Bearings DE, NDE', grow: 1.4 },
            { path: 'plate.grease', label: 'Grease', grow: 1.6 },
            { path: 'plate.inertia', label: 'Inertia, kg·m²', grow: 1 },
            { path: 'plate.no_load_current', label: 'No-load A', grow: 0.9 },
            { path: 'plate.enclosure', label: 'Enclosure', grow: 0.9 },
            { path: 'plate.cooling', label: 'Cooling', grow: 0.8 },
        ],
    ];
}

/** The plate, filled in on a plate. */
export function PlateForm() {
    const { solved } = useBench();
    const [focused, setFocused] = useState<Stamp | null>(null);
    const meaning = focused === null ? undefined : solved.solution.meanings[focused.path];
    return (
        <Metal>
            <legend>The plate as stamped</legend>
            {rows(solved.solution.rule_book !== 'iec').map((stamps, index) => (
                <Fragment key={index}>
                    <Row>
                        {stamps.map((stamp) => (
                            <PlateCell key={stamp.path} {...stamp} onFocus={() => setFocused(stamp)} />
                        ))}
                    </Row>
                    <PlateMessages fields={stamps} />
                </Fragment>
            ))}
            <Meaning aria-live="polite">
                {focused === null ? (
                    'Touch a stamp to read what it says.'
                ) : (
                    <>
                        <b>{focused.label}</b> {meaning ?? 'Type it as it is stamped.'}
                    </>
                )}
            </Meaning>
        </Metal>
    );
}
