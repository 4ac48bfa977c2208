import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { messageOf } from '../../api/client';
import { service } from '../../api/service';
import type { Analyser, ReadingKind } from '../../api/contract';
import { READINGS } from '../../api/readings';
import { useBench } from '../../bench/BenchContext';
import { Button } from '../../kit/Button';
import { NotLoaded } from '../../kit/NotLoaded';
import { RuledTable } from '../../kit/RuledTable';
import { useRefresh } from '../../readings/useReadings';

type Values = Readonly<Record<string, string>>;

/** What an analyser may be kept as, with the quantities of its map that this wants. */
const KEPT: readonly { kind: ReadingKind; wants: readonly string[] }[] = [
    { kind: 'supply_voltage', wants: ['volts_12', 'volts_23', 'volts_31'] },
    { kind: 'line_current', wants: ['amps_1', 'amps_2', 'amps_3'] },
    { kind: 'power', wants: ['volts_12', 'amps_1', 'watts'] },
];

/** Real analysers that an administrator named, read once on demand and kept as a reading of this circuit. */
export function Analysers() {
    const query = useQuery({ queryKey: ['analysers'], queryFn: () => service.instrument.analysers() });
    const analysers = query.data?.analysers ?? [];
    return analysers.length === 0 ? (
        <NotLoaded what="the instruments of this site" of={query} />
    ) : (
        <RuledTable>
            <caption>Instruments of this site</caption>
            <tbody>
                {analysers.map((analyser) => (
                    <Row key={analyser.id} analyser={analyser} />
                ))}
            </tbody>
        </RuledTable>
    );
}

function Row({ analyser }: { analyser: Analyser }) {
    const { place, readOnly } = useBench();
    const refresh = useRefresh(place?.circuit);
    const [values, setValues] = useState<Values | null>(null);
    const [said, setSaid] = useState('');
    const tried = async (work: () => Promise<void>) => {
        setSaid('');
        try {
            await work();
        } catch (error) {
            setSaid(messageOf(error));
        }
    };
    const read = () =>
        tried(async () => {
            setValues(null);
            setValues((await service.instrument.readAnalyser(analyser.id)).values);
        });
    const keep = (kind: ReadingKind) =>
        tried(async () => {
            const names = new Set(READINGS[kind].fields.map(({ name }) => name));
            const known = Object.fromEntries(Object.entries(values ?? {}).filter(([name]) => names.has(name)));
            await service.reading.storeTyped(place?.circuit ?? 0, {
                kind,
                values: kind === 'power' ? { method: 'volts_amps_watts', ...known } : known,
                instrument: analyser.name,
            });
            await refresh();
            setSaid(`Saved as ${READINGS[kind].label.toLowerCase()}.`);
        });
    return (
        <tr>
            <th scope="row">{analyser.name}</th>
            <td>
                {values === null
                    ? `${analyser.host}, unit ${analyser.unit}`
                    : Object.entries(values)
                          .map(([name, value]) => `${name.replaceAll('_', ' ')} ${value}`)
                          .join(', ')}{' '}
                <span role="status">{said}</span>
            </td>
            <td>
                <Button kind="quiet" aria-label={`Read ${analyser.name}`} onPress={() => void read()}>
                    Read
                </Button>
                {values !== null &&
                    !readOnly &&
                    KEPT.filter(({ wants }) => wants.every((name) => name in values)).map(({ kind }) => (
                        <Button key={kind} kind="quiet" onPress={() => void keep(kind)}>
                            Save as {READINGS[kind].label.toLowerCase()}
                        </Button>
                    ))}
            </td>
        </tr>
    );
}
