import { Link } from 'react-router';
import styled from 'styled-components';
import { plural } from '../kit/Grade';
import { token } from '../theme/tokens';
import { type Unsaved, useUnsaved } from './unsaved';

const Box = styled.section`
    display: grid;
    gap: 4px;
    padding: 10px 14px;
    border-left: 4px solid ${token.caution};
    background: ${token.wash};
    a {
        font-weight: 600;
    }
`;

const inWords = ({ because }: Unsaved): string => {
    switch (because.kind) {
        case 'away':
            return 'goes up when the service answers';
        case 'signed_out':
            return 'goes up when you sign in again';
        case 'conflict':
            return 'somebody else saved in between: open it and choose';
        case 'refused':
            return `refused: ${because.title.toLowerCase()}. Open it`;
    }
};

/** Circuits that were typed into on this device and are not saved yet. */
export function UnsavedList() {
    const unsaved = useUnsaved();
    if (unsaved.length === 0) {
        return null;
    }
    return (
        <Box aria-label="Not saved yet" role="status">
            <p>{plural(unsaved.length, 'circuit')} typed into on this device, kept here, not saved yet:</p>
            <ul>
                {unsaved.map((one) => (
                    <li key={one.circuit}>
                        <Link to={`/circuits/${one.circuit}/plate`}>{one.tag}</Link>, {inWords(one)}
                    </li>
                ))}
            </ul>
        </Box>
    );
}
