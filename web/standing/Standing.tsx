import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import styled from 'styled-components';
import { messageOf } from '../api/client';
import { service } from '../api/service';
import { signedIn, usePerson } from '../api/session';
import { Button } from '../kit/Button';
import { TopBar } from '../kit/TopBar';
import { token } from '../theme/tokens';
import { content } from '../kit/SkipLink';

const Text = styled.main.attrs(content)`
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
            await signedIn(client, await service.session.standing());
            void navigate(state?.to ?? '/', { replace: true });
        } catch (error) {
            setProblem(messageOf(error));
        }
    };
    return (
        <>
            <TopBar title="About these results" />
            <Text>
                <h1>About these results</h1>
                <p>
                    <b>These are calculations, not approvals.</b> Check every result against the code in force where you work, and have a
                    licensed person check it before anything is built, set or energised.
                </p>
                <h2>The tables were entered from memory</h2>
                <p>
                    Tables and limits were entered from memory: NEC 2023, CE Code 2021, IEC 60364 and related standards. None has been
                    checked against the printed codes. Verify each value against the edition in force; the printed code governs. Values that
                    are not certain are marked; an administrator confirms or corrects them for a site.
                </p>
                <h2>Assumed values are marked</h2>
                <p>
                    A dotted line marks a result that uses an assumed value: one not on the nameplate, not entered and not measured. Its
                    calculation shows which.
                </p>
                <h2>What is not checked</h2>
                <p>
                    Selectivity between devices, fault current from motors, arc flash, duct banks and fire resistance are not calculated. A
                    check that is not made says “not checked”, never “passes”.
                </p>
                <h2>This work can kill</h2>
                <ul>
                    <li>
                        Isolate, lock off and tag. Wait for capacitors and drives to discharge. Prove dead with a tester checked on a known
                        live source before and after; then earth and short-circuit.
                    </li>
                    <li>Capacitors stay charged: wait, prove dead, then short-circuit them.</li>
                    <li>
                        Measure live only if you are qualified, with instruments and PPE rated for the location. Check the arc-flash hazard
                        first.
                    </li>
                    <li>Motors can restart without warning, turn after switch-off and be hot to touch.</li>
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
