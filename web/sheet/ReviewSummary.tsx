import styled from 'styled-components';
import type { ReviewAnswer } from '../api/contract';
import { GradeTag } from '../kit/Grade';
import { token } from '../theme/tokens';

const Whole = styled.div`
    display: grid;
    gap: 14px;
    max-width: 640px;
    h3 {
        margin-bottom: 4px;
        font-size: 15px;
        font-weight: 600;
    }
`;

const Rows = styled.dl`
    font-size: 15px;
    > div {
        display: flex;
        flex-wrap: wrap;
        justify-content: space-between;
        gap: 0 12px;
        padding: 5px 0;
        border-top: 1px solid ${token.rule};
    }
    dd {
        font: 600 16px/1.3 ${token.narrow};
        overflow-wrap: anywhere;
    }
    s {
        color: ${token.soft};
        font-weight: 500;
    }
    > div[data-moved] {
        margin: 0 -8px;
        padding-right: 8px;
        padding-left: 8px;
        background: ${token.cautionWash};
    }
`;

const Found = styled.ul`
    font-size: 15px;
    line-height: 1.35;
    li {
        padding: 6px 0;
        border-top: 1px solid ${token.rule};
    }
    small {
        display: block;
        color: ${token.soft};
        font-size: 14px;
    }
`;

/** What whoever signs looks at first: what was typed, what it moved, and which stops and cautions there are. */
export function ReviewSummary({ review }: { review: ReviewAnswer }) {
    const { compared_with: before, changes, main, findings } = review;
    const typed = changes.filter(({ kind }) => kind === 'field');
    return (
        <Whole>
            <section aria-label="What was typed">
                <h3>
                    {before === null
                        ? 'The first sheet: nothing to compare it with'
                        : `Entered since revision ${before.number}, ${before.name}`}
                </h3>
                {before !== null && typed.length === 0 && <p>No entry differs.</p>}
                <Rows>
                    {typed.map(({ label, from, to }) => (
                        <div key={`${label} ${from} ${to}`}>
                            <dt>{label}</dt>
                            <dd>
                                <s>{from === '' ? 'empty' : from}</s> → {to === '' ? 'empty' : to}
                            </dd>
                        </div>
                    ))}
                </Rows>
            </section>
            {main.length > 0 && (
                <section aria-label="Sizes, devices and settings">
                    <h3>Sizes, devices and settings</h3>
                    <Rows>
                        {main.map(({ station, label, from, to }) => {
                            const moved = before !== null && from !== to;
                            return (
                                <div key={`${station} ${label}`} {...(moved ? { 'data-moved': true } : {})}>
                                    <dt>{label}</dt>
                                    <dd>
                                        {moved && (
                                            <>
                                                <s>{from === '' ? 'none' : from}</s> →{' '}
                                            </>
                                        )}
                                        {to === '' ? 'none' : to}
                                    </dd>
                                </div>
                            );
                        })}
                    </Rows>
                </section>
            )}
            <section aria-label="Stops and cautions">
                <h3>{findings.length === 0 ? 'No stops or cautions' : 'Stops and cautions'}</h3>
                <Found>
                    {findings.map(({ grade, title, text, is_new }) => (
                        <li key={title}>
                            <GradeTag grade={grade} /> <b>{title}</b>
                            {is_new && ' (new)'}
                            <small>{text}</small>
                        </li>
                    ))}
                </Found>
            </section>
        </Whole>
    );
}
