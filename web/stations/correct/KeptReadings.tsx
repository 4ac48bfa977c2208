import type { FieldPath, Reading } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { Button } from '../../kit/Button';
import { RuledTable } from '../../kit/RuledTable';
import { when } from '../../kit/when';

/** The fields of a reading after fitting, and the figures of a kept reading or a waveform that fill them. */
const FILLS: readonly { path: FieldPath; keys: readonly string[] }[] = [
    { path: 'correction.after_volts', keys: ['measured.voltage', 'waveform.rms_v1'] },
    { path: 'correction.after_amps', keys: ['measured.current', 'waveform.rms_i1'] },
    { path: 'correction.after_watts', keys: ['measured.real', 'waveform.real'] },
];

const fillsOf = (reading: Reading) =>
    FILLS.map(({ path, keys }) => ({ path, figure: reading.figures.find((figure) => keys.includes(figure.key)) }));

/** Readings that are kept on this circuit, a file of samples among them: any of them may be the one after fitting. */
export function KeptReadings() {
    const { readings, readOnly, set } = useBench();
    const usable = readings.filter(
        (reading) =>
            reading.withdrawn === null &&
            // Samples of three lines hold volts to neutral, which are not those between lines.
            !reading.figures.some(({ key }) => key === 'waveform.rms_v2') &&
            fillsOf(reading).every(({ figure }) => figure !== undefined),
    );
    if (usable.length === 0 || readOnly) {
        return null;
    }
    return (
        <RuledTable>
            <caption>Or use a saved reading</caption>
            <tbody>
                {usable.map((reading) => (
                    <tr key={reading.id}>
                        <th scope="row">{when.format(new Date(reading.taken_at))}</th>
                        <td>
                            {fillsOf(reading)
                                .map(({ figure }) => figure?.shown)
                                .join(', ')}
                        </td>
                        <td>{reading.instrument}</td>
                        <td>
                            <Button
                                kind="quiet"
                                aria-label={`Use the reading of ${when.format(new Date(reading.taken_at))} as the one with the capacitor on`}
                                onPress={() => {
                                    for (const { path, figure } of fillsOf(reading)) {
                                        set(path, String(figure?.value ?? ''));
                                    }
                                }}
                            >
                                Use
                            </Button>
                        </td>
                    </tr>
                ))}
            </tbody>
        </RuledTable>
    );
}
