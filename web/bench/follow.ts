import { useEffect } from 'react';
import { useLocation } from 'react-router';
import type { FieldPath, FigureKey, StationName } from '../api/contract';

/** Where a working leads: to the figure or the field that was put in. */
export type Target = { figure: FigureKey } | { field: FieldPath };

const FIELD_STATIONS: readonly (readonly [RegExp, StationName])[] = [
    [/^(measure|windings|bench|subject|load\.output_percent)/, 'power'],
    [/^(starter|load)\./, 'start'],
    [/^cable\./, 'cable'],
    [/^guard\./, 'guard'],
    [/^correction\./, 'correct'],
    [/^logbook\./, 'prove'],
    [/^(plate|supply|surroundings)/, 'plate'],
];

/** The station where a field is typed; nothing for a setting of the site. */
export const stationOfField = (path: FieldPath): StationName | undefined => FIELD_STATIONS.find(([at]) => at.test(path))?.[1];

/** Views of the power station that have fields and figures of their own, by the first word of these. */
const VIEWS: Readonly<Record<string, string>> = { measure: 'measure', measured: 'measure', windings: 'windings' };

/** The view of the power station that has a field or a figure; nothing where any view will do. */
export function viewOf(target: Target): string | undefined {
    const [section = ''] = ('field' in target ? target.field : target.figure).split('.');
    const view = VIEWS[section];
    return view !== undefined ? `?view=${view}` : 'field' in target || section === 'power' ? '' : undefined;
}

const TRIES = 20;
const TRY_MS = 50;

/** Brings into view and focus what the address was opened for. The station may still be loading, so it is looked for a second long. */
export function useFollow(): void {
    const location = useLocation();
    const target = (location.state as { to?: Target } | null)?.to;
    useEffect(() => {
        if (target === undefined) {
            return;
        }
        let tries = 0;
        const timer = setInterval(() => {
            const found = find(target);
            if (found !== null) {
                found.scrollIntoView({ block: 'center' });
                found.focus({ preventScroll: true });
            }
            if (found !== null || ++tries >= TRIES) {
                clearInterval(timer);
            }
        }, TRY_MS);
        return () => clearInterval(timer);
    }, [target, location.key]);
}

function find(target: Target): HTMLElement | null {
    if ('figure' in target) {
        return document.getElementById(`figure-${target.figure}`);
    }
    const at = document.querySelector<HTMLElement>(`[data-path="${target.field}"]`);
    return at?.querySelector<HTMLElement>('input, button') ?? at;
}
