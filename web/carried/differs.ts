/** By which two numbers of one solution may be apart: sines differ in their last digit from machine to machine. */
const NEAR = 1e-9;

/** What is drawn is rounded to so many decimals at most, and may fall to either side. */
const MOST_DECIMALS = 4;

const decimals = (value: number): number => (String(value).split('.')[1] ?? '').length;

function isNear(one: number, other: number, path: string): boolean {
    const places = Math.max(decimals(one), decimals(other));
    const rounding = path.startsWith('curves.') && places >= 1 && places <= MOST_DECIMALS ? 1.001 * 10 ** -places : 0;
    return Math.abs(one - other) <= Math.max(NEAR * Math.max(Math.abs(one), Math.abs(other)), rounding);
}

/** Where two solutions differ, as a path; null where they are the same. */
export function differsAt(one: unknown, other: unknown, path = ''): string | null {
    if (typeof one === 'number' && typeof other === 'number') {
        return isNear(one, other, path) ? null : path;
    }
    if (typeof one !== 'object' || typeof other !== 'object' || one === null || other === null) {
        return one === other ? null : path;
    }
    const [ours, theirs] = [one as Record<string, unknown>, other as Record<string, unknown>];
    for (const name of new Set([...Object.keys(ours), ...Object.keys(theirs)])) {
        const found = differsAt(ours[name], theirs[name], path === '' ? name : `${path}.${name}`);
        if (found !== null) {
            return found;
        }
    }
    return null;
}
