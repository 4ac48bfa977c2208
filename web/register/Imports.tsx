import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import styled from 'styled-components';
import { messageOf } from '../api/client';
import { service } from '../api/service';
import type { Import } from '../api/contract';
import { isAwayError } from '../away/lastSeen';
import { Button } from '../kit/Button';
import { ListSection } from '../kit/ListPage';
import { Segments } from '../kit/Segments';
import { token } from '../theme/tokens';
import { ImportView } from './ImportView';

const Bar = styled.div`
    display: flex;
    flex-wrap: wrap;
    gap: 12px 18px;
    align-items: center;
`;

const Past = styled.ol`
    li {
        padding: 8px 0;
        border-top: 1px solid ${token.rule};
    }
`;

const EVERY_MS = 1500;

const STATES: Readonly<Record<Import['state'], string>> = {
    reading: 'being read',
    preview: 'ready to check',
    applying: 'being written',
    done: 'done',
    cancelled: 'cancelled',
    failed: 'not readable',
};

/** Files in: sent, read by the workers, looked at, and written only then. */
export function Imports({ site }: { site: string }) {
    const client = useQueryClient();
    const input = useRef<HTMLInputElement>(null);
    const [what, setWhat] = useState<'circuits' | 'readings'>('circuits');
    const [opened, setOpened] = useState<number | null>(null);
    const [problem, setProblem] = useState('');
    const [busy, setBusy] = useState(false);
    const [unsent, setUnsent] = useState<File | null>(null);
    const key = ['imports', site];
    const past = useQuery({
        queryKey: key,
        queryFn: () => service.register.index(site),
        // While the workers are at one of them its state moves.
        refetchInterval: ({ state }) =>
            state.data?.imports.some((one) => one.state === 'reading' || one.state === 'applying') === true ? EVERY_MS : false,
    });
    const begin = async (file: File) => {
        setProblem('');
        setUnsent(null);
        setBusy(true);
        try {
            const begun = await service.register.begin(site, { what, name: file.name }, file);
            setOpened(begun.id);
            await client.invalidateQueries({ queryKey: key });
        } catch (error) {
            setProblem(messageOf(error));
            setUnsent(isAwayError(error) ? file : null);
        }
        setBusy(false);
    };
    return (
        <ListSection aria-label="Import">
            <h2>Import</h2>
            <p>
                A workbook (XLSX or ODS) or a CSV table with a head for each field, or JSON with one circuit per line. The file is read and
                shown first; nothing is written until you confirm. At most 20 000 rows.
            </p>
            <Bar>
                <Segments
                    label="Content of the file"
                    value={what}
                    options={[
                        { value: 'circuits', label: 'Circuits' },
                        { value: 'readings', label: 'Readings' },
                    ]}
                    onChange={setWhat}
                />
                <Button kind="main" isDisabled={busy} onPress={() => input.current?.click()}>
                    Choose a file
                </Button>
                <input
                    ref={input}
                    type="file"
                    hidden
                    aria-label="File to read"
                    accept=".xlsx,.ods,.csv,.txt,.json,.jsonl,text/csv,application/json"
                    onChange={(event) => {
                        const file = event.target.files?.[0];
                        event.target.value = '';
                        if (file !== undefined) {
                            void begin(file);
                        }
                    }}
                />
                <span role="status">{busy ? 'Sending the file…' : ''}</span>
            </Bar>
            {problem !== '' && <p role="alert">{problem}</p>}
            {unsent !== null && (
                <p>
                    <Button onPress={() => void begin(unsent)}>Send {unsent.name} again</Button>
                </p>
            )}
            {opened !== null && <ImportView key={opened} id={opened} onMoved={() => void client.invalidateQueries({ queryKey: key })} />}
            {(past.data?.imports.length ?? 0) > 0 && (
                <Past aria-label="Imports so far">
                    {past.data?.imports.map((one) => (
                        <li key={one.id}>
                            <Button kind="quiet" onPress={() => setOpened(one.id)}>
                                {one.name}
                            </Button>{' '}
                            {STATES[one.state]}, {one.by}, {one.at.slice(0, 10)}
                            {one.applied > 0 && `, ${one.applied} written`}
                        </li>
                    ))}
                </Past>
            )}
        </ListSection>
    );
}
