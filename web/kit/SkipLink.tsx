import styled from 'styled-components';
import { token } from '../theme/tokens';

/** What every page has once: where its content begins. */
export const content = { id: 'content', tabIndex: -1 } as const;

const Link = styled.a`
    position: fixed;
    top: -100px;
    left: 8px;
    z-index: 30;
    padding: 12px 16px;
    border-radius: 0 0 4px 4px;
    background: ${token.accent};
    color: ${token.onAccent};
    font-weight: 600;
    &:focus {
        top: 0;
    }
`;

/** The first stop of the keyboard: past the head and the ways, to what the page is about. */
export function SkipLink() {
    return (
        <Link
            href="#content"
            onClick={(event) => {
                event.preventDefault();
                document.getElementById(content.id)?.focus();
            }}
        >
            Skip to the content
        </Link>
    );
}
