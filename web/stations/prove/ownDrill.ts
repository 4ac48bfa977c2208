import type { Drill, DrillsAnswer, ReadingKind, SimulatedReading } from '../../api/contract';
import { recall, remember } from '../../away/lastSeen';
import type { ToSolve } from '../../bench/circuit';
import { refusable } from '../../carried/answered';
import type { Point } from './points';

/** A fault that this device hides, as `BraveAnvil\Away\Practice` gave it. */
interface Hidden {
    kind: string;
    size: number;
    place: number;
    load_percent: string;
}

/** A drill of this device alone: it is begun while the service is away, and stays here. */
interface OwnDrill {
    /** As it stood when the fault was hidden. */
    circuit: ToSolve;
    hidden: Hidden;
    taken: { kind: ReadingKind; values: Record<string, unknown> }[];
    named: string | null;
    set_by: string;
    begun_at: string;
    ended_at: string | null;
}

/** Under which the page knows it: the service has none below nought. */
export const OWN_DRILL = -1;

const nameOf = (circuit: number) => `drill:${circuit}`;
const kept = async (circuit: number) => (await recall<OwnDrill>(nameOf(circuit)))?.answer ?? null;
const SEEDS = 60_000;
const seed = () => String(Math.floor(Math.random() * SEEDS));

/** @throws Error where the device keeps nothing: it is full, or refuses */
async function keep(circuit: number, drill: OwnDrill): Promise<void> {
    await remember(nameOf(circuit), drill);
    if (JSON.stringify(await kept(circuit)) !== JSON.stringify(drill)) {
        throw new Error('This device cannot store the drill.');
    }
}

async function mustBeKept(circuit: number): Promise<OwnDrill> {
    const own = await kept(circuit);
    if (own === null) {
        throw new Error('This device has no drill for this circuit. Hide another fault.');
    }
    return own;
}

/** The drill of this device on a circuit, as the service would show it; null where there is none. */
export async function ownDrill(circuit: number): Promise<Drill | null> {
    const own = await kept(circuit);
    if (own === null) {
        return null;
    }
    const state = await refusable<Pick<Drill, 'taken' | 'fault' | 'right' | 'assessment'>>({
        ask: 'drill',
        circuit: own.circuit,
        hidden: own.hidden,
        taken: own.taken,
        named: own.named ?? '',
    });
    const { set_by, begun_at, ended_at, named } = own;
    return { id: OWN_DRILL, set_by, begun_at, load_percent: own.hidden.load_percent, ended_at, named, ...state };
}

/** What may be hidden in a circuit. */
export const faultsOf = (circuit: ToSolve) => refusable<DrillsAnswer['faults']>({ ask: 'faults', circuit });

/**
 * Hides a fault on this device.
 *
 * @param fault its kind; empty: one by chance
 * @throws Error where the circuit cannot have it
 */
export async function beginOwn(circuit: number, document: ToSolve, fault: string, by: string): Promise<void> {
    const hidden = await refusable<Hidden>({ ask: 'hide', circuit: document, fault, seed: seed() });
    const drill: OwnDrill = {
        circuit: document,
        hidden,
        taken: [],
        named: null,
        set_by: by,
        begun_at: new Date().toISOString(),
        ended_at: null,
    };
    await keep(circuit, drill);
}

/** A reading of the circuit with the hidden fault; it is noted with the drill. */
export async function readOwn(circuit: number, kind: ReadingKind, where: Point['where']): Promise<SimulatedReading> {
    const own = await mustBeKept(circuit);
    const reading = await simulated(own.circuit, kind, where, own.hidden);
    await keep(circuit, { ...own, taken: [...own.taken, { kind, values: reading.values }] });
    return reading;
}

/** Names the fault: then it is told. */
export async function nameOwn(circuit: number, fault: string): Promise<void> {
    await keep(circuit, { ...(await mustBeKept(circuit)), named: fault, ended_at: new Date().toISOString() });
}

/** What a stand-in reads on this device: of a healthy circuit, or of one with a hidden fault. */
export const simulated = (circuit: ToSolve, kind: ReadingKind, where: Point['where'], hidden: Hidden | null = null) =>
    refusable<SimulatedReading>({ ask: 'simulated', circuit, hidden: hidden ?? {}, kind, where: where ?? '', seed: seed() });
