import styled from 'styled-components';
import { useBench } from '../../bench/BenchContext';
import { Value } from '../../bench/StationPage';
import { token } from '../../theme/tokens';

const Table = styled.table`
    width: 100%;
    border-collapse: collapse;
    caption {
        padding-bottom: 6px;
        font-weight: 600;
        text-align: left;
    }
    th,
    td {
        padding: 7px 8px 7px 0;
        border-top: 1px solid ${token.rule};
        text-align: left;
        vertical-align: baseline;
    }
    th {
        color: ${token.soft};
        font-weight: 400;
        width: 46%;
    }
    td {
        font: 500 16px ${token.narrow};
    }
    small {
        font-size: 14px;
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
