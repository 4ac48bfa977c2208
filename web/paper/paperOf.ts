import { OfflineError } from '../api/client';
import type { CircuitResource, PaperAnswer } from '../api/contract';
import { service } from '../api/service';
import { isBegunHere } from '../away/begun';
import { recall } from '../away/lastSeen';
import { type Draft, toSolve } from '../bench/circuit';
import { keptLocally } from '../bench/localDrafts';
import { orHere, refusable } from '../carried/answered';

/** Of what a draft is printed here: with the settings and the name of its site as they were last seen. */
const lastOf = async (circuit: number | string): Promise<CircuitResource> => {
    const seen = await recall<CircuitResource>(`circuit:${circuit}`);
    if (seen === null) {
        throw new OfflineError();
    }
    return seen.answer;
};

async function doorCardHere(circuit: number | string, draft: Draft): Promise<PaperAnswer> {
    const { site } = await lastOf(circuit);
    return refusable<PaperAnswer>({ ask: 'door_card', circuit: toSolve(draft, site.settings), site: site.name });
}

/**
 * The draft of a circuit as it would be printed. While the service is away this device makes its door card: as a draft, without the code of
 * its address. A file sheet takes the service.
 *
 * @throws OfflineError where it is away, and this device cannot make it
 */
export const paperOf = (circuit: number, draft: Draft, paper: 'door' | 'file', signal?: AbortSignal): Promise<PaperAnswer> =>
    orHere(
        () =>
            isBegunHere(circuit) ? Promise.reject(new OfflineError()) : service.sheet.preview(circuit, { paper, circuit: draft }, signal),
        () => (paper === 'door' ? doorCardHere(circuit, draft) : Promise.reject(new OfflineError())),
    );

/** The same of a circuit that is not open: as it is saved; while the service is away, as it was typed on this device. */
export const savedPaperOf = (circuit: string, paper: 'door' | 'file', person: string): Promise<PaperAnswer> =>
    orHere(
        async () => {
            if (isBegunHere(circuit)) {
                throw new OfflineError();
            }
            const kept = await service.circuit.show(circuit);
            return service.sheet.preview(circuit, { paper, circuit: kept.circuit });
        },
        async () => {
            if (paper === 'file') {
                throw new OfflineError();
            }
            const seen = await lastOf(circuit);
            return doorCardHere(circuit, (await keptLocally(seen.id, person))?.draft ?? seen.circuit);
        },
    );
