<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\FindingBuilder;
use BraveAnvil\Ground\Standard;

/** What every rule book wants said of aluminium. */
final class AluminiumNote
{
    /** @return list<FindingBuilder> */
    public static function of(SizeCandidate $chosen, CableRun $run): array
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
                ->source(Standard::Nec->at('110.14')->and(Standard::CeCode->at('12-118'))->and(Standard::Iec60364_5_52->at('526')))
                ->on($run->size()),
        ];
    }
}
