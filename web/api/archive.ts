let archive = '';

/** Hash of the core that the service last answered with; empty before it did. */
export const serviceArchive = (): string => archive;

export function setServiceArchive(next: string | null): void {
    if (next !== null && next !== '') {
        archive = next;
    }
}
