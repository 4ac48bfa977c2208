/** What revisions and sheets are of. */
export interface Subject {
    kind: 'circuit' | 'board';
    id: number;
}

export const circuitSubject = (id: number): Subject => ({ kind: 'circuit', id });
