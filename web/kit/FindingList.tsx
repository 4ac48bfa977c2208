import styled from 'styled-components';
import { GradeTag, type GradeName } from './Grade';

const Found = styled.ul`
    display: grid;
    gap: 8px;
    li {
        display: flex;
        gap: 10px;
        align-items: baseline;
    }
`;

interface Found {
    grade: GradeName;
    code: string;
    title: string;
    text: string;
    action: string;
}

/** What a page of its own has found, the gravest first; nothing where nothing is found. */
export function FindingList({ findings }: { findings: readonly Found[] }) {
    return (
        findings.length > 0 && (
            <Found aria-label="Findings">
                {findings.map((finding) => (
                    <li key={finding.code + finding.title}>
                        <GradeTag grade={finding.grade} />
                        <span>
                            <b>{finding.title}.</b> {finding.text} {finding.action}
                        </span>
                    </li>
                ))}
            </Found>
        )
    );
}
