import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { service } from '../api/service';
import type { RevisionRow } from '../api/contract';
import { mayReview, usePerson } from '../api/session';
import { Button } from '../kit/Button';
import { NotLoaded } from '../kit/NotLoaded';
import { Select } from '../kit/Select';
import { PaperMaker } from '../paper/PaperMaker';
import { WithdrawDialog } from '../readings/WithdrawDialog';
import { token } from '../theme/tokens';
import { ChangesTable } from './ChangesTable';
import { paperPath, PAPERS } from './papers';
import type { Subject } from './subject';
import { KINDS, STATES, useMovedOn, useRevisions } from './useRevisions';

const List = styled.ol`
    display: grid;
    gap: 4px;
    > li {
        display: grid;
        gap: 6px;
        padding: 10px 0;
        border-top: 1px solid ${token.rule};
    }
    > li[data-state='issued'] {
        border-top: 3px solid ${token.accent};
    }
    small {
        color: ${token.soft};
        font-size: 14px;
    }
    div {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 16px;
        align-items: center;
    }
`;

const STEPS = {
    sent: 'sent for review',
    returned: 'returned',
    issued: 'signed and issued',
    superseded: 'superseded',
    withdrawn: 'withdrawn',
} as const;

/** The kept revisions, each with its way, its papers and its record; any two of them compared. */
export function RevisionList({ subject }: { subject: Subject | undefined }) {
    const asked = useRevisions(subject);
    const { revisions } = asked;
    if (!asked.known && subject !== undefined) {
        return asked.isError ? <NotLoaded what="the revisions" of={asked} /> : <p role="status">Opening the revisions…</p>;
    }
    if (revisions.length === 0 || subject === undefined) {
        return <p>No revision of this {subject?.kind ?? 'circuit'} yet.</p>;
    }
    return (
        <>
            <List>
                {revisions.map((revision) => (
                    <Revision key={revision.id} subject={subject} revision={revision} />
                ))}
            </List>
            {revisions.length > 1 && <Compared revisions={revisions} />}
        </>
    );
}

function Revision({ subject, revision }: { subject: Subject; revision: RevisionRow }) {
    const person = usePerson();
    const movedOn = useMovedOn(subject);
    const [asking, setAsking] = useState(false);
    const { door, file } = PAPERS[subject.kind];
    const signed = revision.steps.some(({ step }) => step === 'issued');
    return (
        <li data-state={revision.state}>
            <div>
                <b>
                    {revision.number}. {revision.name}
                </b>
                <span>{[STATES[revision.state], KINDS[revision.kind]].filter((word) => word !== '').join(', ')}</span>
            </div>
            <small>
                saved by {revision.created_by}, {day(revision.created_at)}
                {revision.steps.map((step) => (
                    <span key={`${step.step} ${step.at}`}>
                        ; {STEPS[step.step]} by {step.by}, {day(step.at)}
                        {step.remark !== '' && ` (${step.remark})`}
                    </span>
                ))}
            </small>
            <div>
                <Link to={paperPath(subject, revision.id, 'door')}>{door}</Link>
                <a href={service.sheet.doorPdf(revision.id)} target="_blank" rel="noreferrer">
                    {door} (PDF)
                </a>
                <Link to={paperPath(subject, revision.id, 'file')}>{file}</Link>
                <PaperMaker
                    ask={() => service.sheet.ask(revision.id)}
                    what={`${file.toLowerCase()} (PDF)`}
                    of={`revision ${revision.number}`}
                />
                {subject.kind === 'circuit' && <Link to={`/revisions/${revision.id}`}>All results</Link>}
                {signed && <a href={service.sheet.record(revision.id)}>Sealed record (JSON)</a>}
                {revision.state === 'issued' && mayReview(person) && <Button onPress={() => setAsking(true)}>Withdraw</Button>}
            </div>
            <WithdrawDialog
                what="sheet"
                form={`sheet:${revision.id}`}
                open={asking}
                onClose={() => setAsking(false)}
                withdraw={async (why) => {
                    await service.sheet.withdraw(revision.id, { why });
                    await movedOn();
                }}
            />
        </li>
    );
}

function Compared({ revisions }: { revisions: readonly RevisionRow[] }) {
    const [first, setFirst] = useState(String(revisions[1]?.id ?? ''));
    const [second, setSecond] = useState(String(revisions[0]?.id ?? ''));
    const query = useQuery({
        queryKey: ['compare', first, second],
        queryFn: () => service.sheet.compare(first, second),
        enabled: first !== '' && second !== '' && first !== second,
    });
    const options = revisions.map(({ id, number, name }) => ({ value: String(id), label: `${number}. ${name}` }));
    return (
        <section aria-label="Two revisions compared">
            <List as="div">
                <div>
                    <Select label="Before" value={first} options={options} onChange={setFirst} />
                    <Select label="After" value={second} options={options} onChange={setSecond} />
                </div>
            </List>
            {query.isError && <p role="alert">{query.error.message}</p>}
            {query.data !== undefined && <ChangesTable caption="Differences" changes={query.data.changes} />}
        </section>
    );
}

const day = (at: string): string => at.slice(0, 10);
