<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\FindingBuilder;

/** What every rule book wants said of aluminium. */
final class AluminiumNote
{
    /** @return list<FindingBuilder> */
    public static function of(Candidate $chosen, Run $run): array
    {
        if ($chosen->conductor->metal !== Metal::Aluminium || $run->line) {
            return [];
        }

        return [
            Finding::caution(CableFinding::AluminiumTerminals)
                ->title('Aluminium conductors need aluminium-rated terminals')
                ->because('Terminals at both ends and in the motor box must be marked for aluminium, or use bimetal lugs.')
                ->do('Check every terminal, brush the conductor, apply jointing (oxide-inhibiting) compound and tighten to the '.
                    'marked torque.')
                ->source('NEC 110.14, CE Code 12-118, IEC 60364-5-52 526 (from memory)')
                ->on($run->size()),
        ];
    }
}
