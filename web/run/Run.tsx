import { NavLink } from 'react-router';
import styled, { css } from 'styled-components';
import { type Bench, type Correction, type Flow, type StationName, STATIONS, useBench } from '../bench/BenchContext';
import { textAt, typed } from '../bench/circuit';
import { useMoved } from '../bench/useMoved';
import { GradeMark, type GradeName } from '../kit/Grade';
import { Segments } from '../kit/Segments';
import { token } from '../theme/tokens';
import { RunSymbol, type Part } from './RunSymbol';

const Side = styled.nav`
    display: flex;
    flex-direction: column;
    min-height: 100%;
    padding: 12px 0 16px;
    background: ${token.panel};
`;

const Switches = styled.div`
    display: grid;
    gap: 8px;
    margin: 0 16px 8px;
`;

const Parts = styled.ol`
    display: flex;
    flex: 1;
    flex-direction: column;
`;

const rowLook = css`
    display: grid;
    grid-template-columns: 92px 1fr;
    min-height: 72px;
    color: inherit;
    text-decoration: none;
`;

const Row = styled(NavLink)`
    ${rowLook}
    &.active:not([data-part='supply'], [data-part='load']) {
        box-shadow: inset 5px 0 ${token.accent};
        background: ${token.wash};
    }
    &:hover strong {
        text-decoration: underline;
    }
`;

const Flowing = styled.div`
    ${rowLook}
`;

const Words = styled.div`
    display: flex;
    flex-direction: column;
    justify-content: center;
    min-width: 0;
    padding-right: 8px;
    line-height: 1.22;
    strong {
        display: flex;
        gap: 6px;
        align-items: center;
        font-weight: 600;
        font-size: 15px;
    }
    b {
        font-family: ${token.narrow};
        font-weight: 600;
        font-size: 17px;
    }
    span {
        color: ${token.soft};
        font-size: 13px;
    }
`;

const Hot = styled.b<{ $hot: boolean }>`
    && {
        font-size: 28px;
        line-height: 1.1;
    }
    color: ${({ $hot }) => ($hot ? token.hot : 'inherit')};
`;

const Mark = styled.span<{ $moved: boolean }>`
    && {
        color: inherit;
        font-size: inherit;
    }
    transition: box-shadow 150ms;
    ${({ $moved }) => ($moved ? `box-shadow: 0 2px ${token.accent}; background: ${token.wash};` : '')}
`;

interface Line {
    part: Part;
    station: StationName;
    name: string;
    value: string;
    more: string;
}

