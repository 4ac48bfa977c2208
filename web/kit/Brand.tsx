import { Link, useNavigate } from 'react-router';
import styled from 'styled-components';
import { useLeave } from '../bench/leave';
import { compact, token } from '../theme/tokens';

const Home = styled(Link)`
    display: flex;
    flex: none;
    gap: 12px;
    align-items: center;
    width: 264px;
    min-height: 44px;
    padding: 0 18px;
    color: ${token.onSteel};
    line-height: 1.2;
    text-decoration: none;
    svg {
        width: 32px;
        height: 24px;
        fill: currentColor;
    }
    b {
        display: block;
        font-weight: 600;
        font-size: 17px;
    }
    small {
        color: ${token.softOnSteel};
        font-size: 13px;
    }
    @media ${compact} {
        width: auto;
        padding: 0 4px;
        span {
            display: none;
        }
        svg {
            width: 28px;
        }
    }
`;

/** The mark of the house; leads to the yard. */
export function Brand({ line }: { line?: string }) {
    const leave = useLeave();
    const navigate = useNavigate();
    return (
        <Home
            to="/"
            title="To the yard"
            onClick={(event) => {
                // In a tab of its own nothing is left behind.
                if (!event.ctrlKey && !event.metaKey && !event.shiftKey && event.button === 0) {
                    event.preventDefault();
                    leave(() => void navigate('/'));
                }
            }}
        >
            <svg viewBox="0 0 32 24" aria-hidden="true">
                <path d="M3 3h26v4c0 4-5 6-9 6v3l5 2v4H8v-4l5-2v-3C8 13 4 9 3 3z" />
            </svg>
            <span>
                <b>Brave Anvil</b>
                {line !== undefined && <small>{line}</small>}
            </span>
        </Home>
    );
}
