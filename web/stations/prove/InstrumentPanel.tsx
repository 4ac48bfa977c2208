import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { messageOf } from '../../api/client';
import type { ReadingKind, SimulatedReading } from '../../api/contract';
import { READINGS } from '../../api/readings';
import { useBench } from '../../bench/BenchContext';
import { Button } from '../../kit/Button';
import { Segments } from '../../kit/Segments';
import { token } from '../../theme/tokens';
import { CircuitPoints } from './CircuitPoints';
import { type Point, POINTS } from './points';
import { QuantityTable } from './QuantityTable';

const Face = styled.div`
    display: grid;
    gap: 10px;
    max-width: 760px;
    padding: 14px 16px;
    border: 2px solid ${token.ink};
    border-radius: 6px;
    background: ${token.sheet};
    header {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 14px;
        align-items: baseline;
        justify-content: space-between;
        color: ${token.soft};
    }
    b {
        color: ${token.ink};
    }
`;

const Values = styled.dl`
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(110px, 1fr));
    gap: 6px 16px;
    dt {
        color: ${token.soft};
        font-size: 14px;
    }
    dd {
        font: 600 26px/1.15 ${token.narrow};
        font-variant-numeric: tabular-nums;
        white-space: nowrap;
    }
    small {
        font-size: 15px;
        font-weight: 500;
    }
    &[data-settling] dd {
        opacity: 0.45;
    }
`;

const Bar = styled.div`
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    align-items: center;
`;

const SETTLES_MS = 700;

/** An instrument held to a point of the circuit: choose the point, the reading, see the value settle. */
export function InstrumentPanel({
    read,
    keep,
}: {
    read: (kind: ReadingKind, where: Point['where']) => Promise<SimulatedReading>;
    keep?: (reading: SimulatedReading) => Promise<void>;
}) {
    const { solved, readOnly } = useBench();
    const capacitor = solved.figure('correct.capacitor_rating') !== undefined;
    const [point, setPoint] = useState<Point | null>(POINTS[0] ?? null);
    const [kind, setKind] = useState<ReadingKind>('supply_voltage');
    const [shown, setShown] = useState<SimulatedReading | null>(null);
    const [settling, setSettling] = useState(false);
    const [said, setSaid] = useState('');
    useEffect(() => {
        if (!settling) {
            return;
        }
        const timer = setTimeout(() => setSettling(false), SETTLES_MS);
        return () => clearTimeout(timer);
    }, [settling]);
    const choose = (next: Point) => {
        setPoint(next);
        setKind(next.kinds[0]?.kind ?? 'supply_voltage');
        setShown(null);
        setSaid('');
    };
    const take = async () => {
        setSaid('');
        setShown(null);
        try {
            // Without a capacitor both places in the lines are one.
            setShown(await read(kind, capacitor ? (point?.where ?? null) : point?.where === null ? null : 'motor'));
            setSettling(true);
        } catch (error) {
            setSaid(messageOf(error));
        }
    };
    const store = async () => {
        if (shown === null || keep === undefined) {
            return;
        }
        try {
            await keep(shown);
            setSaid('Saved, marked as simulated.');
        } catch (error) {
            setSaid(messageOf(error));
        }
    };
    const instrument = point?.kinds.find((one) => one.kind === kind)?.instrument;
    return (
        <>
            <CircuitPoints capacitor={capacitor} chosen={point?.name ?? null} onChoose={choose} />
            {point !== null && point.kinds.length > 1 && (
                <Segments
                    label="Quantity"
                    value={kind}
                    options={point.kinds.map((one) => ({ value: one.kind, label: READINGS[one.kind].label }))}
                    onChange={(chosen) => {
                        setKind(chosen);
                        setShown(null);
                        setSaid('');
                    }}
                />
            )}
            <Face>
                <header>
                    <b>{instrument}</b>
                    <span>Simulated reading. It proves nothing about the real circuit.</span>
                </header>
                {shown === null ? (
                    <p>{READINGS[kind].label}: no reading yet.</p>
                ) : (
                    <Values aria-label={`${instrument ?? ''} shows`} {...(settling ? { 'data-settling': true } : {})}>
                        {READINGS[kind].fields
                            .filter(({ name, choices }) => typeof shown.values[name] === 'string' && choices.length === 0)
                            .map((field) => (
                                <div key={field.name}>
                                    <dt>{field.label}</dt>
                                    <dd>
                                        {String(shown.values[field.name])} <small>{field.unit}</small>
                                    </dd>
                                </div>
                            ))}
                    </Values>
                )}
                <Bar>
                    <Button kind="main" isDisabled={readOnly && keep === undefined} onPress={() => void take()}>
                        {shown === null ? 'Read' : 'Read again'}
                    </Button>
                    {keep !== undefined && shown !== null && !settling && !readOnly && <Button onPress={() => void store()}>Save</Button>}
                    <span role="status">{said}</span>
                </Bar>
            </Face>
            {shown?.comparison != null && !settling && (
                <QuantityTable comparison={shown.comparison} caption="Compared with the calculation" />
            )}
        </>
    );
}
