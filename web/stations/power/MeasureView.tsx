import styled from 'styled-components';
import type { FigureKey } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { FigureRows } from '../../bench/FigureRows';
import { typed } from '../../bench/circuit';
import { Choice, Field } from '../../bench/fields';
import { Fields, Value } from '../../bench/StationPage';
import { RuledTable } from '../../kit/RuledTable';
import { token } from '../../theme/tokens';
import { InstrumentPicture } from './InstrumentPicture';
import { asked, type MeasureField, METHODS } from '../../readings/measuring';
import { Readings } from './Readings';

const Table = styled(RuledTable)`
    td {
        font: 600 17px ${token.narrow};
        white-space: nowrap;
    }
    td.band {
        color: ${token.soft};
        font-weight: 400;
        font-size: 15px;
    }
`;

const Says = styled.p`
    color: ${token.soft};
`;

const LOADS = [
    { way: 'power', label: 'by power' },
    { way: 'slip', label: 'by speed' },
    { way: 'current', label: 'by current' },
] as const;

const MORE: readonly { key: FigureKey; label: string }[] = [
    { key: 'measured.angle', label: 'Angle' },
    { key: 'measured.voltage', label: 'Voltage' },
    { key: 'measured.current', label: 'Current' },
    { key: 'measured.current_against_plate', label: 'Compared with the nameplate' },
    { key: 'measured.capacitor_current', label: 'Current of the capacitor' },
    { key: 'measured.reactive_current', label: 'Reactive part of the current' },
    { key: 'measured.power_factor_low', label: 'Power factor, at least' },
    { key: 'measured.power_factor_high', label: 'Power factor, at most' },
    { key: 'measured.real_low', label: 'Real power, at least' },
    { key: 'measured.real_high', label: 'Real power, at most' },
    { key: 'measured.power_factor_after', label: 'Power factor with the capacitor' },
    { key: 'measured.loss_drop', label: 'Less heat in the same conductors' },
    { key: 'measured.shaft', label: 'Shaft power' },
    { key: 'measured.efficiency', label: 'Efficiency' },
    { key: 'measured.power_factor_1', label: 'Power factor of L1' },
    { key: 'measured.power_factor_2', label: 'Power factor of L2' },
    { key: 'measured.power_factor_3', label: 'Power factor of L3' },
    { key: 'measured.voltage_unbalance', label: 'Voltage unbalance' },
    { key: 'measured.negative_sequence', label: 'Negative sequence' },
    { key: 'measured.current_unbalance', label: 'Current unbalance' },
    { key: 'measured.current_unbalance_expected', label: 'of which caused by voltage unbalance' },
];

/** Real, reactive and apparent power from whatever instrument is at hand. */
export function MeasureView() {
    const { draft, solved } = useBench();
    const chosen = (name: MeasureField) => typed(draft, `measure.${name}`);
    const phases = typed(draft, 'supply.phases') === '1' ? 1 : 3;
    const method = METHODS.find(({ value }) => value === chosen('method'));
    const loads = LOADS.filter(({ way }) => solved.figure(`measured.load_by_${way}`) !== undefined);
    const more = MORE.filter(({ key }) => solved.figure(key) !== undefined);
    return (
        <>
            <Fields>
                <Choice path="measure.method" only={(value) => METHODS.some((way) => way.value === value && (way.one || phases === 3))} />
            </Fields>
            {method === undefined ? (
                <p>
                    Choose your instrument: clamp meter, one or two wattmeters, energy meter. The page shows how to connect it and what to
                    read.
                </p>
            ) : (
                <>
                    <Says>
                        {method.says} Live measurement by qualified persons only, with instruments and leads rated for the location.
                    </Says>
                    <InstrumentPicture />
                    <Fields>
                        {method.fields
                            .filter((name) => asked(name, chosen, phases))
                            .map((name) => {
                                const path = `measure.${name}` as const;
                                const note = solved.note(path);
                                // A single-phase load has no lines to tell apart.
                                const single = phases === 1 ? note.label.replace(/ L1–L2| L1$/, '') : undefined;
                                return note.choices.length > 0 ? (
                                    <Choice key={name} path={path} />
                                ) : (
                                    <Field key={name} path={path} label={single} />
                                );
                            })}
                        <Field path="measure.current_distortion" />
                    </Fields>
                    {loads.length > 0 && (
                        <Table>
                            <caption>Load, of rated output</caption>
                            <tbody>
                                {loads.map(({ way, label }) => (
                                    <tr key={way}>
                                        <th scope="row">{label}</th>
                                        <td>
                                            <Value figure={solved.figure(`measured.load_by_${way}`)} />
                                        </td>
                                        <td className="band">
                                            {solved.figure(`measured.load_by_${way}_low`) !== undefined && (
                                                <>
                                                    between {solved.shown(`measured.load_by_${way}_low`)} and{' '}
                                                    {solved.shown(`measured.load_by_${way}_high`)}
                                                </>
                                            )}
                                        </td>
                                    </tr>
                                ))}
                            </tbody>
                        </Table>
                    )}
                    {more.length > 0 && (
                        <Table>
                            <caption>Results</caption>
                            <tbody>
                                <FigureRows rows={more} />
                            </tbody>
                        </Table>
                    )}
                </>
            )}
            <Readings />
        </>
    );
}
