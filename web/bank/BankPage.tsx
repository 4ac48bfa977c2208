import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import styled from 'styled-components';
import { service } from '../api/service';
import type { BankAnswer } from '../api/contract';
import { usePerson } from '../api/session';
import { FindingList } from '../kit/FindingList';
import { RuledTable } from '../kit/RuledTable';
import { Scroll } from '../kit/Scroll';
import { TextField } from '../kit/TextField';
import { TopBar } from '../kit/TopBar';
import { Waiting } from '../kit/Waiting';
import { narrow } from '../theme/tokens';
import { BankDayPicture } from './BankDayPicture';
import { PatternField } from './PatternField';
import { useBank } from './useBank';
import { content } from '../kit/SkipLink';

const Page = styled.main.attrs(content)`
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 18px;
    max-width: 1000px;
    margin: 0 auto;
    padding: 20px 24px 60px;
    h1 {
        font-size: 24px;
        font-weight: 600;
    }
    h2 {
        font-size: 17px;
        font-weight: 600;
    }
    @media ${narrow} {
        padding: 14px 14px 40px;
    }
`;

const Inputs = styled.div`
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
    gap: 12px 14px;
`;

/** What is typed, with its label, unit and an example. */
const FIELDS = [
    { key: 'target_power_factor', label: 'Target power factor', unit: '', hint: 'Such as 0.95.' },
    { key: 'step_kvar', label: 'Step rating', unit: 'kvar', hint: 'Leave empty for a standard step.' },
    { key: 'steps', label: 'Number of steps', unit: '', hint: 'Leave empty to use as many as needed.' },
    {
        key: 'rated_voltage',
        label: 'Capacitor rated voltage',
        unit: 'V',
        hint: 'Leave empty for the supply voltage, or the next rating up with a reactor.',
    },
    { key: 'detuning_percent', label: 'Detuning reactor', unit: '%', hint: 'Leave empty if there are no reactors.' },
    {
        key: 'current_transformer',
        label: 'Current transformer',
        unit: '',
        hint: 'CT ratio, such as 300/5. Gives the C/k setting of the controller.',
    },
    { key: 'simultaneity', label: 'Diversity factor', unit: '', hint: '0.05 to 1. Used only when no daily pattern is entered.' },
    { key: 'other_power', label: 'Other loads', unit: 'kW', hint: 'Always on; without a circuit here.' },
    { key: 'other_reactive', label: 'Reactive power of other loads', unit: 'kvar', hint: '' },
    { key: 'circuits', label: 'Circuits', unit: '', hint: 'Tags. Leave empty for all circuits at the site.' },
] as const;

/** One capacitor bank for the circuits of a site: in which steps, how often it switches over a day, and against one by one. */
export default function BankPage() {
    const { id = '' } = useParams();
    const bank = useQuery({
        queryKey: ['bank', id],
        queryFn: () => service.bank.show(id),
        refetchOnWindowFocus: false,
    });
    if (bank.isError) {
        return <Waiting title="Cannot open the bank" text="Cannot reach the server, or this site does not exist." />;
    }
    return bank.data === undefined ? <Waiting title="Loading…" /> : <Bank first={bank.data} />;
}

function Bank({ first }: { first: BankAnswer }) {
    const { answer, typed, set, status } = useBank(first);
    const readOnly = usePerson()?.role === 'viewer';
    const at = (path: string) => {
        const error = answer.errors.find((one) => one.path === path);
        return error === undefined ? undefined : `${error.text} ${error.accepted}`;
    };
    const known = new Set<string>([...FIELDS.map(({ key }) => key), 'pattern']);
    const elsewhere = answer.errors.filter(({ path }) => !known.has(path));
    return (
        <>
            <TopBar line={`${answer.site.name}, bank`} />
            <Page>
                <h1>Capacitor bank of {answer.site.name}</h1>
                <p>{answer.sentence === '' ? 'Enter a target power factor.' : answer.sentence}</p>
                <Inputs>
                    {FIELDS.map(({ key, label, unit, hint }) => (
                        <TextField
                            key={key}
                            label={label}
                            unit={unit}
                            hint={hint}
                            value={typed[key] ?? ''}
                            isReadOnly={readOnly}
                            error={at(key)}
                            onChange={(text) => set(key, text)}
                        />
                    ))}
                </Inputs>
                <PatternField
                    value={typed.pattern ?? ''}
                    tags={answer.tags}
                    readOnly={readOnly}
                    error={at('pattern')}
                    onChange={(text) => set('pattern', text)}
                />
                <p role="status">{status}</p>
                {elsewhere.map((error) => (
                    <p key={error.path + error.text} role="alert">
                        {error.path}: {error.text} {error.accepted}
                    </p>
                ))}
                <FindingList findings={answer.findings} />
                {answer.day !== null && <BankDayPicture day={answer.day} />}
                {answer.figures.length > 0 && (
                    <Scroll tabIndex={0} role="group" aria-label="Results for the bank">
                        <RuledTable>
                            <caption>Results</caption>
                            <tbody>
                                {answer.figures.map((figure) => (
                                    <tr key={figure.key}>
                                        <th scope="row">{figure.label}</th>
                                        <td>
                                            <b>{figure.shown}</b>
                                            {figure.assumed && ' (assumed)'}
                                        </td>
                                        <td>{figure.working}</td>
                                    </tr>
                                ))}
                            </tbody>
                        </RuledTable>
                    </Scroll>
                )}
                <p>
                    Have a licensed person check this against the local code. A bank stays charged after it is switched off: wait for the
                    discharge time, prove it dead, then short-circuit it and earth it.
                </p>
            </Page>
        </>
    );
}