/** The circuit from supply to shaft; every part leads to its station and carries what is solved for it. */
export function Run({
    base,
    onFlow,
    onCorrection,
    hasAfter,
}: {
    base: string;
    onFlow: (flow: Flow) => void;
    onCorrection: (correction: Correction) => void;
    hasAfter: boolean;
}) {
    const bench = useBench();
    const { solved, flow, correction } = bench;
    const run = solved.solution.curves.run;
    const six = run?.six_leads ?? false;
    const where = run?.phases === 1 ? 'In the line' : 'In each line';
    const starting = flow === 'starting';
    const moment = starting ? bench.moment : null;
    const now = starting ? run?.starting : correction === 'after' && run?.running.after != null ? run.running.after : run?.running.before;
    const lines = parts(bench);
    const cut = lines.findIndex((line) => line.part === 'cable' || line.part === 'load');
    const behindStarter = ['after_controller', 'behind_relay', 'at_motor'].includes(typed(bench.draft, 'correction.place'));
    const render = (line: Line) => {
        const worst = worstOf(bench, line);
        return (
            <li key={line.part}>
                <Row to={`${base}/${line.station}`} end data-part={line.part}>
                    <RunSymbol
                        part={line.part}
                        six={six && (line.part !== 'capacitor' || behindStarter)}
                        hot={starting}
                        phases={run?.phases ?? 3}
                    />
                    <Words>
                        <strong>
                            {line.name}
                            {worst !== null && <GradeMark grade={worst} label={worst} />}
                        </strong>
                        {line.value !== '' && (
                            <b>
                                <Moving text={line.value} />
                            </b>
                        )}
                        {line.more !== '' && (
                            <span>
                                <Moving text={line.more} />
                            </span>
                        )}
                    </Words>
                </Row>
            </li>
        );
    };
    return (
        <Side aria-label="The circuit, from supply to shaft">
            <Switches>
                <Segments
                    label="Show currents"
                    value={flow}
                    onChange={onFlow}
                    options={[
                        { value: 'running', label: 'Running' },
                        { value: 'starting', label: 'Starting' },
                    ]}
                />
                {hasAfter && (
                    <Segments
                        label="Correction"
                        value={correction}
                        onChange={onCorrection}
                        options={[
                            { value: 'before', label: 'Before' },
                            { value: 'after', label: 'Corrected' },
                        ]}
                    />
                )}
            </Switches>
            <Parts>
                {lines.slice(0, cut).map(render)}
                <li>
                    <Flowing>
                        <RunSymbol part="flow" six={six} hot={starting} phases={run?.phases ?? 3} />
                        <Words aria-live="polite">
                            <span>
                                {moment !== null
                                    ? `${where} at ${moment.time.shown}`
                                    : starting
                                      ? `${where} at switch-on`
                                      : `${where}, full load`}
                            </span>
                            <Hot data-figure $hot={starting}>
                                {moment?.line.shown ?? now?.line?.shown ?? '–'}
                            </Hot>
                            {moment !== null && (
                                <span>
                                    {moment.volts.shown} at the motor, {moment.speed.shown}
                                </span>
                            )}
                            {moment === null && six && now?.lead != null && <span>{now.lead.shown} in each lead</span>}
                            {starting && six && run?.starting.direct != null && <span>direct-on-line {run.starting.direct.shown}</span>}
                            {!starting && now !== undefined && 'power_factor' in now && now.power_factor != null && (
                                <span>cos φ {now.power_factor.shown}</span>
                            )}
                        </Words>
                    </Flowing>
                </li>
                {lines.slice(cut).map(render)}
            </Parts>
        </Side>
    );
}

/** Text that is marked for a moment when it changes. */
function Moving({ text }: { text: string }) {
    return (
        <Mark data-figure $moved={useMoved(text)}>
            {text}
        </Mark>
    );
}

function worstOf({ solved }: Bench, line: Line): GradeName | null {
    // The supply shares the plate's station; its own findings are the connection's.
    if (line.part === 'supply' || line.part === 'load') {
        return null;
    }
    const grades = solved.solution.findings.filter((finding) => finding.station === line.station).map((finding) => finding.grade);
    return grades.includes('stop') ? 'stop' : grades.includes('caution') ? 'caution' : null;
}

