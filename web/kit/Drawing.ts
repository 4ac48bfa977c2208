import styled from 'styled-components';
import { token } from '../theme/tokens';

/** The house's pen for drawings: one look for what means the same in every picture. */
export const Drawing = styled.svg`
    text {
        fill: ${token.ink};
        font-size: 15px;
        font-weight: 500;
        paint-order: stroke;
        stroke: ${token.ground};
        stroke-width: 3px;
    }
    .on text {
        stroke: ${token.wash};
    }
    .strong {
        font-weight: 600;
    }
    .soft {
        fill: ${token.soft};
        font-size: 14.2px;
    }
    .good {
        fill: ${token.accent};
        font-weight: 600;
    }
    .bad {
        fill: ${token.stop};
    }

    /* Bars of ladders: grey, and the chosen one in the accent on its band. */
    .bar {
        fill: ${token.edge};
        opacity: 0.55;
    }
    .on .bar {
        fill: ${token.accent};
        opacity: 1;
    }
    .band {
        fill: ${token.wash};
    }
    .hot {
        fill: ${token.hot};
    }
    .run {
        fill: ${token.accent};
    }

    /* Lines: what is wanted, a limit, and the sides of power triangles. */
    .wanted {
        stroke: ${token.ink};
        stroke-width: 2;
        stroke-dasharray: 5 4;
    }
    .limit {
        stroke: ${token.stop};
        stroke-width: 2;
    }
    .tick {
        stroke: ${token.rule};
        stroke-width: 1;
    }
    .real {
        stroke: ${token.real};
        stroke-width: 6;
    }
    .loss {
        stroke: ${token.real};
        stroke-width: 6;
        stroke-dasharray: 3 4;
    }
    .reactive {
        stroke: ${token.reactive};
        stroke-width: 6;
    }
    .capacitor {
        stroke: ${token.accent};
        stroke-width: 6;
        stroke-dasharray: 10 4;
    }
    .before {
        stroke: ${token.edge};
        stroke-width: 2;
    }
    .apparent {
        stroke: ${token.ink};
        stroke-width: 3.5;
    }
    .after {
        stroke: ${token.ink};
        stroke-width: 2;
        stroke-dasharray: 6 5;
    }
    .real-text {
        fill: ${token.real};
        font-weight: 600;
    }
    .reactive-text {
        fill: ${token.reactive};
        font-weight: 600;
    }
`;
