import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import styled from 'styled-components';
import { service } from '../api/service';
import type { Figure, Solution } from '../api/contract';
import { TopBar } from '../kit/TopBar';
import { Waiting } from '../kit/Waiting';
import { token } from '../theme/tokens';
import { typed } from './circuit';
import { STATIONS } from './BenchContext';
import { FindingCard } from './WorkingPanel';
import { content } from '../kit/SkipLink';

const Page = styled.main.attrs(content)`
    display: grid;
    gap: 16px;
    max-width: 1000px;
    margin: 0 auto;
    padding: 20px 24px 60px;
    h1 {
        font-size: 24px;
        font-weight: 600;
    }
    h2 {
        padding-top: 10px;
        border-top: 2px solid ${token.ink};
        font-size: 18px;
        font-weight: 600;
    }
    p {
        color: ${token.soft};
    }
    ul {
        display: grid;
        gap: 8px;
    }
    table {
        width: 100%;
        border-collapse: collapse;
    }
    th,
    td {
        padding: 6px 12px 6px 0;
        border-bottom: 1px solid ${token.rule};
        text-align: left;
        font-weight: 400;
        vertical-align: baseline;
        overflow-wrap: anywhere;
    }
    td:nth-child(2) {
        font: 600 17px ${token.narrow};
        white-space: nowrap;
    }
    td:nth-child(3) {
        color: ${token.soft};
        font-size: 14px;
    }
`;

/** Figures of early revisions do not say their station. */
const stationOf = (figure: Figure | Omit<Figure, 'station'>): string =>
    'station' in figure ? figure.station : (figure.key.split('.')[0] ?? '');

/** A revision as it was kept: its figures and findings, never recomputed. */
export default function RevisionPage() {
    const { id = '' } = useParams();
    const query = useQuery({ queryKey: ['revision', id], queryFn: () => service.revision.show(id), staleTime: Infinity });
    if (query.isError) {
        return <Waiting title="Cannot open this revision" text={query.error.message} />;
    }
    if (query.data === undefined) {
        return <Waiting title="Opening the revision…" />;
    }
    const revision = query.data;
    const solution = revision.solution as unknown as Solution;
    return (
        <>
            <TopBar line="Revision" />
            <Page>
                <h1>
                    {typed(revision.circuit, 'tag')}, revision {revision.number}: {revision.name}
                </h1>
                <p>
                    Saved by {revision.created_by} on {new Date(revision.created_at).toLocaleString('en-GB')}. Calculated with core{' '}
                    {revision.core} under {solution.edition}. A revision cannot be changed.
                </p>
                {STATIONS.map(({ name, label }) => {
                    const figures = solution.figures.filter((figure) => stationOf(figure) === name);
                    const findings = solution.findings.filter((finding) => finding.station === name);
                    return figures.length + findings.length === 0 ? null : (
                        <section key={name}>
                            <h2>{label}</h2>
                            <p>{solution.sentences[name]}</p>
                            <ul>
                                {findings.map((finding) => (
                                    <FindingCard key={finding.code} finding={finding} />
                                ))}
                            </ul>
                            <table>
                                <tbody>
                                    {figures.map((figure) => (
                                        <tr key={figure.key}>
                                            <td>{figure.label}</td>
                                            <td>{figure.shown}</td>
                                            <td>
                                                {figure.working}
                                                {figure.assumed && ` (assumed: ${figure.assumptions.join('; ')})`}
                                            </td>
                                        </tr>
                                    ))}
                                </tbody>
                            </table>
                        </section>
                    );
                })}
            </Page>
        </>
    );
}
