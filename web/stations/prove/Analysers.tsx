import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../../api/client';
import type { AnalysersAnswer } from '../../api/contract';
import { Button } from '../../kit/Button';
import { RuledTable } from '../../kit/RuledTable';

/** Real analysers that an administrator named, read once on demand. */
export function Analysers() {
    const query = useQuery({ queryKey: ['analysers'], queryFn: () => call<AnalysersAnswer>('GET', 'analysers') });
    const [shown, setShown] = useState<Readonly<Record<number, string>>>({});
    const analysers = query.data?.analysers ?? [];
    if (analysers.length === 0) {
        return null;
    }
    const read = async (id: number) => {
        const say = (text: string) => setShown((before) => ({ ...before, [id]: text }));
        say('Reading.');
        try {
            const { values } = await call<{ values: Record<string, string> }>('POST', `analysers/${id}/read`);
            say(
                Object.entries(values)
                    .map(([name, value]) => `${name.replaceAll('_', ' ')} ${value}`)
                    .join(', '),
            );
        } catch (error) {
            say(error instanceof Error ? error.message : 'The service does not answer.');
        }
    };
    return (
        <RuledTable>
            <caption>Analysers of this house</caption>
            <tbody>
                {analysers.map((analyser) => (
                    <tr key={analyser.id}>
                        <th scope="row">{analyser.name}</th>
                        <td>{shown[analyser.id] ?? `${analyser.host}, unit ${analyser.unit}`}</td>
                        <td>
                            <Button kind="quiet" aria-label={`Read ${analyser.name}`} onPress={() => void read(analyser.id)}>
                                Read
                            </Button>
                        </td>
                    </tr>
                ))}
            </tbody>
        </RuledTable>
    );
}
