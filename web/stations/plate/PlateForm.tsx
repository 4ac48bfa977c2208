import { Fragment, type ReactNode, useId, useState } from 'react';
import styled from 'styled-components';
import type { FieldPath } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { typed } from '../../bench/circuit';
import { Button } from '../../kit/Button';
import { Segments } from '../../kit/Segments';
import { narrow, token } from '../../theme/tokens';
import { PlateCell, type Stamp } from './PlateCell';
import { type PlateStyle, rated, rows } from './layouts';
import { PlateMessages } from './PlateMessages';
import { StampMeaning } from './StampMeaning';

const Metal = styled.fieldset`
    position: relative;
    margin: 0;
    padding: 8px 22px;
    border: 1px solid ${token.edge};
    border-radius: 8px;
    background: linear-gradient(160deg, ${token.sheet}, ${token.panel});
    min-width: 0;
    &::before,
    &::after {
        content: '';
        position: absolute;
        top: calc(50% - 5px);
        width: 10px;
        height: 10px;
        border: 1.5px solid ${token.edge};
        border-radius: 50%;
        background: ${token.rule};
    }
    &::before {
        left: 5px;
    }
    &::after {
        right: 5px;
    }
    @media ${narrow} {
        padding: 6px 10px;
        &::before,
        &::after {
            display: none;
        }
    }
    legend {
        position: absolute;
        width: 1px;
        height: 1px;
        overflow: hidden;
        clip-path: inset(50%);
    }
`;

const Row = styled.div`
    display: flex;
    border-bottom: 1px solid ${token.rule};
    &:last-child {
        border-bottom: 0;
    }
    @media ${narrow} {
        display: grid;
        grid-template-columns: 1fr 1fr;
    }
`;

const Bar = styled.div`
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px;
    margin-bottom: 8px;
    > :first-child {
        min-width: 150px;
    }
`;

const SECOND: readonly FieldPath[] = rated('nema', 'plate.second.').map(({ path }) => path);

const keptStyle = (): PlateStyle | null => {
    const kept = localStorage.getItem('plate-style');
    return kept === 'iec' || kept === 'nema' ? kept : null;
};

/** The plate, filled in on a plate. Its layout follows the rule book until another is chosen. */
export function PlateForm({ actions, above }: { actions?: ReactNode; above?: ReactNode }) {
    const { draft, solved, set, readOnly } = useBench();
    const [focused, setFocused] = useState<Stamp | null>(null);
    const [chosen, setChosen] = useState<PlateStyle | null>(keptStyle);
    const [opened, setOpened] = useState(false);
    const legend = useId();
    const style = chosen ?? (solved.word('plate_layout', 'iec') === 'nema' ? 'nema' : 'iec');
    const stamped = SECOND.some((path) => typed(draft, path) !== '');
    const second = opened || stamped;
    return (
        <div>
            <Bar>
                <Segments
                    label="Layout of the plate"
                    value={style}
                    options={[
                        { value: 'iec', label: 'IEC' },
                        { value: 'nema', label: 'NEMA' },
                    ]}
                    onChange={(value) => {
                        localStorage.setItem('plate-style', value);
                        setChosen(value);
                    }}
                />
                {actions}
                {!readOnly &&
                    (second ? (
                        <Button
                            onPress={() => {
                                SECOND.filter((path) => typed(draft, path) !== '').forEach((path) => set(path, null));
                                setOpened(false);
                            }}
                        >
                            Remove second row
                        </Button>
                    ) : (
                        <Button onPress={() => setOpened(true)}>50/60 Hz row</Button>
                    ))}
            </Bar>
            {above}
            <Metal aria-labelledby={legend}>
                <legend id={legend}>The nameplate</legend>
                {rows(style, second).map((stamps) => (
                    <Fragment key={stamps[0]?.path}>
                        <Row>
                            {stamps.map((stamp) => (
                                <PlateCell key={stamp.path} {...stamp} onFocus={() => setFocused(stamp)} />
                            ))}
                        </Row>
                        <PlateMessages fields={stamps} />
                    </Fragment>
                ))}
                <StampMeaning stamp={focused} />
            </Metal>
        </div>
    );
}
