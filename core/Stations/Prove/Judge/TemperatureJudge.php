<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Judge;

use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\Show;
use BraveAnvil\Stations\Prove\Judge;
use BraveAnvil\Stations\Prove\JudgedQuantity;
use BraveAnvil\Stations\Prove\Judgement;
use BraveAnvil\Stations\Prove\KnownCircuit;
use BraveAnvil\Stations\Prove\Reading;

/** Temperatures of both bearings, warm. */
final class TemperatureJudge implements Judge
{
    /** °C from which a bearing is named, and to which it agrees. Common practice. */
    private const NAMED = 80.0;

    private const AGREES = 95.0;

    public function judge(Reading $reading, KnownCircuit $known): Judgement
    {
        $ends = [...$reading->all('bearing_de') ?? [], ...$reading->all('bearing_nde') ?? []];
        if ($ends === []) {
            return Judgement::waiting('bearing_de');
        }
        $hottest = max($ends);
        $ambient = $reading->number('ambient');
        $judgement = (new Judgement)->hold(new JudgedQuantity(
            'bearing', $hottest, high: self::AGREES, from: $ambient === null ? [] : ['θa' => $ambient],
            how: Show::number(self::AGREES).' °C or less'.($ambient === null ? '' : '; '.Show::number($hottest - $ambient->number(), 3).
            ' K above the ambient {θa}'),
        ));
        if ($hottest > self::NAMED) {
            $judgement->mark(Grade::Note);
        }

        return $judgement->advise(
            'Check the grease (quantity, age, type), then load and cooling.', 'too much or too little grease', 'load',
            'blocked cooling', 'a worn bearing',
        );
    }
}
