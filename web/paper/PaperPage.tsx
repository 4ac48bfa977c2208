import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import styled from 'styled-components';
import { service } from '../api/service';
import { usePerson } from '../api/session';
import { useCarried } from '../carried/carried';
import { Button } from '../kit/Button';
import { Waiting } from '../kit/Waiting';
import { Paper } from './Paper';
import { savedPaperOf } from './paperOf';
import { content } from '../kit/SkipLink';
import { PAPERS } from '../sheet/papers';

const Page = styled.main.attrs(content)`
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 14px;
    max-width: 230mm;
    margin: 0 auto;
    padding: 16px;
    > nav {
        display: flex;
        flex-wrap: wrap;
        gap: 10px 18px;
        align-items: center;
    }
    @media print {
        max-width: none;
        padding: 0;
        > nav {
            display: none;
        }
    }
`;

/** A door card or file sheet by itself, to be printed from the browser. */
export default function PaperPage({ of }: { of: 'circuit' | 'revision' | 'board' }) {
    const { id = '', board, name = 'door' } = useParams();
    const which = name === 'file' ? 'file' : 'door';
    const person = usePerson();
    // Asked again once this device can calculate: without the service only that helps.
    const { state } = useCarried();
    const query = useQuery({
        queryKey: ['paper', of, id, board, which, state === 'ready'],
        queryFn: async () => {
            if (of === 'revision') {
                return service.sheet.show(id, which);
            }
            if (of === 'board') {
                return service.sheet.board(board ?? '', which);
            }
            return savedPaperOf(id, which, person?.login ?? '');
        },
        staleTime: 0,
        gcTime: 0,
    });
    if (query.isError) {
        return <Waiting title="Cannot open this document" text={query.error.message} />;
    }
    if (query.data === undefined) {
        return <Waiting title="Preparing the document…" />;
    }
    return (
        <Page>
            <nav aria-label="This document">
                <Button kind="main" onPress={() => window.print()}>
                    Print
                </Button>
                {board !== undefined ? (
                    <Link to={`/boards/${board}`}>Back to the board</Link>
                ) : of === 'circuit' ? (
                    <Link to={`/circuits/${id}/sheet`}>Back to the circuit</Link>
                ) : (
                    <Link to={`/revisions/${id}`}>Its results</Link>
                )}
            </nav>
            <Paper name={which} label={PAPERS[board === undefined ? 'circuit' : 'board'][which]} paper={query.data} />
        </Page>
    );
}
