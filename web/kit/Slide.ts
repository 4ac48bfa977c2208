import { SliderThumb, SliderTrack } from 'react-aria-components';
import styled from 'styled-components';
import { token } from '../theme/tokens';

/** The line that a cursor is slid along, as wide as the picture above it leaves. */
export const SlideTrack = styled(SliderTrack)<{ $left: string; $right: string }>`
    position: relative;
    height: ${token.touch};
    margin: 0 ${({ $right }) => $right} 0 ${({ $left }) => $left};
    &::before {
        content: '';
        position: absolute;
        top: calc(50% - 1px);
        left: 0;
        right: 0;
        height: 2px;
        background: ${token.edge};
    }
`;

/** Its handle; what is touched is larger than what is seen. */
export const SlideThumb = styled(SliderThumb)`
    top: 50%;
    width: 26px;
    height: 26px;
    border: 3px solid ${token.accent};
    border-radius: 4px;
    background: ${token.sheet};
    cursor: grab;
    &::after {
        content: '';
        position: absolute;
        inset: -12px;
    }
`;
