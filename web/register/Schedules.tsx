import styled from 'styled-components';
import { service } from '../api/service';
import { ListSection } from '../kit/ListPage';
import { PaperMaker } from '../paper/PaperMaker';

const SCHEDULES = [
    { name: 'motors', label: 'Motors' },
    { name: 'cables', label: 'Cables' },
    { name: 'settings', label: 'Protection settings' },
    { name: 'capacitors', label: 'Capacitors' },
] as const;

const List = styled.ul`
    display: grid;
    gap: 8px;
    li {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 18px;
        align-items: center;
    }
    b {
        min-width: 170px;
        font-weight: 600;
    }
`;

/** Lists for the workshop wall and the store, made by the workers. */
export function Schedules({ site }: { site: string }) {
    return (
        <ListSection aria-label="Schedules">
            <h2>Schedules</h2>
            <List>
                {SCHEDULES.map(({ name, label }) => (
                    <li key={name}>
                        <b>{label}</b>
                        {(['pdf', 'csv'] as const).map((as) => (
                            <PaperMaker
                                key={`${site} ${as}`}
                                ask={() => service.register.schedule(site, { name, as })}
                                what={as === 'pdf' ? 'PDF' : 'table (CSV)'}
                                of={label}
                            />
                        ))}
                    </li>
                ))}
            </List>
        </ListSection>
    );
}
