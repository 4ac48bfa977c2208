import styled from 'styled-components';
import { useBench } from '../../bench/BenchContext';
import { token } from '../../theme/tokens';
import { PlacePicture } from './PlacePicture';

const Steps = styled.ol`
    display: grid;
    gap: 0;
    counter-reset: step;
    li {
        display: grid;
        grid-template-columns: 40px minmax(0, 1fr);
        gap: 10px;
        align-items: baseline;
        padding: 10px 0;
        border-bottom: 1px solid ${token.rule};
        font-size: 17px;
        line-height: 1.35;
        counter-increment: step;
    }
    li::before {
        content: counter(step);
        font: 600 22px ${token.narrow};
        color: ${token.accent};
    }
`;

const Title = styled.h2`
    font-size: 17px;
    font-weight: 600;
`;

/** Where the capacitor goes, and how it is tried before it is wired for good. */
export function TrialView() {
    const { solved } = useBench();
    const trial = solved.solution.curves.trial;
    if (trial === undefined) {
        return <p>The trial steps appear once a capacitor is chosen.</p>;
    }
    return (
        <>
            <PlacePicture />
            <section>
                <Title>Test run: {trial.minutes} minutes at most, before permanent wiring</Title>
                <Steps>
                    {trial.steps.map((step) => (
                        <li key={step}>{step}</li>
                    ))}
                </Steps>
            </section>
            <p>Have a licensed person check this against the local code. Keep everyone away from bare clips.</p>
        </>
    );
}
