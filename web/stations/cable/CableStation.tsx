import { useBench } from '../../bench/BenchContext';
import { Choice, Field } from '../../bench/fields';
import { Fields, StationPage } from '../../bench/StationPage';
import { MarginTable } from './MarginTable';
import { SizeLadderPicture } from './SizeLadder';

/** Conductors of both runs, with every size and what rejects it. */
export default function CableStation() {
    const { solved } = useBench();
    const { ladder, line_ladder: line } = solved.solution.curves;
    const many = solved.number('cable.sets') ?? 1;
    const sets = many > 1 ? `, in ${many} parallel sets` : '';
    return (
        <StationPage
            name="cable"
            large={[
                {
                    figure: 'cable.size',
                    label: `conductors from starter to motor: ${solved.figure('cable.conductors')?.shown ?? ''}${sets}`,
                },
                {
                    figure: 'cable.ampacity',
                    label: `${solved.word('ampacity', 'current-carrying capacity')} (${solved.shown('cable.required_ampacity')} required)`,
                },
                {
                    figure: solved.figure('cable.total_drop') === undefined ? 'cable.voltage_drop' : 'cable.total_drop',
                    label: 'voltage drop, running',
                },
                { figure: 'cable.protective_size', label: solved.word('protective', 'protective conductor') },
            ]}
        >
            <Fields>
                <Field path="cable.length" />
                <Field path="cable.line_length" />
            </Fields>
            {ladder !== undefined && <SizeLadderPicture title="Starter to motor: all sizes" name="size-ladder" ladder={ladder} />}
            {line !== undefined && <SizeLadderPicture title="Supply to starter: all sizes" name="size-ladder-line" ladder={line} />}
            <MarginTable />
            <Fields>
                <Choice path="cable.method" />
                <Choice path="cable.raceway_material" />
                <Choice path="cable.insulation" />
                <Choice path="cable.material" />
                <Field path="cable.grouped_circuits" />
                <Field path="cable.line_grouped_circuits" />
                <Choice path="cable.tray" />
                <Choice path="cable.wet" />
                <Field path="cable.soil_temperature" />
                <Field path="cable.soil_resistivity" />
                <Choice path="cable.terminal_temperature" />
                <Choice path="cable.sets" />
                <Choice path="cable.raceways" />
                <Field path="cable.size" />
                <Field path="cable.line_size" />
                <Choice path="cable.protective_material" />
                <Choice path="cable.protective_separate" />
                <Choice path="load.service" />
            </Fields>
        </StationPage>
    );
}
