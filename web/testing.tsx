import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { vi } from 'vitest';
import type { Figure, FieldError, Finding, Solution } from './api/contract';
import { type Bench, BenchContext } from './bench/BenchContext';
import type { Draft } from './bench/circuit';
import { Solved } from './bench/useSolution';

/** A figure for tests: only what matters is given. */
export const figure = (key: string, value: number | string, shown: string, more: Partial<Figure> = {}): Figure => ({
    key,
    label: key,
    value,
    unit: '',
    shown,
    formula: '',
    working: '',
    source: '',
    assumed: false,
    assumptions: [],
    uncertain: null,
    ...more,
});

export const finding = (grade: Finding['grade'], station: Finding['station'], code: string): Finding => ({
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

export const fieldError = (path: string, text: string, kind: FieldError['kind'] = 'unreadable'): FieldError => ({
    path,
    text,
    accepted: `accepted at ${path}`,
    kind,
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
    curves: {},
    sentences: {},
    blocked: [],
    read: {},
    meanings: {},
    words: { name: 'IEC 60364', star: 'star', star_delta: 'star-delta' },
    ...more,
});

/** Shows a part of a bench around a draft and a solution; answers with the spy on changes. */
export function showOnBench(part: ReactNode, draft: Draft, solved: Solution, more: Partial<Bench> = {}) {
    const set = vi.fn<Bench['set']>();
    const bench: Bench = {
        draft,
        solved: new Solved(solved),
        readOnly: false,
        set,
        flow: 'running',
        correction: 'before',
        place: null,
        ...more,
    };
    const shown = render(
        <MemoryRouter initialEntries={['/circuits/1/plate']}>
            <BenchContext.Provider value={bench}>{part}</BenchContext.Provider>
        </MemoryRouter>,
    );
    return { ...shown, set };
}
