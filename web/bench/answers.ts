import type { FigureKey } from '../api/contract';
import type { Bench, StationName } from './BenchContext';
import { typed } from './circuit';

const CONNECTION: Readonly<Record<string, string>> = { delta: 'Δ', star: 'Y' };

/** What each station answers, short enough for a link; empty where it has no answer yet. */
export function answers({ draft, solved, flow, correction }: Bench): Readonly<Record<StationName, string>> {
    const { curves } = solved.solution;
    const { run, plan, readiness } = curves;
    const shown = (...keys: readonly FigureKey[]) => solved.first(...keys)?.shown ?? '';
    const joined = (...parts: readonly string[]) => parts.filter((part) => part !== '').join(', ');
    const sets = solved.number('cable.sets') ?? 1;
    const size = shown('cable.size');
    const place = typed(draft, 'correction.place');
    const steps = (plan?.phases ?? []).flatMap((phase) => phase.steps);
    const line = correction === 'after' ? (run?.running.after ?? run?.running.before)?.line : run?.running.before.line;
    return {
        plate: `${shown('plate.rated_voltage')} ${CONNECTION[solved.text('plate.connection') ?? ''] ?? ''}`.trim(),
        power: (flow === 'running' ? line?.shown : undefined) ?? shown('power.plate_current', 'power.computed_current'),
        start:
            run?.refused === true
                ? 'not possible'
                : joined(run?.starting.line?.shown ?? '', shown('start.star_time', 'start.reduced_time')),
        cable: size === '' ? '' : `${sets > 1 ? `${sets} × ` : ''}${(solved.number('cable.conductors') ?? 0) / sets} × ${size}`,
        guard: joined(shown('guard.scpd_rating', 'guard.instantaneous_setting'), shown('guard.overload_dial')),
        correct: place === 'none' ? 'none' : shown('correct.capacitor_rating', 'correct.capacitance_required', 'correct.reactive_required'),
        prove: steps.length === 0 ? '' : `${steps.filter(({ state }) => state === 'agrees').length} of ${steps.length}`,
        sheet: readiness === undefined ? '' : problems(readiness.hindrances.length),
    };
}

const problems = (count: number): string => (count === 0 ? 'ready' : count === 1 ? '1 problem' : `${count} problems`);
