import styled from 'styled-components';
import type { FigureKey } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { Value } from '../../bench/StationPage';
import { RuledTable } from '../../kit/RuledTable';
import { token } from '../../theme/tokens';

const Table = styled(RuledTable)`
    td {
        font: 600 20px ${token.narrow};
        white-space: nowrap;
    }
    span.use {
        display: block;
        color: ${token.soft};
        font-weight: 400;
        font-size: 13px;
        line-height: 1.3;
    }
`;

const Bar = styled.span<{ $share: number }>`
    display: block;
    width: ${({ $share }) => $share * 100}%;
    height: 6px;
    margin-top: 4px;
    background: ${token.reactive};
`;

const SOURCES = ['power.computed_current', 'power.plate_current', 'power.table_current'] as const satisfies readonly FigureKey[];

/** The three sources of full-load current side by side, and what each is used for. */
export function CurrentSources() {
    const { solved } = useBench();
    const most = Math.max(1e-9, ...SOURCES.map((key) => solved.number(key) ?? 0));
    const rows: readonly { key: FigureKey; name: string; use: string; why: string }[] = [
        {
            key: 'power.computed_current',
            name: 'Calculated',
            use: 'from output, efficiency and power factor; checks the nameplate',
            why: '',
        },
        {
            key: 'power.plate_current',
            name: 'Nameplate',
            use: usedFor('power.plate_current'),
            why: differs(
                'power.current_difference',
                'compared with the calculated current: manufacturers round, and measure a sample motor',
            ),
        },
        {
            key: 'power.table_current',
            name: 'Table',
            use: usedFor('power.table_current'),
            why: differs('power.table_difference', 'compared with this motor: one value for every motor of the size, on the safe side'),
        },
    ];
    function differs(key: FigureKey, words: string): string {
        const difference = solved.figure(key);
        return difference === undefined ? '' : `${difference.shown} ${words}`;
    }
    function usedFor(key: FigureKey): string {
        const value = solved.number(key);
        if (value === undefined) {
            return key === 'power.plate_current' ? 'not on the nameplate' : 'no entry for this motor';
        }
        const rests = (on: FigureKey) => solved.figure(on)?.from.some(({ figure }) => figure === key) === true;
        const uses = [
            rests('power.design_current') ? 'conductors, device and disconnect' : '',
            rests('power.overload_current') ? 'overload' : '',
        ].filter(Boolean);
        return uses.length === 0 ? 'for comparison' : `used for ${uses.join('; ')}`;
    }
    return (
        <Table>
            <caption>Full-load current from three sources</caption>
            <tbody>
                {rows.map(({ key, name, use, why }) => (
                    <tr key={key}>
                        <th scope="row">
                            {name}
                            <span className="use">{use}</span>
                            {why !== '' && <span className="use">{why}</span>}
                        </th>
                        <td>
                            <Value figure={solved.figure(key)} />
                            <Bar $share={(solved.number(key) ?? 0) / most} aria-hidden="true" />
                        </td>
                    </tr>
                ))}
            </tbody>
        </Table>
    );
}
