import styled from 'styled-components';
import { token } from '../theme/tokens';

/** A table of a station: a caption, thin rules, no boxes. */
export const RuledTable = styled.table`
    width: 100%;
    border-collapse: collapse;
    caption {
        padding-bottom: 6px;
        font-weight: 600;
        text-align: left;
    }
    th,
    td {
        padding: 8px 8px 8px 0;
        border-top: 1px solid ${token.rule};
        text-align: left;
        vertical-align: baseline;
    }
    small {
        display: inline;
        font-size: 14px;
    }
`;
