import logbook from '../../contract/logbook.json';
import type { EntryKind } from './contract';

export interface EntryField {
    name: string;
    label: string;
    unit: string;
    empty: string;
    flag: boolean;
    choices: readonly { value: string; label: string }[];
}

/** What is typed for each kind of entry, and the field without which it says nothing. */
export const ENTRIES: Readonly<Record<EntryKind, { label: string; wanted: string; fields: readonly EntryField[] }>> = logbook;
