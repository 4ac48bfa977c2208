import { useState } from 'react';
import styled from 'styled-components';
import type { WiringCurve } from '../../../api/contract';
import { useBench } from '../../../bench/BenchContext';
import { Pictures } from '../../../bench/StationPage';
import { Segments } from '../../../kit/Segments';
import { Select } from '../../../kit/Select';
import { useExtra } from '../../../bench/useExtra';
import { BoxPicture } from './BoxPicture';
import { ControlCircuit } from './ControlCircuit';
import { LeadsWizard } from './LeadsWizard';
import { OnePhaseWiring } from './OnePhaseWiring';
import { PowerCircuit } from './PowerCircuit';
import { ReversingView } from './ReversingView';
import { Say } from './Say';
import { SequencePicture } from './SequencePicture';
import { TerminalOhms } from './TerminalOhms';

type Part = 'starter' | 'directions' | 'links' | 'crossed' | 'unmarked';

const PARTS: readonly { value: Part; label: string }[] = [
    { value: 'starter', label: 'Starter' },
    { value: 'directions', label: 'Both directions' },
    { value: 'links', label: 'Terminal box' },
    { value: 'crossed', label: 'Crossed leads' },
    { value: 'unmarked', label: 'Unmarked leads' },
];

const Ends = styled.div`
    display: flex;
    flex-wrap: wrap;
    gap: 14px;
    > * {
        min-width: 130px;
    }
`;

/** How motor and starter are wired, drawn for the terminals, names and colours of this site. */
export function WiringView() {
    const { solved } = useBench();
    const { curves, waiting, failed } = useExtra('wiring');
    const [part, setPart] = useState<Part>('starter');
    const star = solved.word('star', 'star');
    const wiring = curves?.wiring;
    if (curves?.one_phase_wiring !== undefined) {
        return (
            <>
                <OnePhaseWiring wiring={curves.one_phase_wiring} />
                <Isolate />
            </>
        );
    }
    if (wiring === undefined) {
        return (
            <p role="status">
                {waiting ? 'Drawing…' : failed ? 'Cannot reach the server. Your entries are kept.' : 'Enter the supply voltage first.'}
            </p>
        );
    }
    return (
        <>
            <Segments label="Wiring views" value={part} options={PARTS} onChange={setPart} />
            {part === 'starter' && <Starter wiring={wiring} star={star} />}
            {part === 'directions' && <ReversingView wiring={wiring} star={star} />}
            {part === 'links' && <Links wiring={wiring} />}
            {part === 'crossed' && <Crossed wiring={wiring} star={star} />}
            {part === 'unmarked' && <LeadsWizard />}
            <Isolate />
        </>
    );
}

const Isolate = () => (
    <p>
        Before you open the box: isolate, lock off and prove dead with a tester you have checked on a known live source before and after.
        Discharge capacitors. Follow local rules; licensed persons only.
    </p>
);

function Starter({ wiring, star }: { wiring: WiringCurve; star: string }) {
    return (
        <>
            <PowerCircuit wiring={wiring} star={star} />
            <ControlCircuit wiring={wiring} star={star} />
            <SequencePicture wiring={wiring} />
        </>
    );
}

function Links({ wiring }: { wiring: WiringCurve }) {
    const now = wiring.boxes.find((box) => box.now);
    const [picked, setPicked] = useState<string | null>(null);
    const [found, setFound] = useState('');
    const box = wiring.boxes.find((one) => one.key === picked) ?? now ?? wiring.boxes[0];
    const verdict = wiring.found.find((one) => one.found === found);
    return (
        <>
            <Pictures $columns="minmax(0, 1fr) minmax(0, 1fr)">
                <div>
                    <Select
                        label="Leads and connection"
                        value={box?.key ?? ''}
                        options={wiring.boxes.map((one) => ({ value: one.key, label: one.title + (one.now ? ': this motor here' : '') }))}
                        onChange={setPicked}
                    />
                    {box !== undefined && <BoxPicture wiring={wiring} box={box} />}
                </div>
                {wiring.found.length > 0 && (
                    <div>
                        <Select
                            label="Links as found"
                            value={found}
                            options={[
                                { value: '', label: 'Not checked yet' },
                                ...wiring.found.map((one) => ({ value: one.found, label: one.name })),
                            ]}
                            onChange={setFound}
                        />
                        {verdict !== undefined && (
                            <Say $bad={!verdict.right} role="status">
                                <b>
                                    {verdict.right ? 'Correct' : 'Not correct'}: {verdict.winding} on each winding
                                </b>
                                {verdict.says}
                            </Say>
                        )}
                    </div>
                )}
            </Pictures>
        </>
    );
}

function Crossed({ wiring, star }: { wiring: WiringCurve; star: string }) {
    const right = wiring.crossed[0];
    const [lines, setLines] = useState<readonly string[]>(right?.lines ?? []);
    const [turned, setTurned] = useState('');
    const case_ = wiring.crossed.find((one) => one.lines.join() === lines.join());
    const names = wiring.phases.map((phase) => phase.name);
    const choose = (winding: number, name: string) => {
        // The line that stood here goes where the chosen one was: every line stays in use once.
        const swap = lines.indexOf(name);
        setLines(lines.map((line, index) => (index === winding ? name : index === swap ? (lines[winding] ?? line) : line)));
    };
    return (
        <>
            <p>
                The starts {wiring.starts.join(', ')} are on {names.join(', ')}. Which line does the delta contactor connect to each end?
            </p>
            <Ends>
                {wiring.ends.map((end, winding) => (
                    <Select
                        key={end}
                        label={`At ${end}`}
                        value={lines[winding] ?? ''}
                        options={names.map((name) => ({ value: name, label: name }))}
                        onChange={(name) => choose(winding, name)}
                    />
                ))}
                <Select
                    label="Start and end swapped"
                    value={turned}
                    options={[
                        { value: '', label: 'none' },
                        ...wiring.starts.map((start, index) => ({ value: start, label: `${start} and ${wiring.ends[index] ?? ''}` })),
                    ]}
                    onChange={setTurned}
                />
            </Ends>
            {turned !== '' && (
                <Say $bad role="status">
                    <b>{wiring.exchanged.says}</b>
                    {wiring.exchanged.shown_by}
                </Say>
            )}
            {turned === '' && case_ !== undefined && (
                <Say $bad={case_.does !== 'runs'} role="status">
                    <b>{case_.says}</b>
                    {wiring.starts
                        .map((start, index) => `${start}–${wiring.ends[index] ?? ''} ${case_.volts[index] ?? ''}`)
                        .join(', ')}. {case_.shown_by}
                </Say>
            )}
            <TerminalOhms wiring={wiring} star={star} />
        </>
    );
}
