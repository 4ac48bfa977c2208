import styled from 'styled-components';
import { useAway } from './away';

const Note = styled.span`
    padding: 3px 9px;
    border-radius: 3px;
    background: #f2b84b;
    color: #1d262a;
    font-weight: 600;
    font-size: 14px;
`;

const time = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' });

/** Stands where the service does not answer: what is shown is as it was last seen on this device. */
export function AwayNote() {
    const since = useAway();
    return since === null ? null : <Note role="status">Offline. Showing data from {time.format(new Date(since))}</Note>;
}
