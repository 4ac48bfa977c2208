import styled from 'styled-components';
import { token } from '../theme/tokens';

/** One thing that is set up: its fields, and its button. */
export const Sheet = styled.form`
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
    gap: 12px;
    align-items: start;
    padding: 14px 16px;
    border: 1px solid ${token.rule};
    border-left: 4px solid ${token.edge};
    background: ${token.sheet};
    > h3 {
        grid-column: 1 / -1;
        font-size: 17px;
        font-weight: 600;
    }
    > fieldset {
        display: grid;
        grid-column: 1 / -1;
        grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
        gap: 12px;
        align-items: start;
        margin: 0;
        padding: 10px 0 0;
        border: 0;
        border-top: 1px solid ${token.rule};
        > legend {
            padding: 0 8px 0 0;
            font-weight: 600;
        }
        > p {
            grid-column: 1 / -1;
            color: ${token.soft};
            font-size: 14px;
        }
    }
    > footer {
        display: flex;
        flex-wrap: wrap;
        grid-column: 1 / -1;
        gap: 14px;
        align-items: center;
        justify-content: flex-end;
        a {
            display: inline-flex;
            align-items: center;
            min-height: ${token.touch};
        }
        color: ${token.soft};
    }
`;

/** What takes the whole width of a sheet. */
export const Wide = styled.div`
    grid-column: 1 / -1;
`;
