import { Fragment, type ReactNode, useId, useState } from 'react';
import { useLocation } from 'react-router';
import styled from 'styled-components';
import type { FieldPath } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { type Draft, typed } from '../../bench/circuit';
import { Button } from '../../kit/Button';
import { Segments } from '../../kit/Segments';
import { unseen } from '../../kit/Unseen';
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
        ${unseen}
    }
`;

const Whole = styled.div`
    @media ${narrow} {
        display: flex;
        flex-direction: column;
        gap: 10px;
        > :first-child {
            order: 1;
        }
    }
`;

const Row = styled.div<{ $folded: boolean }>`
    display: flex;
    border-bottom: 1px solid ${token.rule};
    &:last-child {
        border-bottom: 0;
    }
    @media ${narrow} {
        display: ${({ $folded }) => ($folded ? 'none' : 'grid')};
        grid-template-columns: 1fr 1fr;
    }
`;

const More = styled.div`
    display: none;
    padding-top: 6px;
    > button {
        width: 100%;
        min-height: 44px;
    }
    @media ${narrow} {
        display: block;
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

/** What the answer hangs on: on a phone these stand open, with whatever is missing or wrong. */
const FIRST: ReadonlySet<FieldPath> = new Set(['plate.power', 'plate.voltage', 'plate.current']);

const SECOND: readonly FieldPath[] = rated('nema', 'plate.second.').map(({ path }) => path);

const stampedForOne = (draft: Draft): boolean =>
    typed(draft, 'plate.start_capacitor') !== '' ||
    typed(draft, 'plate.run_capacitor') !== '' ||
    typed(draft, 'plate.no_load_power') !== '';

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
    const aimed = (useLocation().state as { to?: { field?: FieldPath } } | null)?.to?.field;
    const [unfolded, setUnfolded] = useState(false);
    const style = chosen ?? (solved.word('plate_layout', 'iec') === 'nema' ? 'nema' : 'iec');
    const stamped = SECOND.some((path) => typed(draft, path) !== '');
    const second = opened || stamped;
    // Stamps of a single-phase motor stand where it is one, and where they are filled in already.
    const onePhase = !solved.note('plate.run_capacitor').unused || stampedForOne(draft);
    const all = rows(style, second, onePhase);
    // A stamp that one was led to, or is in, is never folded away.
    const stands = (path: FieldPath) => FIRST.has(path) || solved.error(path) !== undefined || path === aimed || path === focused?.path;
    const folded = (path: FieldPath) => !unfolded && !stands(path);
    const hidden = all.flat().filter(({ path }) => !stands(path));
    const filled = hidden.filter(({ path }) => typed(draft, path) !== '').length;
    return (
        <Whole>
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
                {all.map((stamps) => (
                    <Fragment key={stamps[0]?.path}>
                        <Row $folded={stamps.every(({ path }) => folded(path))}>
                            {stamps.map((stamp) => (
                                <PlateCell key={stamp.path} {...stamp} folded={folded(stamp.path)} onFocus={() => setFocused(stamp)} />
                            ))}
                        </Row>
                        <PlateMessages fields={stamps} />
                    </Fragment>
                ))}
                <StampMeaning stamp={focused} />
                <More>
                    <Button aria-expanded={unfolded} onPress={() => setUnfolded(!unfolded)}>
                        {unfolded ? 'Less of this plate' : `More on this plate: ${filled} more stamps`}
                    </Button>
                </More>
            </Metal>
        </Whole>
    );
}