function parts({ draft, solved, flow, moment, place: kept }: Bench): Line[] {
    const method = solved.text('start.method');
    const run = solved.solution.curves.run;
    const now = flow === 'starting' ? run?.starting : run?.running;
    const seat = solved.text('guard.overload_place');
    const kind = typed(draft, 'load.kind');
    const machine = typed(draft, 'load.machine');
    const fault = solved.figure('guard.prospective_current');
    const device = solved.text('guard.scpd');
    const place = typed(draft, 'correction.place');
    const source = typed(draft, 'supply.source');
    const board = textAt(kept?.settings ?? {}, 'board_feed.board.tag');
    const starTime = solved.first('start.star_time', 'start.reduced_time');
    const drop =
        flow === 'starting'
            ? (solved.figure('cable.total_starting_drop') ?? solved.figure('cable.starting_drop'))
            : (solved.figure('cable.total_drop') ?? solved.figure('cable.voltage_drop'));
    const sets = solved.number('cable.sets') ?? 1;
    const inEach = (solved.number('cable.conductors') ?? 0) / sets;
    const size = solved.figure('cable.size')?.shown;
    const dial = solved.figure('guard.overload_dial')?.shown;
    const placed = place !== '' && place !== 'none';
    const capacitor: Line = {
        part: placed ? 'capacitor' : 'no_capacitor',
        station: 'correct',
        name: placed ? 'Capacitor' : 'No capacitor',
        value: placed ? (solved.figure(run?.phases === 1 ? 'correct.capacitance_delta' : 'correct.capacitor_rating')?.shown ?? '–') : '',
        more: placed
            ? solved.choice('correction.place', place).toLowerCase()
            : solved.figure('plate.power_factor') === undefined
              ? ''
              : `cos φ ${solved.shown('plate.power_factor')}`,
    };
    const supply: Line = {
        part: 'supply',
        station: 'plate',
        name: board !== '' ? `Board ${board}` : source === '' || source === 'mains' ? 'Supply' : solved.choice('supply.source', source),
        value: '',
        more: [
            (solved.figure('plate.supply_voltage') ?? solved.figure('power.voltage'))?.shown ?? 'enter the voltage',
            solved.figure('plate.frequency')?.shown,
            fault?.shown,
        ]
            .filter(Boolean)
            .join(', '),
    };
    // On the bench there is nothing between supply and load.
    if (typed(draft, 'subject') === 'bench_load') {
        const power = solved.figure('power.input')?.shown ?? '–';
        return [supply, { part: 'load', station: 'power', name: 'Load', value: power, more: '' }];
    }
    const line: Line[] = [
        supply,
        {
            part: 'guard',
            station: 'guard',
            name: 'Protection',
            value: solved.first('guard.scpd_rating', 'guard.instantaneous_setting')?.shown ?? '–',
            more: device === undefined ? '' : solved.choice('guard.scpd', device),
        },
        {
            part: run?.drawing ?? 'contactor',
            station: 'start',
            name: 'Starter',
            value:
                (method === undefined ? '–' : solved.choice('starter.method', method)) +
                (run?.refused === true ? ', not possible' : starTime === undefined ? '' : `, ${starTime.shown}`),
            more:
                dial === undefined
                    ? ''
                    : `relay ${dial}${seat === undefined || solved.note('guard.overload_place').unused ? '' : ` ${solved.choice('guard.overload_place', seat).toLowerCase()}`}`,
        },
        {
            part: 'cable',
            station: 'cable',
            name: 'Cable',
            value: size === undefined ? '–' : `${sets > 1 ? `${sets} × ` : ''}${inEach} × ${size}`,
            more: [run?.length ?? 'length not entered', drop === undefined ? '' : `drop ${drop.shown}`].filter(Boolean).join(', '),
        },
        {
            part: 'motor',
            station: 'plate',
            name: 'Motor',
            value: run?.output ?? '–',
            more:
                flow === 'starting' && moment !== null
                    ? `${moment.torque.shown} against ${moment.load.shown}`
                    : [now?.winding == null ? '' : `${now.winding.shown} per winding`, now?.torque?.shown ?? ''].filter(Boolean).join(', '),
        },
        {
            part: 'load',
            station: 'start',
            name: 'Load',
            value: '',
            more: [
                machine !== ''
                    ? solved.choice('load.machine', machine).toLowerCase()
                    : kind === ''
                      ? 'not specified'
                      : solved.choice('load.kind', kind).toLowerCase(),
                typed(draft, 'load.torque_percent') === '' ? '' : `${typed(draft, 'load.torque_percent').replace(/\s*%$/, '')} %`,
                withKgm2(typed(draft, 'load.inertia')),
            ]
                .filter(Boolean)
                .join(', '),
        },
    ];
    // A capacitor stands where it is joined: behind the part that is upstream of it.
    const behind = placed ? line.findIndex(({ station, part }) => UPSTREAM[place] === part || UPSTREAM[place] === station) : -1;
    return behind === -1 ? [...line, capacitor] : [...line.slice(0, behind + 1), capacitor, ...line.slice(behind + 1)];
}

/** The part that is upstream of a capacitor, by its place. */
const UPSTREAM: Readonly<Record<string, Part | StationName>> = {
    board: 'supply',
    before_controller: 'guard',
    after_controller: 'start',
    behind_relay: 'start',
    at_motor: 'cable',
};

/** The station of an address; the first where it names none, nothing where it names one that there is not. */
export const stationOf = (text: string | undefined): StationName | undefined =>
    text === undefined ? 'plate' : STATIONS.find(({ name }) => name === text)?.name;

const withKgm2 = (text: string): string => (text === '' || /[a-z]/i.test(text) ? text : `${text} kg·m²`);
