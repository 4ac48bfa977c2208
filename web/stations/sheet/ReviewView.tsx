import styled from 'styled-components';
import { mayReview, usePerson } from '../../api/session';
import { useBench } from '../../bench/BenchContext';
import { NotLoaded } from '../../kit/NotLoaded';
import { service } from '../../api/service';
import { ReviewForm } from '../../sheet/ReviewForm';
import { SendForm } from '../../sheet/SendForm';
import { circuitSubject } from '../../sheet/subject';
import { STATES, useRevisions } from '../../sheet/useRevisions';
import { useToReview } from '../../sheet/useToReview';

const Heading = styled.h2`
    font-size: 18px;
    font-weight: 600;
`;

/** The way to a signed sheet: whoever prepares sends it, another person reviews and signs. */
export function ReviewView() {
    const { place, readOnly, solved } = useBench();
    const subject = place === null ? undefined : circuitSubject(place.circuit);
    const person = usePerson();
    const asked = useRevisions(subject);
    const { revisions } = asked;
    const toReview = useToReview(subject);
    const waiting = revisions.find(({ state }) => state === 'in_review');
    const inForce = revisions.find(({ state }) => state === 'issued');
    const returned = revisions[0]?.steps.at(-1);
    // Before they are known nothing is said of what is in force, and nothing is sent.
    if (!asked.known && place !== null) {
        return asked.isError ? <NotLoaded what="the revisions" of={asked} /> : <p role="status">Opening the revisions…</p>;
    }
    return (
        <>
            <p>
                {inForce === undefined
                    ? 'No sheet of this circuit is in force.'
                    : `Revision ${inForce.number}, ${inForce.name}, is ${STATES.issued}.`}
                {returned?.step === 'returned' && ` The last one was returned by ${returned.by}: “${returned.remark}”`}
            </p>
            {toReview !== undefined && (
                <>
                    <Heading>Review revision {toReview.number}</Heading>
                    <ReviewForm subject={subject} revision={toReview} />
                </>
            )}
            {waiting !== undefined && mayReview(person) && waiting.created_by === person?.name && (
                <p>You prepared this revision. Another person must review and sign it.</p>
            )}
            {!readOnly && (
                <SendForm
                    subject={subject}
                    waiting={waiting}
                    hindrances={(solved.solution.curves.readiness?.hindrances ?? []).map(({ text, station }) => ({
                        text,
                        to: station === null || place === null ? null : `/circuits/${place.circuit}/${station}`,
                    }))}
                    keep={async (name) => {
                        const version = (await place?.flush()) ?? null;
                        if (place === null || version === null) {
                            throw new Error('Save the draft before you send it.');
                        }
                        return service.revision.store(place.circuit, { name, version });
                    }}
                />
            )}
            {readOnly && waiting !== undefined && <p>Revision {waiting.number} is in review.</p>}
        </>
    );
}
