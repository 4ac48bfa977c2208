import { StationPage, Pictures } from '../../bench/StationPage';
import { ConnectionPicture } from './ConnectionPicture';
import { Follows } from './Follows';
import { PlateForm } from './PlateForm';
import { SupplyForm } from './SupplyForm';
import { SupplyVerdict } from './SupplyVerdict';

/** Read the plate: does this motor suit this supply, and in which connection? */
export default function PlateStation() {
    return (
        <StationPage name="plate">
            <PlateForm />
            <Pictures $columns="minmax(0, 1fr) 320px">
                <SupplyVerdict />
                <ConnectionPicture />
            </Pictures>
            <Follows />
            <SupplyForm />
        </StationPage>
    );
}
