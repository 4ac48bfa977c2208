import { Button as AriaButton, type ButtonProps } from 'react-aria-components';
import styled, { css } from 'styled-components';
import { small, token } from '../theme/tokens';

const look = {
    plain: css`
        background: ${token.sheet};
        border-color: ${token.edge};
    `,
    main: css`
        background: ${token.accent};
        border-color: ${token.accent};
        color: ${token.onAccent};
    `,
    steel: css`
        background: transparent;
        border-color: ${token.softOnSteel};
        color: ${token.onSteel};
    `,
    quiet: css`
        background: transparent;
        border-color: transparent;
    `,
} as const;

const Root = styled(AriaButton)<{ $look: keyof typeof look }>`
    min-height: ${token.touch};
    padding: 0 14px;
    border: 1px solid;
    border-radius: 4px;
    font-weight: 600;
    cursor: pointer;
    white-space: nowrap;
    ${({ $look }) => look[$look]}
    /* The head stays one line. */
    @media ${small} {
        ${({ $look }) => ($look === 'steel' ? '' : 'white-space: normal;')}
    }
    &[data-pressed] {
        transform: translateY(1px);
    }
    &[data-disabled] {
        opacity: 0.5;
        cursor: default;
    }
`;

/** A button, high enough for a finger in a glove. */
export function Button({ kind = 'plain', ...props }: ButtonProps & { kind?: keyof typeof look }) {
    return <Root $look={kind} {...props} />;
}
