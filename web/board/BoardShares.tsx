import styled from 'styled-components';
import type { BoardSolved } from '../api/contract';
import { ListSection } from '../kit/ListPage';
import { narrow, token } from '../theme/tokens';

const Both = styled.div`
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 14px 36px;
    h3 {
        font-size: 16px;
        font-weight: 600;
    }
    @media ${narrow} {
        grid-template-columns: minmax(0, 1fr);
    }
`;

const Bars = styled.dl`
    display: grid;
    grid-template-columns: minmax(80px, auto) minmax(60px, 1fr) auto auto;
    gap: 6px 12px;
    align-items: center;
    padding-top: 6px;
    dt {
        overflow-wrap: anywhere;
        font-weight: 600;
    }
    dd {
        font: 500 16px ${token.narrow};
        text-align: right;
        white-space: nowrap;
    }
    dd:first-of-type,
    span {
        display: block;
    }
`;

const Bar = styled.span`
    height: 14px;
    min-width: 2px;
    background: ${token.accent};
    opacity: 0.75;
`;

/** Which loads take most of the demand, and who gives most to a fault. */
export function BoardShares({ shares }: { shares: BoardSolved['shares'] }) {
    if (shares.length === 0) {
        return null;
    }
    const most = Math.max(...shares.flatMap(({ rows }) => rows.map(({ percent }) => percent)), 1);
    return (
        <ListSection aria-label="What takes most">
            <h2>What takes most</h2>
            <Both>
                {shares.map(({ key, label, rows }) => (
                    <section key={key} aria-label={label}>
                        <h3>{label}</h3>
                        <Bars>
                            {rows.map(({ tag, shown, percent }) => (
                                <Row
                                    key={tag}
                                    tag={tag.charAt(0).toUpperCase() + tag.slice(1)}
                                    shown={shown}
                                    percent={percent}
                                    most={most}
                                />
                            ))}
                        </Bars>
                    </section>
                ))}
            </Both>
        </ListSection>
    );
}

function Row({ tag, shown, percent, most }: { tag: string; shown: string; percent: number; most: number }) {
    return (
        <>
            <dt>{tag}</dt>
            <dd aria-hidden="true">
                <Bar style={{ width: `${(100 * percent) / most}%` }} />
            </dd>
            <dd>{shown}</dd>
            <dd>{percent} %</dd>
        </>
    );
}
