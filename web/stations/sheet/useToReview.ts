import { mayReview, usePerson } from '../../api/session';
import type { RevisionRow } from '../../api/contract';
import { useRevisions } from './useRevisions';

/** The revision in review that this person may sign, if there is one. */
export function useToReview(circuit: number | undefined): RevisionRow | undefined {
    const person = usePerson();
    const waiting = useRevisions(circuit).revisions.find(({ state }) => state === 'in_review');
    return waiting !== undefined && mayReview(person) && waiting.created_by !== person?.name ? waiting : undefined;
}
