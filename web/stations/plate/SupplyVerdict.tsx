import styled from 'styled-components';
import { useBench } from '../../bench/BenchContext';
import { Choice, Field } from '../../bench/fields';
import { Value } from '../../bench/StationPage';
import { token } from '../../theme/tokens';

const Box = styled.div`
    display: grid;
    gap: 10px;
    h2 {
        font-size: 16px;
        font-weight: 600;
    }
    .fields {
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 10px;
    }
    dl > div {
        display: grid;
        grid-template-columns: 150px 1fr;
        gap: 8px;
        padding: 6px 0;
        border-top: 1px solid ${token.rule};
    }
    dt {
        color: ${token.soft};
    }
    dd {
        font: 600 17px ${token.narrow};
        small {
            font-size: 15px;
        }
    }
`;

/** The supply beside the plate, and whether they fit: which connection, what a winding sees, what the other one would do. */
export function SupplyVerdict() {
    const { solved } = useBench();
    return (
        <Box>
            <h2>On this supply</h2>
            <div className="fields">
                <Field path="supply.voltage" />
                <Field path="supply.frequency" label="Frequency" />
            </div>
            <Choice path="supply.phases" />
            <Choice path="plate.single_phase_type" />
            <Choice path="plate.thermal_protector" />
            <dl>
                <div>
                    <dt>Connect in</dt>
                    <dd>
                        <Value figure={solved.figure('plate.connection')} />
                    </dd>
                </div>
                <div>
                    <dt>Match</dt>
                    <dd>
                        <Value figure={solved.figure('plate.fit')} />
                    </dd>
                </div>
                {solved.figure('plate.usable_output') !== undefined && (
                    <div>
                        <dt>Available output here</dt>
                        <dd>
                            <Value figure={solved.figure('plate.usable_output')} />
                        </dd>
                    </div>
                )}
            </dl>
        </Box>
    );
}
