import type { ReactNode } from 'react';
import styled from 'styled-components';
import { AwayNote } from '../away/AwayNote';
import { narrow, token } from '../theme/tokens';
import { Brand } from './Brand';
import { Menu } from './Menu';
import { SkipLink } from './SkipLink';

const Bar = styled.header`
    display: flex;
    gap: 14px;
    align-items: center;
    min-height: 60px;
    padding-right: 14px;
    background: ${token.steel};
    color: ${token.onSteel};
    > :last-child {
        margin-left: auto;
    }
    @media ${narrow} {
        padding: 4px 10px;
    }
`;

/** The strip along the top of every view that is not a bench. */
export function TopBar({ line, title, children }: { line?: string; title?: string; children?: ReactNode }) {
    return (
        <Bar>
            <title>{`${title ?? line ?? 'Brave Anvil'} – Brave Anvil`}</title>
            <SkipLink />
            <Brand {...(line === undefined ? {} : { line })} />
            <AwayNote />
            {children}
            <Menu />
        </Bar>
    );
}
