import { useBench } from '../../bench/BenchContext';
import { Choice, Field } from '../../bench/fields';
import { Fields, StationPage } from '../../bench/StationPage';
import { SizeLadderPicture } from './SizeLadder';

/** Conductors of both runs, with every size and what rejects it. */
export default function CableStation() {
    const { solved } = useBench();
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
                <Field path="cable.length" />
                <Field path="cable.line_length" />
                <Choice path="cable.method" />
                <Choice path="cable.raceway_material" />
                <Choice path="cable.insulation" />
                <Field path="cable.grouped_circuits" />
                <Choice path="cable.tray" />
                <Choice path="cable.terminal_temperature" />
                <Choice path="cable.material" />
                <Field path="cable.size" />
                <Field path="cable.line_size" />
            </Fields>
        </StationPage>
    );
}
