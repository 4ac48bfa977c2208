import { useQuery, useQueryClient, keepPreviousData } from '@tanstack/react-query';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { ProblemError } from '../../api/client';
import type { Figure } from '../../api/contract';
import { service } from '../../api/service';
import { useBench } from '../../bench/BenchContext';
import { anyAnswer } from '../../carried/answered';
import { Value } from '../../bench/StationPage';
import { Button } from '../../kit/Button';
import { GradeMark } from '../../kit/Grade';
import { Scroll } from '../../kit/Scroll';
import { RuledTable } from '../../kit/RuledTable';
import { Select } from '../../kit/Select';
import { TextField } from '../../kit/TextField';
import { token } from '../../theme/tokens';
import { HarmonicPicture } from './HarmonicPicture';
import { KeepDialog } from './Readings';
import { WaveformPicture } from './WaveformPicture';

const LARGEST_BYTES = 24_000_000;

const SAMPLES = [
    { file: 'grinder-lagging', label: 'Grinder, lagging', clamp: true },
    { file: 'welder-idle-leading', label: 'Welding rectifier between welds, leading' },
    { file: 'kiln-heaters-in-phase', label: 'Kiln heaters, in phase', shunt: true },
    { file: 'drive-input-humps', label: 'Input of a drive, two humps' },
    { file: 'compressor-soft-start', label: 'Compressor on its soft starter' },
] as const;

const ROLES = [
    { value: '', label: 'not used' },
    { value: 't', label: 'time' },
    { value: 'v1', label: 'voltage 1' },
    { value: 'v2', label: 'voltage 2' },
    { value: 'v3', label: 'voltage 3' },
    { value: 'i1', label: 'current 1' },
    { value: 'i2', label: 'current 2' },
    { value: 'i3', label: 'current 3' },
];

const WAYS = [
    { value: 'direct', label: 'no scaling' },
    { value: 'probe', label: 'times (probe)' },
    { value: 'shunt', label: 'shunt, Ω' },
    { value: 'clamp', label: 'clamp meter, mV per A' },
];

const SYSTEMS = [
    { value: 'single', label: 'One phase' },
    { value: 'balanced', label: 'Balanced: L1 to N and L1' },
    { value: 'line', label: 'Balanced: L1 to L2 and L1' },
];

interface Column {
    role: string;
    way: string;
    value: string;
    turned: boolean;
}

const Bar = styled.div`
    display: flex;
    flex-wrap: wrap;
    gap: 8px 10px;
    align-items: center;
    small {
        color: ${token.soft};
        font-size: 14px;
    }
`;

const Columns = styled(RuledTable)`
    td {
        min-width: 96px;
        vertical-align: top;
    }
    label {
        display: flex;
        gap: 6px;
        align-items: center;
        min-height: ${token.touch};
    }
    input[type='checkbox'] {
        width: 20px;
        height: 20px;
    }
`;

const Wrong = styled.p`
    padding: 8px 12px;
    border-left: 4px solid ${token.stop};
    background: ${token.stopWash};
    color: ${token.stop};
`;

const Found = styled.p`
    padding: 8px 12px;
    border-left: 4px solid ${token.caution};
    background: ${token.cautionWash};
    &[data-grade='note'] {
        border-color: ${token.note};
        background: ${token.noteWash};
    }
    svg {
        margin-right: 6px;
    }
`;

const Large = styled.dl`
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(130px, 1fr));
    gap: 4px 18px;
    padding: 8px 0;
    border-top: 2px solid ${token.ink};
    border-bottom: 1px solid ${token.rule};
    dt {
        color: ${token.soft};
        font-size: 14px;
    }
    dd {
        font: 600 26px ${token.narrow};
        white-space: nowrap;
        small {
            font-size: 16px;
        }
    }
`;

const LARGE = [
    ['real', 'real power'],
    ['reactive', 'reactive power, + lagging'],
    ['power_factor', 'true power factor'],
    ['displacement_factor', 'displacement power factor'],
] as const;

