import type { ReactNode } from 'react';
import { Link, useLocation } from 'react-router';
import styled from 'styled-components';
import { type FieldPath, FIELDS, type Figure, type FigureKey } from '../api/contract';
import { parts } from '../kit/show';
import { narrow, token } from '../theme/tokens';
import { useMoved } from './useMoved';
import { STATIONS, type StationName, useBench } from './BenchContext';
import { stationOfField, viewOf } from './follow';

const Page = styled.section`
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 16px;
    align-content: start;
    max-width: 900px;
    padding: 16px 24px 32px;
    @media ${narrow} {
        padding: 12px 14px 28px;
    }
`;

const Head = styled.header`
    h1 {
        font-size: 22px;
        font-weight: 600;
        line-height: 1.25;
    }
    p {
        color: ${token.soft};
        font-size: 16px;
    }
`;

const Line = styled.dl`
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(140px, 1fr));
    gap: 4px 18px;
    padding: 8px 0;
    border-top: 2px solid ${token.ink};
    border-bottom: 1px solid ${token.rule};
    > div {
        display: flex;
        flex-direction: column-reverse;
        justify-content: flex-end;
    }
    dt {
        color: ${token.soft};
        font-size: 14px;
        line-height: 1.25;
    }
    dd {
        font-family: ${token.narrow};
        font-weight: 600;
        font-size: 30px;
        line-height: 1.15;
        white-space: nowrap;
    }
`;

const Wants = styled.ul`
    display: grid;
    gap: 8px;
    padding: 12px 0;
    border-top: 2px solid ${token.ink};
    border-bottom: 1px solid ${token.rule};
    li {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 14px;
        align-items: center;
    }
    a {
        display: inline-flex;
        align-items: center;
        min-height: 44px;
        padding: 0 14px;
        border: 1px solid ${token.accent};
        border-radius: 4px;
        color: ${token.accent};
        font-weight: 600;
        text-decoration: none;
        white-space: nowrap;
    }
`;

const Number = styled.span<{ $assumed: boolean; $moved: boolean }>`
    transition: box-shadow 150ms;
    ${({ $moved }) => ($moved ? `box-shadow: inset 0 -0.42em ${token.wash}, 0 3px ${token.accent};` : '')}
    ${({ $assumed }) => ($assumed ? 'text-decoration: underline dotted 2px; text-underline-offset: 5px;' : '')}
`;

const Unit = styled.small`
    font-size: 17px;
    font-weight: 500;
`;

export const Fields = styled.div`
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(164px, 1fr));
    gap: 12px 14px;
    padding-top: 14px;
    border-top: 1px solid ${token.rule};
`;

export const Pictures = styled.div<{ $columns?: string }>`
    display: grid;
    grid-template-columns: ${({ $columns }) => $columns ?? '1fr'};
    gap: 24px;
    align-items: start;
    @media ${narrow} {
        grid-template-columns: 1fr;
    }
`;

/** A figure's value, dotted where it rests on something assumed. */
export function Value({ figure }: { figure: Figure | undefined }) {
    const moved = useMoved(figure?.shown ?? '');
    if (figure === undefined) {
        return <>–</>;
    }
    const [value, unit] = parts(figure.shown);
    return (
        <>
            <Number
                data-figure
                $assumed={figure.assumed}
                $moved={moved}
                {...(figure.assumed ? { title: `assumed: ${figure.assumptions.join(', ')}` } : {})}
            >
                {value}
            </Number>
            {unit !== '' && (
                <Unit>
                    {'\u00A0'}
                    {unit}
                </Unit>
            )}
        </>
    );
}

export interface LargeFigure {
    figure: FigureKey;
    label: string;
}

/** One station: its outcome in a sentence, a ruled line of at most four large figures, pictures, inputs. */
export function StationPage({ name, large, children }: { name: StationName; large?: readonly LargeFigure[]; children: ReactNode }) {
    const { solved } = useBench();
    return (
        <Page aria-labelledby="station-title">
            <Head>
                <h1 id="station-title" tabIndex={-1}>
                    {STATIONS.find((station) => station.name === name)?.label}
                </h1>
                <p aria-live="polite">{solved.solution.sentences[name]}</p>
            </Head>
            {solved.solution.blocked.includes(name) ? (
                <Wanted here={name} />
            ) : (
                large !== undefined && (
                    <Line>
                        {large.map(({ figure, label }) => (
                            <div key={figure}>
                                <dt>{label}</dt>
                                <dd>
                                    <Value figure={solved.figure(figure)} />
                                </dd>
                            </div>
                        ))}
                    </Line>
                )
            )}
            {children}
        </Page>
    );
}

/** Of a station that waits: which fields it waits for, each a touch away. */
function Wanted({ here }: { here: StationName }) {
    const { solved } = useBench();
    const { pathname, search } = useLocation();
    const circuit = pathname.split('/').slice(0, 3).join('/');
    const wants = solved.solution.errors.flatMap((error) => {
        const path = error.path as FieldPath;
        const station = path in FIELDS ? stationOfField(path) : undefined;
        return station === undefined ? [] : [{ path, station, text: error.text }];
    });
    return wants.length === 0 ? null : (
        <Wants aria-label="Missing for this station">
            {wants.slice(0, MOST_WANTS).map(({ path, station, text }) => (
                <li key={path}>
                    <Link
                        to={{ pathname: `${circuit}/${station}`, search: viewOf({ field: path }) ?? (station === here ? search : '') }}
                        state={{ to: { field: path } }}
                        replace
                    >
                        {FIELDS[path].label}
                    </Link>
                    <span>{text}</span>
                </li>
            ))}
        </Wants>
    );
}

const MOST_WANTS = 4;
