<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\American;

use BraveAnvil\Circuit\Choice\Earthing;
use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Guard\GuardFigure;
use BraveAnvil\Guard\GuardFinding;
use BraveAnvil\Solution\Finding;
use BraveAnvil\Solution\FindingBuilder;

/** Breakers marked with two voltages may stand only where the wye point is solidly grounded. */
final class SlashRating
{
    /** @return list<FindingBuilder> */
    public static function notes(Scpd $scpd, ?Earthing $earthing, string $source): array
    {
        if ($scpd->isFuse()) {
            return [];
        }
        $floating = $earthing === Earthing::It || $earthing === Earthing::Resistance;
        if ($floating) {
            $finding = $scpd === Scpd::MotorBreaker
                ? Finding::stop(GuardFinding::SlashRating)->title('A slash rating may not stand here')
                : Finding::caution(GuardFinding::SlashRating)->title('It needs the full voltage alone');

            return [
                $finding
                    ->because('This supply is not solidly grounded: each pole may have to break the full voltage between lines alone.')
                    ->do('Take one that is marked with the full voltage only, or fuses.')
                    ->source($source)
                    ->on(GuardFigure::Scpd),
            ];
        }

        return [
            Finding::note(GuardFinding::SlashRating)
                ->title('Slash ratings want a grounded wye')
                ->because(
                    'A breaker marked with two voltages, such as 480Y/277 or 600Y/347, may stand only where the wye point is solidly grounded. Off a delta, a corner-grounded or a high-leg supply it needs the full voltage alone.',
                )
                ->do('Read the voltage on the breaker against the supply.')
                ->source($source)
                ->on(GuardFigure::Scpd),
        ];
    }
}
