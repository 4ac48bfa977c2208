import { describe, expect, it } from 'vitest';
import { parts } from './show';

describe('a shown figure', () => {
    it('is split at the space before its unit, and only there', () => {
        expect(parts('25\u202F259\u00A0A')).toEqual(['25\u202F259', 'A']);
        expect(parts('8 AWG')).toEqual(['8 AWG', '']);
    });
});