/** A file of samples from a scope or a logger: what its columns are, what they show, what follows. */
export default function WaveformView() {
    const { place, readOnly } = useBench();
    const client = useQueryClient();
    const [file, setFile] = useState<{ name: string; content: Blob } | null>(null);
    const [refused, setRefused] = useState<string>();
    const [columns, setColumns] = useState<Column[] | null>(null);
    const [system, setSystem] = useState('single');
    const [rate, setRate] = useState('');
    const [keeping, setKeeping] = useState(false);
    const [kept, setKept] = useState(false);
    const options = JSON.stringify({ ...(columns === null ? {} : { columns }), system, ...(rate === '' ? {} : { rate }) });
    const query = useQuery({
        queryKey: ['waveform', file?.name, file?.content.size, options],
        queryFn: ({ signal }) => {
            const content = file?.content ?? new Blob();
            return anyAnswer(
                () => service.waveform.analyse({ options }, content, signal),
                async () => ({ ask: 'waveform', text: await content.text(), options: JSON.parse(options) as object }),
                signal,
            );
        },
        enabled: file !== null,
        placeholderData: keepPreviousData,
        staleTime: Infinity,
        gcTime: 30_000,
        retry: false,
    });
    const take = (name: string, content: Blob, set: Column[] | null = null) => {
        setRefused(undefined);
        setKept(false);
        setColumns(set);
        setRate('');
        if (content.size > LARGEST_BYTES) {
            setRefused(`${name} has ${Math.round(content.size / 1e6)} MB; the limit is 24 MB. Export a shorter record.`);
            return;
        }
        setFile({ name, content: new Blob([content], { type: 'text/csv' }) });
    };
    const sample = async (one: (typeof SAMPLES)[number]) => {
        let content: Blob;
        try {
            const response = await fetch(`/samples/${one.file}.csv`);
            if (!response.ok) {
                throw new Error(`answer ${response.status}`);
            }
            content = await response.blob();
        } catch {
            setRefused(`The sample “${one.label}” could not be loaded: cannot reach the server. Open a file of your own, or try again.`);
            return;
        }
        const none = { way: 'direct', value: '', turned: false };
        take(
            `${one.file}.csv`,
            content,
            'clamp' in one
                ? [
                      { ...none, role: 't' },
                      { ...none, role: 'v1' },
                      { ...none, role: 'i1', way: 'clamp', value: '10' },
                  ]
                : 'shunt' in one
                  ? [
                        { ...none, role: 'v1' },
                        { ...none, role: 'i1', way: 'shunt', value: '0.005 ohm' },
                    ]
                  : null,
        );
    };
    const answer = file === null ? undefined : query.data;
    const shownColumns = columns ?? answer?.columns.map(({ role }) => ({ role, way: 'direct', value: '', turned: false })) ?? [];
    const change = (at: number, more: Partial<Column>) => {
        setKept(false);
        setColumns(shownColumns.map((column, i) => (i === at ? { ...column, ...more } : column)));
    };
    const error = (path: string) => answer?.errors.find((one) => one.path === path);
    const figure = (key: string): Figure | undefined => answer?.figures.find((one) => one.key === `waveform.${key}`);
    const three = shownColumns.filter(({ role }) => /^[vi][123]$/.test(role)).length === 6;
    return (
        <>
            <Bar>
                <FileTrigger
                    acceptedFileTypes={['.csv', '.txt', '.tsv', 'text/csv', 'text/plain']}
                    onSelect={(files) => {
                        const [chosen] = [...(files ?? [])];
                        if (chosen !== undefined) {
                            take(chosen.name, chosen);
                        }
                    }}
                >
                    <Button kind="main">Open a waveform file (CSV)</Button>
                </FileTrigger>
                <small>
                    {file === null
                        ? 'CSV from an oscilloscope or logger: voltage, current and time or a sample rate, up to 200 000 rows.'
                        : `${file.name}, ${answer === undefined ? '' : `${answer.samples} samples`}`}
                </small>
            </Bar>
            <Bar aria-label="Samples to try">
                <small>Samples:</small>
                {SAMPLES.map((one) => (
                    <Button key={one.file} onPress={() => void sample(one)}>
                        {one.label}
                    </Button>
                ))}
            </Bar>
            {refused !== undefined && <Wrong role="alert">{refused}</Wrong>}
            {query.isError && (
                <Wrong role="alert">
                    The file could not be analysed: {query.error instanceof ProblemError ? query.error.message : 'cannot reach the server.'}{' '}
                    Try again.
                </Wrong>
            )}
            {query.isPending && file !== null && <p>Reading the file…</p>}
            {answer !== undefined && (
                <>
                    {answer.errors
                        .filter(({ path }) => !path.includes('.'))
                        .map((one) => (
                            <Wrong key={one.path} role="alert">
                                {one.text} {one.accepted}
                            </Wrong>
                        ))}
                    {answer.columns.length > 0 && (
                        <Scroll tabIndex={0} role="group" aria-label="Columns of the file">
                            <Columns>
                                <thead>
                                    <tr>
                                        <th scope="col">Column</th>
                                        <th scope="col">is</th>
                                        <th scope="col">scaled</th>
                                        <th scope="col">by</th>
                                        <th scope="col">turned</th>
                                    </tr>
                                </thead>
                                <tbody>
                                    {answer.columns.map((column, at) => {
                                        const chosen = shownColumns[at];
                                        const name = column.name === '' ? `Column ${at + 1}` : column.name;
                                        const signal = chosen !== undefined && chosen.role !== '' && chosen.role !== 't';
                                        return (
                                            <tr key={at}>
                                                <th scope="row">{name}</th>
                                                <td>
                                                    <Select
                                                        label={`${name} is`}
                                                        labelHidden
                                                        value={chosen?.role ?? ''}
                                                        options={ROLES}
                                                        onChange={(role) => change(at, { role })}
                                                        error={error(`columns.${at}.role`)?.text}
                                                    />
                                                </td>
                                                <td>
                                                    {signal && (
                                                        <Select
                                                            label={`${name} scaled`}
                                                            labelHidden
                                                            value={chosen.way}
                                                            options={WAYS}
                                                            onChange={(way) => change(at, { way })}
                                                        />
                                                    )}
                                                </td>
                                                <td>
                                                    {signal && chosen.way !== 'direct' && (
                                                        <TextField
                                                            label={`${name} by`}
                                                            labelHidden
                                                            value={chosen.value}
                                                            onChange={(value) => change(at, { value })}
                                                            error={error(`columns.${at}.value`)?.text}
                                                        />
                                                    )}
                                                </td>
                                                <td>
                                                    {signal && (
                                                        <label>
                                                            <input
                                                                type="checkbox"
                                                                aria-label={`${name} inverted`}
                                                                checked={chosen.turned}
                                                                onChange={(event) => change(at, { turned: event.target.checked })}
                                                            />
                                                        </label>
                                                    )}
                                                </td>
                                            </tr>
                                        );
                                    })}
                                </tbody>
                            </Columns>
                        </Scroll>
                    )}
                    <Bar>
                        {!three && <Select label="Measured at" value={system} options={SYSTEMS} onChange={setSystem} />}
                        {!shownColumns.some(({ role }) => role === 't') && (
                            <TextField
                                label="Samples per second"
                                value={rate}
                                onChange={setRate}
                                placeholder="as in the file"
                                error={error('rate')?.text}
                            />
                        )}
                    </Bar>
                    {answer.findings.map((one) => (
                        <Found key={one.code} data-grade={one.grade}>
                            <GradeMark grade={one.grade} label={one.grade} />
                            <strong>{one.title}.</strong> {one.text} {one.action}
                        </Found>
                    ))}
                    {answer.curves !== null && (
                        <>
                            <Large>
                                {LARGE.map(([key, label]) => (
                                    <div key={key}>
                                        <dt>{label}</dt>
                                        <dd>
                                            <Value figure={figure(key)} />
                                        </dd>
                                    </div>
                                ))}
                            </Large>
                            <WaveformPicture curves={answer.curves} />
                            <HarmonicPicture curves={answer.curves} figure={figure} />
                            <FigureTable figures={answer.figures} />
                            {place !== null && !readOnly && (
                                <Bar>
                                    <Button kind="main" onPress={() => setKeeping(true)} isDisabled={kept}>
                                        {kept ? 'Saved with the readings' : 'Save this reading'}
                                    </Button>
                                    <small>The results are saved, not the file.</small>
                                </Bar>
                            )}
                        </>
                    )}
                </>
            )}
            {place !== null && (
                <KeepDialog
                    form={`waveform:${place.circuit}`}
                    open={keeping}
                    onClose={() => setKeeping(false)}
                    keep={async (instrument, note) => {
                        await service.waveform.store(place.circuit, { options, instrument, note }, file?.content ?? new Blob());
                        setKept(true);
                        await client.invalidateQueries({ queryKey: ['readings', place.circuit] });
                    }}
                />
            )}
        </>
    );
}

const Figures = styled(RuledTable)`
    th,
    td {
        padding: 5px 8px 5px 0;
    }
    td:nth-child(2) {
        font: 600 16px ${token.narrow};
        white-space: nowrap;
    }
    td:last-child {
        color: ${token.soft};
        font-size: 13.5px;
    }
`;

function FigureTable({ figures }: { figures: readonly Figure[] }) {
    return (
        <details>
            <summary style={{ fontWeight: 600 }}>All results with their calculation</summary>
            <Figures>
                <tbody>
                    {figures.map((figure) => (
                        <tr key={figure.key}>
                            <th scope="row">{figure.label}</th>
                            <td>
                                <Value figure={figure} />
                            </td>
                            <td>
                                {figure.formula} {figure.working}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </Figures>
        </details>
    );
}
