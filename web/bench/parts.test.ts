import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { afterEach, beforeEach, describe, expect, it, type MockInstance, vi } from 'vitest';
import type { Solution, SolutionParts, StationName } from '../api/contract';
import { service } from '../api/service';
import { askSolution, assembled, DRAWN, shownOf } from './parts';

interface Told {
    solution: Solution;
    whole: SolutionParts;
    stations: Record<StationName, SolutionParts>;
}

const told = execFileSync('php', ['tests/Reference/parts.php', JSON.stringify(DRAWN)], { encoding: 'utf8', maxBuffer: 1 << 28 })
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as Told);
const stations = Object.keys(DRAWN) as StationName[];
const put = ({ core, parts }: SolutionParts) =>
    assembled(core, new Map(Object.entries(parts).map(([name, { is, body }]) => [name, { is, body }])));

describe('a solution in parts', () => {
    it('is the solution, whole and as each station shows it, for every circuit of the demo', () => {
        expect(told.length).toBeGreaterThan(30);
        for (const { solution, whole, stations: seen } of told) {
            expect(put(whole)).toEqual(solution);
            for (const station of stations) {
                expect(put(seen[station])).toEqual(shownOf(solution, { station, moment: false }));
            }
        }
    });

    it('has every picture that a station draws', () => {
        for (const station of stations) {
            const files = readdirSync(`web/stations/${station}`, { recursive: true, encoding: 'utf8' });
            for (const file of files.filter((name) => /(?<!\.test)\.tsx?$/.test(name))) {
                const source = readFileSync(`web/stations/${station}/${file}`, 'utf8');
                const one = [...source.matchAll(/solution\.curves\.(\w+)/g)].map(([, name = '']) => name);
                const several = [...source.matchAll(/\{([^}]*)\} = solved\.solution\.curves/g)]
                    .flatMap(([, names = '']) => names.split(','))
                    .map((name) => name.trim().replace(/:.*/, ''));
                for (const name of [...one, ...several]) {
                    expect(DRAWN[station], `${station}/${file}`).toContain(name);
                }
            }
        }
    });
});

describe('what travels', () => {
    let sent: MockInstance<typeof service.parts.ask>;
    beforeEach(() => {
        sent = vi.spyOn(service.parts, 'ask');
    });
    afterEach(() => sent.mockRestore());

    it('asks for what is shown, tells what it holds, and keeps what is the same', async () => {
        const [first] = told;
        if (first === undefined) {
            throw new Error('no circuit');
        }
        const circuit = { site_settings: {} };
        sent.mockResolvedValueOnce(first.stations.cable);
        const seen = await askSolution(circuit, { station: 'cable', moment: false });
        expect(seen.of).toBe('cable');
        expect(sent.mock.calls[0]?.[0].want.curves).toEqual(DRAWN.cable);

        // The service leaves out what is held.
        const held = Object.fromEntries(Object.entries(first.stations.cable.parts).map(([name, { is }]) => [name, is]));
        sent.mockResolvedValueOnce({
            ...first.whole,
            parts: Object.fromEntries(
                Object.entries(first.whole.parts).map(([name, part]) => [name, held[name] === part.is ? { is: part.is } : part]),
            ),
        });
        const whole = await askSolution(circuit, null);
        // Of another test there may be more: what the page holds is held whatever circuit it came of.
        expect(sent.mock.calls[1]?.[0].want).toMatchObject({ held });
        expect(sent.mock.calls[1]?.[0].want.station).toBeUndefined();
        expect(whole).toEqual({ solution: first.solution, of: null });
    });

    it('asks for the moment of a start that is shown over another station', async () => {
        const [first] = told;
        sent.mockResolvedValueOnce(first?.stations.guard as SolutionParts);
        await askSolution({ site_settings: {} }, { station: 'guard', moment: true });
        expect(sent.mock.calls[0]?.[0].want.curves).toContain('start_course');
    });
});
