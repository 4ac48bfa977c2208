import styled, { css } from 'styled-components';

/** Read aloud, and not seen. */
export const unseen = css`
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
    white-space: nowrap;
`;

/** Words for a screen reader where eyes have a sign. */
export const Unseen = styled.span`
    ${unseen}
`;
