import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { vi } from 'vitest';
import type {
    CircuitResource,
    CircuitRow,
    ConnectionCurve,
    FieldError,
    FieldNote,
    FieldPath,
    Figure,
    FigureKey,
    Finding,
    FindingCode,
    Shown,
    Site,
    Solution,
    SolutionParts,
    StationName,
} from './api/contract';
import { type Bench, BenchContext } from './bench/BenchContext';
import type { Draft } from './bench/circuit';
import { Solved } from './bench/useSolution';

const STATION_OF: Record<string, StationName> = {
    power: 'power',
    measured: 'power',
    windings: 'power',
    start: 'start',
    cable: 'cable',
    guard: 'guard',
    correct: 'correct',
    prove: 'prove',
};

/** A number as the service shows it. */
export const shown = (value: number, text: string): Shown => ({ value, shown: text });

export const choices = (...pairs: readonly [string, string][]): Required<FieldNote>['choices'] =>
    pairs.map(([value, label]) => ({ value, label }));

/** Six leads of a 400/690 V motor on 400 V. */
export const inDelta: ConnectionCurve = {
    starts: ['U1', 'V1', 'W1'],
    ends: ['W2', 'U2', 'V2'],
    supply: shown(400, '400 V'),
    connection: 'delta',
    leads: 6,
    star_volts: shown(230.94, '231 V'),
    delta_volts: shown(400, '400 V'),
    winding_volts: shown(400, '400 V'),
    other: null,
};

/** A figure for tests: only what matters is given. */
export const figure = (key: FigureKey, value: number | string, shown: string, more: Partial<Figure> = {}): Figure => ({
    key,
    station: STATION_OF[key.split('.')[0] ?? ''] ?? 'plate',
    label: key,
    value,
    unit: '',
    shown,
    formula: '',
    working: '',
    from: [],
    source: '',
    corrected: false,
    assumed: false,
    assumptions: [],
    uncertain: null,
    uncertain_entry: null,
    ...more,
});

export const finding = (grade: Finding['grade'], station: Finding['station'], code: FindingCode): Finding => ({
    grade,
    station,
    code,
    title: `title of ${code}`,
    text: `text of ${code}`,
    action: `action of ${code}`,
    figures: [],
    fields: [],
    source: '',
});

export const fieldError = (path: FieldPath, text: string, kind: FieldError['kind'] = 'unreadable'): FieldError => ({
    path,
    text,
    accepted: `accepted at ${path}`,
    kind,
});

/** A site for tests. */
export const site = (more: Partial<Site> = {}): Site => ({
    id: 1,
    name: 'Larkrigg Mill',
    rule_book: 'iec',
    facts: '400 V, 50 Hz, IEC 60364',
    supply: {},
    settings: {},
    areas: ['Kilns'],
    version: 1,
    ...more,
});

/** A circuit as the service hands it out. */
export const resource = (more: Partial<CircuitResource> = {}): CircuitResource => ({
    id: 7,
    version: 3,
    site: site(),
    board: null,
    circuit: { tag: 'KF-204' },
    updated_at: '2026-11-26T08:00:00Z',
    updated_by: 'Shift electrician A',
    save_key: '',
    ...more,
});

/** A row of the yard. */
export const circuitRow = (more: Partial<CircuitRow> = {}): CircuitRow => ({
    id: 1,
    site_id: 1,
    tag: 'KF-204',
    area: 'Kilns',
    drives: 'Kiln fan',
    rule_book: 'iec',
    worst: 'none',
    stops: 0,
    cautions: 0,
    notes: 0,
    errors: 0,
    output: '37\u00A0kW',
    current: '66\u00A0A',
    starting: 'Star-delta',
    cable: '6 × 6 mm²',
    device: 'gG fuse 80 A',
    worst_says: '',
    worst_station: null,
    dial: '38.1\u00A0A',
    dip: '0.46\u00A0%',
    board: null,
    updated_at: '',
    ...more,
});

/** A solution for tests. */
export const solution = (more: Partial<Solution> = {}): Solution => ({
    format: 'brave-anvil.solution/1',
    core: '0',
    tag: 'T',
    rule_book: 'iec',
    edition: 'IEC',
    figures: [],
    findings: [],
    errors: [],
    comparisons: [],
    curves: {},
    sentences: {},
    blocked: [],
    read: {},
    meanings: {},
    fields: {},
    words: { name: 'IEC 60364', star: 'star', star_delta: 'star-delta' },
    ...more,
});

/** A solution without figures and pictures, as the service cuts it for a page that holds nothing. */
export const inParts = ({ core, tag, rule_book, edition, blocked, fields, ...more }: Solution): SolutionParts => {
    const { findings, errors, comparisons, sentences, read, words, meanings } = more;
    const bodies = {
        head: { tag, rule_book, edition, blocked },
        names: {},
        'fields.all': fields,
        ...{ findings, errors, comparisons, sentences, read, words, meanings },
    };
    const parts = Object.entries(bodies).map(([name, body]) => [name, { is: JSON.stringify(body), body }]);
    return { format: 'brave-anvil.parts/1', core, parts: Object.fromEntries(parts) as SolutionParts['parts'] };
};

/** Shows a part of a bench around a draft and a solution; answers with the spy on changes. */
export function showOnBench(part: ReactNode, draft: Draft, solved: Solution, more: Partial<Bench> = {}, at = '/circuits/1/plate') {
    const set = vi.fn<Bench['set']>();
    const bench: Bench = {
        draft,
        solved: new Solved(solved),
        readOnly: false,
        set,
        flow: 'running',
        correction: 'before',
        moment: null,
        setMoment: vi.fn<Bench['setMoment']>(),
        readings: [],
        place: null,
        ...more,
    };
    const shown = render(
        <MemoryRouter initialEntries={[at]}>
            <BenchContext.Provider value={bench}>{part}</BenchContext.Provider>
        </MemoryRouter>,
    );
    return { ...shown, set };
}
