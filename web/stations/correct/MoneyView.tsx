import { Link } from 'react-router';
import { useBench } from '../../bench/BenchContext';
import { FigureRows } from '../../bench/FigureRows';
import { Field } from '../../bench/fields';
import { Fields, Value } from '../../bench/StationPage';
import { RuledTable } from '../../kit/RuledTable';
import { Scroll } from '../../kit/Scroll';

const SAVES = [
    { key: 'power.machine_loss_energy', label: 'Energy lost in the driven machine per year' },
    { key: 'power.machine_loss_cost', label: 'its cost' },
    { key: 'correct.loss_saving', label: 'Losses saved in cable and transformer' },
    { key: 'correct.saving_losses', label: 'Savings per year from lower losses' },
    { key: 'correct.saving_tariff', label: 'Savings per year from the tariff' },
    { key: 'correct.payback', label: 'Payback of the correction' },
    { key: 'power.upgrade_energy', label: 'Savings per year from the better motor' },
    { key: 'power.upgrade_saving', label: 'worth' },
    { key: 'power.upgrade_payback', label: 'Payback of the better motor' },
] as const;

/** What a year of this load costs, and what correction or a better motor saves. Prices are those of the site. */
export function MoneyView() {
    const { solved } = useBench();
    const curve = solved.solution.curves.money;
    const saves = SAVES.filter(({ key }) => solved.figure(key) !== undefined);
    return (
        <>
            {curve === undefined ? (
                <p>
                    Enter the hours and a price. Energy and reactive-power prices are set on the page <Link to="/setup">sites</Link>.
                </p>
            ) : (
                <Scroll tabIndex={0} role="group" aria-label="One year of this load">
                    <RuledTable>
                        <caption>One year of this load, in the currency of the tariff</caption>
                        <thead>
                            <tr>
                                <th scope="col">Load</th>
                                <th scope="col">Hours</th>
                                <th scope="col">Input</th>
                                <th scope="col">Energy</th>
                                <th scope="col">Cost</th>
                            </tr>
                        </thead>
                        <tbody>
                            {curve.rows.map((row) => (
                                <tr key={`${row.load} ${row.hours}`}>
                                    <th scope="row">{row.load}</th>
                                    <td>{row.hours}</td>
                                    <td>{row.power}</td>
                                    <td>{row.energy}</td>
                                    <td>{row.cost === '' ? '–' : row.cost}</td>
                                </tr>
                            ))}
                            <tr>
                                <th scope="row">Whole year</th>
                                <td />
                                <td />
                                <td>
                                    <Value figure={solved.figure('power.running_energy')} />
                                </td>
                                <td>
                                    <Value figure={solved.figure('power.running_cost')} />
                                </td>
                            </tr>
                        </tbody>
                    </RuledTable>
                </Scroll>
            )}
            {curve !== undefined && curve.bill.length > 0 && (
                <RuledTable>
                    <caption>Reactive-power charge</caption>
                    <thead>
                        <tr>
                            <th scope="col">per year</th>
                            <th scope="col">before</th>
                            <th scope="col">after</th>
                            <th scope="col">saved</th>
                        </tr>
                    </thead>
                    <tbody>
                        {curve.bill.map((line) => (
                            <tr key={line.label}>
                                <th scope="row">{line.label}</th>
                                <td>{line.before}</td>
                                <td>{line.after}</td>
                                <td>{line.saved}</td>
                            </tr>
                        ))}
                    </tbody>
                </RuledTable>
            )}
            {saves.length > 0 && (
                <RuledTable>
                    <caption>Losses and savings</caption>
                    <tbody>
                        <FigureRows rows={saves} />
                    </tbody>
                </RuledTable>
            )}
            <Fields>
                <Field path="load.hours" />
                <Field path="load.machine_efficiency" />
                <Field path="correction.price" />
                <Field path="upgrade.efficiency" />
                <Field path="upgrade.efficiency_class" />
                <Field path="upgrade.price" />
            </Fields>
        </>
    );
}
