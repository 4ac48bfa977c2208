import { useQueryClient } from '@tanstack/react-query';
import { type SyntheticEvent, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { errorOf, ProblemError } from '../api/client';
import type { FieldPath, Site } from '../api/contract';
import { service } from '../api/service';
import { textAt, withValue } from '../bench/circuit';
import { optionsOf } from '../bench/fields';
import { useSolution } from '../bench/useSolution';
import { Button } from '../kit/Button';
import { Select } from '../kit/Select';
import { TextField } from '../kit/TextField';
import { type Lesson, LessonRows } from './LessonRows';
import { Sheet, Wide } from './Sheet';
import { useKept } from '../away/useKept';

/** What belongs together, and what it is for. */
const GROUPS = [
    {
        title: 'Supply',
        says: 'Defaults for new circuits at this site. You can change them in each circuit.',
        paths: [
            'supply.voltage',
            'supply.frequency',
            'supply.transformer_kva',
            'supply.transformer_impedance_percent',
            'supply.x_over_r',
            'supply.fault_level_kva',
            'supply.voltage_factor',
            'supply.ambient',
            'supply.earthing',
        ],
    },
    {
        title: 'Limits',
        says: 'Limits used to check every circuit at this site.',
        paths: [
            'settings.drop_limit_running',
            'settings.drop_limit_starting',
            'settings.dip_limit_bus',
            'settings.dip_limit_generator',
            'settings.dip_limit_motor',
            'settings.voltage_tolerance',
            'settings.direct_start_limit',
            'settings.changeover_minimum',
        ],
    },
    {
        title: 'Practice',
        says: 'Values used when the circuit or the nameplate does not give them.',
        paths: [
            'settings.terminal_temperature',
            'settings.four_006_corrections',
            'settings.largest_single_size',
            'settings.tray',
            'settings.overload_school',
            'settings.ten_ampere_rating',
            'settings.phase_names',
            'settings.capacitor_series',
            'settings.reading_months',
        ],
    },
    {
        title: 'Tariff',
        says: 'Prices of energy and reactive power. Fill in only one of the three reactive-power tariffs. Use the site’s own currency.',
        paths: [
            'settings.tariff.energy_price',
            'settings.tariff.kva_demand.price',
            'settings.tariff.kvarh.price',
            'settings.tariff.kvarh.free_tan',
            'settings.tariff.power_factor.price',
            'settings.tariff.power_factor.reference',
            'settings.site_load.power',
            'settings.site_load.reactive',
        ],
    },
] as const satisfies readonly { title: string; says: string; paths: readonly FieldPath[] }[];

const NOTHING = {};

type Path = (typeof GROUPS)[number]['paths'][number];

/** What is typed, over the version that was seen then. */
interface TypedSite {
    name: string;
    book: string;
    areas: string;
    supply: Record<string, unknown>;
    settings: Record<string, unknown>;
    version: number;
}

/** One site, or a new one: what its circuits start with and are judged by. */
export function SiteForm({ site }: { site?: Site }) {
    const stands: TypedSite = {
        name: site?.name ?? '',
        book: site?.rule_book ?? 'iec',
        areas: (site?.areas ?? []).join(', '),
        supply: site?.supply ?? {},
        settings: site?.settings ?? {},
        version: site?.version ?? 0,
    };
    const [kept, setKept] = useKept<TypedSite | null>(`site:${site?.id ?? 'new'}`, null);
    const { name, book, areas, supply, settings, version } = kept ?? stands;
    const type = (more: Partial<TypedSite>) => setKept({ ...(kept ?? stands), ...more });
    const [problem, setProblem] = useState<Error | null>(null);
    const [saved, setSaved] = useState(false);
    const client = useQueryClient();
    // Labels, choices and what an empty field is taken as are those of a circuit under this rule book.
    const sample = useMemo(() => ({ rule_book: book }), [book]);
    const { solved } = useSolution(sample, NOTHING);
    const books = solved?.note('rule_book');
    const lessons = solved?.note('settings.lessons');
    const at = (path: string) => (problem instanceof ProblemError ? problem.at(path) : undefined);
    const filled = (group: Record<string, unknown>) => Object.fromEntries(Object.entries(group).filter(([, value]) => value !== ''));
    const submit = async (event: SyntheticEvent) => {
        event.preventDefault();
        setProblem(null);
        setSaved(false);
        const list = areas
            .split(',')
            .map((area) => area.trim())
            .filter((area) => area !== '');
        const body = {
            name,
            rule_book: book,
            areas: list,
            supply: filled(supply),
            settings: filled(settings),
        };
        try {
            await (site === undefined ? service.site.store(body) : service.site.update(site.id, { ...body, version }));
            setSaved(true);
            await client.invalidateQueries({ queryKey: ['sites'] });
            setKept(null);
        } catch (error) {
            setProblem(errorOf(error));
            if (error instanceof ProblemError && error.status === 409 && kept !== null) {
                // Told, and shown anew beside what was typed: sent again it is meant.
                const current = error.problem.current as { version?: number } | undefined;
                setKept({ ...kept, version: current?.version ?? kept.version });
            }
        }
    };
    const field = (path: Path) => {
        const note = solved?.note(path);
        const value = textAt({ supply, settings }, path);
        const set = (typed: string) => {
            const next = withValue({ supply, settings }, path, typed);
            type({ supply: next.supply as Record<string, unknown>, settings: next.settings as Record<string, unknown> });
        };
        if (note === undefined || (note.unused && value === '')) {
            return null;
        }
        return note.choices.length > 0 ? (
            <Select
                key={path}
                label={note.label}
                hint={note.hint}
                value={value}
                options={optionsOf(note, value)}
                error={at(path)}
                onChange={set}
            />
        ) : (
            <TextField
                key={path}
                label={note.label}
                hint={note.hint}
                unit={note.unit}
                placeholder={note.empty}
                value={value}
                onChange={set}
                error={at(path)}
            />
        );
    };
    return (
        <Sheet onSubmit={(event) => void submit(event)} aria-label={site?.name ?? 'New site'}>
            <h3>{site?.name ?? 'New site'}</h3>
            <TextField label="Name" value={name} onChange={(typed) => type({ name: typed })} error={at('name')} />
            {books !== undefined && (
                <Select label={books.label} value={book} onChange={(typed) => type({ book: typed })} options={optionsOf(books, book)} />
            )}
            <Wide>
                <TextField
                    label="Areas, separated by commas"
                    value={areas}
                    onChange={(typed) => type({ areas: typed })}
                    error={at('areas')}
                />
            </Wide>
            {GROUPS.map(({ title, says, paths }) => (
                <fieldset key={title}>
                    <legend>{title}</legend>
                    <p>{says}</p>
                    {paths.map(field)}
                </fieldset>
            ))}
            <LessonRows
                lessons={Array.isArray(settings.lessons) ? (settings.lessons as Lesson[]) : []}
                thickeners={lessons === undefined ? [] : optionsOf(lessons, '')}
                errorAt={at}
                onChange={(rows) => type({ settings: { ...settings, lessons: rows } })}
            />
            <footer>
                {site !== undefined && <Link to={`/sites/${site.id}/tables`}>Tables: unverified and corrected values</Link>}
                {site !== undefined && <Link to={`/sites/${site.id}/bank`}>Capacitor bank</Link>}
                <span role="status">{problem !== null ? problem.message : saved ? 'Saved.' : ''}</span>
                <Button kind={site === undefined ? 'plain' : 'main'} type="submit">
                    {site === undefined ? 'Add site' : 'Save site'}
                </Button>
            </footer>
        </Sheet>
    );
}
