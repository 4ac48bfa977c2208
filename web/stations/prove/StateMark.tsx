import type { PlanStep, ReadingComparison } from '../../api/contract';
import { GradeMark } from '../../kit/Grade';
import { token } from '../../theme/tokens';
import { STATE_WORDS } from './words';

/** Whether a reading is there and what it says: a mark with its word for those who cannot see it. */
export function StateMark({ state, grade }: { state: PlanStep['state']; grade: ReadingComparison['grade'] }) {
    if (state === 'differs' || (state === 'agrees' && grade !== null)) {
        return <GradeMark grade={grade ?? 'caution'} label={state === 'differs' ? STATE_WORDS.differs : 'as expected, watch it'} />;
    }
    return (
        <svg
            width="18"
            height="18"
            viewBox="0 0 18 18"
            role="img"
            aria-label={STATE_WORDS[state]}
            fill="none"
            stroke={token.soft}
            strokeWidth="2"
        >
            {state === 'agrees' ? (
                <path d="M3 9.5l4 4 8-10" stroke={token.accent} strokeWidth="3" />
            ) : (
                <circle cx="9" cy="9" r="6.5" {...(state === 'open' ? {} : { strokeDasharray: '3 3' })} />
            )}
        </svg>
    );
}
