import { useId } from 'react';
import styled from 'styled-components';
import type { FieldPath, FigureKey } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { typed } from '../../bench/circuit';
import { GradeMark, type GradeName } from '../../kit/Grade';
import { narrow, token } from '../../theme/tokens';
import { messageId } from './PlateMessages';

const Cell = styled.div<{ $grow: number; $bad: boolean; $grade: GradeName | undefined; $folded: boolean }>`
    position: relative;
    display: flex;
    flex: ${({ $grow }) => $grow} 1 0;
    flex-direction: column;
    min-width: 0;
    padding: 2px 8px 3px;
    border-right: 1px solid ${token.rule};
    ${({ $grade }) => ($grade === undefined ? '' : `box-shadow: inset 0 -3px ${token[$grade]};`)}
    ${({ $bad }) => ($bad ? `background: ${token.stopWash}; box-shadow: inset 0 -3px ${token.stop};` : '')}
    &:last-child {
        border-right: 0;
    }
    &:focus-within {
        background: ${token.sheet};
        box-shadow: inset 0 0 0 2px ${token.accent};
    }
    label {
        overflow: hidden;
        color: ${token.soft};
        font-size: 13px;
        line-height: 1.3;
        text-overflow: ellipsis;
        white-space: nowrap;
    }
    input {
        width: 100%;
        min-height: 25px;
        padding: 0;
        border: 0;
        outline: none;
        /* What the stamp says stands below it: scroll far enough to leave it room. */
        scroll-margin-bottom: 150px;
        background: transparent;
        font-family: ${token.narrow};
        font-weight: 600;
        font-size: 19px;
    }
    input::placeholder {
        color: ${token.soft};
        font-weight: 500;
        font-style: italic;
        opacity: 0.75;
    }
    input[data-assumed]::placeholder {
        font-style: normal;
        opacity: 1;
        text-decoration: underline dotted;
        text-underline-offset: 4px;
    }
    p {
        font-size: 12.5px;
        line-height: 1.25;
    }
    @media (pointer: coarse) {
        input {
            min-height: 44px;
        }
    }
    @media ${narrow} {
        ${({ $folded }) => ($folded ? 'display: none;' : '')}
    }
`;

const Mark = styled.span`
    position: absolute;
    top: 4px;
    right: 5px;
    font-size: 12px;
    line-height: 1;
`;

const Read = styled.p`
    color: ${token.soft};
    overflow-wrap: anywhere;
`;

/** Characters that a cell has room for, and those that stand below it where there are more. */
const FITS = 16;
const BELOW = 80;

const shortened = (text: string): string => (text.length > BELOW ? `${text.slice(0, BELOW)}…` : text);

/** One field of the plate: where it is in the format, how wide, and which figure stands in for it. */
export interface Stamp {
    path: FieldPath;
    label: string;
    grow: number;
    placeholder?: string;
    assumedFrom?: FigureKey;
    onFocus?: () => void;
    /** Not shown on a phone until the whole plate is. */
    folded?: boolean;
}

/** One stamp of the plate. Where it is empty and a value is assumed, that value stands there dotted. */
export function PlateCell({ path, label, grow, placeholder, assumedFrom, onFocus, folded = false }: Stamp) {
    const { draft, set, readOnly, solved } = useBench();
    const id = useId();
    const value = typed(draft, path);
    const error = solved.error(path);
    const bad = error !== undefined && error.kind !== 'missing';
    const figure = assumedFrom === undefined ? undefined : solved.figure(assumedFrom);
    const filled = value === '' && figure !== undefined ? solved.note(path).empty || figure.shown : undefined;
    const read = solved.solution.read[path];
    const echo =
        value !== '' && read !== undefined && /[/\-–(]|Δ|delta/.test(read + value) && read.replace(/\s/g, '') !== value.replace(/\s/g, '')
            ? read
            : value.length > FITS
              ? shortened(value)
              : undefined;
    // Findings come worst first; a note about a stamp lights it less than a caution, so only graver ones are marked.
    const grade = solved.solution.findings.find((finding) => finding.grade !== 'note' && finding.fields.includes(path))?.grade;
    return (
        <Cell $grow={grow} $bad={bad} $grade={grade} $folded={folded}>
            {grade !== undefined && (
                <Mark>
                    <GradeMark grade={grade} label={grade} />
                </Mark>
            )}
            <label htmlFor={id} title={label}>
                {label}
            </label>
            <input
                onFocus={onFocus}
                id={id}
                value={value}
                readOnly={readOnly}
                autoComplete="off"
                spellCheck={false}
                placeholder={filled ?? (error?.kind === 'missing' ? placeholder : undefined)}
                data-path={path}
                {...(filled === undefined ? {} : { 'data-assumed': true })}
                aria-invalid={bad}
                aria-describedby={bad ? messageId(path) : `${id}-more`}
                onChange={(event) => set(path, event.target.value === '' ? null : event.target.value)}
            />
            <span id={`${id}-more`}>
                {!bad && echo !== undefined && <Read>{echo}</Read>}
                {!bad && filled !== undefined && <Read>{figure?.assumed === true ? 'assumed' : 'derived'}</Read>}
                {!bad && value === '' && error?.kind === 'missing' && filled === undefined && <Read>required</Read>}
            </span>
        </Cell>
    );
}
