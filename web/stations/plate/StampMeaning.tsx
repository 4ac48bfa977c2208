import { useLayoutEffect, useRef } from 'react';
import styled from 'styled-components';
import { useBench } from '../../bench/BenchContext';
import { Value } from '../../bench/StationPage';
import { GradeMark } from '../../kit/Grade';
import { compact, token } from '../../theme/tokens';
import type { Stamp } from './PlateCell';

const Box = styled.div`
    /* In sight while a stamp higher up has the focus, on a phone too. */
    fieldset:focus-within > & {
        position: sticky;
        bottom: 0;
        /* No more of the plate is covered than three lines. */
        @media ${compact} {
            max-height: 78px;
            overflow-y: auto;
        }
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

/** On a small screen the box stands over the plate: brings the stamp that is typed out from under it, however long the box has become. */
function useStampInSight(path: string | undefined, lines: number) {
    const box = useRef<HTMLDivElement>(null);
    useLayoutEffect(() => {
        const field = document.activeElement;
        if (path === undefined || box.current === null || field === null || field.closest('fieldset')?.contains(box.current) !== true) {
            return;
        }
        if (field.getBoundingClientRect().bottom > box.current.getBoundingClientRect().top) {
            field.scrollIntoView({ block: 'center' });
        }
    }, [path, lines]);
    return box;
}

/** What the touched stamp says, what follows from it, and what is the matter with it. */
export function StampMeaning({ stamp }: { stamp: Stamp | null }) {
    const { solved } = useBench();
    const meaning = stamp === null ? undefined : solved.solution.meanings[stamp.path];
    const figures = (meaning?.figures ?? []).map((key) => solved.figure(key)).filter((figure) => figure !== undefined);
    const findings = solved.solution.findings.filter(({ fields }) => stamp !== null && fields.includes(stamp.path));
    const box = useStampInSight(stamp?.path, figures.length + 3 * findings.length);
    if (stamp === null) {
        return <Box aria-live="polite">Tap a field to see what it means.</Box>;
    }
    const read = solved.solution.read[stamp.path];
    return (
        <Box ref={box} aria-live="polite">
            <b>{stamp.label}</b>{' '}
            {meaning?.text ?? (read === undefined ? 'Enter it exactly as stamped.' : `Read as ${read}. Not used on this supply.`)}
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
