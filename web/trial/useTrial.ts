import { useCallback, useRef, useState } from 'react';
import { errorOf } from '../api/client';
import { service } from '../api/service';
import type { TakenCircuit, TrialAnswer, TrialRow } from '../api/contract';

export type Supply = Readonly<Record<string, string>>;

interface Trial {
    /** The site and supply that were tried. */
    site: string;
    supply: Supply;
    rows: readonly TrialRow[];
    unchanged: number;
    tried: number;
    total: number;
    isOver: boolean;
}

/** Circuits of one request that are to take the supply. */
const AT_ONCE = 40;

/** Tries a supply on every circuit of a site, a part at a time, and has chosen ones take it. */
export function useTrial() {
    const [trial, setTrial] = useState<Trial | null>(null);
    const [problem, setProblem] = useState<Error | null>(null);
    const [taken, setTaken] = useState<readonly TakenCircuit[]>([]);
    const [busy, setBusy] = useState(false);
    const run = useRef(0);
    const begin = useCallback(async (site: string, supply: Supply) => {
        const mine = ++run.current;
        setProblem(null);
        setTaken([]);
        setTrial(null);
        setBusy(true);
        let after: number | null = 0;
        let sofar: Trial = { site, supply, rows: [], unchanged: 0, tried: 0, total: 0, isOver: false };
        try {
            while (after !== null) {
                const answer: TrialAnswer = await service.trial.try(site, { supply, after });
                if (mine !== run.current) {
                    return;
                }
                after = answer.next;
                sofar = {
                    ...sofar,
                    rows: [...sofar.rows, ...answer.rows],
                    unchanged: sofar.unchanged + answer.unchanged,
                    tried: sofar.tried + answer.rows.length + answer.unchanged,
                    total: answer.total,
                    isOver: after === null,
                };
                setTrial(sofar);
            }
        } catch (error) {
            if (mine === run.current) {
                setProblem(errorOf(error));
            }
        }
        if (mine === run.current) {
            setBusy(false);
        }
    }, []);
    const stop = useCallback(() => {
        run.current++;
        setBusy(false);
    }, []);
    const take = useCallback(async (tried: Trial, chosen: readonly TrialRow[]) => {
        const key = crypto.randomUUID();
        setBusy(true);
        setProblem(null);
        try {
            for (let i = 0; i < chosen.length; i += AT_ONCE) {
                const circuits = chosen.slice(i, i + AT_ONCE).map(({ circuit, version }) => ({ circuit, version }));
                const answer = await service.trial.take(tried.site, {
                    supply: tried.supply,
                    key,
                    circuits,
                });
                setTaken((before) => [...before, ...answer.circuits]);
            }
        } catch (error) {
            setProblem(errorOf(error));
        }
        setBusy(false);
    }, []);
    return { trial, problem, taken, busy, begin, stop, take };
}
