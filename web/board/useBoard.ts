import { useEffect, useRef, useState } from 'react';
import { messageOf, ProblemError } from '../api/client';
import type { BoardAnswer } from '../api/contract';
import { service } from '../api/service';
import type { Place, Typed } from './typed';

const PAUSE_MS = 500;
const RETRY_MS = 4000;
const LOOK_MS = 700;

export interface BoardDraft {
    tag: string;
    fedBy: number | null;
    typed: Typed;
    placed: readonly Place[];
}

const draftOf = (answer: BoardAnswer): BoardDraft => ({
    tag: answer.tag,
    fedBy: answer.fed_by,
    typed: answer.typed,
    placed: answer.placed,
});

/** What is typed of a board, kept by the service a moment after the last key; it answers with what follows. */
export function useBoard(first: BoardAnswer) {
    const [answer, setAnswer] = useState(first);
    const [draft, setDraft] = useState(() => draftOf(first));
    const [status, setStatus] = useState('');
    const [refused, setRefused] = useState<ProblemError | null>(null);
    const [tries, setTries] = useState(0);
    const [sending, setSending] = useState(false);
    const version = useRef(first.version);
    const [kept, setKept] = useState(draft);
    // The service has said no to this one: asking again would not help.
    const denied = useRef<BoardDraft | null>(null);
    useEffect(() => {
        // One after the other: the next is made from the version that the last one became.
        if (sending || draft === kept || draft === denied.current) {
            return;
        }
        const timer = setTimeout(
            () => {
                setSending(true);
                const body = {
                    version: version.current,
                    tag: draft.tag,
                    fed_by: draft.fedBy,
                    typed: draft.typed,
                    circuits: draft.placed.map(({ id, place }) => ({ id, place })),
                };
                service.board
                    .update(first.id, body)
                    .then(
                        (next) => {
                            version.current = next.version;
                            setKept(draft);
                            setAnswer(next);
                            setRefused(null);
                            setTries(0);
                            setStatus('Saved.');
                        },
                        (error: unknown) => {
                            setStatus(`Not saved: ${messageOf(error)}`);
                            if (error instanceof ProblemError) {
                                denied.current = draft;
                                setRefused(error);
                                return undefined;
                            }
                            return new Promise<void>((resolve) => setTimeout(resolve, RETRY_MS)).then(() => setTries((count) => count + 1));
                        },
                    )
                    .finally(() => setSending(false));
            },
            tries === 0 ? PAUSE_MS : 0,
        );
        return () => clearTimeout(timer);
    }, [draft, kept, tries, sending, first.id]);
    // The workers solve it: look again until they have.
    useEffect(() => {
        if (!answer.stale) {
            return;
        }
        const timer = setTimeout(() => {
            service.board.show(first.id).then(
                (next) => setAnswer((before) => (next.version === before.version ? next : { ...next, stale: false })),
                () => setAnswer((before) => ({ ...before })),
            );
        }, LOOK_MS);
        return () => clearTimeout(timer);
    }, [answer, first.id]);
    const change = (more: Partial<BoardDraft>) => {
        setStatus('');
        setDraft((before) => ({ ...before, ...more }));
    };
    return { answer, draft, change, status, refused, isSaved: draft === kept };
}
