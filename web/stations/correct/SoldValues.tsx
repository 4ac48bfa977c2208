import { useBench } from '../../bench/BenchContext';
import { Value } from '../../bench/StationPage';
import { RuledTable } from '../../kit/RuledTable';

/** The values that are sold on both sides of what is wanted, with what the line would carry. */
export function SoldValues() {
    const { solved } = useBench();
    const rows = [
        {
            label: 'Next below',
            capacitance: 'correct.choice_below_capacitance',
            current: 'correct.choice_below_current',
            factor: 'correct.choice_below_power_factor',
        },
        {
            label: 'Next above',
            capacitance: 'correct.choice_above_capacitance',
            current: 'correct.choice_above_current',
            factor: 'correct.choice_above_power_factor',
        },
    ] as const;
    const chosen = solved.number('correct.capacitance_delta');
    return (
        <div>
            <RuledTable>
                <caption>Standard values</caption>
                <thead>
                    <tr>
                        <th scope="col">{solved.shown('correct.capacitance_required')} required</th>
                        <th scope="col">value</th>
                        <th scope="col">current</th>
                        <th scope="col">power factor</th>
                    </tr>
                </thead>
                <tbody>
                    {rows
                        .filter(({ capacitance }) => solved.figure(capacitance) !== undefined)
                        .map(({ label, capacitance, current, factor }) => (
                            <tr key={label}>
                                <th scope="row">
                                    {solved.number(capacitance) === chosen ? '✓ ' : ''}
                                    {label}
                                </th>
                                <td>
                                    <Value figure={solved.figure(capacitance)} />
                                </td>
                                <td>
                                    <Value figure={solved.figure(current)} />
                                </td>
                                <td>
                                    <Value figure={solved.figure(factor)} />
                                    {solved.figure(factor)?.label.endsWith('leading') === true && ' leading'}
                                </td>
                            </tr>
                        ))}
                    <tr>
                        <th scope="row">Rated voltage</th>
                        <td colSpan={3}>
                            <Value figure={solved.figure('correct.rated_voltage')} /> or more
                        </td>
                    </tr>
                    <tr>
                        <th scope="row">Resistor</th>
                        <td colSpan={3}>
                            <Value figure={solved.figure('correct.discharge_recommended')} />,{' '}
                            <Value figure={solved.figure('correct.discharge_rating')} />
                        </td>
                    </tr>
                    {solved.figure('correct.discharge_time') !== undefined && (
                        <tr>
                            <th scope="row">Installed resistor</th>
                            <td colSpan={3}>
                                discharged after <Value figure={solved.figure('correct.discharge_time')} />,{' '}
                                <Value figure={solved.figure('correct.resistor_power')} />
                            </td>
                        </tr>
                    )}
                    <tr>
                        <th scope="row">Conductors, fuse</th>
                        <td colSpan={3}>
                            <Value figure={solved.figure('correct.conductor_size')} />,{' '}
                            <Value figure={solved.figure('correct.fuse_rating')} />
                        </td>
                    </tr>
                </tbody>
            </RuledTable>
        </div>
    );
}
