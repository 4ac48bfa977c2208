<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Judge;

use BraveAnvil\Circuit\Field\PowerFields;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Show;
use BraveAnvil\Stations\Measure\Measured;
use BraveAnvil\Stations\Measure\Measurement;
use BraveAnvil\Stations\Prove\Choice\ReadAt;
use BraveAnvil\Stations\Prove\Judge;
use BraveAnvil\Stations\Prove\JudgedQuantity;
use BraveAnvil\Stations\Prove\Judgement;
use BraveAnvil\Stations\Prove\KnownCircuit;
use BraveAnvil\Stations\Prove\Reading;

/** Real power and power factor by any method of Power. */
final class PowerJudge implements Judge
{
    /** Share by which real power may be off. */
    private const REAL = 0.1;

    /** By how much a power factor may be off at full load, and what is added as the load goes to nothing. Own estimate. */
    private const FACTOR = 0.03;

    private const FACTOR_IDLE = 0.06;

    /** Percent of load above which it is too much, whatever was said. */
    private const MOST_LOAD = 105.0;

    public function judge(Reading $reading, KnownCircuit $known): Judgement
    {
        $where = $reading->chosen('where', ReadAt::class);
        if ($known->hasCapacitor() && $where === null) {
            return Judgement::waiting('where');
        }
        [$measured, $wanted] = $this->measured($reading, $known);
        if ($measured->real === null) {
            return Judgement::waiting(...$wanted === [] ? ['method'] : $wanted);
        }
        $load = $known->loadAt($reading);
        $real = $measured->real->number();
        $volts = $known->volts($measured->voltage);
        if ($volts === null) {
            return Judgement::waiting('supply.voltage');
        }
        $implied = $known->loadThatDraws($real);
        $drawn = null;
        if ($known->motor->kind === null) {
            $drawn = ExpectedDraw::at(null, $volts->number(), $where, $known);
        } elseif ($load !== null) {
            $drawn = ExpectedDraw::at($load->number() / 100, $volts->number(), $where, $known);
        }
        $judgement = new Judgement;
        if ($drawn === null) {
            $judgement = Judgement::waiting('load_percent')->tell(new JudgedQuantity('real', $real));
        } else {
            $share = $load === null ? 1.0 : min(1.0, $load->number() / 100);
            $judgement->hold(new JudgedQuantity(
                'real', $real, $drawn->real, $drawn->real * (1 - self::REAL), $drawn->real * (1 + self::REAL),
                array_filter(['x' => $load, 'P' => $known->load->input]), ($load === null ? '' : 'at {x}, ').'{P} at full load, ± 10 %',
            ));
            $factor = self::factor($measured);
            if ($factor !== null) {
                $band = self::FACTOR + self::FACTOR_IDLE * (1 - $share);
                $judgement->hold(new JudgedQuantity(
                    'power_factor', $factor, $drawn->powerFactor(), $drawn->powerFactor() - $band, min(1.0, $drawn->powerFactor() + $band),
                    array_filter(['x' => $load, 'V' => $volts]), 'at {V} ± '.Show::number($band, 3), 'estimate',
                ));
            }
        }
        if ($implied !== null) {
            $judgement->tell(new JudgedQuantity('load_implied', 100 * $implied, how: 'the load at which the motor takes this power'));
            if (100 * $implied > self::MOST_LOAD) {
                $judgement->differ()->say('This power means a load of '.Show::number(100 * $implied, 3).' %: more than the motor rating.');
            }
        }

        return $judgement->advise(
            'Read line currents and speed at the same load.', 'a load other than entered', 'leads of the meter swapped',
            'a capacitor that is not entered',
        );
    }

    /** @return array{Measured, list<string>} what the typed meters tell, and the names of those that are wanted */
    private function measured(Reading $reading, KnownCircuit $known): array
    {
        $typed = [];
        foreach (array_keys(PowerFields::LIST) as $path) {
            if (str_starts_with($path, 'measure.')) {
                $value = ($reading->values()[substr($path, 8)] ?? null)?->value;
                $choices = Fields::at($path)->choices;
                $typed[$path] = is_string($value) && $choices !== null ? $choices::tryFrom($value) : (is_float($value) ? $value : null);
            }
        }
        $ledger = new Ledger();
        $measured = Measurement::solve($known->circuit->choosing($typed), $known->motor, $known->load, $ledger);
        $wanted = [];
        foreach ($ledger->fieldErrors() as $error) {
            $wanted[] = substr($error->path, 8);
        }

        return [$measured, $wanted];
    }

    private static function factor(Measured $measured): ?float
    {
        $real = $measured->real?->number();
        $reactive = $measured->reactive?->number();

        return $real === null || $reactive === null || hypot($real, $reactive) <= 0 ? null : $real / hypot($real, $reactive);
    }
}
