import { Link } from 'react-router';
import styled from 'styled-components';
import { token } from '../theme/tokens';
import { content } from './SkipLink';

const Box = styled.main.attrs(content)`
    display: grid;
    gap: 10px;
    place-content: center;
    min-height: 60vh;
    padding: 24px;
    text-align: center;
    h1 {
        font-size: 22px;
        font-weight: 600;
    }
    p {
        color: ${token.soft};
    }
`;

/** A page that waits, or that cannot be shown. */
export function Waiting({
    title,
    text,
    back = { to: '/', label: 'Back to the yard' },
}: {
    title: string;
    text?: string;
    back?: { to: string; label: string };
}) {
    return (
        <Box role={text === undefined ? 'status' : 'alert'}>
            <h1>{title}</h1>
            {text !== undefined && (
                <>
                    <p>{text}</p>
                    <p>
                        <Link to={back.to}>{back.label}</Link>
                    </p>
                </>
            )}
        </Box>
    );
}
