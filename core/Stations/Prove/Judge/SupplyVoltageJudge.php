<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Judge;

use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Stations\Prove\Judge;
use BraveAnvil\Stations\Prove\JudgedQuantity;
use BraveAnvil\Stations\Prove\Judgement;
use BraveAnvil\Stations\Prove\KnownCircuit;
use BraveAnvil\Stations\Prove\Reading;
use BraveAnvil\Stations\Prove\Spread;

/** The voltages between the lines, at rest or running. */
final class SupplyVoltageJudge implements Judge
{
    /** Percent of unbalance: from which it is named, to which it agrees, and above which nothing is run. NEMA MG 1 (from memory). */
    private const NAMED = 1.0;

    private const AGREES = 2.0;

    private const STOP = 5.0;

    public function judge(Reading $reading, KnownCircuit $known): Judgement
    {
        $three = $known->circuit->phases() === 3;
        $names = $three ? ['volts_12', 'volts_23', 'volts_31'] : ['volts_12'];
        $volts = $reading->all(...$names);
        $nominal = $known->supplyVolts();
        $tolerance = $known->circuit->number('settings.voltage_tolerance');
        if ($volts === null || $nominal === null || $tolerance === null) {
            return Judgement::waiting(...$reading->missing(...$names), ...$nominal === null ? ['supply.voltage'] : []);
        }
        $judgement = new Judgement;
        $share = $tolerance->number() / 100;
        foreach ($names as $i => $name) {
            $judgement->hold(new JudgedQuantity(
                $name, $volts[$i], $nominal->number(), $nominal->number() * (1 - $share), $nominal->number() * (1 + $share),
                ['V' => $nominal, 't' => $tolerance], '{V} ± {t}', 'as set for the site',
            ));
        }
        if ($three) {
            $this->unbalance($volts, $judgement);
        }

        return $judgement->advise(
            'Read again at the supply side of the switch, and at other loads on the board.', 'single-phase loads', 'a bad connection',
            'a blown capacitor fuse', 'transformer taps',
        );
    }

    /** @param  list<float>  $volts */
    private function unbalance(array $volts, Judgement $judgement): void
    {
        $unbalance = Spread::percent($volts);
        $judgement->hold(
            new JudgedQuantity(
                'unbalance', $unbalance, high: self::AGREES, how: 'largest |x − mean| / mean, '.Show::number(self::AGREES).' % or less',
                source: Standard::NemaMg1->at('14.36'),
            ),
            $unbalance > self::STOP ? Grade::Stop : Grade::Caution,
        );
        if ($unbalance > self::NAMED && $unbalance <= self::AGREES) {
            $judgement->mark(Grade::Note)->say('Above 1 % the motor must be derated, and its currents differ by several times as much.');
        } elseif ($unbalance > self::STOP) {
            $judgement->say('Above 5 % a motor must not run.');
        }
    }
}
