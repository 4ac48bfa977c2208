import { useQueryClient } from '@tanstack/react-query';
import { type SyntheticEvent, useState } from 'react';
import { call, ProblemError } from '../api/client';
import type { Site } from '../api/contract';
import { Button } from '../kit/Button';
import { Select } from '../kit/Select';
import { TextField } from '../kit/TextField';
import { Sheet } from './Sheet';

const SUPPLY = [
    ['voltage', 'Supply voltage', 'V'],
    ['frequency', 'Frequency', 'Hz'],
    ['transformer_kva', 'Transformer', 'kVA'],
    ['transformer_impedance_percent', 'Its impedance', '%'],
    ['x_over_r', 'X/R', ''],
    ['fault_level_kva', 'Fault level', 'kVA'],
    ['ambient', 'Ambient', '°C'],
] as const;

const SETTINGS = [
    ['drop_limit_running', 'Drop limit, running', '%'],
    ['drop_limit_starting', 'Drop limit, starting', '%'],
    ['voltage_tolerance', 'Voltage tolerance', '%'],
    ['direct_start_limit', 'Direct starts up to', 'kW'],
    ['terminal_temperature', 'Terminals (IEC)', '°C'],
] as const;

const text = (group: Record<string, unknown>, key: string): string => {
    const value = group[key];
    return typeof value === 'string' || typeof value === 'number' ? String(value) : '';
};

/** One site, or a new one: what its circuits start with and are judged by. */
export function SiteForm({ site }: { site?: Site }) {
    const [name, setName] = useState(site?.name ?? '');
    const [book, setBook] = useState<string>(site?.rule_book ?? 'iec');
    const [areas, setAreas] = useState((site?.areas ?? []).join(', '));
    const [supply, setSupply] = useState<Record<string, unknown>>(site?.supply ?? {});
    const [settings, setSettings] = useState<Record<string, unknown>>(site?.settings ?? {});
    const [problem, setProblem] = useState<Error | null>(null);
    const [saved, setSaved] = useState(false);
    const client = useQueryClient();
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
            ...(site === undefined ? {} : { version: site.version }),
        };
        try {
            await call<Site>(site === undefined ? 'POST' : 'PUT', site === undefined ? 'sites' : `sites/${site.id}`, body);
            setSaved(true);
            await client.invalidateQueries({ queryKey: ['sites'] });
        } catch (error) {
            setProblem(error instanceof Error ? error : new Error('The service does not answer.'));
        }
    };
    return (
        <Sheet onSubmit={(event) => void submit(event)} aria-label={site?.name ?? 'New site'}>
            <h3>{site?.name ?? 'New site'}</h3>
            <TextField label="Name" value={name} onChange={setName} error={at('name')} />
            <Select
                label="Rule book"
                value={book}
                onChange={setBook}
                options={[
                    { value: 'iec', label: 'IEC 60364' },
                    { value: 'nec', label: 'NEC' },
                    { value: 'cec', label: 'CE Code (plate, power)' },
                ]}
            />
            <TextField label="Areas, with commas" value={areas} onChange={setAreas} error={at('areas')} />
            {SUPPLY.map(([key, label, unit]) => (
                <TextField
                    key={key}
                    label={label}
                    unit={unit}
                    value={text(supply, key)}
                    onChange={(value) => setSupply({ ...supply, [key]: value })}
                    error={at(`supply.${key}`)}
                />
            ))}
            {SETTINGS.map(([key, label, unit]) => (
                <TextField
                    key={key}
                    label={label}
                    unit={unit}
                    value={text(settings, key)}
                    onChange={(value) => setSettings({ ...settings, [key]: value })}
                    error={at(`settings.${key}`)}
                />
            ))}
            <Select
                label="Overload practice (IEC)"
                value={text(settings, 'overload_school')}
                onChange={(value) => setSettings({ ...settings, overload_school: value })}
                options={[
                    { value: '', label: 'Plate current' },
                    { value: 'plate_current', label: 'Plate current' },
                    { value: 'service_factor', label: 'Service factor × plate' },
                ].slice(text(settings, 'overload_school') === '' ? 0 : 1)}
            />
            <footer>
                <span role="status">{problem !== null ? problem.message : saved ? 'Saved.' : ''}</span>
                <Button kind={site === undefined ? 'plain' : 'main'} type="submit">
                    {site === undefined ? 'Add site' : 'Save site'}
                </Button>
            </footer>
        </Sheet>
    );
}
