import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import styled from 'styled-components';
import { call, messageOf } from '../api/client';
import type { SessionAnswer } from '../api/contract';
import { signedIn, usePerson } from '../api/session';
import { Button } from '../kit/Button';
import { TopBar } from '../kit/TopBar';
import { token } from '../theme/tokens';

const Text = styled.main`
    display: grid;
    gap: 14px;
    max-width: 760px;
    margin: 0 auto;
    padding: 28px 24px 60px;
    h1 {
        font-size: 26px;
        font-weight: 600;
    }
    h2 {
        margin-top: 8px;
        padding-top: 12px;
        border-top: 1px solid ${token.rule};
        font-size: 18px;
        font-weight: 600;
    }
    ul {
        display: grid;
        gap: 8px;
    }
    li {
        padding-left: 14px;
        border-left: 4px solid ${token.caution};
    }
    > div {
        margin-top: 10px;
    }
`;

/** What the results are and are not. Shown once to each person, and always linked. */
export default function Standing() {
    const person = usePerson();
    const client = useQueryClient();
    const navigate = useNavigate();
    const state = useLocation().state as { to?: string } | null;
    const [problem, setProblem] = useState('');
    const read = async () => {
        setProblem('');
        try {
            await signedIn(client, await call<SessionAnswer>('POST', 'session/standing'));
            void navigate(state?.to ?? '/', { replace: true });
        } catch (error) {
            setProblem(messageOf(error));
        }
    };
    return (
        <>
            <TopBar />
            <Text>
                <h1>The standing of the results</h1>
                <p>
                    <b>They are calculations, not permissions.</b> Check every result against the code in force where you work, and have it
                    checked by a licensed person before anything is built, set or switched on.
                </p>
                <h2>The tables were entered from memory</h2>
                <p>
                    Rule-book tables and limits were written down from memory: NEC 2023, CE Code 2021, IEC 60364 and its neighbours. Nothing
                    here was held against the printed books. Verify each figure against the edition in force; the printed book wins. Entries
                    of which memory was not sure are marked at the figure; an administrator confirms or corrects them for a site.
                </p>
                <h2>What is assumed is marked</h2>
                <p>A figure with a dotted line rests on something that nobody stamped, typed or measured. Its working says on what.</p>
                <h2>What is not checked</h2>
                <p>
                    Selectivity between devices, fault current fed by motors, arc flash, duct banks and fire resistance are not computed.
                    Where a check is not made it says “not checked”, never “passes”.
                </p>
                <h2>The work can kill</h2>
                <ul>
                    <li>Isolate, lock off and tag. Prove dead on a known source before and after.</li>
                    <li>Capacitors hold charge: wait, prove dead, then short them.</li>
                    <li>Measure live only if you are qualified, with instruments rated for it. Mind the arc flash.</li>
                    <li>Motors restart unexpectedly, and run hot and turning.</li>
                </ul>
                {person?.standing_read === false && (
                    <div>
                        <Button kind="main" onPress={() => void read()}>
                            I have read this
                        </Button>
                        {problem !== '' && <p role="alert">{problem}</p>}
                    </div>
                )}
            </Text>
        </>
    );
}
