import { Link } from 'react-router';
import type { BoardAnswer } from '../api/contract';
import { service } from '../api/service';
import { usePerson } from '../api/session';
import { ListBar, ListSection } from '../kit/ListPage';
import { NotLoaded } from '../kit/NotLoaded';
import { ReviewForm } from '../sheet/ReviewForm';
import { RevisionList } from '../sheet/RevisionList';
import { SendForm } from '../sheet/SendForm';
import type { Subject } from '../sheet/subject';
import { useRevisions } from '../sheet/useRevisions';
import { useToReview } from '../sheet/useToReview';

/** The way of a board to a signed sheet: whoever prepares sends it, another person reviews and signs. */
export function BoardSheet({ answer, isSaved }: { answer: BoardAnswer; isSaved: boolean }) {
    const person = usePerson();
    const subject: Subject = { kind: 'board', id: answer.id };
    const asked = useRevisions(subject);
    const toReview = useToReview(subject);
    const waiting = asked.revisions.find(({ state }) => state === 'in_review');
    const inForce = asked.revisions.find(({ state }) => state === 'issued');
    return (
        <ListSection aria-label="Sheet">
            <h2>Sheet</h2>
            <ListBar>
                <Link to={`/boards/${answer.id}/paper/file`}>Board sheet</Link>
                <Link to={`/boards/${answer.id}/paper/door`}>Circuit directory for the door</Link>
            </ListBar>
            {!asked.known ? (
                asked.isError ? (
                    <NotLoaded what="the revisions" of={asked} />
                ) : (
                    <p role="status">Opening the revisions…</p>
                )
            ) : (
                <>
                    <p>{inForce === undefined ? 'No sheet of this board is in force.' : said(inForce.number, inForce.name, answer)}</p>
                    {toReview !== undefined && (
                        <>
                            <h3>Review revision {toReview.number}</h3>
                            <ReviewForm subject={subject} revision={toReview} />
                        </>
                    )}
                    {person?.role !== 'viewer' && (
                        <SendForm
                            subject={subject}
                            waiting={waiting}
                            hindrances={(answer.solved?.hindrances ?? []).map((text) => ({ text, to: null }))}
                            keep={(name) => {
                                if (!isSaved) {
                                    return Promise.reject(new Error('Wait until the board is saved.'));
                                }
                                return service.revision.storeOfBoard(answer.id, { name, version: answer.version });
                            }}
                        />
                    )}
                    {person?.role === 'viewer' && waiting !== undefined && <p>Revision {waiting.number} is in review.</p>}
                    <RevisionList subject={subject} />
                </>
            )}
        </ListSection>
    );
}

function said(number: number, name: string, { in_force: kept }: BoardAnswer): string {
    const changed = kept !== null && kept.number === number && !kept.unchanged;
    return `Revision ${number}, ${name}, is in force.${changed ? ' The board, its supply or its circuits have changed since.' : ''}`;
}
