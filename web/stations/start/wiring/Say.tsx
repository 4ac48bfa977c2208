import styled from 'styled-components';
import { token } from '../../../theme/tokens';

/** What a wiring means, in a sentence or two; in the colour of a stop where it is wrong. */
export const Say = styled.div<{ $bad: boolean }>`
    padding: 10px 14px;
    border-left: 4px solid ${({ $bad }) => ($bad ? token.stop : token.accent)};
    background: ${token.sheet};
    b {
        display: block;
    }
`;
