import styled from 'styled-components';
import type { PlanStep } from '../../api/contract';
import { READINGS } from '../../api/readings';
import { useBench } from '../../bench/BenchContext';
import { token } from '../../theme/tokens';
import { ComparisonTable } from './ComparisonTable';
import { ReadingForm } from './ReadingForm';
import { TerminalPicture } from './TerminalPicture';
import { TrendPicture } from './TrendPicture';

const Panel = styled.div`
    display: grid;
    gap: 14px;
    ul {
        margin: 0;
        padding-left: 20px;
        list-style: disc;
    }
    > p {
        color: ${token.soft};
    }
`;

/** One step of the plan: what it proves, what must be off before, the fields to read into, and what was read. */
export function ReadingPanel({ step }: { step: PlanStep }) {
    const { solved, readings, readOnly, place } = useBench();
    const reading = step.reading === null ? undefined : readings[step.reading];
    const comparison = step.reading === null ? undefined : solved.solution.comparisons[step.reading];
    return (
        <Panel>
            <p>
                {step.proves} {step.expects !== '' && `Expected: ${step.expects}.`}
            </p>
            {step.before.length > 0 && (
                <ul aria-label="Before you measure">
                    {step.before.map((line) => (
                        <li key={line}>{line}</li>
                    ))}
                </ul>
            )}
            {reading !== undefined && comparison !== undefined && <ComparisonTable reading={reading} comparison={comparison} />}
            {step.kind === 'winding_resistance' && reading !== undefined && comparison !== undefined && (
                <TerminalPicture reading={reading} comparison={comparison} />
            )}
            <TrendPicture kind={step.kind} />
            {!readOnly && place !== null && <ReadingForm key={step.kind} kind={step.kind} title={READINGS[step.kind].label} />}
        </Panel>
    );
}
