import { useQuery, useQueryClient } from '@tanstack/react-query';
import { type SyntheticEvent, useState } from 'react';
import { Label, TextArea, TextField as Area } from 'react-aria-components';
import styled from 'styled-components';
import { errorOf, messageOf, ProblemError } from '../api/client';
import { service } from '../api/service';
import type { Analyser } from '../api/contract';
import { Button } from '../kit/Button';
import { NotLoaded } from '../kit/NotLoaded';
import { RuledTable } from '../kit/RuledTable';
import { ErrorText, LabelText, TextField } from '../kit/TextField';
import { token } from '../theme/tokens';
import { Sheet } from './Sheet';
import { useKept } from '../away/useKept';

const Lines = styled(Area)`
    display: grid;
    gap: 4px;
    grid-column: 1 / -1;
    textarea {
        min-height: 130px;
        padding: 8px 10px;
        border: 1px solid ${token.edge};
        border-radius: 4px;
        background: ${token.sheet};
        color: ${token.ink};
        font: 500 15px/1.35 ${token.narrow};
    }
`;

const EXAMPLE = '{"volts_12": {"function": 4, "address": 2, "type": "float32", "order": "big", "scale": 1}}';

/** Real analysers on Modbus TCP. No other address is ever spoken to. */
export function Analysers() {
    const client = useQueryClient();
    const query = useQuery({ queryKey: ['analysers'], queryFn: () => service.instrument.analysers() });
    const refresh = () => client.invalidateQueries({ queryKey: ['analysers'] });
    const [said, setSaid] = useState('');
    const remove = async (analyser: Analyser) => {
        try {
            await service.instrument.removeAnalyser(analyser.id);
            await refresh();
        } catch (error) {
            setSaid(messageOf(error));
        }
    };
    return (
        <>
            <NotLoaded what="the instruments" of={query} />
            {(query.data?.analysers ?? []).length > 0 && (
                <RuledTable>
                    <tbody>
                        {query.data?.analysers.map((analyser) => (
                            <tr key={analyser.id}>
                                <th scope="row">{analyser.name}</th>
                                <td>
                                    {analyser.host}, port {analyser.port}, unit {analyser.unit}
                                </td>
                                <td>{Object.keys(analyser.map).join(', ')}</td>
                                <td>
                                    <Button kind="quiet" aria-label={`Remove ${analyser.name}`} onPress={() => void remove(analyser)}>
                                        Remove
                                    </Button>
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </RuledTable>
            )}
            <span role="status">{said}</span>
            <NewAnalyser onDone={refresh} />
        </>
    );
}

function NewAnalyser({ onDone }: { onDone: () => Promise<void> }) {
    const [name, setName] = useKept('analyser:name', '');
    const [host, setHost] = useKept('analyser:host', '');
    const [port, setPort] = useKept('analyser:port', '502');
    const [unit, setUnit] = useKept('analyser:unit', '1');
    const [map, setMap] = useKept('analyser:map', '');
    const [problem, setProblem] = useState<Error | null>(null);
    const at = (path: string) => (problem instanceof ProblemError ? problem.at(path) : undefined);
    const submit = async (event: SyntheticEvent) => {
        event.preventDefault();
        setProblem(null);
        try {
            await service.instrument.storeAnalyser({ name, host, port, unit, map });
            setName('');
            setHost('');
            setPort('502');
            setUnit('1');
            setMap('');
            await onDone();
        } catch (error) {
            setProblem(errorOf(error));
        }
    };
    const bad = at('map');
    return (
        <Sheet onSubmit={(event) => void submit(event)} aria-label="New instrument">
            <h3>New instrument</h3>
            <TextField label="Name" value={name} onChange={setName} error={at('name')} />
            <TextField
                label="Host"
                value={host}
                onChange={setHost}
                error={at('host')}
                hint="the server connects only to addresses listed here"
            />
            <TextField label="Port" value={port} onChange={setPort} error={at('port')} />
            <TextField label="Unit" value={unit} onChange={setUnit} error={at('unit')} />
            <Lines value={map} onChange={setMap} isInvalid={bad !== undefined} validationBehavior="aria">
                <Label>
                    <LabelText>Register map, JSON</LabelText>
                </Label>
                <TextArea placeholder={EXAMPLE} spellCheck={false} />
                {bad !== undefined && <ErrorText slot="errorMessage">{bad}</ErrorText>}
            </Lines>
            <footer>
                <span role="status">{problem?.message ?? ''}</span>
                <Button type="submit">Add instrument</Button>
            </footer>
        </Sheet>
    );
}
