import { useState } from 'react';
import styled from 'styled-components';
import type { CircuitResource } from '../api/contract';
import { Brand } from '../kit/Brand';
import { Button } from '../kit/Button';
import { GradeMark, plural } from '../kit/Grade';
import { Menu } from '../kit/Menu';
import { narrow, token } from '../theme/tokens';
import { useBench } from './BenchContext';
import { typed } from './circuit';
import { CircuitDialog } from './CircuitDialog';
import { Revisions } from './Revisions';
import { SaveMark } from './SaveMark';
import type { DraftState } from './useDraft';

const Strip = styled.header`
    grid-area: strip;
    display: flex;
    gap: 14px;
    align-items: center;
    min-height: 60px;
    padding-right: 14px;
    background: ${token.steel};
    color: ${token.onSteel};
    @media ${narrow} {
        flex-wrap: wrap;
        gap: 4px 10px;
        padding: 4px 10px;
    }
`;

const Tag = styled.button`
    flex: none;
    max-width: 190px;
    min-height: 40px;
    padding: 2px 12px;
    overflow: hidden;
    border: 1.5px solid ${token.softOnSteel};
    border-radius: 4px;
    background: none;
    color: inherit;
    font: 600 22px ${token.narrow};
    text-overflow: ellipsis;
    white-space: nowrap;
    cursor: pointer;
    @media ${narrow} {
        max-width: 132px;
    }
`;

const Facts = styled.p`
    flex: 1;
    min-width: 0;
    overflow: hidden;
    font-family: ${token.narrow};
    font-weight: 500;
    font-size: 16px;
    text-overflow: ellipsis;
    white-space: nowrap;
    @media ${narrow} {
        flex-basis: 100%;
        order: 5;
        font-size: 14px;
    }
`;

const Count = styled.span`
    display: inline-flex;
    gap: 6px;
    align-items: center;
    padding: 5px 9px;
    border-radius: 3px;
    background: color-mix(in srgb, ${token.onSteel} 14%, transparent);
    font: 600 15px ${token.narrow};
    white-space: nowrap;
    @media ${narrow} {
        display: none;
    }
    --stop: #ff8d99;
    --caution: #f2b84b;
    --note: #9dbde3;
`;

const OnDesk = styled.span`
    @media ${narrow} {
        display: none;
    }
`;

/** On a phone the way to what was found says how much there is, and how grave. */
const OnPhone = styled.span`
    display: none;
    gap: 6px;
    align-items: center;
    --stop: #ff8d99;
    --caution: #f2b84b;
    --note: #9dbde3;
    @media ${narrow} {
        display: inline-flex;
    }
`;

const Right = styled.div`
    display: flex;
    gap: 8px;
    align-items: center;
    min-width: 0;
    @media ${narrow} {
        flex: 1;
        flex-wrap: wrap;
        justify-content: flex-end;
    }
`;

/** On a phone they stand in the menu. */
const Steps = styled.span`
    display: flex;
    gap: 8px;
    @media ${narrow} {
        display: none;
    }
`;

const BookName = styled.span`
    padding: 4px 9px;
    border: 1px solid ${token.softOnSteel};
    border-radius: 3px;
    font: 600 14px ${token.narrow};
    white-space: nowrap;
    @media ${narrow} {
        display: none;
    }
`;

/** The strip along the top: the circuit's tag and key facts, its findings, and the state of saving. */
export function PlateStrip({
    resource,
    draft,
    failed,
    unread,
    working,
    onWorking,
}: {
    resource: CircuitResource;
    draft: DraftState;
    failed: boolean;
    /** Its readings could not be loaded. */
    unread: boolean;
    working: boolean;
    onWorking: () => void;
}) {
    const { solved, readOnly } = useBench();
    const [dialog, setDialog] = useState<'circuit' | 'revisions' | null>(null);
    const facts = [
        typed(draft.draft, 'drives'),
        solved.solution.curves.run?.output ?? undefined,
        solved.figure('plate.rated_voltage') === undefined
            ? undefined
            : `${solved.shown('plate.rated_voltage')} ${{ delta: 'Δ', star: 'Y' }[solved.text('plate.connection') ?? ''] ?? ''}`.trim(),
        solved.figure('power.plate_current')?.shown,
        solved.figure('plate.speed')?.shown,
    ].filter((fact) => fact !== undefined && fact !== '');
    const count = (grade: 'stop' | 'caution' | 'note') => solved.solution.findings.filter((finding) => finding.grade === grade).length;
    const all = solved.solution.findings.length;
    // The gravest stand first.
    const gravest = solved.solution.findings[0]?.grade;
    return (
        <Strip>
            <Brand line={resource.site.name} />
            <Tag
                type="button"
                onClick={() => setDialog('circuit')}
                aria-label={`Tag ${typed(draft.draft, 'tag')}: name, area and site of this circuit`}
            >
                {typed(draft.draft, 'tag') || 'no tag'}
            </Tag>
            <Facts>{facts.join('  /  ')}</Facts>
            <Right>
                <SaveMark draft={draft} readOnly={readOnly} failed={failed} unread={unread} />
                {!readOnly && (
                    <Steps>
                        <Button kind="steel" aria-label="Undo" isDisabled={!draft.canUndo} onPress={draft.undo}>
                            ↶
                        </Button>
                        <Button kind="steel" aria-label="Redo" isDisabled={!draft.canRedo} onPress={draft.redo}>
                            ↷
                        </Button>
                    </Steps>
                )}
                <BookName>{solved.word('name', solved.solution.rule_book)}</BookName>
                {(['stop', 'caution', 'note'] as const).map((grade) =>
                    count(grade) === 0 ? null : (
                        <Count key={grade} title={plural(count(grade), grade)}>
                            <GradeMark grade={grade} label={grade} />
                            {count(grade)}
                        </Count>
                    ),
                )}
                <Button kind="steel" aria-pressed={working} onPress={onWorking}>
                    <OnDesk>Calculation</OnDesk>
                    <OnPhone>
                        {gravest !== undefined && <GradeMark grade={gravest} label={gravest} />}
                        {all === 0 ? 'Calculation' : `${all} ${all === 1 ? 'finding' : 'findings'}`}
                    </OnPhone>
                </Button>
                <Menu
                    items={[
                        ...(readOnly
                            ? []
                            : [
                                  { id: 'undo', label: 'Undo', action: draft.undo },
                                  { id: 'redo', label: 'Redo', action: draft.redo },
                              ]),
                        { id: 'revisions', label: 'Revisions', action: () => setDialog('revisions') },
                        { id: 'circuit', label: 'Tag and area', action: () => setDialog('circuit') },
                    ]}
                />
            </Right>
            <CircuitDialog
                resource={resource}
                open={dialog === 'circuit'}
                onClose={() => setDialog(null)}
                error={draft.state.kind === 'refused' ? draft.state.problem.at('tag') : undefined}
            />
            <Revisions resource={resource} draft={draft} open={dialog === 'revisions'} onClose={() => setDialog(null)} />
        </Strip>
    );
}
