import type { Curves, Figure, FigureKey, Solution, SolutionParts, StationName, WantedParts } from '../api/contract';
import { service } from '../api/service';
import type { ToSolve } from './circuit';

/** The pictures that a station draws; the line of the circuit stands over all of them. */
export const DRAWN: Readonly<Record<StationName, readonly (keyof Curves)[]>> = {
    plate: ['run', 'connection'],
    power: ['run', 'schools', 'triangle', 'correction', 'phasors', 'part_load'],
    start: ['run', 'start_course', 'torque_speed', 'connection'],
    cable: ['run', 'ladder', 'line_ladder'],
    guard: ['run', 'ratings', 'faults'],
    correct: ['run', 'correction', 'placement', 'resonance', 'money', 'trial', 'after_fitting'],
    prove: ['run', 'measuring', 'plan'],
    sheet: ['run', 'readiness'],
};

/** What is shown of a solution now. */
export interface OnScreen {
    station: StationName;
    /** Whether a moment of the start is shown, whatever the station. */
    moment: boolean;
}

/** A solution, or of it what one station shows. */
export interface Seen {
    solution: Solution;
    /** Null where it is the whole. */
    of: StationName | null;
}

/** What only its own station reads of a figure. */
type Explained = Pick<Figure, 'formula' | 'working' | 'from' | 'source'>;

const UNEXPLAINED: Explained = { formula: '', working: '', from: [], source: '' };

const SAYS_NOTHING = { assumed: false, assumptions: [], uncertain: null, uncertain_entry: null, corrected: false };

/** The parts of a solution by name, as `BraveAnvil\Away\SolutionParts` cuts them. */
interface Bodies {
    head: Pick<Solution, 'tag' | 'rule_book' | 'edition' | 'blocked'>;
    names: Readonly<Record<string, Pick<Figure, 'station' | 'label' | 'unit'>>>;
    findings: Solution['findings'];
    errors: Solution['errors'];
    comparisons: Solution['comparisons'];
    sentences: Solution['sentences'];
    read: Solution['read'];
    words: Solution['words'];
    meanings: Solution['meanings'];
}

/** Those of which there is one for each station, picture or section of fields. */
interface Several {
    figures: Readonly<Record<string, Partial<typeof SAYS_NOTHING> & Pick<Figure, 'value' | 'shown'>>>;
    workings: Readonly<Record<string, Partial<Explained>>>;
    fields: Solution['fields'];
    curve: Curves[keyof Curves];
}

type Part = Required<SolutionParts['parts'][string]>;

/** What came last of each part; a fingerprint says what it is, whatever circuit it came of. */
const last = new Map<string, Part>();

const curvesOf = ({ station, moment }: OnScreen): readonly (keyof Curves)[] =>
    moment ? [...new Set([...DRAWN[station], 'start_course' as const])] : DRAWN[station];

/**
 * Asks the service for a solution: what is shown of it, or the whole, and of that only what this page does not hold.
 *
 * @throws ProblemError where the service refuses
 * @throws OfflineError where it is away
 */
export async function askSolution(circuit: ToSolve, shown: OnScreen | null, signal?: AbortSignal): Promise<Seen> {
    const before = new Map(last);
    const held = Object.fromEntries(
        [...before].filter(([name]) => shown === null || isWanted(name, shown)).map(([name, part]) => [name, part.is]),
    );
    const want: WantedParts = shown === null ? { held } : { station: shown.station, curves: curvesOf(shown), held };
    const answer = await service.parts.ask({ circuit, want }, signal);
    const parts = new Map<string, Part>();
    for (const [name, part] of Object.entries(answer.parts)) {
        const body = part.body === undefined ? before.get(name)?.body : part.body;
        parts.set(name, { is: part.is, body });
        last.set(name, { is: part.is, body });
    }
    return { solution: assembled(answer.core, parts), of: shown?.station ?? null };
}

const isWanted = (name: string, shown: OnScreen): boolean =>
    name.startsWith('workings.')
        ? name === `workings.${shown.station}`
        : !name.startsWith('curve.') || curvesOf(shown).some((curve) => name === `curve.${curve}`);

/** The solution that these parts are of; what is not among them says nothing. */
export function assembled(core: string, parts: ReadonlyMap<string, Part>): Solution {
    const body = <Name extends keyof Bodies>(name: Name): Bodies[Name] => parts.get(name)?.body as Bodies[Name];
    const several = <Name extends keyof Several>(kind: Name): [string, Several[Name]][] =>
        [...parts]
            .filter(([name]) => name.startsWith(`${kind}.`))
            .map(([name, part]) => [name.slice(kind.length + 1), part.body as Several[Name]]);
    const together = <Name extends 'figures' | 'workings' | 'fields'>(kind: Name): Several[Name] =>
        Object.assign({}, ...several(kind).map(([, part]) => part)) as Several[Name];
    const [values, workings] = [together('figures'), together('workings')];
    const figures = Object.entries(body('names')).map(
        ([key, name]) => ({ key: key as FigureKey, ...name, ...UNEXPLAINED, ...SAYS_NOTHING, ...values[key], ...workings[key] }) as Figure,
    );
    return {
        format: 'brave-anvil.solution/1',
        core,
        ...body('head'),
        figures,
        findings: body('findings'),
        errors: body('errors'),
        comparisons: body('comparisons'),
        curves: Object.fromEntries(several('curve')),
        sentences: body('sentences'),
        read: body('read'),
        words: body('words'),
        meanings: body('meanings'),
        fields: together('fields'),
    };
}

/** Of a whole solution what is shown at a station. */
export function shownOf(solution: Solution, shown: OnScreen): Solution {
    const curves = curvesOf(shown) as readonly string[];
    return {
        ...solution,
        figures: solution.figures.map((figure) => (figure.station === shown.station ? figure : { ...figure, ...UNEXPLAINED })),
        curves: Object.fromEntries(Object.entries(solution.curves).filter(([name]) => curves.includes(name))),
    };
}
