import { useState } from 'react';
import styled from 'styled-components';
import type { CircuitResource } from '../api/contract';
import { Brand } from '../kit/Brand';
import { Button } from '../kit/Button';
import { GradeMark, plural } from '../kit/Grade';
import { Menu } from '../kit/Menu';
import { Unseen } from '../kit/Unseen';
import { compact, narrow, small, token } from '../theme/tokens';
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
    @media ${compact} {
        flex-wrap: wrap;
        gap: 2px 8px;
        min-height: 48px;
        padding: 2px 8px;
    }
`;

const Tag = styled.button`
    flex: none;
    max-width: 190px;
    min-height: ${token.touch};
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
    @media ${compact} {
        flex: 0 1 auto;
        min-width: 56px;
        max-width: 96px;
        min-height: 44px;
        padding: 2px 7px;
        font-size: 17px;
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
        display: none;
    }
`;

/** What was found, and the way to it: every grade where there is room, else the gravest in words. */
const Found = styled.span`
    display: inline-flex;
    gap: 6px 10px;
    align-items: center;
    --stop: #ff8d99;
    --caution: #f2b84b;
    --note: #9dbde3;
    > span {
        display: inline-flex;
        gap: 6px;
        align-items: center;
    }
    > small {
        display: none;
        font-size: 13px;
    }
    @media ${compact} {
        > span:nth-of-type(n + 2) {
            display: none;
        }
        > small {
            display: inline;
        }
    }
    @media ${small} {
        gap: 4px;
        > span {
            gap: 4px;
        }
        > small {
            display: none;
        }
    }
`;

const Right = styled.div`
    display: flex;
    gap: 8px;
    align-items: center;
    min-width: 0;
    @media ${narrow} {
        flex: 1;
        /* A mark that is loud takes a line of its own. */
        flex-wrap: wrap;
        justify-content: flex-end;
    }
    @media ${small} {
        gap: 5px;
        > button {
            padding: 0 7px;
            font-size: 14px;
        }
    }
`;

/** On a phone they stand in the menu. */
const Steps = styled.span`
    display: flex;
    gap: 8px;
    @media ${compact} {
        display: none;
    }
`;

const BookName = styled.span`
    padding: 4px 9px;
    border: 1px solid ${token.softOnSteel};
    border-radius: 3px;
    font: 600 14px ${token.narrow};
    white-space: nowrap;
    @media ${compact} {
        display: none;
    }
`;

/** The strip along the top: the circuit's tag and key facts, its findings, and the state of saving. */
export function PlateStrip({
    resource,
    draft,
    failed,
    carried,
    why = '',
    unread,
    working,
    onWorking,
}: {
    resource: CircuitResource;
    draft: DraftState;
    failed: boolean;
    /** Only this device has worked out the figures. */
    carried: boolean;
    /** Why this device could not work them out. */
    why?: string;
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
    const found = (['stop', 'caution', 'note'] as const)
        .map((grade) => ({ grade, count: solved.solution.findings.filter((finding) => finding.grade === grade).length }))
        .filter(({ count }) => count > 0);
    const more = solved.solution.findings.length - (found[0]?.count ?? 0);
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
                <SaveMark draft={draft} readOnly={readOnly} failed={failed} carried={carried} why={why} unread={unread} />
                {!readOnly && (
                    <Steps>
                        <Button kind="steel" isDisabled={!draft.canUndo} onPress={draft.undo}>
                            Undo
                        </Button>
                        <Button kind="steel" isDisabled={!draft.canRedo} onPress={draft.redo}>
                            Redo
                        </Button>
                    </Steps>
                )}
                <BookName>{solved.word('name', solved.solution.rule_book)}</BookName>
                <Button kind="steel" aria-pressed={working} onPress={onWorking}>
                    <Unseen>Findings and calculation: </Unseen>
                    <Found>
                        {found.length === 0 && <span>Calculation</span>}
                        {found.map(({ grade, count }) => (
                            <span key={grade} title={plural(count, grade)}>
                                <GradeMark grade={grade} />
                                {plural(count, grade)}
                            </span>
                        ))}
                        {more > 0 && <small>+{more}</small>}
                    </Found>
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
