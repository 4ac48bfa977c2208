import { Link, useSearchParams } from 'react-router';
import { useBench } from '../../bench/BenchContext';
import { typed } from '../../bench/circuit';
import { Pictures, StationPage } from '../../bench/StationPage';
import { Button } from '../../kit/Button';
import { ConnectionPicture } from './ConnectionPicture';
import { Follows } from './Follows';
import { usePhotograph } from './Photograph';
import { PlateForm } from './PlateForm';
import { ReplacementView } from './ReplacementView';
import { SupplyForm } from './SupplyForm';
import { SupplyVerdict } from './SupplyVerdict';

/** Read the plate: does this motor suit this supply, and in which connection? And would another one do in its place? */
export default function PlateStation() {
    const { draft } = useBench();
    const [search, setSearch] = useSearchParams();
    const photograph = usePhotograph();
    const view = search.get('view') === 'replacement' ? 'replacement' : 'plate';
    return (
        <StationPage name="plate">
            {typed(draft, 'subject') === 'bench_load' ? (
                <p>
                    This is a bench load, not a motor. Its power is entered under{' '}
                    <Link to="../power" relative="path">
                        Power
                    </Link>
                    ; choose “A motor” there to enter a nameplate.
                </p>
            ) : view === 'replacement' ? (
                <>
                    <Button onPress={() => setSearch({}, { replace: true })}>Back to this motor</Button>
                    <ReplacementView />
                </>
            ) : (
                <>
                    <PlateForm
                        actions={
                            <>
                                <Button onPress={() => setSearch({ view: 'replacement' }, { replace: true })}>Check a replacement</Button>
                                {photograph.buttons}
                            </>
                        }
                        above={photograph.sheet}
                    />
                    <Pictures $columns="minmax(0, 1fr) 320px">
                        <SupplyVerdict />
                        <ConnectionPicture />
                    </Pictures>
                    <Follows />
                    <SupplyForm />
                </>
            )}
        </StationPage>
    );
}
