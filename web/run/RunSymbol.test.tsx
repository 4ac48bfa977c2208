import { render } from '@testing-library/react';
import { expect, test } from 'vitest';
import { type Part, RunSymbol } from './RunSymbol';

const drawn = (part: Part, { six = false, hot = false, phases = 3 } = {}) =>
    render(<RunSymbol part={part} six={six} hot={hot} phases={phases} />).container;

const PARTS: readonly Part[] = [
    'supply',
    'guard',
    'contactor',
    'six_leads',
    'tapped_winding',
    'series_resistor',
    'series_reactor',
    'thyristors',
    'converter',
    'flow',
    'cable',
    'motor',
    'load',
    'capacitor',
];

test('every part of the run has a symbol, and no two starters have the same', () => {
    const starters = PARTS.slice(2, 9).map((part) => drawn(part).querySelector('svg')?.innerHTML ?? '');
    expect(starters.every((symbol) => symbol !== '')).toBe(true);
    expect(new Set(starters).size).toBe(starters.length);
    expect(PARTS.every((part) => drawn(part).querySelector('svg')?.childElementCount !== 0)).toBe(true);
});

test('six leads are drawn as three lines to the motor, three leads as one', () => {
    const lines = (six: boolean) => drawn('cable', { six }).querySelector('path')?.getAttribute('d')?.match(/M/g)?.length;
    expect(lines(true)).toBe(3);
    expect(lines(false)).toBe(1);
});

test('a motor of one phase says so', () => {
    expect(drawn('motor', { phases: 1 }).textContent).toContain('1 ~');
    expect(drawn('motor').textContent).toContain('3 ~');
});

test('where no capacitor stands nothing is drawn, and symbols are not read aloud', () => {
    const nothing = drawn('no_capacitor').querySelector('svg');
    expect(nothing?.childElementCount).toBe(0);
    expect(nothing?.getAttribute('aria-hidden')).toBe('true');
});

test('only what carries the starting current is drawn hot', () => {
    const colour = (hot: boolean) => getComputedStyle(drawn('flow', { hot }).querySelector('svg') ?? document.body).stroke;
    expect(colour(true)).not.toBe(colour(false));
});
