import { useQuery, useQueryClient } from '@tanstack/react-query';
import { type ComponentType, lazy, Suspense, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { service } from '../api/service';
import type { CircuitResource, Solution } from '../api/contract';
import { mayEdit, usePerson } from '../api/session';
import { isAwayError, lastSeen, recall, remember } from '../away/lastSeen';
import { begunHere, isBegunHere, numberOf, onArrival } from '../away/begun';
import { useWarm } from '../carried/useCarrying';
import { Run, stationOf } from '../run/Run';
import { compact, token, wide } from '../theme/tokens';
import { BenchContext, type Correction, type Flow, type StationName, STATIONS } from './BenchContext';
import { ConflictDialog } from './ConflictDialog';
import { useFollow } from './follow';
import { useKeys } from './keys';
import { LeaveContext, useAskBeforeLeaving } from './leave';
import { PlateStrip } from './PlateStrip';
import { SignInAgain } from './SignInAgain';
import { Way } from './Way';
import { useDraft } from './useDraft';
import { toSolve, typed, withValue } from './circuit';
import type { OnScreen } from './parts';
import { Solved, useAhead, useSolution } from './useSolution';
import { WorkingPanel } from './WorkingPanel';
import { content, SkipLink } from '../kit/SkipLink';
import { useMedia } from '../kit/useMedia';
import { Waiting } from '../kit/Waiting';
import { useLate } from './useLate';
import { useOwnScroll } from './useOwnScroll';
import { useReadings, useReadingsMissing } from '../readings/useReadings';

const stations = {
    plate: lazy(() => import('../stations/plate/PlateStation')),
    power: lazy(() => import('../stations/power/PowerStation')),
    start: lazy(() => import('../stations/start/StartStation')),
    cable: lazy(() => import('../stations/cable/CableStation')),
    guard: lazy(() => import('../stations/guard/GuardStation')),
    correct: lazy(() => import('../stations/correct/CorrectStation')),
    prove: lazy(() => import('../stations/prove/ProveStation')),
    sheet: lazy(() => import('../stations/sheet/SheetStation')),
} satisfies Record<StationName, unknown>;

/** What stands beside a station, where there is room, besides findings and calculation. */
const sides: Partial<Record<StationName, ComponentType>> = {
    prove: lazy(() => import('../stations/prove/ProveSide')),
    sheet: lazy(() => import('../stations/sheet/SheetSide')),
};

const Layout = styled.div<{ $working: boolean }>`
    display: grid;
    grid-template:
        'strip strip strip' auto 'run station working' minmax(0, 1fr) 'run bar bar' auto / 264px minmax(0, 1fr)
        ${({ $working }) => ($working ? '312px' : '0')};
    height: 100dvh;
    /* A figure that is older than what was typed is hollow until it is worked out again. */
    &[data-stale] [data-figure] {
        color: ${token.ground};
        -webkit-text-stroke: 1px ${token.soft};
        paint-order: stroke fill;
    }
    @media (forced-colors: active) {
        &[data-stale] [data-figure] {
            color: GrayText;
        }
    }
    @media not all and ${wide} {
        grid-template: 'strip strip' auto 'run station' minmax(0, 1fr) 'run bar' auto / 264px minmax(0, 1fr);
    }
    @media ${compact} {
        grid-template: 'strip' auto 'station' minmax(0, 1fr) 'bar' auto / minmax(0, 1fr);
    }
`;

const RunArea = styled.div`
    grid-area: run;
    overflow: auto;
    background: ${token.panel};
    border-right: 1px solid ${token.rule};
    @media ${compact} {
        display: none;
    }
`;

const StationArea = styled.main.attrs(content)`
    grid-area: station;
    overflow: auto;
`;

const Working = styled.aside`
    grid-area: working;
    overflow: auto;
    border-left: 1px solid ${token.rule};
    background: ${token.sheet};
    /* A sheet over the station alone: the head and the way stay in reach. */
    @media not all and ${wide} {
        grid-area: station;
        z-index: 10;
        border-left: 0;
        border-top: 4px solid ${token.accent};
    }
    &:focus {
        outline: none;
    }
`;

/** In the corner of the sheet, whatever is scrolled below it. */
const CloseArea = styled.div`
    display: none;
    position: sticky;
    top: 0;
    z-index: 1;
    height: 0;
    justify-content: flex-end;
    @media not all and ${wide} {
        display: flex;
    }
`;

const Close = styled.button`
    height: 44px;
    padding: 0 16px;
    border: 0;
    background: ${token.sheet};
    font-weight: 600;
    cursor: pointer;
`;

/** A solution that comes in this time is not drawn as an old one in between. */
const OLD_AFTER_MS = 250;

/** A solution is kept on this device once it has stood for a moment. */
const SEEN_AFTER_MS = 1500;

/** A circuit that was begun on this device goes on under its own number once the service has it. */
function useArrival(id: string, station: StationName | undefined): void {
    const navigate = useNavigate();
    useEffect(() => {
        if (!isBegunHere(id)) {
            return undefined;
        }
        const go = (made: number) => void navigate(`/circuits/${made}/${station ?? 'plate'}`, { replace: true });
        void numberOf(id).then((made) => made !== null && go(made));
        return onArrival((begun, made) => {
            if (`${begun}` === id) {
                go(made);
            }
        });
    }, [id, station, navigate]);
}

/** Opens one circuit. */
export default function BenchPage() {
    const { id = '', station: asked } = useParams();
    const station = stationOf(asked);
    const query = useQuery({
        queryKey: ['circuit', id],
        queryFn: ({ signal }) => (isBegunHere(id) ? begunHere(id) : lastSeen(`circuit:${id}`, () => service.circuit.show(id, signal))),
        staleTime: 0,
        gcTime: 0,
        refetchOnWindowFocus: false,
    });
    useArrival(id, station);
    if (station === undefined) {
        return (
            <Waiting
                title="Unknown station"
                text={`Choose one of: ${STATIONS.map(({ label }) => label).join(', ')}.`}
                back={{ to: `/circuits/${id}/plate`, label: 'To the nameplate' }}
            />
        );
    }
    if (query.isError) {
        return isAwayError(query.error) ? (
            <Waiting
                title="Cannot open this circuit"
                text="Offline. This circuit has not been opened on this device, so no copy is stored here."
                back={{ to: '/', label: 'To the yard' }}
            />
        ) : (
            <Waiting title="Cannot open this circuit" text={query.error.message} />
        );
    }
    return query.data === undefined ? <Waiting title="Opening the circuit…" /> : <Bench key={id} resource={query.data} station={station} />;
}

function Bench({ resource, station }: { resource: CircuitResource; station: StationName }) {
    const readOnly = !mayEdit(usePerson());
    const person = usePerson();
    const draft = useDraft(resource, readOnly, person?.login ?? '');
    const readings = useReadings(resource.id);
    const unread = useReadingsMissing(resource.id);
    const [cursor, setCursor] = useState<number | null>(null);
    const onScreen = useRef<OnScreen>({ station, moment: false });
    onScreen.current = { station, moment: cursor !== null };
    const nowShown = useCallback(() => onScreen.current, []);
    const { solved: now, stale, failed, carried, why } = useSolution(draft.draft, resource.site.settings, readings, nowShown);
    // While the service is away the bench stays as it was, marked, and typing goes on.
    const [solved, setSolved] = useState(now);
    // A station says nothing before all of it is there; where it was opened just now, that is asked for at once.
    if (now !== undefined && now !== solved && (now.has(station) || failed)) {
        setSolved(now);
    }
    const known = solved?.has(station) === true || failed;
    useEffect(() => {
        if (now === undefined || stale || !now.isWhole) {
            return;
        }
        const timer = setTimeout(() => void remember(`solution:${resource.id}`, now.solution), SEEN_AFTER_MS);
        return () => clearTimeout(timer);
    }, [now, stale, resource.id]);
    useEffect(() => {
        if (failed && solved === undefined) {
            void recall<Solution>(`solution:${resource.id}`).then((seen) => {
                if (seen !== null) {
                    setSolved((before) => before ?? new Solved(seen.answer));
                }
            });
        }
    }, [failed, solved, resource.id]);
    useWarm(now !== undefined, () => toSolve(draft.draft, resource.site.settings));
    const old = useLate(stale || failed, OLD_AFTER_MS);
    const [flow, setFlow] = useState<Flow>('running');
    const [correction, setCorrection] = useState<Correction>('before');
    const [working, setWorking] = useState(() => window.matchMedia(wide).matches);
    const navigate = useNavigate();
    const client = useQueryClient();
    const base = `/circuits/${resource.id}`;
    const Station = stations[station];
    const Side = sides[station];
    const hasRoom = useMedia(wide);
    const { leave, question } = useAskBeforeLeaving(draft);
    useFollow();
    const area = useRef<HTMLElement>(null);
    useOwnScroll(area, station);
    const panelArea = useRef<HTMLElement>(null);
    // Where it lies over the station the focus goes in, and comes back to what opened it.
    const opener = useRef<HTMLElement | null>(null);
    const closeWorking = useCallback(() => {
        setWorking(false);
        if (opener.current?.isConnected === true) {
            opener.current.focus();
        }
        opener.current = null;
    }, []);
    const toggleWorking = () => {
        if (working) {
            closeWorking();
            return;
        }
        opener.current = document.activeElement instanceof HTMLElement ? document.activeElement : null;
        setWorking(true);
    };
    // A tablet that is turned: beside the station it stands open, over it it is in the way.
    const had = useRef(hasRoom);
    useEffect(() => {
        if (had.current !== hasRoom) {
            had.current = hasRoom;
            setWorking(hasRoom);
        }
    }, [hasRoom]);
    const covers = working && !hasRoom;
    useEffect(() => {
        if (covers) {
            panelArea.current?.focus();
        }
    }, [covers]);
    useKeys({
        ...(covers ? { Escape: closeWorking } : {}),
        ...Object.fromEntries(STATIONS.map(({ name }, index) => [String(index + 1), () => void navigate(`${base}/${name}`)])),
        w: toggleWorking,
        '/': () => leave(() => void navigate('/', { state: { find: true } })),
        ...(readOnly ? {} : { n: () => leave(() => void navigate('/', { state: { begin: true } })) }),
    });
    useEffect(() => () => void client.invalidateQueries({ queryKey: ['register'] }), [client]);
    const place = useMemo(
        () => ({ circuit: resource.id, site: resource.site.id, settings: resource.site.settings, flush: draft.flush }),
        [resource, draft.flush],
    );
    const ahead = useAhead(resource.site.settings, readings, nowShown);
    const latest = useRef(draft.draft);
    latest.current = draft.draft;
    const change = draft.set;
    const set = useCallback<typeof change>(
        (path, value) => {
            ahead(withValue(latest.current, path, value));
            change(path, value);
        },
        [ahead, change],
    );
    // Whoever moves through the start wants to see what flows then.
    const setMoment = useCallback((index: number | null) => {
        setCursor(index);
        setFlow('starting');
    }, []);
    const points = solved?.solution.curves.start_course?.points;
    const moment = cursor === null || points === undefined ? null : (points[Math.min(cursor, points.length - 1)] ?? null);
    const bench = useMemo(
        () =>
            solved === undefined
                ? null
                : { draft: draft.draft, solved, readOnly, set, flow, correction, moment, setMoment, readings, place },
        [draft.draft, set, solved, readOnly, flow, correction, moment, setMoment, readings, place],
    );
    // Saving draws the strip anew, not the station: these change with the bench alone.
    const shown = useMemo(
        () => (
            <Suspense fallback={null}>
                <Station />
            </Suspense>
        ),
        [Station],
    );
    const hasAfter = solved?.solution.curves.run?.running.after != null;
    const run = useMemo(() => <Run base={base} onFlow={setFlow} onCorrection={setCorrection} hasAfter={hasAfter} />, [base, hasAfter]);
    const label = STATIONS.find(({ name }) => name === station)?.label ?? '';
    const panel = useMemo(
        // Where it lies over the station it would cover the field that it leads to.
        () => (
            <WorkingPanel station={station} onField={() => setWorking(hasRoom)}>
                {hasRoom && Side !== undefined && (
                    <Suspense fallback={null}>
                        <Side />
                    </Suspense>
                )}
            </WorkingPanel>
        ),
        [station, hasRoom, Side],
    );
    if (bench === null) {
        return failed ? (
            <Waiting title="Cannot reach the server" text="Your entries are kept. Reload the page in a moment." />
        ) : (
            <Waiting title="Calculating…" />
        );
    }
    return (
        <LeaveContext.Provider value={leave}>
            <BenchContext.Provider value={bench}>
                <title>{`${typed(draft.draft, 'tag') || 'No tag'}, ${label} – Brave Anvil`}</title>
                <SkipLink />
                <Layout $working={working} {...(old ? { 'data-stale': true } : {})}>
                    <PlateStrip
                        resource={resource}
                        draft={draft}
                        failed={failed}
                        carried={carried}
                        why={why}
                        unread={unread}
                        working={working}
                        onWorking={toggleWorking}
                    />
                    <RunArea>{run}</RunArea>
                    <StationArea ref={area}>{known && shown}</StationArea>
                    {working && (
                        <Working aria-label="Findings and calculation" tabIndex={0} ref={panelArea}>
                            <CloseArea>
                                <Close type="button" onClick={closeWorking}>
                                    Close
                                </Close>
                            </CloseArea>
                            {known && panel}
                        </Working>
                    )}
                    <Way base={base} hasAfter={hasAfter} onFlow={setFlow} onCorrection={setCorrection} />
                </Layout>
                <ConflictDialog draft={draft} />
                <SignInAgain draft={draft} login={person?.login ?? ''} />
                {question}
            </BenchContext.Provider>
        </LeaveContext.Provider>
    );
}
