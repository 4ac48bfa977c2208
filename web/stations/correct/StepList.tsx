import styled from 'styled-components';
import { useBench } from '../../bench/BenchContext';
import { token } from '../../theme/tokens';

const List = styled.ol`
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    li {
        display: grid;
        min-width: 64px;
        padding: 4px 10px 5px;
        border: 1px solid ${token.rule};
        border-radius: 3px;
        font: 600 17px ${token.narrow};
    }
    li[data-chosen] {
        border-color: ${token.accent};
        background: ${token.wash};
    }
    li[data-refused] {
        color: ${token.stop};
    }
    small {
        max-width: 130px;
        color: ${token.soft};
        font-weight: 500;
        font-size: 13px;
        line-height: 1.2;
    }
`;

const Title = styled.h2`
    margin-bottom: 6px;
    font-size: 16px;
    font-weight: 600;
`;

/** The standard steps around the chosen one, with what speaks against each. */
export function StepList() {
    const { solved } = useBench();
    const steps = solved.solution.curves.correction?.steps ?? [];
    const chosen = steps.findIndex((step) => step.chosen);
    if (chosen === -1) {
        return null;
    }
    return (
        <section>
            <Title>Standard steps, kvar</Title>
            <List>
                {steps.slice(Math.max(0, chosen - 2), chosen + 3).map((step) => (
                    <li
                        key={step.kvar}
                        {...(step.chosen ? { 'data-chosen': true } : {})}
                        {...(step.refused ? { 'data-refused': true } : {})}
                    >
                        {step.chosen ? '✓ ' : ''}
                        {step.kvar}
                        <small>{step.reason}</small>
                    </li>
                ))}
            </List>
        </section>
    );
}
