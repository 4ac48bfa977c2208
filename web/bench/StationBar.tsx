import { NavLink } from 'react-router';
import styled from 'styled-components';
import { GradeMark } from '../kit/Grade';
import { narrow, token } from '../theme/tokens';
import { STATIONS, useBench } from './BenchContext';

const Bar = styled.nav`
    grid-area: bar;
    display: flex;
    overflow-x: auto;
    border-top: 1px solid ${token.rule};
    background: ${token.panel};
`;

const Stop = styled(NavLink)`
    display: flex;
    flex: 1;
    gap: 9px;
    align-items: center;
    justify-content: center;
    min-height: 52px;
    padding: 0 10px;
    border-right: 1px solid ${token.rule};
    color: inherit;
    font-weight: 600;
    text-decoration: none;
    > span:first-child {
        display: grid;
        place-items: center;
        width: 26px;
        height: 26px;
        border: 1px solid ${token.edge};
        border-radius: 50%;
        font-size: 13px;
    }
    &.active {
        box-shadow: inset 0 4px ${token.accent};
        background: ${token.ground};
        color: ${token.accent};
    }
    @media ${narrow} {
        flex-direction: column;
        gap: 0;
        min-height: 54px;
        padding: 4px 8px;
        font-size: 13px;
        > span:first-child {
            display: none;
        }
    }
`;

/** The stations in the order of the work, with their worst finding. */
export function StationBar({ base }: { base: string }) {
    const { solved } = useBench();
    return (
        <Bar aria-label="Stations">
            {STATIONS.map(({ name, label }, index) => {
                const grades = solved.solution.findings.filter((finding) => finding.station === name).map((finding) => finding.grade);
                const worst = grades.includes('stop') ? 'stop' : grades.includes('caution') ? 'caution' : null;
                return (
                    <Stop key={name} to={`${base}/${name}`}>
                        <span aria-hidden="true">{index + 1}</span>
                        <span>{label}</span>
                        {worst !== null && <GradeMark grade={worst} label={worst} />}
                    </Stop>
                );
            })}
        </Bar>
    );
}
