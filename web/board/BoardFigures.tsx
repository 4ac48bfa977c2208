import styled from 'styled-components';
import type { BoardFigure } from '../api/contract';
import { RuledTable } from '../kit/RuledTable';
import { Scroll } from '../kit/Scroll';
import { token } from '../theme/tokens';

const How = styled.td`
    min-width: 220px;
    color: ${token.soft};
    font-size: 14px;
`;

/** Figures by what they are about, in the order of the work. */
const GROUPS: readonly { title: string; keys: readonly string[] }[] = [
    {
        title: 'Demand',
        keys: ['largest_motor', 'running_current', 'demand', 'phasor_current', 'power_factor', 'apparent_power'],
    },
    {
        title: 'Device and conductors of the feeder',
        keys: [
            'scpd_limit',
            'scpd_rating',
            'required_ampacity',
            'size',
            'sets',
            'ampacity',
            'protective_size',
            'voltage_drop',
            'starting_drop',
        ],
    },
    {
        title: 'Fault currents',
        keys: [
            'supply_fault_current',
            'prospective_current',
            'motor_contribution',
            'fault_current',
            'peak_fault_current',
            'two_phase_fault_current',
            'loop_impedance',
            'earth_fault_current',
            'disconnection_time',
        ],
    },
    {
        title: 'Voltage',
        keys: ['board_voltage', 'starting_motor', 'start_dip', 'start_step', 'two_start_dip', 'transformer_dip'],
    },
    { title: 'Transformer', keys: ['transformer_current', 'transformer_loading', 'regulation', 'transformer_least'] },
    {
        title: 'Restart after a blackout',
        keys: ['blackout_dip', 'restart_steps', 'restart_time', 'restart_dip', 'restart_fuse_share'],
    },
    {
        title: 'Capacitor bank',
        keys: [
            'bank_steps_on',
            'bank_reactive',
            'corrected_current',
            'corrected_power_factor',
            'corrected_drop',
            'corrected_loading',
            'resonance_order',
        ],
    },
    {
        title: 'Control supply',
        keys: [
            'control_holding',
            'control_inrush',
            'control_transformer',
            'control_primary_current',
            'control_secondary_current',
            'control_primary_fuse',
            'control_secondary_fuse',
            'control_inrush_voltage',
            'control_pull_in_length',
            'control_drop_out_length',
        ],
    },
];

/** Every figure of a board with how it came about. */
export function BoardFigures({ figures }: { figures: readonly BoardFigure[] }) {
    return GROUPS.map(({ title, keys }) => {
        const rows = keys.flatMap((key) => figures.filter((figure) => figure.key === `feeder.${key}`));
        return (
            rows.length > 0 && (
                <Scroll key={title} tabIndex={0} role="group" aria-label={title}>
                    <RuledTable>
                        <caption>{title}</caption>
                        <tbody>
                            {rows.map((figure) => (
                                <tr key={figure.key}>
                                    <th scope="row">{figure.label}</th>
                                    <td>
                                        <b>{figure.shown}</b>
                                        {figure.assumptions.length > 0 && ' (assumed)'}
                                    </td>
                                    <How>
                                        {[figure.working, figure.source].filter(Boolean).join('; ')}
                                        {figure.assumptions.length > 0 && (
                                            <details>
                                                <summary>Assumed</summary>
                                                {figure.assumptions.join('; ')}
                                            </details>
                                        )}
                                        {figure.doubt !== null && <span> To be checked: {figure.doubt}</span>}
                                    </How>
                                </tr>
                            ))}
                        </tbody>
                    </RuledTable>
                </Scroll>
            )
        );
    });
}
