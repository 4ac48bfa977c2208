import { useBench } from '../../bench/BenchContext';
import { Choice, Field } from '../../bench/fields';
import { Fields, StationPage } from '../../bench/StationPage';
import { SizeLadderPicture } from './SizeLadder';

/** Conductors of both runs, with every size and what rejects it. */
export default function CableStation() {
    const { solved } = useBench();
    const iec = solved.solution.rule_book === 'iec';
    const { ladder, line_ladder: line } = solved.solution.curves;
    return (
        <StationPage
            name="cable"
            large={[
                { figure: 'cable.size', label: `${solved.figure('cable.conductors')?.shown ?? ''} from starter to motor` },
                { figure: 'cable.ampacity', label: `carries, ${solved.shown('cable.required_ampacity')} wanted` },
                {
                    figure: solved.figure('cable.total_drop') === undefined ? 'cable.voltage_drop' : 'cable.total_drop',
                    label: 'voltage drop, running',
                },
                { figure: 'cable.protective_size', label: solved.word('protective', 'protective conductor') },
            ]}
        >
            {ladder !== undefined && <SizeLadderPicture title="Starter to motor: every size" name="size-ladder" ladder={ladder} />}
            {line !== undefined && <SizeLadderPicture title="Supply to starter: every size" name="size-ladder-line" ladder={line} />}
            <Fields>
                <Field path="cable.length" label="Length, starter to motor" unit="m" />
                <Field path="cable.line_length" label="Length, supply to starter" unit="m" />
                {iec ? (
                    <Choice
                        path="cable.method"
                        label="Reference method"
                        options={[
                            { value: '', label: 'E (assumed)' },
                            { value: 'A1', label: 'A1, conduit in insulation' },
                            { value: 'A2', label: 'A2, cable in insulation' },
                            { value: 'B1', label: 'B1, conduit on a wall' },
                            { value: 'B2', label: 'B2, cable in conduit' },
                            { value: 'C', label: 'C, on a wall' },
                            { value: 'D1', label: 'D1, buried duct' },
                            { value: 'D2', label: 'D2, buried' },
                            { value: 'E', label: 'E, air or tray' },
                            { value: 'F', label: 'F, single cores' },
                        ]}
                    />
                ) : (
                    <Choice
                        path="cable.raceway_material"
                        label="Raceway"
                        options={[
                            { value: '', label: 'Steel (assumed)' },
                            { value: 'steel', label: 'Steel' },
                            { value: 'aluminium', label: 'Aluminium' },
                            { value: 'pvc', label: 'PVC' },
                        ]}
                    />
                )}
                <Choice
                    path="cable.insulation"
                    label="Insulation"
                    options={
                        iec
                            ? [
                                  { value: '', label: 'XLPE (assumed)' },
                                  { value: 'xlpe', label: 'XLPE, 90 °C' },
                                  { value: 'pvc', label: 'PVC, 70 °C' },
                              ]
                            : [
                                  { value: '', label: 'THWN-2 (assumed)' },
                                  { value: 'THWN-2', label: 'THWN-2, 90 °C' },
                                  { value: 'XHHW-2', label: 'XHHW-2, 90 °C' },
                                  { value: 'THHN', label: 'THHN, 90 °C, dry' },
                                  { value: 'THWN', label: 'THWN, 75 °C' },
                                  { value: 'TW', label: 'TW, 60 °C' },
                              ]
                    }
                />
                <Field path="cable.grouped_circuits" label="Circuits together" placeholder="1, assumed" hint="This one counted." />
                {iec && (
                    <Choice
                        path="cable.tray"
                        label="Support"
                        options={[
                            { value: '', label: 'Perforated tray (site)' },
                            { value: 'perforated', label: 'Perforated tray' },
                            { value: 'ladder', label: 'Ladder' },
                            { value: 'bunched', label: 'Bunched' },
                        ]}
                    />
                )}
                <Choice
                    path="cable.terminal_temperature"
                    label="Terminals"
                    options={
                        iec
                            ? [
                                  { value: '', label: '70 °C (assumed)' },
                                  { value: '70', label: '70 °C' },
                                  { value: '90', label: '90 °C' },
                              ]
                            : [
                                  { value: '', label: 'Not marked' },
                                  { value: '60', label: '60 °C' },
                                  { value: '75', label: '75 °C' },
                              ]
                    }
                />
                <Choice
                    path="cable.material"
                    label="Conductor"
                    options={[
                        { value: '', label: 'Copper (assumed)' },
                        { value: 'copper', label: 'Copper' },
                        { value: 'aluminium', label: 'Aluminium' },
                    ]}
                />
                <Field path="cable.size" label="Installed size, to motor" hint="Checked, not chosen." />
                <Field path="cable.line_size" label="Installed size, to starter" />
            </Fields>
        </StationPage>
    );
}
