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
            return 'will be saved when you are back online';
        case 'signed_out':
            return 'will be saved when you sign in again';
        case 'conflict':
            return 'changed by someone else: open it and choose a version';
        case 'refused':
            return `not saved: ${because.title.toLowerCase()}. Open the circuit`;
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
            <p>{plural(unsaved.length, 'circuit')} changed on this device and not saved to the server yet:</p>
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
