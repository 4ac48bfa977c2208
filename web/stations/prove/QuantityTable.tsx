import styled from 'styled-components';
import type { ReadingComparison } from '../../api/contract';
import { RuledTable } from '../../kit/RuledTable';
import { Unseen } from '../../kit/Unseen';
import { token } from '../../theme/tokens';

const Table = styled(RuledTable)`
    td.read {
        font: 600 17px ${token.narrow};
        white-space: nowrap;
    }
    tr[data-off] td.read {
        color: ${token.stop};
    }
`;

const Says = styled.div`
    display: grid;
    gap: 4px;
    p {
        max-width: 70ch;
    }
    .next {
        font-weight: 600;
    }
`;

const VERDICTS: Readonly<Record<ReadingComparison['verdict'], string>> = {
    agrees: 'As expected',
    differs: 'Not as expected',
    cannot_be_compared: 'Cannot be compared',
};

/** Whether a value lies outside its band. */
const isOff = ({ measured, low, high }: ReadingComparison['quantities'][number]) =>
    typeof measured === 'number' && ((low !== null && measured < low) || (high !== null && measured > high));

/** What was read beside what was to be expected, and what a difference points to. */
export function QuantityTable({ comparison, caption }: { comparison: ReadingComparison; caption: string }) {
    return (
        <>
            <Table>
                <caption>
                    {VERDICTS[comparison.verdict]}: {caption}
                </caption>
                <thead>
                    <tr>
                        <th scope="col">
                            <Unseen>Quantity</Unseen>
                        </th>
                        <th scope="col">read</th>
                        <th scope="col">expected</th>
                        <th scope="col">within</th>
                    </tr>
                </thead>
                <tbody>
                    {comparison.quantities.map((quantity) => (
                        <tr key={quantity.name} {...(isOff(quantity) ? { 'data-off': true } : {})}>
                            <th scope="row">{quantity.label}</th>
                            <td className="read">
                                {quantity.shown}
                                {isOff(quantity) && ' ✕ off'}
                            </td>
                            <td>{quantity.expected_shown}</td>
                            <td>{quantity.band_shown}</td>
                        </tr>
                    ))}
                </tbody>
            </Table>
            <Says>
                {comparison.missing.length > 0 && <p>Missing: {comparison.missing.join(', ')}.</p>}
                {comparison.says !== '' && <p>{comparison.says}</p>}
                {comparison.points_to.length > 0 && <p>Usual causes: {comparison.points_to.join('; ')}.</p>}
                {comparison.next !== '' && <p className="next">{comparison.next}</p>}
            </Says>
        </>
    );
}
