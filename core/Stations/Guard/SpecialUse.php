<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\FindingBuilder;
use BraveAnvil\Ground\HowKnown;

/** Driven machines that have rules of their own, recognised by what somebody wrote that the motor drives. */
final class SpecialUse
{
    private const FIRE_PUMP = '~\b(fire|sprinkler|hydrant)[ -]*(water[ -]*)?pump~i';

    private const HOIST = '~\b(hoist|crane|elevator|passenger lift|goods lift)\b~i';

    /**
     * @param  string  $firePump  rules of the book for a fire pump
     * @param  string  $hoist  rules of the book for hoists and cranes
     * @return list<FindingBuilder>
     */
    public static function of(Circuit $circuit, string $firePump, string $hoist): array
    {
        $drives = $circuit->stamped('drives') ?? '';
        $findings = [];
        if (preg_match(self::FIRE_PUMP, $drives) === 1) {
            $findings[] = Finding::caution(GuardFinding::FirePump)->title('A fire pump has its own rules')
                ->because('It must run until it fails: its device carries the locked-rotor current continuously, no overload relay '.
                    'stops it, and its supply and conductors have their own rules. The results here are for an ordinary pump.')
                ->do('Size supply, conductors and protection by '.$firePump.', with a listed controller.')
                ->source(HowKnown::FromMemory->behind($firePump))->about('drives');
        }
        if (preg_match(self::HOIST, $drives) === 1) {
            $findings[] = Finding::caution(GuardFinding::Hoist)->title('A hoist or crane has its own rules')
                ->because('Its conductors, protection and brake follow '.$hoist.', and it runs for short periods with many starts.')
                ->do('Check sizes and protection by that rule, and enter how it runs under “Operating duty”.')
                ->source(HowKnown::FromMemory->behind($hoist))->about('drives');
        }

        return $findings;
    }
}
