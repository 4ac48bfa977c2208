import { useSearchParams } from 'react-router';
import styled from 'styled-components';
import { useBench } from '../../bench/BenchContext';
import { ReviewForm } from '../../sheet/ReviewForm';
import { circuitSubject } from '../../sheet/subject';
import { useToReview } from '../../sheet/useToReview';

const Strip = styled.section`
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 14px;
`;

/** Beside the document that is reviewed: what changed, what it moved, and the signature. */
export default function SheetSide() {
    const { place } = useBench();
    const subject = place === null ? undefined : circuitSubject(place.circuit);
    const waiting = useToReview(subject);
    const view = useSearchParams()[0].get('view');
    // The view of its own has the same form.
    if (waiting === undefined || view === 'review') {
        return null;
    }
    return (
        <Strip aria-label="Review">
            <h2>Review revision {waiting.number}</h2>
            <ReviewForm subject={subject} revision={waiting} beside />
        </Strip>
    );
}
