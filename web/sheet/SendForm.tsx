import { type SyntheticEvent, useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { errorOf, ProblemError } from '../api/client';
import { service } from '../api/service';
import type { RevisionRow } from '../api/contract';
import { Button } from '../kit/Button';
import { GradeMark } from '../kit/Grade';
import { Segments } from '../kit/Segments';
import { TextField } from '../kit/TextField';
import { token } from '../theme/tokens';
import type { Subject } from './subject';
import { useMovedOn } from './useRevisions';
import { useKept } from '../away/useKept';

export const Form = styled.form`
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 14px;
    max-width: 640px;
`;

export const Against = styled.ul`
    display: grid;
    gap: 6px;
    padding: 10px 14px;
    border-left: 4px solid ${token.stop};
    background: ${token.stopWash};
`;

/** Keeps a circuit or a board as it is now and sends it to review, for use or as found. */
export function SendForm({
    subject,
    hindrances,
    keep,
    waiting,
}: {
    subject: Subject | undefined;
    /** What stands against issue for use, with the place where that is mended. */
    hindrances: readonly { text: string; to: string | null }[];
    /** Keeps it as it is now, under a name. */
    keep: (name: string) => Promise<RevisionRow>;
    waiting: RevisionRow | undefined;
}) {
    const movedOn = useMovedOn(subject);
    const mine = subject?.kind === 'board' ? `board:${subject.id}` : String(subject?.id ?? 0);
    const [name, setName] = useKept(`send:${mine}:name`, '');
    const [remark, setRemark] = useKept(`send:${mine}:remark`, '');
    const [chosen, setChosen] = useState<'for_use' | 'as_found' | null>(null);
    const [problem, setProblem] = useState<Error | null>(null);
    const [busy, setBusy] = useState(false);
    const kind = chosen ?? (hindrances.length === 0 ? 'for_use' : 'as_found');
    const refused = kind === 'for_use' && hindrances.length > 0;
    const submit = async (event: SyntheticEvent) => {
        event.preventDefault();
        if (subject === undefined || busy) {
            return;
        }
        setBusy(true);
        setProblem(null);
        try {
            await service.sheet.send((await keep(name)).id, { kind, remark });
            setName('');
            setRemark('');
        } catch (error) {
            setProblem(errorOf(error));
        }
        await movedOn();
        setBusy(false);
    };
    if (waiting !== undefined) {
        return <p>Revision {waiting.number} is in review. You can send another one after it is issued or returned.</p>;
    }
    return (
        <Form onSubmit={(event) => void submit(event)} aria-label="Send for review">
            {hindrances.length > 0 && (
                <Against aria-label="Problems that block issue “for use”">
                    {hindrances.map((one) => (
                        <li key={one.text}>
                            <GradeMark grade="stop" /> {one.to === null ? one.text : <Link to={one.to}>{one.text}</Link>}
                        </li>
                    ))}
                </Against>
            )}
            <Segments
                label="Issue type"
                value={kind}
                options={[
                    { value: 'for_use', label: 'For use' },
                    { value: 'as_found', label: 'As found, with its defects' },
                ]}
                onChange={setChosen}
            />
            {refused && <p role="alert">It cannot be issued for use until these are fixed. Fix them, or send it “as found”.</p>}
            <TextField
                label="What changed"
                value={name}
                onChange={setName}
                maxLength={80}
                hint="For example: as built, or fuse changed to 80 A"
                error={problem instanceof ProblemError ? problem.at('name') : undefined}
            />
            <TextField label="Note to the reviewer" value={remark} onChange={setRemark} maxLength={1000} />
            <div>
                <Button kind="main" type="submit" isDisabled={name.trim() === '' || refused || busy}>
                    Save revision and send for review
                </Button>
            </div>
            {problem !== null && <p role="alert">{problem.message}</p>}
        </Form>
    );
}
