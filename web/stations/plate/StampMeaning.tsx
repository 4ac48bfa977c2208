import styled from 'styled-components';
import { useBench } from '../../bench/BenchContext';
import { Value } from '../../bench/StationPage';
import { GradeMark } from '../../kit/Grade';
import { token } from '../../theme/tokens';
import type { Stamp } from './PlateCell';

const Box = styled.div`
    /* In sight while a stamp higher up has the focus, on a phone too. */
    fieldset:focus-within > & {
        position: sticky;
        bottom: 0;
    }
    background: ${token.panel};
    min-height: 34px;
    padding: 6px 8px;
    color: ${token.soft};
    font-size: 14.5px;
    line-height: 1.35;
    b {
        margin-right: 4px;
        color: ${token.accent};
        font-weight: 600;
    }
    dl {
        display: flex;
        flex-wrap: wrap;
        gap: 2px 18px;
        margin-top: 4px;
        color: ${token.ink};
    }
    dl > div {
        display: flex;
        gap: 6px;
        align-items: baseline;
    }
    dt {
        color: ${token.soft};
    }
    dd {
        font: 600 15px ${token.narrow};
        small {
            font-size: 14px;
        }
    }
    p.finding {
        margin-top: 4px;
        color: ${token.ink};
    }
    p.finding svg {
        margin-right: 5px;
    }
`;

/** What the touched stamp says, what follows from it, and what is the matter with it. */
export function StampMeaning({ stamp }: { stamp: Stamp | null }) {
    const { solved } = useBench();
    if (stamp === null) {
        return <Box aria-live="polite">Touch a stamp to read what it says.</Box>;
    }
    const meaning = solved.solution.meanings[stamp.path];
    const read = solved.solution.read[stamp.path];
    const figures = (meaning?.figures ?? []).map((key) => solved.figure(key)).filter((figure) => figure !== undefined);
    const findings = solved.solution.findings.filter((finding) => finding.fields.includes(stamp.path));
    return (
        <Box aria-live="polite">
            <b>{stamp.label}</b>{' '}
            {meaning?.text ?? (read === undefined ? 'Type it as it is stamped.' : `Read as ${read}. Not used on this supply.`)}
            {figures.length > 0 && (
                <dl>
                    {figures.map((figure) => (
                        <div key={figure.key}>
                            <dt>{figure.label}</dt>
                            <dd>
                                <Value figure={figure} />
                            </dd>
                        </div>
                    ))}
                </dl>
            )}
            {findings.map((finding) => (
                <p key={finding.code} className="finding">
                    <GradeMark grade={finding.grade} label={finding.grade} />
                    <strong>{finding.title}.</strong> {finding.text}
                </p>
            ))}
        </Box>
    );
}
