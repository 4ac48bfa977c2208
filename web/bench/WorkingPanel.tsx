import { type ReactNode, useMemo } from 'react';
import { Link, useLocation, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { FIELDS, type Figure, type Finding, type Origin } from '../api/contract';
import { GradeTag } from '../kit/Grade';
import { token } from '../theme/tokens';
import { STATIONS, type StationName, useBench } from './BenchContext';
import { stationOfField, type Target, viewOf } from './follow';
import { LearnedRows, WithLearned } from './Learned';
import type { Solved } from './useSolution';

const Panel = styled.div`
    display: grid;
    gap: 12px;
    align-content: start;
    padding: 16px 18px 32px;
    h2 {
        font-size: 17px;
        font-weight: 600;
    }
`;

const Card = styled.li<{ $grade: Finding['grade'] }>`
    display: grid;
    gap: 3px;
    padding: 8px 10px;
    border-left: 4px solid ${({ $grade }) => token[$grade]};
    background: ${({ $grade }) => token[`${$grade}Wash`]};
    font-size: 15px;
    line-height: 1.32;
    strong {
        display: flex;
        gap: 7px;
        align-items: baseline;
        font-weight: 600;
    }
    em {
        font-style: normal;
        font-weight: 600;
    }
    small {
        color: ${token.soft};
        font-size: 13px;
    }
`;

const List = styled.ul`
    display: grid;
    gap: 9px;
`;

const Steps = styled.dl`
    border-top: 1px solid ${token.rule};
    > div {
        padding: 8px 0;
        border-bottom: 1px solid ${token.rule};
    }
    dt {
        display: flex;
        flex-wrap: wrap;
        justify-content: space-between;
        gap: 0 10px;
        font-size: 15px;
    }
    dt b {
        font-family: ${token.narrow};
        font-weight: 600;
        font-size: 18px;
        line-height: 1.2;
    }
    b[data-assumed] {
        text-decoration: underline dotted;
        text-underline-offset: 4px;
    }
    dd {
        font-size: 14px;
        line-height: 1.35;
        overflow-wrap: anywhere;
    }
    sub {
        font-size: 0.75em;
        line-height: 0;
    }
    dd.numbers {
        font-family: ${token.narrow};
        font-weight: 500;
    }
    dd.source {
        color: ${token.soft};
        font-size: 13px;
    }
    > div:focus {
        outline: none;
        box-shadow: inset 4px 0 ${token.accent};
        background: ${token.wash};
    }
    dd.from {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0 10px;
        color: ${token.soft};
        font-size: 13px;
    }
    dd.from a {
        display: inline-flex;
        align-items: center;
        min-height: 28px;
        color: ${token.accent};
    }
    @media (pointer: coarse) {
        dd.from a {
            min-height: ${token.touch};
        }
    }
    dd.assumed {
        color: ${token.caution};
        font-size: 13px;
    }
`;

const Others = styled.ul`
    a {
        display: flex;
        gap: 7px;
        align-items: baseline;
        min-height: 36px;
        padding: 6px 0;
        border-top: 1px solid ${token.rule};
        color: inherit;
        font-size: 15px;
        line-height: 1.3;
        text-decoration: none;
    }
    a:hover span {
        text-decoration: underline;
    }
    @media (pointer: coarse) {
        a {
            min-height: 44px;
        }
    }
`;

const Elsewhere = styled.p`
    color: ${token.soft};
    font-size: 14px;
`;

// Typed values and steps that only serve others need no line of their own.
const HIDDEN = new Set(['plate.pair', 'plate.supply_voltage', 'start.method', 'guard.scpd', 'guard.overload_place']);

/** Views that have figures of their own: which, by the start of their keys. */
const OF_VIEW: Readonly<Record<string, readonly string[]>> = {
    measure: ['measured.'],
    phasors: ['measured.', 'power.power_factor', 'power.voltage', 'power.plate_current', 'power.computed_current'],
    windings: ['windings.'],
    waveform: [],
};

/** Findings first, then every figure of the station with its formula, numbers, source and assumptions. */
export function WorkingPanel({
    station,
    onField,
    children,
}: {
    station: StationName;
    onField?: () => void;
    /** What a station has to say there before all else. */
    children?: ReactNode;
}) {
    const { solved } = useBench();
    const view = useSearchParams()[0].get('view') ?? '';
    // A key press changes the draft at once and the solution later: only the latter is drawn here.
    const content = useMemo(
        () => <Content station={station} onField={onField} solved={solved} view={view} />,
        [station, onField, solved, view],
    );
    return (
        <Panel>
            {children}
            {content}
        </Panel>
    );
}

function Content({
    station,
    onField,
    solved,
    view,
}: {
    station: StationName;
    onField: (() => void) | undefined;
    solved: Solved;
    view: string;
}) {
    const circuit = useLocation().pathname.split('/').slice(0, 3).join('/');
    const here = solved.solution.findings.filter((finding) => finding.station === station);
    const others = STATIONS.filter(({ name }) => name !== station)
        .map(({ name, label }) => ({ name, label, found: solved.solution.findings.filter((finding) => finding.station === name) }))
        .filter(({ found }) => found.some(({ grade }) => grade !== 'note'));
    const starts = OF_VIEW[view];
    const figures = solved.solution.figures.filter(
        (figure) =>
            figure.station === station &&
            !HIDDEN.has(figure.key) &&
            // The chain shows all but what other views have to themselves.
            (starts === undefined ? !/^(measured|windings)\./.test(figure.key) : starts.some((start) => figure.key.startsWith(start))),
    );
    return (
        <>
            {here.length > 0 && (
                <>
                    <h2>Findings</h2>
                    <List>
                        {here.map((finding) => (
                            <FindingCard key={finding.code} finding={finding} />
                        ))}
                    </List>
                </>
            )}
            {others.length > 0 && (
                <section aria-label="On other stations">
                    <h2>On other stations</h2>
                    <Others>
                        {others.map(({ name, label, found }) =>
                            found
                                .filter(({ grade }) => grade !== 'note')
                                .map((finding) => (
                                    <li key={`${name} ${finding.code}`}>
                                        <Link to={{ pathname: `${circuit}/${name}` }} onClick={onField}>
                                            <GradeTag grade={finding.grade} />
                                            <span>
                                                <b>{label}</b>, {finding.title}
                                            </span>
                                        </Link>
                                    </li>
                                )),
                        )}
                    </Others>
                </section>
            )}
            {figures.length === 0 ? (
                <Elsewhere>
                    {view === 'waveform'
                        ? 'Results from a file are shown next to its graph, with the samples used.'
                        : station === 'sheet'
                          ? 'The file sheet shows the calculation of every result.'
                          : 'Results appear here with their formula, numbers and source.'}
                </Elsewhere>
            ) : (
                <WithLearned heading="How it is calculated">
                    <Steps>
                        {figures.map((figure) => (
                            <WorkingStep key={figure.key} figure={figure} solved={solved} onField={onField} />
                        ))}
                    </Steps>
                </WithLearned>
            )}
        </>
    );
}

export function FindingCard({ finding }: { finding: Finding }) {
    return (
        <Card $grade={finding.grade}>
            <strong>
                <GradeTag grade={finding.grade} />
                {finding.title}
            </strong>
            <span>{finding.text}</span>
            {finding.action !== '' && <em>{finding.action}</em>}
            {finding.source !== '' && <small>{finding.source}</small>}
        </Card>
    );
}

function WorkingStep({ figure, solved, onField }: { figure: Figure; solved: Solved; onField: (() => void) | undefined }) {
    const site = useBench().place?.site;
    return (
        <div id={`figure-${figure.key}`} tabIndex={-1}>
            <dt>
                <span>{figure.label}</span>
                <b {...(figure.assumed ? { 'data-assumed': true } : {})}>{figure.shown}</b>
            </dt>
            {figure.formula !== '' && <dd>{subscripts(figure.formula)}</dd>}
            {figure.working !== '' && <dd className="numbers">{figure.working}</dd>}
            <Lineage from={figure.from} here={figure.station} solved={solved} onField={onField} />
            {figure.source !== '' && <dd className="source">{figure.source}</dd>}
            {figure.assumed && <dd className="assumed">assumed: {figure.assumptions.join('; ')}</dd>}
            <LearnedRows figure={figure.key} />
            {figure.corrected && <dd className="assumed">uses a table value corrected by this site</dd>}
            {figure.uncertain !== null && (
                <dd className="assumed">
                    table value not verified: {figure.uncertain}
                    {figure.uncertain_entry !== null && site !== undefined && (
                        <>
                            {'. '}
                            <Link to={`/sites/${site}/tables`}>Check it against the printed code</Link>
                        </>
                    )}
                </dd>
            )}
        </div>
    );
}

/** What was put in, each leading to its own working or to the field where it is typed. */
function Lineage({
    from,
    here,
    solved,
    onField,
}: {
    from: readonly Origin[];
    here: StationName;
    solved: Solved;
    onField: (() => void) | undefined;
}) {
    const { pathname, search } = useLocation();
    const circuit = pathname.split('/').slice(0, 3).join('/');
    const links = new Map<string, { label: string; station: StationName; to: Target }>();
    for (const { figure, field } of from) {
        const found = figure === undefined ? undefined : solved.figure(figure);
        if (found !== undefined) {
            links.set(found.key, { label: found.label, station: found.station, to: { figure: found.key } });
        } else if (field !== undefined) {
            const station = stationOfField(field);
            if (station !== undefined) {
                links.set(field, { label: `${FIELDS[field].label}, entered`, station, to: { field } });
            }
        }
    }
    return links.size === 0 ? null : (
        <dd className="from">
            from
            {[...links].map(([key, { label, station, to }]) => (
                <Link
                    key={key}
                    {...('field' in to && onField !== undefined ? { onClick: onField } : {})}
                    to={{ pathname: `${circuit}/${station}`, search: viewOf(to) ?? (station === here ? search : '') }}
                    state={{ to }}
                    replace
                >
                    {label}
                </Link>
            ))}
        </dd>
    );
}

/** `I_n` as a letter with its subscript. */
function subscripts(formula: string) {
    return formula.split(/_(\w+)/).map((part, index) => (index % 2 === 1 ? <sub key={index}>{part}</sub> : part));
}
