<?php

declare(strict_types=1);

namespace BraveAnvil\Guard;

use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Ledger;

/** A device that is there already: checked, never changed. */
final class InstalledDevice
{
    /** @return Figure its rating, A */
    public static function judge(ScpdChoice $choice, DeviceDuty $duty, Figure $installed, Ledger $ledger): Figure
    {
        $rating = $ledger->put($installed->named(GuardFigure::ScpdRating, 'typed; checked, not chosen', 'Installed device'));
        $rung = null;
        foreach ($choice->ladder as $candidate) {
            if (abs($candidate->rating - $rating->number()) < 1e-9) {
                $rung = $candidate;
            }
        }
        $most = $choice->allowed ?? $choice->maximum;
        if ($most !== null && $rating->number() > $most->number() * (1 + 1e-9)) {
            self::tooLarge($choice, $most, $rating, $ledger);
        } elseif ($rating->number() < $duty->design->number()) {
            $ledger
                ->stop(GuardFinding::InstalledDeviceTooSmall)
                ->title('The installed device is too small')
                ->because($rating->shown().' is below the motor’s '.$duty->design->shown().'.')
                ->do('Fit a larger one.')
                ->on(GuardFigure::ScpdRating);
        } elseif ($rung === null) {
            $ledger
                ->caution(GuardFinding::InstalledDeviceNotJudged)
                ->title('The installed rating is not judged')
                ->because(
                    $rating->shown().
                        ($choice->certain
                            ? ' has no time-current limits in the tables here: not a standard rating, or beyond their ends.'
                            : ' is not a standard rating.'),
                )
                ->do('Check it by its maker’s curve.')
                ->on(GuardFigure::ScpdRating);
        } elseif (! $rung->carries) {
            // What would never be chosen is a stop; a rule of thumb warns, as it does of a chosen one.
            $finding = $choice->certain
                ? $ledger->stop(GuardFinding::InstalledDeviceMayTrip)->title('The installed device trips on the start')
                : $ledger->caution(GuardFinding::InstalledDeviceMayTrip)->title('The installed device may not carry the start');
            $finding
                ->because($rating->shown().': '.$rung->reason.'.')
                ->do($choice->rating === null ? 'Choose another kind.' : 'Fit '.$choice->rating->shown().'.')
                ->on(GuardFigure::ScpdRating);
        }

        return $rating;
    }

    private static function tooLarge(ScpdChoice $choice, Figure $maximum, Figure $rating, Ledger $ledger): void
    {
        $ledger
            ->stop(GuardFinding::InstalledDeviceTooLarge)
            ->title('The installed device is too large')
            ->because(
                $rating->shown().
                    ' is above '.
                    $maximum->shown().
                    match (true) {
                        $choice->allowed !== null => ', the largest under the ceiling of the exception.',
                        $choice->limit === null => ', the maximum marked on the starter.',
                        default => ', the largest permitted without exception.',
                    },
            )
            ->do('Fit '.$maximum->shown().' or less.')
            ->source($maximum->source)
            ->on(GuardFigure::ScpdRating, GuardFigure::ScpdMaximumRating);
    }
}
