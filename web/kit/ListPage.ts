import styled from 'styled-components';
import { narrow, token } from '../theme/tokens';
import { content } from './SkipLink';

/** A view that is a heading and what stands below it, such as a list. */
export const ListPage = styled.main.attrs(content)<{ $width?: number }>`
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 16px;
    max-width: ${({ $width }) => $width ?? 1100}px;
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
    @media ${narrow} {
        padding: 14px 14px 40px;
    }
`;

/** Fields and buttons above a list, side by side where there is room. */
export const ListBar = styled.div`
    display: flex;
    flex-wrap: wrap;
    gap: 12px 18px;
    align-items: end;
    > a {
        display: inline-flex;
        align-items: center;
        min-height: ${token.touch};
    }
`;

/** A part of such a view with a heading of its own. */
export const ListSection = styled.section`
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 12px;
`;
