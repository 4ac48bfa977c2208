// Generated from contract/logbook.json by contract/generate.mjs. Do not edit.
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
export const ENTRIES: Readonly<Record<EntryKind, { label: string; wanted: string; fields: readonly EntryField[] }>> = {
    greased: {
        label: 'Greased',
        wanted: 'grams',
        fields: [
            {
                name: 'end',
                label: 'End',
                unit: '',
                empty: 'Both ends',
                flag: false,
                choices: [
                    {
                        value: 'both',
                        label: 'both ends',
                    },
                    {
                        value: 'de',
                        label: 'drive end',
                    },
                    {
                        value: 'nde',
                        label: 'other end',
                    },
                ],
            },
            {
                name: 'grams',
                label: 'Grams',
                unit: 'g',
                empty: '',
                flag: false,
                choices: [],
            },
            {
                name: 'grease',
                label: 'Grease',
                unit: '',
                empty: '',
                flag: false,
                choices: [],
            },
        ],
    },
    hours: {
        label: 'Hours read',
        wanted: 'meter',
        fields: [
            {
                name: 'meter',
                label: 'Meter',
                unit: 'h',
                empty: '',
                flag: false,
                choices: [],
            },
            {
                name: 'replaced',
                label: 'Meter replaced',
                unit: '',
                empty: '',
                flag: true,
                choices: [],
            },
        ],
    },
    trip: {
        label: 'Overload trip',
        wanted: 'device',
        fields: [
            {
                name: 'device',
                label: 'What tripped',
                unit: '',
                empty: '',
                flag: false,
                choices: [],
            },
            {
                name: 'showed',
                label: 'What it showed',
                unit: '',
                empty: '',
                flag: false,
                choices: [],
            },
            {
                name: 'cause',
                label: 'Cause found',
                unit: '',
                empty: '',
                flag: false,
                choices: [],
            },
            {
                name: 'reset_by',
                label: 'Reset by',
                unit: '',
                empty: '',
                flag: false,
                choices: [],
            },
        ],
    },
    repair: {
        label: 'Repair',
        wanted: 'what',
        fields: [
            {
                name: 'what',
                label: 'What was done',
                unit: '',
                empty: '',
                flag: false,
                choices: [],
            },
        ],
    },
    part: {
        label: 'Part replaced',
        wanted: 'what',
        fields: [
            {
                name: 'what',
                label: 'Part',
                unit: '',
                empty: '',
                flag: false,
                choices: [],
            },
            {
                name: 'serial',
                label: 'Its serial number',
                unit: '',
                empty: '',
                flag: false,
                choices: [],
            },
        ],
    },
    inspection: {
        label: 'Inspection',
        wanted: 'what',
        fields: [
            {
                name: 'what',
                label: 'What was seen',
                unit: '',
                empty: '',
                flag: false,
                choices: [],
            },
        ],
    },
    note: {
        label: 'Note',
        wanted: 'what',
        fields: [
            {
                name: 'what',
                label: 'Note',
                unit: '',
                empty: '',
                flag: false,
                choices: [],
            },
        ],
    },
};
