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

/** What the place of the capacitor asks for and changes. */
export function PlacementTable() {
    const { solved } = useBench();
    const place = solved.solution.curves.placement;
    if (place === undefined) {
        return null;
    }
    return (
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
                    <th scope="row">Its conductors</th>
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
                                at least <Value figure={solved.figure('correct.disconnect_rating')} />
                            </>
                        ) : (
                            'not required here'
                        )}
                    </td>
                </tr>
                <tr>
                    <th scope="row">Discharge</th>
                    <td>{place.discharge}</td>
                </tr>
                <tr>
                    <th scope="row">Capacitance a phase</th>
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
    );
}
