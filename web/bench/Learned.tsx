import { createContext, type ReactNode, useContext, useMemo, useState } from 'react';
import styled from 'styled-components';
import type { LearnedRow } from '../api/contract';
import { Button } from '../kit/Button';
import { token } from '../theme/tokens';
import { useExtra } from './useExtra';

type Rows = ReadonlyMap<string, readonly LearnedRow[]>;

const Beside = createContext<Rows>(new Map());

const KEPT = 'rules-of-thumb';

const Row = styled.dd`
    margin-top: 4px;
    padding: 5px 8px;
    border-left: 3px solid ${token.rule};
    background: ${token.panel};
    font-size: 14px;
    line-height: 1.35;
    small {
        display: block;
        color: ${token.soft};
        font-size: 13px;
    }
`;

/** The heading of the working, with what people know by heart beside it where they want to see it. */
export function WithLearned({ heading, children }: { heading: string; children: ReactNode }) {
    const [open, setOpen] = useState(() => sessionStorage.getItem(KEPT) !== null);
    const toggle = () => {
        if (open) {
            sessionStorage.removeItem(KEPT);
        } else {
            sessionStorage.setItem(KEPT, '1');
        }
        setOpen(!open);
    };
    return (
        <>
            <h2>{heading}</h2>
            <Button onPress={toggle} aria-pressed={open}>
                {open ? 'Hide the rules of thumb' : 'Compare with rules of thumb'}
            </Button>
            {open ? <Asked>{children}</Asked> : children}
        </>
    );
}

function Asked({ children }: { children: ReactNode }) {
    const { curves, failed } = useExtra('learned');
    const rows = useMemo(() => {
        const byFigure = new Map<string, LearnedRow[]>();
        for (const row of curves?.learned?.rows ?? []) {
            byFigure.set(row.figure, [...(byFigure.get(row.figure) ?? []), row]);
        }
        return byFigure;
    }, [curves]);
    return (
        <Beside.Provider value={rows}>
            {failed && <p role="status">Cannot load the rules of thumb now. The results below are not affected.</p>}
            {children}
        </Beside.Provider>
    );
}

/** Beside one figure: what people carry in their heads, and how far off it is here. Never used in a result. */
export function LearnedRows({ figure }: { figure: string }) {
    return (useContext(Beside).get(figure) ?? []).map((row) => (
        <Row key={row.says}>
            You learned: <b>{row.says}</b>. That is {row.gives} here{row.off === '' ? '' : `, ${row.off}`}.
            <small>
                Good for: {row.holds} Not for: {row.fails}
            </small>
        </Row>
    ));
}
