<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

use BraveAnvil\Circuit\Choice\Earthing;
use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\FindingBuilder;
use BraveAnvil\Ground\Source;
use BraveAnvil\Stations\Guard\GuardFigure;
use BraveAnvil\Stations\Guard\GuardFinding;

/** Breakers marked with two voltages may stand only where the wye point is solidly grounded. */
final class SlashRating
{
    /** @return list<FindingBuilder> */
    public static function notes(Scpd $scpd, ?Earthing $earthing, Source $source): array
    {
        if ($scpd->isFuse()) {
            return [];
        }
        $floating = $earthing === Earthing::It || $earthing === Earthing::Resistance;
        if ($floating) {
            $finding = $scpd === Scpd::MotorBreaker
                ? Finding::stop(GuardFinding::SlashRating)->title('Slash-rated breaker not allowed here')
                : Finding::caution(GuardFinding::SlashRating)->title('Device needs the full voltage rating');

            return [
                $finding
                    ->because('This supply is not solidly grounded: each pole may have to break the full line-to-line voltage alone.')
                    ->do('Use a device with a straight voltage rating, or fuses.')
                    ->source($source)
                    ->on(GuardFigure::Scpd),
            ];
        }

        return [
            Finding::note(GuardFinding::SlashRating)
                ->title('Slash-rated breakers need a solidly grounded wye system')
                ->because(
                    'A breaker marked 480Y/277 or 600Y/347 may be used only on a solidly grounded wye system. On a delta, '.
                    'corner-grounded or high-leg system use a breaker with a straight voltage rating (480 V, 600 V).',
                )
                ->do('Compare the voltage rating of the breaker with the supply.')
                ->source($source)
                ->on(GuardFigure::Scpd),
        ];
    }
}
