/** Between the thousands of a long number. */
const THIN = '\u202F';
/** Between a number and its unit. */
const UNIT_SPACE = '\u00A0';

/** A number to a few significant digits, as the core shows it: no exponent, thin spaces in long numbers. For scales and labels only. */
export function digits(value: number, significant = 3): string {
    if (value === 0) {
        return '0';
    }
    const decimals = Math.max(0, Math.min(6, significant - 1 - Math.floor(Math.log10(Math.abs(value)))));
    const rounded = decimals === 0 ? Math.round(value).toString() : value.toFixed(decimals).replace(/\.?0+$/, '');
    return rounded
        .replace('-', '−')
        .replace(/^(−?)(\d{5,})$/, (_, sign: string, whole: string) => sign + whole.replace(/\B(?=(\d{3})+$)/g, THIN));
}

/** With a unit behind a space that does not break; thousands of W, VA and var become k. */
export function withUnit(value: number | null | undefined, unit: string, significant = 3): string {
    if (value === null || value === undefined) {
        return '–';
    }
    return ['W', 'VA', 'var'].includes(unit) && Math.abs(value) >= 1000
        ? `${digits(value / 1000, significant)}${UNIT_SPACE}k${unit}`
        : `${digits(value, significant)}${UNIT_SPACE}${unit}`;
}

/** `75 kW` split for setting the unit smaller than the number. */
export function parts(shown: string): [string, string] {
    const at = shown.lastIndexOf(UNIT_SPACE);
    return at === -1 ? [shown, ''] : [shown.slice(0, at), shown.slice(at + 1)];
}
