import styled from 'styled-components';
import type { FieldPath } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { typed } from '../../bench/circuit';
import { Choice } from '../../bench/fields';
import { token } from '../../theme/tokens';

const Box = styled.section`
    display: grid;
    gap: 10px;
    align-content: start;
    h2 {
        font-size: 16px;
        font-weight: 600;
    }
    dl > div {
        padding: 8px 0;
        border-top: 1px solid ${token.rule};
    }
    dt {
        color: ${token.soft};
    }
    dd {
        font-weight: 600;
    }
    p {
        margin: 2px 0 0;
    }
`;

const PARTS: readonly (readonly [FieldPath, string])[] = [
    ['plate.start_capacitor', 'Start capacitor'],
    ['plate.run_capacitor', 'Run capacitor'],
];

/** How a single-phase motor starts, and what its capacitors are for. */
export function OnePhaseStart() {
    const { draft, solved } = useBench();
    const type = typed(draft, 'plate.single_phase_type');
    return (
        <Box aria-labelledby="one-phase-start">
            <h2 id="one-phase-start">Start winding and capacitors</h2>
            <Choice path="plate.single_phase_type" />
            {type !== '' && <p>{solved.solution.meanings['plate.single_phase_type']?.text}</p>}
            <dl>
                {PARTS.map(([path, name]) => (
                    <div key={path}>
                        <dt>{name}</dt>
                        <dd>{solved.solution.read[path] ?? 'not entered'}</dd>
                        {solved.solution.meanings[path] !== undefined && <p>{solved.solution.meanings[path].text}</p>}
                    </div>
                ))}
            </dl>
        </Box>
    );
}
