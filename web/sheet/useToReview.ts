import type { RevisionRow } from '../api/contract';
import { mayReview, usePerson } from '../api/session';
import type { Subject } from './subject';
import { useRevisions } from './useRevisions';

/** The revision in review that this person may sign, if there is one. */
export function useToReview(subject: Subject | undefined): RevisionRow | undefined {
    const person = usePerson();
    const waiting = useRevisions(subject).revisions.find(({ state }) => state === 'in_review');
    return waiting !== undefined && mayReview(person) && waiting.created_by !== person?.name ? waiting : undefined;
}
