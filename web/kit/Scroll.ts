import styled from 'styled-components';

/** What may be wider than a phone scrolls in itself; give it a name and a tab stop. */
export const Scroll = styled.div`
    /* What is out of sight inside must not widen the page. */
    position: relative;
    overflow-x: auto;
`;
