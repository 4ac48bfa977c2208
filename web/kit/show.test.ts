import { describe, expect, it } from 'vitest';
import { digits, parts, withUnit } from './show';

describe('numbers on drawings', () => {
    it('have three significant digits and no exponent', () => {
        expect(digits(66.9109)).toBe('66.9');
        expect(digits(0.9401)).toBe('0.94');
        expect(digits(462)).toBe('462');
        expect(digits(1176.06)).toBe('1176');
        expect(digits(25259)).toBe('25\u202F259');
        expect(digits(-1.3613)).toBe('−1.36');
        expect(digits(0)).toBe('0');
        expect(digits(0.0096)).toBe('0.0096');
    });

    it('carry their unit behind a space that does not break', () => {
        expect(withUnit(37000, 'W')).toBe('37\u00A0kW');
        expect(withUnit(750, 'W')).toBe('750\u00A0W');
        expect(withUnit(24420.17, 'var')).toBe('24.4\u00A0kvar');
        expect(withUnit(undefined, 'A')).toBe('–');
    });

    it('split number and unit', () => {
        expect(parts('25\u202F259\u00A0A')).toEqual(['25\u202F259', 'A']);
        expect(parts('8 AWG')).toEqual(['8 AWG', '']);
    });
});
