import { useEffect, useRef, useState } from 'react';
import { service } from '../api/service';
import type { BankAnswer } from '../api/contract';

const PAUSE_MS = 500;

const RETRY_MS = 4000;

/** What is typed for a bank, kept by the service a moment after the last key; it answers with what follows. */
export function useBank(first: BankAnswer) {
    const [answer, setAnswer] = useState(first);
    const [typed, setTyped] = useState<Record<string, string>>(first.typed);
    const [status, setStatus] = useState('');
    const [tries, setTries] = useState(0);
    const version = useRef(first.version);
    const kept = useRef(first.typed);
    useEffect(() => {
        if (typed === kept.current) {
            return;
        }
        const stop = new AbortController();
        const timer = setTimeout(
            () => {
                service.bank.update(first.site.id, { version: version.current, typed }, stop.signal).then(
                    (next) => {
                        version.current = next.version;
                        kept.current = typed;
                        setAnswer(next);
                        setTries(0);
                        setStatus('Saved.');
                    },
                    (error: unknown) => {
                        if (!stop.signal.aborted) {
                            setStatus(`Not saved yet: ${error instanceof Error ? error.message : 'cannot reach the server'}.`);
                            setTimeout(() => setTries((count) => count + 1), RETRY_MS);
                        }
                    },
                );
            },
            tries === 0 ? PAUSE_MS : 0,
        );
        return () => {
            clearTimeout(timer);
        };
    }, [typed, tries, first.site.id]);
    const set = (key: string, text: string) => {
        setStatus('');
        setTyped((before) => ({ ...before, [key]: text }));
    };
    return { answer, typed, set, status };
}
