import { useSearchParams } from 'react-router';
import styled from 'styled-components';
import type { PlanPhase, PlanStep, ReadingKind } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { narrow, token } from '../../theme/tokens';
import { ReadingPanel } from './ReadingPanel';
import { StateMark } from './StateMark';
import { STATE_WORDS } from './words';

const Phase = styled.section`
    display: grid;
    gap: 4px;
    padding-top: 12px;
    border-top: 2px solid ${token.ink};
    h2 {
        font-size: 18px;
        font-weight: 600;
    }
    > p {
        max-width: 70ch;
        color: ${token.soft};
        font-size: 14.5px;
    }
    ol {
        margin: 6px 0 0;
        padding: 0;
        list-style: none;
    }
`;

const Step = styled.li`
    border-top: 1px solid ${token.rule};
    &[data-open] {
        margin: 0 -12px;
        padding: 0 12px 14px;
        background: ${token.sheet};
    }
`;

const Line = styled.button`
    display: grid;
    grid-template-columns: 26px minmax(150px, 1.1fr) minmax(0, 1fr) minmax(0, 1.4fr);
    gap: 4px 12px;
    align-items: baseline;
    width: 100%;
    min-height: 44px;
    padding: 9px 0;
    border: 0;
    background: none;
    text-align: left;
    cursor: pointer;
    b {
        font-weight: 600;
    }
    .read {
        font: 600 17px ${token.narrow};
    }
    .soft {
        color: ${token.soft};
        font-size: 14.5px;
    }
    @media ${narrow} {
        grid-template-columns: 26px minmax(0, 1fr) auto;
        .expects {
            grid-column: 2 / -1;
        }
    }
`;

const Next = styled.span`
    margin-left: 8px;
    padding: 1px 8px;
    border-radius: 9px;
    background: ${token.accent};
    color: ${token.onAccent};
    font-size: 13px;
    font-weight: 600;
`;

/** What is read, in the safe order: dead, live, at the first start, under load. One step is open at a time. */
export function PlanView() {
    const { solved } = useBench();
    const [search, setSearch] = useSearchParams();
    const plan = solved.solution.curves.plan;
    if (plan === undefined) {
        return null;
    }
    const asked = search.get('step');
    const all = plan.phases.flatMap(({ steps }) => steps);
    const open = all.find(({ kind }) => kind === asked)?.kind ?? null;
    const turn = (kind: ReadingKind | null) => setSearch(kind === null ? {} : { step: kind }, { replace: true });
    return (
        <>
            {plan.phases.map((phase) => (
                <PhaseSteps key={phase.phase} phase={phase} open={open} next={plan.next} onOpen={turn} />
            ))}
        </>
    );
}

function PhaseSteps({
    phase,
    open,
    next,
    onOpen,
}: {
    phase: PlanPhase;
    open: ReadingKind | null;
    next: ReadingKind | null;
    onOpen: (kind: ReadingKind | null) => void;
}) {
    return (
        <Phase aria-label={phase.label}>
            <h2>{phase.label}</h2>
            <p>{phase.caution}</p>
            <ol>
                {phase.steps.map((step) => (
                    <Step key={step.kind} {...(step.kind === open ? { 'data-open': true } : {})}>
                        <StepLine
                            step={step}
                            isNext={step.kind === next}
                            isOpen={step.kind === open}
                            onPress={() => onOpen(step.kind === open ? null : step.kind)}
                        />
                        {step.kind === open && <ReadingPanel step={step} />}
                    </Step>
                ))}
            </ol>
        </Phase>
    );
}

function StepLine({ step, isNext, isOpen, onPress }: { step: PlanStep; isNext: boolean; isOpen: boolean; onPress: () => void }) {
    const { solved } = useBench();
    const comparison = step.reading === null ? undefined : solved.solution.comparisons[step.reading];
    const main = comparison?.quantities[0];
    return (
        <Line type="button" aria-expanded={isOpen} onClick={onPress}>
            <StateMark state={step.state} grade={comparison?.grade ?? null} />
            <span>
                <b>{step.label}</b>
                {isNext && <Next>next</Next>}
                {!step.needed && <span className="soft"> recommended</span>}
            </span>
            <span className="read">
                {main?.shown ?? (step.state === 'open' ? '' : STATE_WORDS[step.state])}
                {step.state === 'simulated' && <span className="soft"> simulated</span>}
            </span>
            <span className="soft expects">
                {main?.band_shown !== undefined && main.band_shown !== '' ? main.band_shown : step.expects}
            </span>
        </Line>
    );
}
