import { useSearchParams } from 'react-router';
import { Pictures, StationPage } from '../../bench/StationPage';
import { Segments } from '../../kit/Segments';
import { ConnectionPicture } from './ConnectionPicture';
import { Follows } from './Follows';
import { usePhotograph } from './Photograph';
import { PlateForm } from './PlateForm';
import { ReplacementView } from './ReplacementView';
import { SupplyForm } from './SupplyForm';
import { SupplyVerdict } from './SupplyVerdict';

/** Read the plate: does this motor suit this supply, and in which connection? And would another one do in its place? */
export default function PlateStation() {
    const [search, setSearch] = useSearchParams();
    const photograph = usePhotograph();
    const view = search.get('view') === 'replacement' ? 'replacement' : 'plate';
    return (
        <StationPage name="plate">
            <Segments
                label="Views of the plate"
                value={view}
                options={[
                    { value: 'plate', label: 'This motor' },
                    { value: 'replacement', label: 'Check a replacement' },
                ]}
                onChange={(chosen) => setSearch(chosen === 'plate' ? {} : { view: chosen }, { replace: true })}
            />
            {view === 'replacement' ? (
                <ReplacementView />
            ) : (
                <>
                    <PlateForm actions={photograph.buttons} above={photograph.sheet} />
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
