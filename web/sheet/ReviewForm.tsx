import { useQuery } from '@tanstack/react-query';
import { type SyntheticEvent, useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { errorOf, ProblemError } from '../api/client';
import { service } from '../api/service';
import type { RevisionRow } from '../api/contract';
import { usePerson } from '../api/session';
import { Button } from '../kit/Button';
import { TextField } from '../kit/TextField';
import { Tick } from '../kit/Ticks';
import { token } from '../theme/tokens';
import { ChangesTable } from './ChangesTable';
import { paperPath, PAPERS } from './papers';
import { ReviewSummary } from './ReviewSummary';
import { Form } from './SendForm';
import type { Subject } from './subject';
import { KINDS, useMovedOn } from './useRevisions';
import { useKept } from '../away/useKept';

const Questions = styled.ol`
    display: grid;
    gap: 10px;
    > li {
        display: grid;
        grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
        gap: 4px 18px;
        align-items: end;
        padding: 8px 0 8px 12px;
        border-left: 4px solid ${token.rule};
    }
    > li[data-open='true'] {
        border-left-color: ${token.caution};
    }
    small {
        display: block;
        color: ${token.soft};
        font-size: 14px;
    }
`;

const Buttons = styled.div`
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
`;

/** What whoever signs is asked: each assumption and doubt ticked or answered, each defect decided, and the password again. */
export function ReviewForm({
    subject,
    revision,
    beside = false,
}: {
    subject: Subject | undefined;
    revision: RevisionRow;
    /** It stands beside the document, where a table has no room. */
    beside?: boolean;
}) {
    const person = usePerson();
    const movedOn = useMovedOn(subject);
    const [taken, setTaken] = useKept<readonly string[]>(`review:${revision.id}:taken`, []);
    const [reasons, setReasons] = useKept<Readonly<Record<string, string>>>(`review:${revision.id}:reasons`, {});
    const [remark, setRemark] = useKept(`review:${revision.id}:remark`, '');
    const [password, setPassword] = useState('');
    const [problem, setProblem] = useState<Error | null>(null);
    const [busy, setBusy] = useState(false);
    const query = useQuery({
        queryKey: ['review', revision.id],
        queryFn: () => service.sheet.review(revision.id),
    });
    if (query.isError) {
        return <p role="alert">{query.error.message}</p>;
    }
    if (query.data === undefined) {
        return <p role="status">Opening the review…</p>;
    }
    const { questions, compared_with: before, changes, changed_by: changers } = query.data;
    const sent = revision.steps.at(-1);
    const changedIt = person != null && changers.includes(person.name);
    const at = (path: string) => (problem instanceof ProblemError ? problem.at(path) : undefined);
    const act = async (work: Promise<unknown>) => {
        setBusy(true);
        setProblem(null);
        try {
            await work;
            setTaken([]);
            setReasons({});
            setRemark('');
            await movedOn();
        } catch (error) {
            setProblem(errorOf(error));
        }
        setPassword('');
        setBusy(false);
    };
    const issue = (event: SyntheticEvent) => {
        event.preventDefault();
        void act(
            service.sheet.issue(revision.id, {
                password,
                remark,
                decisions: questions.map(({ key }) => ({ key, taken: taken.includes(key), why: reasons[key] ?? '' })),
            }),
        );
    };
    return (
        <>
            <p>
                <b>{revision.name}</b>, {KINDS[revision.kind]}
                {sent !== undefined && `, sent by ${sent.by}`}
                {sent !== undefined && sent.remark !== '' && `: “${sent.remark}”`}
            </p>
            {!beside && subject !== undefined && (
                <p>
                    <Link to={paperPath(subject, revision.id, 'door')}>{PAPERS[subject.kind].door}</Link>{' '}
                    <Link to={paperPath(subject, revision.id, 'file')}>{PAPERS[subject.kind].file}</Link>
                </p>
            )}
            <ReviewSummary review={query.data} />
            {before !== null && !beside && (
                <ChangesTable
                    caption={`All changes since revision ${before.number}, ${before.name}, which is in force`}
                    changes={changes}
                />
            )}
            {changedIt && <p>You changed what this sheet rests on after the last one was issued. Another person must sign this one.</p>}
            <Form onSubmit={issue} aria-label="Review and sign">
                {questions.length > 0 && <p>Assumptions and unverified values. Accept each one, or write why it is acceptable:</p>}
                <Questions>
                    {questions.map((question) => (
                        <li key={question.key} data-open={at(`decisions.${question.key}`) !== undefined}>
                            <div>
                                {question.wants_words ? (
                                    <b>{question.says}</b>
                                ) : (
                                    <Tick
                                        label={question.says}
                                        isSelected={taken.includes(question.key)}
                                        onChange={(on) =>
                                            setTaken([...taken.filter((key) => key !== question.key), ...(on ? [question.key] : [])])
                                        }
                                    />
                                )}
                                {question.sizes.length > 0 && <small>{question.sizes.join(', ')}</small>}
                            </div>
                            <TextField
                                label={question.wants_words ? 'Decision' : 'Reason'}
                                labelFor={question.says}
                                value={reasons[question.key] ?? ''}
                                onChange={(why) => setReasons({ ...reasons, [question.key]: why })}
                                error={at(`decisions.${question.key}`)}
                                maxLength={500}
                            />
                        </li>
                    ))}
                </Questions>
                <TextField
                    label="Remark"
                    value={remark}
                    onChange={setRemark}
                    error={at('remark')}
                    maxLength={1000}
                    hint="Required when you return the sheet."
                />
                <TextField
                    label="Your password, to sign"
                    type="password"
                    autoComplete="current-password"
                    value={password}
                    onChange={setPassword}
                    error={at('password')}
                />
                <p>By signing you confirm that you have checked these results against the local code.</p>
                <Buttons>
                    <Button kind="main" type="submit" isDisabled={busy || changedIt || password === ''}>
                        Sign and issue
                    </Button>
                    <Button
                        isDisabled={busy || remark.trim() === ''}
                        onPress={() => void act(service.sheet.return(revision.id, { remark }))}
                    >
                        Return for correction
                    </Button>
                </Buttons>
                {problem !== null && <p role="alert">{problem.message}</p>}
            </Form>
        </>
    );
}
