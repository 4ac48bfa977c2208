<?php

declare(strict_types=1);

namespace BraveAnvil\Guard;

use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Ledger;

/** A device that is there already: checked, never changed. */
final class InstalledDevice
{
    /** @return Figure its rating, A */
    public static function judge(Figure $installed, ScpdChoice $choice, Figure $design, Ledger $ledger): Figure
    {
        $rating = $ledger->put($installed->named(GuardFigure::ScpdRating, 'typed; checked, not chosen', 'Installed device'));
        $rung = null;
        foreach ($choice->ladder as $candidate) {
            if (abs($candidate->rating - $rating->number()) < 1e-9) {
                $rung = $candidate;
            }
        }
        if ($choice->maximum !== null && $rating->number() > $choice->maximum->number()) {
            $ledger->stop(GuardFinding::InstalledDeviceTooLarge)->title('The installed device is too large')
                ->because($rating->shown().' is above '.$choice->maximum->shown().', the largest permitted without exception.')
                ->do('Fit '.$choice->maximum->shown().' or less.')
                ->source($choice->maximum->source)
                ->on(GuardFigure::ScpdRating, GuardFigure::ScpdMaximumRating);
        } elseif ($rating->number() < $design->number()) {
            $ledger
                ->stop(GuardFinding::InstalledDeviceTooSmall)
                ->title('The installed device is too small')
                ->because($rating->shown().' is below the motor’s '.$design->shown().'.')
                ->do('Fit a larger one.')
                ->on(GuardFigure::ScpdRating);
        } elseif ($rung !== null && ! $rung->carries) {
            $ledger
                ->caution(GuardFinding::InstalledDeviceMayTrip)
                ->title('The installed device may not carry the start')
                ->because($rating->shown().': '.$rung->reason.'.')
                ->do($choice->rating === null ? 'Choose another kind.' : 'Fit '.$choice->rating->shown().'.')
                ->on(GuardFigure::ScpdRating);
        } elseif ($rung === null) {
            $ledger
                ->caution(GuardFinding::InstalledDeviceNotJudged)
                ->title('The installed rating is not judged')
                ->because($rating->shown().' is not among the standard ratings looked at.')
                ->do('Check it by its maker’s curve.')
                ->on(GuardFigure::ScpdRating);
        }

        return $rating;
    }
}
