<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Judge;

use BraveAnvil\Circuit\Choice\TripClass;
use BraveAnvil\Stations\Prove\Judge;
use BraveAnvil\Stations\Prove\JudgedQuantity;
use BraveAnvil\Stations\Prove\Judgement;
use BraveAnvil\Stations\Prove\KnownCircuit;
use BraveAnvil\Stations\Prove\Reading;

/** An overload relay tripped with a test current from cold, three poles alike. */
final class RelayTripJudge implements Judge
{
    /** No relay need trip within a known time below it. */
    private const LEAST_MULTIPLE = 1.2;

    /** The multiple at which its class is tested. */
    private const TEST = 7.2;

    public function judge(Reading $reading, KnownCircuit $known): Judgement
    {
        $multiple = $reading->number('multiple');
        $seconds = $reading->number('seconds');
        $class = $reading->chosen('class', TripClass::class) ?? $known->circuit->chosen('guard.overload_class', TripClass::class);
        if ($multiple === null || $seconds === null || $class === null) {
            return Judgement::waiting(...$reading->missing('multiple', 'seconds'), ...$class === null ? ['class'] : []);
        }
        if ($multiple->number() <= self::LEAST_MULTIPLE * (1 + 1e-6)) {
            return Judgement::notComparable('Up to 1.2 times its setting a relay takes minutes to hours to trip: test it with '.
                'more current.');
        }
        $classes = $known->practice->overloadClasses();
        $low = $classes->holds($class, $multiple->number());
        $high = $classes->tripsWithin($class, $multiple->number(), self::TEST);

        return (new Judgement)->hold(new JudgedQuantity(
            'seconds', $seconds->number(), null, $low, $high, ['m' => $multiple],
            'class '.$class->value.' at {m}: τ ln(m² / (m² − k²)), τ from the class’s times at 7.2 ×', $classes->cited(),
        ))->advise(
            'Check setting and class on the relay, let it cool for one hour, then test with all three poles in series.',
            'another setting',
            'another trip class', 'a relay that was still warm', 'a test with one pole only',
        );
    }
}
