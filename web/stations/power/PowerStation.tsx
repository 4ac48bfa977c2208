import { Pictures, StationPage } from '../../bench/StationPage';
import { CurrentSources } from './CurrentSources';
import { PowerTriangle } from './PowerTriangle';

/** From output to input, apparent power and current. */
export default function PowerStation() {
    return (
        <StationPage
            name="power"
            large={[
                { figure: 'power.input', label: 'real power, input' },
                { figure: 'power.reactive', label: 'reactive power' },
                { figure: 'power.apparent', label: 'apparent power' },
                { figure: 'power.design_current', label: 'sizes the circuit' },
            ]}
        >
            <Pictures $columns="minmax(0, 3fr) minmax(0, 2fr)">
                <PowerTriangle />
                <CurrentSources />
            </Pictures>
        </StationPage>
    );
}
