import { FIELDS, type Import } from '../api/contract';

export type Column = Import['columns'][number];

/** What is sent for a column of which nothing is to be made. */
export const NOTHING = 'nothing';

const FIELD_NOTES: Readonly<Record<string, { label: string; unit: string }>> = FIELDS;

export const chosenOf = ({ path, decided }: Column): string => path ?? (decided ? NOTHING : '');

/** All columns with one of them told what it fills; whichever filled that before fills nothing. */
export const told = (columns: readonly Column[], letter: string, path: string): (string | null)[] =>
    columns.map((each) => {
        if (each.letter === letter) {
            return path;
        }
        if (path !== NOTHING && each.path === path) {
            return NOTHING;
        }
        return each.decided ? chosenOf(each) : null;
    });

export const fieldOf = (path: string): string => FIELD_NOTES[path]?.label ?? path;

export const filledBy = ({ path, decided }: Column): string => (path !== null ? fieldOf(path) : decided ? 'not used' : 'to be decided');

/** Of what the column says without one: its head's own, or the usual one of its field. */
export const unitOf = ({ path, unit }: Column): string => (unit !== '' || path === null ? unit : (FIELD_NOTES[path]?.unit ?? ''));
