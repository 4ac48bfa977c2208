import type { CircuitResource, Site } from '../api/contract';
import { OfflineError } from '../api/client';
import { recall, remember } from './lastSeen';

/**
 * Circuits that were begun on this device while the service was away. Until it has them they go by a number below nought, which no circuit
 * of the service has.
 */
export const isBegunHere = (circuit: number | string): boolean => `${circuit}`.startsWith('-');

/** Told where a circuit that was begun here has got its own number. */
const listeners = new Set<(begun: number, made: number) => void>();

/**
 * A new circuit on this device, as the service would begin it.
 *
 * @throws OfflineError where the device cannot keep it
 */
export async function beginHere(site: Site, now = Date.now()): Promise<CircuitResource> {
    const resource: CircuitResource = {
        id: -now,
        version: 0,
        site,
        board: null,
        circuit: {
            format: 'brave-anvil.circuit/1',
            tag: `NEW-${String(now).slice(-6)}`,
            rule_book: site.rule_book,
            supply: site.supply,
            plate: {},
            load: {},
            starter: {},
            cable: {},
            guard: {},
            correction: {},
            settings: {},
        },
        updated_at: new Date(now).toISOString(),
        save_key: '',
        updated_by: null,
    };
    await remember(`circuit:${resource.id}`, resource);
    return begunHere(resource.id);
}

/**
 * A circuit that was begun here, as it began.
 *
 * @throws OfflineError where this device has none of that number
 */
export async function begunHere(circuit: number | string): Promise<CircuitResource> {
    const seen = await recall<CircuitResource>(`circuit:${circuit}`);
    if (seen === null) {
        throw new OfflineError();
    }
    return seen.answer;
}

/** The service has it now: whoever shows it goes on under its own number. */
export async function arrived(begun: number, made: CircuitResource): Promise<void> {
    await remember(`circuit:${made.id}`, made);
    await remember(`begun:${begun}`, made.id);
    for (const listener of listeners) {
        listener(begun, made.id);
    }
}

/** The number under which the service has a circuit that was begun here; null while it has none. */
export const numberOf = async (begun: number | string): Promise<number | null> => (await recall<number>(`begun:${begun}`))?.answer ?? null;

/** Ends with the function that it returns. */
export function onArrival(listener: (begun: number, made: number) => void): () => void {
    listeners.add(listener);
    return () => listeners.delete(listener);
}
