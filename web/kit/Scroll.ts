import styled from 'styled-components';

/** What may be wider than a phone scrolls in itself; give it a name and a tab stop. */
export const Scroll = styled.div`
    overflow-x: auto;
`;
