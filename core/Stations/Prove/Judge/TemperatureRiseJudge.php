<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Judge;

use BraveAnvil\Ground\MotorStandard;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Stations\Prove\Judge;
use BraveAnvil\Stations\Prove\JudgedQuantity;
use BraveAnvil\Stations\Prove\Judgement;
use BraveAnvil\Stations\Prove\KnownCircuit;
use BraveAnvil\Stations\Prove\Reading;

/** How much warmer a winding is than the air, by its resistance cold and hot. */
final class TemperatureRiseJudge implements Judge
{
    /** Rise by resistance that a class allows, K. IEC 60034-1, NEMA MG 1 (both from memory). */
    private const LIMITS = ['A' => 60.0, 'E' => 75.0, 'B' => 80.0, 'F' => 105.0, 'H' => 125.0];

    /** K more with a service factor, under American books. */
    private const SERVICE_FACTOR_MORE = 10.0;

    private const SERVICE_FACTOR = 1.15;

    private const USUAL_AMBIENT = 40.0;

    public function judge(Reading $reading, KnownCircuit $known): Judgement
    {
        $names = ['cold_ohms', 'cold_temperature', 'hot_ohms', 'ambient'];
        $read = $reading->all(...$names);
        if ($read === null) {
            return Judgement::waiting(...$reading->missing(...$names));
        }
        [$cold, $coldAt, $hot, $ambient] = $read;
        $constant = $known->resistanceConstant(null);
        $rise = ($hot - $cold) / $cold * ($constant + $coldAt) + $coldAt - $ambient;
        [$limit, $why] = $this->limit($known);
        if ($limit === null) {
            return Judgement::waiting('plate.insulation_class')->tell(new JudgedQuantity('rise', $rise));
        }
        $steps = array_filter([
            'R1' => $reading->number('cold_ohms'), 'θ1' => $reading->number('cold_temperature'), 'R2' => $reading->number('hot_ohms'),
            'θa' => $reading->number('ambient'),
        ]);

        return (new Judgement)->hold(new JudgedQuantity(
            'rise', $rise, null, null, $limit, $steps,
            '({R2} − {R1}) ÷ {R1} × ('.Show::number($constant).' + {θ1}) + {θ1} − {θa}; '.$why, Standard::Iec60034_1->at(),
        ))->tell(new JudgedQuantity('limit', $limit, how: $why))->advise(
            'Read load, voltage and cooling at the same time.', 'load', 'low or unbalanced voltage', 'blocked cooling', 'many starts',
        );
    }

    /** @return array{float|null, string} K, and where it comes from */
    private function limit(KnownCircuit $known): array
    {
        $typed = $known->circuit->number('plate.temperature_rise');
        if ($typed !== null) {
            return [$typed->number(), 'nameplate '.$typed->shown()];
        }
        // What a plate says it is used to: F/B is insulation of class F, used to the rise of B.
        $class = $known->circuit->word('plate.insulation_class');
        $used = $class === null ? '' : substr($class, -1);
        $limit = self::LIMITS[$used] ?? null;
        if ($limit === null) {
            return [null, ''];
        }
        $why = 'class '.$used.' '.Show::number($limit).' K';
        $factor = $known->circuit->number('plate.service_factor');
        if ($known->standard === MotorStandard::NemaMg1 && $factor !== null && $factor->number() >= self::SERVICE_FACTOR - 1e-9) {
            $limit += self::SERVICE_FACTOR_MORE;
            $why .= ', 10 K more for the service factor';
        }
        $ambient = $known->circuit->number('plate.ambient');
        if ($ambient !== null && $ambient->number() > self::USUAL_AMBIENT) {
            $limit -= $ambient->number() - self::USUAL_AMBIENT;
            $why .= ', minus what its rated ambient is above 40 °C';
        }

        return [$limit, $why];
    }
}
