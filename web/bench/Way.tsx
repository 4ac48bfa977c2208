import { useEffect, useRef } from 'react';
import { NavLink, useLocation } from 'react-router';
import styled from 'styled-components';
import { type FieldPath, FIELDS } from '../api/contract';
import { GradeMark, type GradeName, plural } from '../kit/Grade';
import { Unseen } from '../kit/Unseen';
import { compact, token } from '../theme/tokens';
import { answers } from './answers';
import { type Correction, type Flow, STATIONS, type StationName, useBench } from './BenchContext';
import { stationOfField } from './follow';

const Bar = styled.nav`
    position: relative;
    grid-area: bar;
    display: flex;
    overflow-x: auto;
    border-top: 1px solid ${token.rule};
    background: ${token.panel};
    @media ${compact} {
        height: 56px;
        scrollbar-width: none;
    }
`;

const Stop = styled(NavLink)`
    position: relative;
    display: flex;
    flex: 1 0 auto;
    gap: 7px;
    align-items: center;
    justify-content: center;
    min-height: 52px;
    padding: 0 6px;
    border-right: 1px solid ${token.rule};
    color: inherit;
    font-weight: 600;
    text-decoration: none;
    white-space: nowrap;
    &.active {
        box-shadow: inset 0 4px ${token.accent};
        background: ${token.ground};
        color: ${token.accent};
    }
    @media ${compact} {
        flex-direction: column;
        gap: 0;
        min-width: 68px;
        min-height: 55px;
        padding: 4px 9px 2px;
    }
`;

const Number = styled.span`
    display: grid;
    place-items: center;
    width: 26px;
    height: 26px;
    border: 1px solid ${token.edge};
    border-radius: 50%;
    font-size: 13px;
    @media ${compact} {
        display: none;
    }
`;

const Name = styled.span`
    display: inline-flex;
    gap: 5px;
    align-items: center;
    @media ${compact} {
        font-size: 13px;
        line-height: 1.3;
    }
`;

const Answer = styled.b`
    display: none;
    color: ${token.ink};
    font: 600 15px/1.25 ${token.narrow};
    @media ${compact} {
        display: block;
        min-height: 19px;
    }
`;

const Flowing = styled.button<{ $hot: boolean }>`
    position: relative;
    display: none;
    flex: none;
    flex-direction: column;
    align-items: center;
    justify-content: center;
    min-width: 76px;
    padding: 4px 9px 2px;
    border: 0;
    border-right: 1px solid ${token.rule};
    background: ${token.sheet};
    font-size: 13px;
    line-height: 1.3;
    cursor: pointer;
    b {
        color: ${({ $hot }) => ($hot ? token.hot : token.ink)};
        font: 600 15px/1.25 ${token.narrow};
        white-space: nowrap;
    }
    @media ${compact} {
        display: flex;
    }
`;

/** The way along the stations in the order of the work: each with its name, what was found there and, where the run has no room, its answer. */
export function Way({
    base,
    hasAfter,
    onFlow,
    onCorrection,
}: {
    base: string;
    /** Whether there are currents after correction to be shown. */
    hasAfter: boolean;
    onFlow: (flow: Flow) => void;
    onCorrection: (correction: Correction) => void;
}) {
    const bench = useBench();
    const { solution } = bench.solved;
    const { pathname } = useLocation();
    const bar = useRef<HTMLElement>(null);
    useEffect(() => {
        const here = bar.current?.querySelector<HTMLElement>('.active');
        if (bar.current !== null && here != null) {
            bar.current.scrollLeft = here.offsetLeft - (bar.current.clientWidth - here.offsetWidth) / 2;
        }
    }, [pathname]);
    const answer = answers(bench);
    return (
        <Bar aria-label="Stations" ref={bar}>
            {solution.curves.run !== undefined && <FlowSwitch hasAfter={hasAfter} onFlow={onFlow} onCorrection={onCorrection} />}
            {STATIONS.map(({ name, label }, index) => {
                const found = solution.findings.filter((finding) => finding.station === name && finding.grade !== 'note');
                // The gravest stand first.
                const worst = found[0]?.grade;
                const bad = pathname === `${base}/${name}` ? 0 : unread(solution.errors, name);
                return (
                    <Stop key={name} to={`${base}/${name}`} data-name={label}>
                        <Number aria-hidden="true">{index + 1}</Number>
                        <Name>
                            {label}
                            {worst !== undefined && <Findings grade={worst} count={found.length} />}
                            {bad > 0 && (
                                <>
                                    <span aria-hidden="true">✕</span>
                                    <Unseen>, {plural(bad, 'field')} with errors</Unseen>
                                </>
                            )}
                        </Name>
                        <Answer data-figure>{answer[name] || '–'}</Answer>
                    </Stop>
                );
            })}
        </Bar>
    );
}

/** How much was found, by its mark for eyes and in words for ears. */
function Findings({ grade, count }: { grade: GradeName; count: number }) {
    return (
        <>
            <GradeMark grade={grade} />
            <span aria-hidden="true" title={`${plural(count, 'finding')}, worst: ${grade}`}>
                {count}
            </span>
            <Unseen>
                , {plural(count, 'finding')}, worst: {grade}
            </Unseen>
        </>
    );
}

/** What flows in each line, and a touch for the next: running, corrected, starting. */
function FlowSwitch({
    hasAfter,
    onFlow,
    onCorrection,
}: {
    hasAfter: boolean;
    onFlow: (flow: Flow) => void;
    onCorrection: (correction: Correction) => void;
}) {
    const { solved, flow, correction, moment } = useBench();
    const run = solved.solution.curves.run;
    const corrected = flow === 'running' && correction === 'after' && hasAfter;
    const next = () => {
        if (flow === 'running' && hasAfter && correction === 'before') {
            onCorrection('after');
            return;
        }
        onCorrection('before');
        onFlow(flow === 'running' ? 'starting' : 'running');
    };
    const line = flow === 'starting' ? (moment?.line ?? run?.starting.line) : (corrected ? run?.running.after : run?.running.before)?.line;
    return (
        <Flowing type="button" $hot={flow === 'starting'} onClick={next}>
            <Unseen>In each line, </Unseen>
            {flow === 'starting' ? 'starting' : corrected ? 'corrected' : 'running'}
            <b>{line?.shown ?? '–'}</b>
        </Flowing>
    );
}

const unread = (errors: readonly { path: string; kind: string }[], station: StationName): number =>
    errors.filter(({ path, kind }) => kind !== 'missing' && path in FIELDS && stationOfField(path as FieldPath) === station).length;
