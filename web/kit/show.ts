/** Between a number and its unit. */
const UNIT_SPACE = '\u00A0';

/** `75 kW` split for setting the unit smaller than the number. */
export function parts(shown: string): [string, string] {
    const at = shown.lastIndexOf(UNIT_SPACE);
    return at === -1 ? [shown, ''] : [shown.slice(0, at), shown.slice(at + 1)];
}
