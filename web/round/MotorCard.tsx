import { useQuery } from '@tanstack/react-query';
import { type SyntheticEvent, useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { errorOf, ProblemError } from '../api/client';
import { service } from '../api/service';
import type { Round, RoundCheck, RoundItem, RoundMotor } from '../api/contract';
import { Button } from '../kit/Button';
import { GradeMark } from '../kit/Grade';
import { Select } from '../kit/Select';
import { TextField } from '../kit/TextField';
import { token } from '../theme/tokens';
import { useKept } from '../away/useKept';

const Items = styled.ol`
    display: grid;
    gap: 14px;
    > li {
        display: grid;
        gap: 8px;
        padding: 12px 0;
        border-top: 1px solid ${token.rule};
    }
    .expected {
        font: 600 28px ${token.narrow};
    }
    small {
        color: ${token.soft};
        font-size: 15px;
    }
`;

const Two = styled.div`
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 10px;
    button {
        min-height: 56px;
    }
`;

const LINKS = [
    { value: '', label: 'Choose' },
    { value: 'star', label: 'Star' },
    { value: 'delta', label: 'Delta' },
    { value: 'other', label: 'Other' },
];

/** One motor in hand: each thing that should be there, the same or otherwise. */
export function MotorCard({
    round,
    motor,
    readOnly,
    onChecked,
}: {
    round: Round;
    motor: RoundMotor;
    readOnly: boolean;
    onChecked: (round: Round) => void;
}) {
    const query = useQuery({
        queryKey: ['round', 'motor', round.id, motor.id],
        queryFn: () => service.round.motor(round.id, motor.id),
    });
    return (
        <section aria-label={motor.tag}>
            <h1>
                <Link to={`/circuits/${motor.id}/plate`}>{motor.tag}</Link>
            </h1>
            <p>{motor.drives}</p>
            {query.isError && <p role="alert">{query.error.message}</p>}
            {query.data?.items.length === 0 && <p>Nothing to check is calculated for this motor.</p>}
            <Items>
                {query.data?.items.map((item) => (
                    <Item
                        key={item.item}
                        form={`round:${round.id}:${motor.id}:${item.item}`}
                        item={item}
                        check={motor.checks.find((check) => check.item === item.item)}
                        readOnly={readOnly}
                        send={async (body) => onChecked(await service.round.check(round.id, motor.id, { item: item.item, ...body }))}
                    />
                ))}
            </Items>
        </section>
    );
}

function Item({
    form,
    item,
    check,
    readOnly,
    send,
}: {
    form: string;
    item: RoundItem;
    check: RoundCheck | undefined;
    readOnly: boolean;
    send: (body: { same: boolean; found?: string; seen: boolean }) => Promise<void>;
}) {
    const [open, setOpen] = useKept(`${form}:open`, false);
    const [found, setFound] = useKept(form, '');
    const [problem, setProblem] = useState<Error | null>(null);
    const act = async (body: { same: boolean; found?: string }) => {
        setProblem(null);
        try {
            // What stands there was seen: somebody else's word is not replaced without.
            await send({ ...body, seen: check !== undefined });
            setOpen(false);
            setFound('');
        } catch (error) {
            setProblem(errorOf(error));
        }
    };
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        void act({ same: false, found });
    };
    const bad = problem instanceof ProblemError ? problem.at('found') : undefined;
    return (
        <li aria-label={item.label}>
            <div>
                <small>{item.label}</small>
                <div className="expected">{item.expected}</div>
            </div>
            {check?.same === true && <span>Same as the sheet.</span>}
            {check?.same === false && (
                <p>
                    {check.grade !== '' && <GradeMark grade={check.grade} label={check.grade} />} <b>{check.found}</b> found. {check.says}
                </p>
            )}
            {!readOnly && (
                <Two>
                    <Button kind={check?.same === true ? 'main' : 'plain'} onPress={() => void act({ same: true })}>
                        Same
                    </Button>
                    <Button kind={check?.same === false ? 'main' : 'plain'} onPress={() => setOpen(true)}>
                        Different
                    </Button>
                </Two>
            )}
            {open && (
                <form onSubmit={submit} aria-label={`${item.label}, as found`}>
                    {item.item === 'links' ? (
                        <Select label="Found" value={found} options={LINKS} onChange={setFound} error={bad} />
                    ) : (
                        <TextField label="Found" value={found} onChange={setFound} error={bad} autoFocus />
                    )}
                    <Button kind="main" type="submit" isDisabled={found.trim() === ''}>
                        Check
                    </Button>
                </form>
            )}
            {problem !== null && bad === undefined && <p role="alert">{problem.message}</p>}
        </li>
    );
}
