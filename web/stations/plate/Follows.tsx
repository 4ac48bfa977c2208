import styled from 'styled-components';
import { useBench } from '../../bench/BenchContext';
import { Value } from '../../bench/StationPage';
import { token } from '../../theme/tokens';

const Box = styled.div`
    h2 {
        margin-bottom: 4px;
        font-size: 16px;
        font-weight: 600;
    }
    dl > div {
        display: grid;
        grid-template-columns: 132px 1fr;
        gap: 10px;
        padding: 8px 0;
        border-top: 1px solid ${token.rule};
    }
    dt {
        color: ${token.soft};
    }
    dd {
        font-family: ${token.narrow};
        font-weight: 500;
        font-size: 17px;
        small {
            font-size: 15px;
        }
    }
`;

/** What follows from the plate, each with the word that makes it readable. */
export function Follows() {
    const { solved } = useBench();
    const difference = solved.figure('power.current_difference');
    const letter = solved.text('start.code_letter');
    return (
        <Box>
            <h2>Derived values</h2>
            <dl>
                <div>
                    <dt>Poles, slip</dt>
                    <dd>
                        <Value figure={solved.figure('plate.poles')} />
                        {solved.figure('plate.poles') !== undefined && (
                            <>
                                , <Value figure={solved.figure('plate.synchronous_speed')} /> synchronous, slip{' '}
                                <Value figure={solved.figure('plate.slip')} />
                            </>
                        )}
                    </dd>
                </div>
                <div>
                    <dt>Rated torque</dt>
                    <dd>
                        <Value figure={solved.figure('plate.rated_torque')} />
                    </dd>
                </div>
                <div>
                    <dt>Current check</dt>
                    <dd>
                        calculated <Value figure={solved.figure('power.computed_current')} />, nameplate{' '}
                        <Value figure={solved.figure('power.plate_current')} />
                        {difference !== undefined && <> ({difference.shown})</>}
                    </dd>
                </div>
                <div>
                    <dt>Locked rotor</dt>
                    <dd>
                        <Value figure={solved.figure('start.locked_rotor_current')} />
                        {letter !== undefined && <>, equivalent to code letter {letter}</>}
                    </dd>
                </div>
                <div>
                    <dt>Match with the supply</dt>
                    <dd>
                        <Value figure={solved.figure('plate.fit')} />
                    </dd>
                </div>
            </dl>
        </Box>
    );
}
