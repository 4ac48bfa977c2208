import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { messageOf } from '../api/client';
import { service } from '../api/service';
import type { Round, RoundDefect, RoundMotor } from '../api/contract';
import { mayEdit, usePerson } from '../api/session';
import { Button } from '../kit/Button';
import { GradeMark, plural } from '../kit/Grade';
import { PaperMaker } from '../paper/PaperMaker';
import { token } from '../theme/tokens';
import { MotorCard } from './MotorCard';

const Bar = styled.div`
    display: flex;
    flex-wrap: wrap;
    gap: 10px 14px;
    align-items: center;
`;

const Motors = styled.ol`
    display: grid;
    gap: 6px;
    button {
        display: flex;
        width: 100%;
        min-height: 52px;
        gap: 4px 14px;
        align-items: center;
        text-align: left;
        white-space: normal;
    }
    small {
        color: ${token.soft};
    }
    .state {
        margin-left: auto;
    }
`;

const Defects = styled.ul`
    display: grid;
    gap: 10px;
    li {
        padding: 8px 0 8px 12px;
        border-left: 4px solid ${token.caution};
    }
    li[data-grade='stop'] {
        border-left-color: ${token.stop};
    }
    li[data-grade='note'] {
        border-left-color: ${token.note};
    }
    p {
        margin-top: 4px;
        color: ${token.soft};
    }
`;

/** One round: its motors, the one in hand, and the list of what was otherwise. */
export function RoundView({ id, onClose }: { id: string; onClose: () => void }) {
    const person = usePerson();
    const client = useQueryClient();
    const [at, setAt] = useState<number | null>(null);
    const [problem, setProblem] = useState('');
    const key = ['round', id];
    const query = useQuery({ queryKey: key, queryFn: () => service.round.show(id) });
    const round = query.data;
    if (round === undefined) {
        return <p role={query.isError ? 'alert' : 'status'}>{query.isError ? query.error.message : 'Opening the round…'}</p>;
    }
    const place = round.motors.findIndex((motor) => motor.id === at);
    const motor = place === -1 ? undefined : round.motors[place];
    const next = round.motors[place + 1];
    const put = (answer: Round) => client.setQueryData(key, answer);
    const end = async () => {
        setProblem('');
        try {
            put(await service.round.end(id));
        } catch (error) {
            setProblem(messageOf(error));
        }
    };
    if (motor !== undefined) {
        return (
            <>
                <Bar>
                    <Button onPress={() => setAt(null)}>All motors</Button>
                    <span>
                        {place + 1} of {round.motors.length}
                    </span>
                    {next !== undefined && (
                        <Button kind="main" onPress={() => setAt(next.id)}>
                            Next: {next.tag}
                        </Button>
                    )}
                </Bar>
                <MotorCard key={motor.id} round={round} motor={motor} readOnly={round.ended || !mayEdit(person)} onChecked={put} />
            </>
        );
    }
    return (
        <>
            <h1>{round.area === '' ? 'The whole site' : round.area}</h1>
            <p>
                Started by {round.by}, {round.at.slice(0, 10)}
                {round.ended ? ', ended' : ''}. {plural(round.motors.length, 'motor')}, {plural(round.defects.length, 'defect')}.
            </p>
            <Bar>
                <Button onPress={onClose}>All rounds</Button>
                {!round.ended && mayEdit(person) && <Button onPress={() => void end()}>End the round</Button>}
                <PaperMaker ask={() => service.round.paper(id)} what="list of defects (PDF)" of="this round" />
            </Bar>
            {problem !== '' && <p role="alert">{problem}</p>}
            <Motors>
                {round.motors.map((one) => (
                    <li key={one.id}>
                        <Button onPress={() => setAt(one.id)}>
                            <b>{one.tag}</b>
                            <small>{one.drives}</small>
                            <State motor={one} />
                        </Button>
                    </li>
                ))}
            </Motors>
            {round.motors.length === 0 && <p>There is no motor in this area.</p>}
            {round.defects.length > 0 && <DefectList defects={round.defects} />}
        </>
    );
}

function State({ motor }: { motor: RoundMotor }) {
    const wrong = motor.checks.filter(({ same }) => !same);
    const worst = (['stop', 'caution', 'note'] as const).find((grade) => wrong.some((check) => check.grade === grade));
    return (
        <span className="state">
            {worst !== undefined && <GradeMark grade={worst} />}{' '}
            {motor.checks.length === 0 ? '' : wrong.length === 0 ? `${motor.checks.length} the same` : `${wrong.length} different`}
        </span>
    );
}

function DefectList({ defects }: { defects: readonly RoundDefect[] }) {
    return (
        <section aria-label="Defects">
            <h2>Defects</h2>
            <Defects>
                {defects.map((defect) => (
                    <li key={`${defect.circuit} ${defect.item}`} data-grade={defect.grade}>
                        <b>{defect.tag}</b> {defect.label}: found {defect.found}, should be {defect.expected}
                        <p>{defect.says}</p>
                    </li>
                ))}
            </Defects>
        </section>
    );
}
