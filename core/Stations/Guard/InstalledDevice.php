<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;

/** A device that is there already: checked, never changed. */
final class InstalledDevice
{
    /** @return Figure its rating, A */
    public static function judge(ScpdChoice $choice, DeviceDuty $duty, Figure $installed, Ledger $ledger): Figure
    {
        $rating = $ledger->put($installed->named(GuardFigure::ScpdRating, 'entered; checked, not chosen', 'Installed device'));
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
                ->title('Installed device too small')
                ->because($rating->shown().' is less than the motor current, '.$duty->design->shown().'.')
                ->do('Fit a larger device.')
                ->on(GuardFigure::ScpdRating);
        } elseif ($rung === null) {
            $ledger
                ->caution(GuardFinding::InstalledDeviceNotJudged)
                ->title('Installed rating not checked')
                ->because(
                    $rating->shown().
                        ($choice->certain
                            ? ' has no time-current limits in the tables: it is not a standard rating, or it is outside them.'
                            : ' is not a standard rating.'),
                )
                ->do('Check it with the manufacturer’s curve.')
                ->on(GuardFigure::ScpdRating);
        } elseif (! $rung->carries) {
            // What would never be chosen is a stop; a rule of thumb warns, as it does of a chosen one.
            $finding = $choice->certain
                ? $ledger->stop(GuardFinding::InstalledDeviceMayTrip)->title('Installed device trips on the start')
                : $ledger->caution(GuardFinding::InstalledDeviceMayTrip)->title('Installed device may open on the start');
            $finding
                ->because($rating->shown().': '.$rung->reason.'.')
                ->do($choice->rating === null ? 'Choose another type of device.' : 'Fit '.$choice->rating->shown().'.')
                ->on(GuardFigure::ScpdRating);
        }

        return $rating;
    }

    private static function tooLarge(ScpdChoice $choice, Figure $maximum, Figure $rating, Ledger $ledger): void
    {
        $ledger
            ->stop(GuardFinding::InstalledDeviceTooLarge)
            ->title('Installed device too large')
            ->because(
                $rating->shown().'; the limit is '.$maximum->shown().match (true) {
                    $choice->allowed !== null => ' (with the starting exception).', $choice->limit === null => ' (marked on the starter).',
                    default => ' (without the starting exception).',
                },
            )
            ->do('Fit '.$maximum->shown().' or less.')
            ->source($maximum->source)
            ->on(GuardFigure::ScpdRating, GuardFigure::ScpdMaximumRating);
    }
}
