import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { service } from '../../../api/service';
import { useBench } from '../../../bench/BenchContext';
import { anyAnswer } from '../../../carried/answered';
import { typed } from '../../../bench/circuit';
import { NotLoaded } from '../../../kit/NotLoaded';
import { Segments } from '../../../kit/Segments';
import { Select } from '../../../kit/Select';
import { token } from '../../../theme/tokens';

const Steps = styled.ol`
    display: grid;
    gap: 16px;
    padding-left: 22px;
    list-style: decimal;
    li > p {
        margin-bottom: 8px;
    }
`;

const Pairs = styled.div`
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
    gap: 12px;
`;

const Labels = styled.dl`
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    div {
        min-width: 74px;
        padding: 6px 10px;
        border: 1px solid ${token.edge};
        border-radius: 4px;
        background: ${token.sheet};
    }
    dt {
        color: ${token.soft};
        font-size: 14px;
    }
    dd {
        font-size: 22px;
        font-weight: 600;
    }
`;

const OTHERS = ['2', '3', '4', '5', '6'];

type Needle = '' | 'forward' | 'back';

const NEEDLE: readonly { value: Needle; label: string }[] = [
    { value: '', label: 'not tried' },
    { value: 'forward', label: 'forward' },
    { value: 'back', label: 'back' },
];

/** Six unmarked leads: pairs by continuity, then ends by a kick of direct current. The core names them. */
export function LeadsWizard() {
    const { draft } = useBench();
    const [first, setFirst] = useState('');
    const [second, setSecond] = useState('');
    const [needles, setNeedles] = useState<readonly [Needle, Needle]>(['', '']);
    const left = OTHERS.filter((lead) => lead !== first);
    const begins = left[0] ?? '';
    const rest = left.filter((lead) => lead !== begins && lead !== second);
    const pairs = first === '' || second === '' ? [] : [['1', first], [begins, second], rest];
    const book = typed(draft, 'rule_book');
    const moves = (needle: Needle) => (needle === '' ? null : needle === 'forward');
    const asked = { rule_book: book, pairs, second_forward: moves(needles[0]), third_forward: moves(needles[1]) };
    const named = useQuery({
        queryKey: ['leads', asked],
        queryFn: ({ signal }) => anyAnswer(() => service.leads.ask(asked, signal), { ask: 'leads', ...asked }, signal),
        enabled: pairs.length === 3,
    });
    return (
        <Steps>
            <li>
                <p>Isolate the motor, lock off and prove dead. Remove all links. Number the leads 1 to 6, in any order.</p>
            </li>
            <li>
                <p>
                    Use an ohmmeter between lead 1 and each other lead: only one has continuity. Then do the same from the lowest number
                    left.
                </p>
                <Pairs>
                    <Select
                        label="Lead 1 has continuity with"
                        value={first}
                        options={[{ value: '', label: 'not found yet' }, ...OTHERS.map((lead) => ({ value: lead, label: lead }))]}
                        onChange={(lead) => {
                            setFirst(lead);
                            setSecond('');
                            setNeedles(['', '']);
                        }}
                    />
                    {first !== '' && (
                        <Select
                            label={`Lead ${begins} has continuity with`}
                            value={second}
                            options={[
                                { value: '', label: 'not found yet' },
                                ...left.filter((lead) => lead !== begins).map((lead) => ({ value: lead, label: lead })),
                            ]}
                            onChange={(lead) => {
                                setSecond(lead);
                                setNeedles(['', '']);
                            }}
                        />
                    )}
                </Pairs>
                {pairs.length === 3 && <p>The third winding is {rest.join(' and ')}.</p>}
            </li>
            {pairs.length === 3 && (
                <li>
                    <p>
                        Use a small battery: plus to lead 1, minus to {first}. Put an analogue meter (lowest DC volts range) on each other
                        pair. Watch the needle when you connect the battery, not when you disconnect it. Do not hold the bare ends: the
                        winding gives a voltage kick.
                    </p>
                    <p>
                        Meter plus on {begins}, minus on {second}: on connecting, the needle kicks
                    </p>
                    <Segments
                        label={`Needle on ${begins} and ${second}`}
                        value={needles[0]}
                        options={NEEDLE}
                        onChange={(to) => setNeedles([to, needles[1]])}
                    />
                    <p>
                        Meter plus on {rest[0]}, minus on {rest[1]}: on connecting, the needle kicks
                    </p>
                    <Segments
                        label={`Needle on ${rest.join(' and ')}`}
                        value={needles[1]}
                        options={NEEDLE}
                        onChange={(to) => setNeedles([needles[0], to])}
                    />
                </li>
            )}
            <NotLoaded what="the names of the leads" of={named} />
            {named.data !== undefined && (
                <li>
                    {named.data.refusal === null ? (
                        <>
                            <p>Mark the leads:</p>
                            <Labels>
                                {Object.entries(named.data.labels).map(([lead, label]) => (
                                    <div key={lead}>
                                        <dt>lead {lead}</dt>
                                        <dd>{label}</dd>
                                    </div>
                                ))}
                            </Labels>
                            <p>
                                Then run the motor uncoupled for a moment: equal currents in all lines, no growl. If it turns the wrong way,
                                swap two complete windings.
                            </p>
                        </>
                    ) : (
                        <p>{named.data.refusal}</p>
                    )}
                </li>
            )}
        </Steps>
    );
}
