import { useQuery } from '@tanstack/react-query';
import { Button, DropZone, GridList, GridListItem, isTextDropItem, useDragAndDrop } from 'react-aria-components';
import styled from 'styled-components';
import type { Import, ImportCurrentsAnswer } from '../api/contract';
import { service } from '../api/service';
import { GradeMark } from '../kit/Grade';
import { token } from '../theme/tokens';
import { fieldOf, filledBy, told, unitOf, type Column } from './columns';

/** Stamps that a plate always has; others appear once a column fills them. */
const STAMPS = [
    'tag',
    'plate.power',
    'plate.voltage',
    'plate.current',
    'plate.frequency',
    'plate.speed',
    'plate.power_factor',
    'plate.efficiency',
    'plate.service_factor',
    'drives',
];

const KIND = 'brave-anvil-column';

const Box = styled.section`
    display: grid;
    gap: 12px;
    .heads {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
    }
    .head {
        display: flex;
        align-items: center;
        gap: 8px;
        min-height: ${token.touch};
        padding: 2px 12px 2px 4px;
        border: 1px solid ${token.edge};
        background: ${token.sheet};
        cursor: grab;
        button {
            min-width: ${token.touch};
            min-height: ${token.touch};
            border: 0;
            background: none;
            color: ${token.soft};
            font-size: 18px;
            cursor: grab;
        }
        &[data-focus-visible],
        button[data-focus-visible] {
            outline: 3px solid ${token.accent};
            outline-offset: 1px;
        }
        small {
            color: ${token.soft};
            font-size: 14px;
        }
    }
    .open {
        border: 2px dashed ${token.caution};
    }
    .plates {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(min(100%, 330px), 1fr));
        gap: 14px;
        list-style: none;
        padding: 0;
        margin: 0;
    }
    .plate {
        display: grid;
        grid-template-columns: 1fr 1fr;
        align-content: start;
        gap: 1px;
        border: 2px solid ${token.edge};
        background: ${token.rule};
    }
    .stamp {
        display: grid;
        align-content: start;
        min-height: 50px;
        padding: 4px 8px;
        background: ${token.sheet};
        overflow-wrap: anywhere;
        &[data-drop-target] {
            background: ${token.wash};
            outline: 3px solid ${token.accent};
            outline-offset: -3px;
        }
        &[data-focus-visible] {
            outline: 3px solid ${token.accent};
            outline-offset: -3px;
        }
        small {
            color: ${token.soft};
            font-size: 14px;
        }
        b {
            font: 600 17px ${token.narrow};
        }
    }
    .current {
        grid-column: 1 / -1;
        padding: 6px 8px;
        background: ${token.panel};
        font-size: 15px;
    }
`;

/** The first rows as the plates that they would be: each column is dragged onto the stamp that it fills. */
export function Plates({ one, choose }: { one: Import; choose: (columns: (string | null)[]) => void }) {
    const count = Math.max(0, ...one.columns.map(({ examples }) => examples.length));
    const currents = useQuery({
        queryKey: ['import', one.id, 'currents', 'first', one.columns, one.state],
        queryFn: () => service.register.currents(one.id, { count }),
        enabled: one.rows > 0,
    });
    if (count === 0) {
        return null;
    }
    const waiting = one.rows > 0 && currents.isPending ? 'Calculating…' : (currents.error?.message ?? '');
    const filled = one.columns.flatMap(({ path }) => (path === null ? [] : [path]));
    const stamps = [...STAMPS, ...filled.filter((path) => !STAMPS.includes(path) && (path.startsWith('plate.') || path === 'area'))];
    return (
        <Box aria-label="First rows as plates">
            <Heads columns={one.columns} />
            <ul className="plates">
                {Array.from({ length: count }, (_, row) => (
                    <li key={row} className="plate">
                        {stamps.map((path) => (
                            <StampOf
                                key={path}
                                path={path}
                                column={one.columns.find((column) => column.path === path)}
                                row={row}
                                onColumn={row === 0 ? (letter) => choose(told(one.columns, letter, path)) : null}
                            />
                        ))}
                        <Current current={currents.data?.currents[row]} waiting={waiting} />
                    </li>
                ))}
            </ul>
        </Box>
    );
}

function Heads({ columns }: { columns: readonly Column[] }) {
    const { dragAndDropHooks } = useDragAndDrop({
        getItems: (keys) => [...keys].map((key) => ({ [KIND]: String(key), 'text/plain': String(key) })),
    });
    const shown = columns.filter(({ head, decided }) => !head.startsWith('figure:') && (head !== '' || !decided));
    return (
        <>
            <p>Drag a column onto the stamp that it fills, on the first plate; or choose its field in the table below.</p>
            <GridList
                className="heads"
                aria-label="Columns to drag"
                layout="grid"
                items={shown}
                dependencies={[columns]}
                dragAndDropHooks={dragAndDropHooks}
            >
                {(column) => (
                    <GridListItem
                        id={column.letter}
                        textValue={`${column.letter} ${column.head}`}
                        className={column.decided ? 'head' : 'head open'}
                    >
                        <Button slot="drag">⠿</Button>
                        <span>
                            {column.letter} {column.head}{' '}
                            <small>{[filledBy(column), unitOf(column)].filter((part) => part !== '').join(', ')}</small>
                        </span>
                    </GridListItem>
                )}
            </GridList>
        </>
    );
}

function StampOf({
    path,
    column,
    row,
    onColumn,
}: {
    path: string;
    column: Column | undefined;
    row: number;
    onColumn: ((letter: string) => void) | null;
}) {
    const text = column?.examples[row] ?? '';
    // A cell that names its unit needs none of the head.
    const unit = column === undefined || /[a-z%°]$/i.test(text) ? '' : unitOf(column);
    const says = (
        <>
            <small>{fieldOf(path)}</small>
            <b>{text === '' ? '–' : unit === '' ? text : `${text} ${unit}`}</b>
        </>
    );
    if (onColumn === null) {
        return <div className="stamp">{says}</div>;
    }
    return (
        <DropZone
            className="stamp"
            aria-label={fieldOf(path)}
            getDropOperation={(types) => (types.has(KIND) ? 'copy' : 'cancel')}
            onDrop={({ items }) => {
                const item = items.find((each) => isTextDropItem(each) && each.types.has(KIND));
                if (item !== undefined && isTextDropItem(item)) {
                    void item.getText(KIND).then(onColumn);
                }
            }}
        >
            {says}
        </DropZone>
    );
}

/** What the row calculates, beside what it says itself. */
function Current({ current, waiting }: { current: ImportCurrentsAnswer['currents'][number] | undefined; waiting: string }) {
    if (waiting !== '') {
        return (
            <div className="current" role="status">
                {waiting}
            </div>
        );
    }
    if (current === undefined || (current.computed === '' && current.own === '')) {
        return <div className="current">No current yet: tag, output, voltage, power factor and efficiency are needed.</div>;
    }
    return (
        <div className="current">
            {current.unusual && <GradeMark grade="caution" label="caution" />} Calculated{' '}
            <b>{current.computed === '' ? '–' : current.computed}</b>; on the plate <b>{current.own === '' ? '–' : current.own}</b>
            {current.difference !== '' && ` (difference ${current.difference})`}
        </div>
    );
}
