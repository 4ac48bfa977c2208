import styled from 'styled-components';
import { token } from '../theme/tokens';

/** A part of the page that folds away under its heading. */
export const Folding = styled.details`
    border-top: 1px solid ${token.rule};
    summary {
        min-height: ${token.touch};
        padding: 10px 0;
        font-weight: 600;
        cursor: pointer;
    }
`;

/** The fields of one row of a list, side by side as far as there is room. */
export const FieldsOfRow = styled.fieldset`
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(128px, 1fr));
    gap: 10px 12px;
    align-items: end;
    min-width: 0;
    padding: 0 0 12px;
    border: 0;
    border-bottom: 1px dashed ${token.rule};
    legend {
        padding: 8px 0;
        font-weight: 600;
    }
`;
