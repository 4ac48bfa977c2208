import styled from 'styled-components';
import { token } from '../theme/tokens';

export type GradeName = 'stop' | 'caution' | 'note';

const PATHS: Record<GradeName, string> = {
    stop: 'M5 1h6l4 4v6l-4 4H5l-4-4V5z',
    caution: 'M8 1l7.5 14H.5z',
    note: 'M2 2h12v12H2z',
};

const Svg = styled.svg<{ $grade: GradeName }>`
    width: 1em;
    height: 1em;
    flex: none;
    vertical-align: -0.1em;
    fill: ${({ $grade }) => token[$grade]};
`;

/** The mark of a finding: octagon, triangle, square. Its word stands beside it, or in the label. */
export function GradeMark({ grade, label }: { grade: GradeName; label?: string }) {
    return (
        <Svg $grade={grade} viewBox="0 0 16 16" {...(label === undefined ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}>
            <path d={PATHS[grade]} />
        </Svg>
    );
}

const Word = styled.span`
    display: inline-flex;
    gap: 5px;
    align-items: baseline;
    white-space: nowrap;
`;

/** As a word at the beginning of a line. */
export const gradeWord = (grade: GradeName): string => grade.charAt(0).toUpperCase() + grade.slice(1);

/** The mark with its word, for eyes and ears alike. */
export function GradeTag({ grade }: { grade: GradeName }) {
    return (
        <Word>
            <GradeMark grade={grade} />
            {gradeWord(grade)}:
        </Word>
    );
}

export const plural = (count: number, word: string): string => `${count} ${word}${count === 1 ? '' : 's'}`;
