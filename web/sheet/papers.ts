import type { Subject } from './subject';

/** What the two papers are called. */
export const PAPERS: Readonly<Record<Subject['kind'], { door: string; file: string }>> = {
    circuit: { door: 'Door card', file: 'File sheet' },
    board: { door: 'Circuit directory', file: 'Board sheet' },
};

/** Where the print view of a kept revision is. */
export const paperPath = (subject: Subject, revision: number, name: 'door' | 'file'): string =>
    subject.kind === 'board' ? `/boards/${subject.id}/revisions/${revision}/paper/${name}` : `/revisions/${revision}/paper/${name}`;
