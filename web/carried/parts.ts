import { service } from '../api/service';
import type { CarriedPart, CarriedParts } from '../api/contract';

/** What was damaged on its way, or on this device. */
export class DamagedError extends Error {
    constructor() {
        super('The copy on this device was damaged.');
        this.name = 'DamagedError';
    }
}

/** Which of the parts a copy is made of, as the browser keeps it. */
const CACHE = 'brave-anvil-carried';
const PARTS = '/build/device/kept-parts.json';
const addressOf = (part: CarriedPart): string => `/build/device/${part.name}`;

/** Why this browser can carry nothing; null where it can. */
export function hindrance(): string | null {
    return typeof WebAssembly === 'undefined' || typeof DecompressionStream === 'undefined' || typeof Worker === 'undefined'
        ? 'this browser cannot run it'
        : typeof caches === 'undefined' || typeof crypto.subtle === 'undefined'
          ? 'this browser stores nothing for this address'
          : null;
}

async function unpacked(packed: Blob): Promise<ArrayBuffer> {
    return new Response(packed.stream().pipeThrough(new DecompressionStream('gzip'))).arrayBuffer();
}

async function isWhole(bytes: ArrayBuffer, part: CarriedPart): Promise<boolean> {
    const digest = new Uint8Array(await crypto.subtle.digest('SHA-256', bytes));
    return Array.from(digest, (byte) => byte.toString(16).padStart(2, '0')).join('') === part.sha256;
}

/** The parts of the copy that is kept here; null where there is none. */
export async function keptParts(): Promise<CarriedParts | null> {
    const kept = await (await caches.open(CACHE)).match(PARTS);
    return kept === undefined ? null : ((await kept.json()) as CarriedParts);
}

/**
 * One part of the copy, as it is used.
 *
 * @throws DamagedError where it is not what was packed, or has gone
 */
export async function keptPart(part: CarriedPart): Promise<ArrayBuffer> {
    const kept = await (await caches.open(CACHE)).match(addressOf(part));
    const bytes = kept === undefined ? null : await unpacked(await kept.blob()).catch(() => null);
    if (bytes === null || !(await isWhole(bytes, part))) {
        throw new DamagedError();
    }
    return bytes;
}

/**
 * Fetches what is not here yet. What is new is used from the next opening, and what is old goes then.
 *
 * @param told how much of it is here, in percent
 * @throws DamagedError where a part comes otherwise than it was packed
 * @throws DOMException where the device has no room
 */
export async function fetchParts(told: (percent: number) => void): Promise<void> {
    const parts = await service.carried.parts();
    const kept = await keptParts();
    if (kept?.archive.sha256 === parts.archive.sha256 && kept.php.sha256 === parts.php.sha256) {
        return;
    }
    const cache = await caches.open(CACHE);
    const all = parts.archive.bytes + parts.php.bytes;
    let here = 0;
    told(0);
    for (const part of [parts.archive, parts.php]) {
        if ((await cache.match(addressOf(part))) !== undefined) {
            here += part.bytes;
            continue;
        }
        const response = await fetch(addressOf(part), { credentials: 'same-origin' });
        if (!response.ok || response.body === null) {
            throw new Error('The server did not send it.');
        }
        const chunks: BlobPart[] = [];
        for (const reader = response.body.getReader(); ;) {
            const { done, value } = await reader.read();
            if (done) {
                break;
            }
            chunks.push(value);
            here += value.byteLength;
            told(Math.min(99, Math.floor((100 * here) / all)));
        }
        const packed = new Blob(chunks);
        const bytes = await unpacked(packed).catch(() => null);
        if (bytes === null || !(await isWhole(bytes, part))) {
            throw new DamagedError();
        }
        await cache.put(addressOf(part), new Response(packed));
    }
    await cache.put(PARTS, new Response(JSON.stringify(parts)));
    const used = new Set([addressOf(parts.archive), addressOf(parts.php), PARTS]);
    for (const request of await cache.keys()) {
        if (!used.has(new URL(request.url).pathname)) {
            await cache.delete(request);
        }
    }
}

/** Takes the copy off this device. */
export const removeParts = (): Promise<boolean> => caches.delete(CACHE);
