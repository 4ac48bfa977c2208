import styled from 'styled-components';
import type { GreasingState } from '../../api/contract';
import { Button } from '../../kit/Button';
import { token } from '../../theme/tokens';

const Rows = styled.dl`
    display: grid;
    grid-template-columns: auto auto 1fr;
    gap: 4px 18px;
    align-items: baseline;
    dd {
        font: 600 19px/1.25 ${token.narrow};
    }
    dd + dd {
        color: ${token.soft};
        font: inherit;
        font-size: 15px;
    }
    dd[data-wide] {
        grid-column: 2 / -1;
    }
`;

const ENDS = { de: 'Drive end', nde: 'Non-drive end' } as const;

/** What the grease gun needs to know, at the nipple: which grease, grams for each end, and when it last had any. */
export function GreaseCard({
    plate,
    onGreased,
}: {
    plate: GreasingState['plate'];
    /** Writes it down as stamped; absent for whoever only reads. */
    onGreased?: (() => void) | undefined;
}) {
    const stamped = plate.grams !== '';
    return (
        <>
            <Rows aria-label="Grease">
                <dt>Grease</dt>
                <dd data-wide>{plate.grease === '' ? 'not on the nameplate' : plate.grease}</dd>
                {plate.ends.map(({ end, amount, last_at }) => (
                    <EndRow key={end} label={ENDS[end]} amount={amount} last={last_at} />
                ))}
            </Rows>
            {onGreased !== undefined && stamped && (
                <div>
                    <Button kind="main" onPress={onGreased}>
                        Greased as on the nameplate
                    </Button>
                </div>
            )}
        </>
    );
}

function EndRow({ label, amount, last }: { label: string; amount: string; last: string | null }) {
    return (
        <>
            <dt>{label}</dt>
            <dd>{amount === '' ? 'amount not on the nameplate' : amount}</dd>
            <dd>{last === null ? 'no greasing in the logbook' : `last ${last.slice(0, 10)}`}</dd>
        </>
    );
}
