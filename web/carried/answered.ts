import { serviceArchive } from '../api/archive';
import type { AskedLeads, ReadingToCheck } from '../api/contract';
import { OfflineError } from '../api/client';
import { service } from '../api/service';
import { isAway, setAway } from '../away/away';
import { isAwayError } from '../away/lastSeen';
import { canCalculate } from './carried';
import { differsAt } from './differs';
import { askCore } from './shared';

/** An answer, and who gave it: the service, or the core of that hash on this device. */
export type Answered<T> = { answer: T; by: 'service' } | { answer: T; by: 'carried'; archive: string };

/** How long the service has before this device answers as well. */
const PATIENCE_MS = 400;

/** What a core is asked; `ask` names the question, as `BraveAnvil\Away\Question` has them. */
export type Question =
    | { ask: 'solve'; circuit: object }
    | { ask: 'extra'; circuit: object; with: string }
    | { ask: 'replacement'; circuit: object; plate: object }
    | ({ ask: 'reading_check' } & ReadingToCheck)
    | ({ ask: 'leads' } & AskedLeads)
    | { ask: 'waveform'; text: string; options: object }
    | { ask: 'simulated'; circuit: object; hidden: object; kind: string; where: string; seed: string }
    | { ask: 'door_card'; circuit: object; site: string }
    | { ask: 'faults'; circuit: object }
    | { ask: 'hide'; circuit: object; fault: string; seed: string }
    | { ask: 'drill'; circuit: object; hidden: object; taken: readonly object[]; named: string };

/** How answers of one kind are read and compared. */
export interface Kind<T> {
    /** What the service would have given, of what this device calculated. */
    read: (carried: unknown) => T;
    /** Where two of them differ, as a path; null where they are the same. */
    differsAt: (ours: T, carried: T) => string | null;
}

/** The service has answered too: what differs is a defect, unless the page carries another core than the service has. */
export function confirmed<T>(answer: T, carried: Answered<T>, compare: Kind<T>['differsAt'] = differsAt): Answered<T> {
    const path = carried.by === 'carried' && carried.archive === serviceArchive() ? compare(answer, carried.answer) : null;
    if (path !== null) {
        console.error(`This device and the server calculated ${path} differently.`);
        service.carried.differs({ path, archive: serviceArchive() }).catch(() => undefined);
    }
    return { answer, by: 'service' };
}

/**
 * The service's answer; this device's where the service is away or slow. Whichever comes first is given.
 *
 * @param ask the service
 * @param question the same to this device; made only where it is asked, if it takes something to make
 * @param signal that nobody waits for the answer any more
 * @param late is given the service's answer where this device was quicker
 * @throws ProblemError where the service refuses
 * @throws OfflineError where the service is away and this device cannot calculate
 * @throws CarriedError where the service is away and this device fails over the question
 */
export async function answered<T>(
    ask: () => Promise<T>,
    question: Question | (() => Promise<Question>),
    signal: AbortSignal | undefined,
    late: (answer: Answered<T>) => void = () => undefined,
    kind: Kind<T> = { read: (carried) => carried as T, differsAt },
): Promise<Answered<T>> {
    const asked = ask();
    if (!canCalculate()) {
        return { answer: await asked, by: 'service' };
    }
    // Null: it is away.
    const ours = asked.then(
        (answer): Answered<T> => ({ answer, by: 'service' }),
        (error: unknown) => {
            if (!isAwayError(error)) {
                throw error;
            }
            return null;
        },
    );
    const patience = isAway() ? Promise.resolve(undefined) : new Promise<undefined>((end) => setTimeout(end, PATIENCE_MS, undefined));
    const early = await Promise.race([ours, patience]);
    if (early !== undefined && early !== null) {
        return early;
    }
    const given = (typeof question === 'function' ? question() : Promise.resolve(question))
        .then((asks) => askCore(asks, signal))
        .then(({ answer, archive }): Answered<T> => ({
            answer: kind.read(JSON.parse(answer)),
            by: 'carried',
            archive,
        }));
    const first = await Promise.race([
        ours.then((one) => one ?? given),
        given.catch((error: unknown) => ours.then((one) => one ?? Promise.reject(error as Error))),
    ]);
    if (first.by === 'carried') {
        ours.then(
            (one) => {
                if (one === null) {
                    setAway(new Date().toISOString());
                } else {
                    late(confirmed(one.answer, first, kind.differsAt));
                }
            },
            () => undefined,
        );
    }
    return first;
}

/** The same where nobody needs to know who answered. */
export const anyAnswer = <T>(ask: () => Promise<T>, question: Question | (() => Promise<Question>), signal?: AbortSignal): Promise<T> =>
    answered(ask, question, signal).then(({ answer }) => answer);

/**
 * This device alone, which may refuse as the service does.
 *
 * @throws Error with the words of the refusal
 * @throws OfflineError where this device cannot calculate
 */
export async function refusable<T>(question: Question): Promise<T> {
    if (!canCalculate()) {
        throw new OfflineError();
    }
    const { answer } = await askCore(question);
    const said = JSON.parse(answer) as T | { refusal: string };
    if (typeof said === 'object' && said !== null && 'refusal' in said) {
        throw new Error(said.refusal);
    }
    return said;
}

/** The service; this device only where the service is away. For answers in which chance has a part: no two of them are the same. */
export async function orHere<T>(ask: () => Promise<T>, here: () => Promise<T>): Promise<T> {
    if (isAway() && canCalculate()) {
        return here();
    }
    try {
        return await ask();
    } catch (error) {
        if (isAwayError(error) && canCalculate()) {
            return here();
        }
        throw error;
    }
}
