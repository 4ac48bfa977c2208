import { Link } from 'react-router';
import styled from 'styled-components';
import { type FieldPath, FIELDS } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { stationOfField, viewOf } from '../../bench/follow';
import { useExtra } from '../../bench/useExtra';
import { token } from '../../theme/tokens';

const List = styled.ol`
    display: grid;
    gap: 14px;
    > li {
        padding: 10px 0 0 14px;
        border-left: 4px solid ${token.caution};
    }
    h2 {
        font-size: 17px;
        font-weight: 600;
    }
    dl {
        display: grid;
        grid-template-columns: minmax(90px, auto) 1fr;
        gap: 4px 14px;
        margin-top: 6px;
    }
    dt {
        font-weight: 600;
    }
    small {
        color: ${token.soft};
        font-size: 14px;
    }
`;

const Section = styled.section`
    display: grid;
    gap: 14px;
`;

const isField = (at: string): at is FieldPath => at in FIELDS;

/** What of the assumed and the doubted would change a size, a device, a dial or a verdict: the most decisive first. */
export function SensitivityView() {
    const { place } = useBench();
    const { curves, waiting, failed } = useExtra('sensitivity');
    const curve = curves?.sensitivity;
    if (failed) {
        return <p role="alert">Cannot reach the server.</p>;
    }
    if (waiting || curve === undefined) {
        return <p role="status">{waiting ? 'Trying every assumed value within its range…' : 'Nothing to try yet.'}</p>;
    }
    return (
        <Section aria-label="Sensitivity">
            <p>{curve.says}</p>
            <List>
                {curve.rows.map((row) => {
                    const station = isField(row.at) ? stationOfField(row.at) : undefined;
                    return (
                        <li key={row.at}>
                            <h2>
                                {isField(row.at) && station !== undefined && place !== null ? (
                                    <Link
                                        to={{ pathname: `/circuits/${place.circuit}/${station}`, search: viewOf({ field: row.at }) ?? '' }}
                                        state={{ to: { field: row.at } }}
                                    >
                                        {row.label}
                                    </Link>
                                ) : (
                                    row.label
                                )}
                            </h2>
                            <small>{row.kind === 'assumed' ? `assumed: ${row.taken}` : `from memory: ${row.taken}`}</small>
                            <dl>
                                {row.tries.map((attempt) => (
                                    <Try key={attempt.value} value={attempt.value} flips={attempt.flips} />
                                ))}
                            </dl>
                        </li>
                    );
                })}
            </List>
            {curve.steady.length > 0 && <p>No effect on the result: {curve.steady.join(', ')}.</p>}
        </Section>
    );
}

function Try({ value, flips }: { value: string; flips: readonly { label: string; from: string; to: string }[] }) {
    return (
        <>
            <dt>{value}</dt>
            <dd>{flips.map((flip) => `${flip.label}: ${flip.from} → ${flip.to}`).join('; ')}</dd>
        </>
    );
}
