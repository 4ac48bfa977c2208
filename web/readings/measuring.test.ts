import { describe, expect, it } from 'vitest';
import { asked, METHODS } from './measuring';

const choosing = (chosen: Record<string, string>) => (name: string) => chosen[name] ?? '';
const shown = (method: string, chosen: Record<string, string> = {}, phases = 3) => {
    const pick = choosing({ method, ...chosen });
    return (METHODS.find(({ value }) => value === method)?.fields ?? []).filter((name) => asked(name, pick, phases));
};

describe('what a method asks for', () => {
    it('two wattmeters leave out the common line, and the sense once the sequence is said', () => {
        expect(shown('two_wattmeters')).toEqual(expect.arrayContaining(['watts_1', 'watts_3', 'sense']));
        expect(shown('two_wattmeters')).not.toContain('watts_2');
        expect(shown('two_wattmeters', { common: '1' })).not.toContain('watts_1');
        expect(shown('two_wattmeters', { sequence: '123' })).not.toContain('sense');
        expect(shown('two_wattmeters', { balanced: 'unbalanced' })).not.toContain('sequence');
    });

    it('one wattmeter asks for pair and line only where its coil stands between lines', () => {
        expect(shown('one_wattmeter', { wattmeter: 'neutral' })).not.toContain('line');
        expect(shown('one_wattmeter', { wattmeter: 'pair' })).toEqual(expect.arrayContaining(['pair', 'line', 'sequence', 'sense']));
        expect(shown('one_wattmeter', { wattmeter: 'other_lines' })).not.toContain('sense');
    });

    it('one phase has one voltage and one current', () => {
        expect(shown('volts_amps_watts', {}, 1)).toEqual(['volts_12', 'amps_1', 'watts', 'sense', 'speed']);
        expect(shown('line_angle', {}, 1)).not.toContain('sequence');
    });
});
