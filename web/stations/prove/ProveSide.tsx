import { Link, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { READINGS } from '../../api/readings';
import { useBench } from '../../bench/BenchContext';
import { token } from '../../theme/tokens';

const Card = styled.section`
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 10px;
    font-size: 15px;
    line-height: 1.35;
    > b {
        font: 600 22px/1.2 ${token.narrow};
    }
    small {
        color: ${token.soft};
        font-size: 14px;
    }
    dl > div {
        padding: 6px 0;
        border-top: 1px solid ${token.rule};
    }
    dt {
        font-weight: 600;
    }
`;

/** Beside the plan: what the open reading, or the next one, should show, and what another value would tell. */
export default function ProveSide() {
    const { solved, place } = useBench();
    const [search] = useSearchParams();
    const plan = solved.solution.curves.plan;
    const asked = search.get('step');
    const steps = (plan?.phases ?? []).flatMap((phase) => phase.steps);
    const step = steps.find(({ kind }) => kind === asked) ?? steps.find(({ kind }) => kind === plan?.next);
    if (step === undefined || (search.get('view') ?? 'plan') !== 'plan') {
        return null;
    }
    const isOpen = step.kind === asked;
    const { one_phase_tells: ofOne, tells: usual } = READINGS[step.kind];
    const tells = solved.solution.curves.run?.phases === 1 && ofOne.length > 0 ? ofOne : usual;
    const read = step.reading === null ? undefined : solved.solution.comparisons[step.reading]?.quantities[0];
    return (
        <Card aria-label="What this reading tells">
            <h2>{isOpen || place === null ? step.label : <>Next: {step.label}</>}</h2>
            <small>{step.proves}</small>
            {step.expects !== '' && (
                <>
                    <small>Expected</small>
                    <b data-figure>{step.expects}</b>
                </>
            )}
            {read !== undefined && (
                <p>
                    Measured: <b>{read.shown}</b>
                </p>
            )}
            <dl>
                {tells.map(({ sign, means }) => (
                    <div key={sign}>
                        <dt>{sign}</dt>
                        <dd>{means}</dd>
                    </div>
                ))}
            </dl>
            {!isOpen && place !== null && (
                <Link to={{ pathname: `/circuits/${place.circuit}/prove`, search: `?step=${step.kind}` }} replace>
                    Open this reading
                </Link>
            )}
        </Card>
    );
}
