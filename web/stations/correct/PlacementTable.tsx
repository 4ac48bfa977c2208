import styled from 'styled-components';
import { useBench } from '../../bench/BenchContext';
import { Value } from '../../bench/StationPage';
import { RuledTable } from '../../kit/RuledTable';
import { token } from '../../theme/tokens';

const Table = styled(RuledTable)`
    th {
        width: 46%;
        color: ${token.soft};
        font-weight: 400;
    }
    td {
        font: 500 16px ${token.narrow};
    }
`;

const School = styled.p`
    margin-top: 8px;
    color: ${token.soft};
    font-size: 14.5px;
    line-height: 1.35;
`;

/** What the place of the capacitor asks for and changes. */
export function PlacementTable() {
    const { solved } = useBench();
    const place = solved.solution.curves.placement;
    if (place === undefined) {
        return null;
    }
    return (
        <div>
            <Table>
                <caption>{place.name.charAt(0).toUpperCase() + place.name.slice(1)}</caption>
                <tbody>
                    <tr>
                        <th scope="row">Overload relay</th>
                        <td>
                            {place.overload}
                            {solved.figure('guard.overload_dial') !== undefined && (
                                <>
                                    {', '}
                                    <Value figure={solved.figure('guard.overload_dial')} />
                                </>
                            )}
                        </td>
                    </tr>
                    <tr>
                        <th scope="row">Capacitor conductors</th>
                        <td>
                            <Value figure={solved.figure('correct.conductor_size')} /> for{' '}
                            <Value figure={solved.figure('correct.conductor_ampacity')} />
                        </td>
                    </tr>
                    <tr>
                        <th scope="row">Own fuse</th>
                        <td>{place.fuse ? <Value figure={solved.figure('correct.fuse_rating')} /> : 'not required here'}</td>
                    </tr>
                    <tr>
                        <th scope="row">Own disconnect</th>
                        <td>
                            {place.disconnect ? (
                                <>
                                    minimum <Value figure={solved.figure('correct.disconnect_rating')} />
                                </>
                            ) : (
                                'not required here'
                            )}
                        </td>
                    </tr>
                    {solved.figure('correct.contactor_rating') !== undefined && (
                        <tr>
                            <th scope="row">Own contactor</th>
                            <td>
                                minimum <Value figure={solved.figure('correct.contactor_rating')} />, capacitor duty
                            </td>
                        </tr>
                    )}
                    <tr>
                        <th scope="row">Discharge</th>
                        <td>
                            {place.discharge}: <Value figure={solved.figure('correct.discharge_recommended')} />,{' '}
                            <Value figure={solved.figure('correct.discharge_rating')} />
                        </td>
                    </tr>
                    {solved.figure('correct.discharge_time') !== undefined && (
                        <tr>
                            <th scope="row">Installed resistor</th>
                            <td>
                                discharged after <Value figure={solved.figure('correct.discharge_time')} />,{' '}
                                <Value figure={solved.figure('correct.resistor_power')} />
                            </td>
                        </tr>
                    )}
                    {solved.figure('correct.reactor_inductance') !== undefined && (
                        <tr>
                            <th scope="row">Reactor, per phase</th>
                            <td>
                                <Value figure={solved.figure('correct.reactor_inductance')} />, tuned to{' '}
                                <Value figure={solved.figure('correct.tuning_frequency')} />
                            </td>
                        </tr>
                    )}
                    {solved.figure('correct.resonance_order') !== undefined && (
                        <tr>
                            <th scope="row">Resonance order, voltage rise</th>
                            <td>
                                order <Value figure={solved.figure('correct.resonance_order')} />,{' '}
                                <Value figure={solved.figure('correct.voltage_rise')} />
                            </td>
                        </tr>
                    )}
                    <tr>
                        <th scope="row">Capacitance per phase</th>
                        <td>
                            <Value figure={solved.figure('correct.capacitance_delta')} /> in delta
                        </td>
                    </tr>
                    <tr>
                        <th scope="row">Capacitor current</th>
                        <td>
                            <Value figure={solved.figure('correct.capacitor_current')} />
                        </td>
                    </tr>
                </tbody>
            </Table>
            {place.schools.map((school) => (
                <School key={school}>{school}</School>
            ))}
        </div>
    );
}
