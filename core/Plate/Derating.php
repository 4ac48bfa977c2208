<?php

declare(strict_types=1);

namespace BraveAnvil\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\Practice\DeratingPractice;
use BraveAnvil\Solution\Entry;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Ledger;
use BraveAnvil\Solution\Show;

/** What heat, height and unbalance leave of the rated output. No factor is ever above 1: a cool place is a reserve, not more output. */
final readonly class Derating
{
    private const LARGEST_UNBALANCE = 5.0;

    private const USUAL_AMBIENT = 40.0;

    private const USUAL_ALTITUDE = 1000.0;

    public function __construct(private DeratingPractice $practice)
    {
    }

    public function solve(Circuit $circuit, Motor $motor, Ledger $ledger): void
    {
        $factors = array_values(
            array_filter([$this->ambient($circuit, $ledger), $this->altitude($circuit, $ledger), $this->unbalance($circuit, $ledger)]),
        );
        if ($factors === [] || $motor->output === null) {
            return;
        }
        $product = 1.0;
        $working = '{P}';
        $from = ['P' => $motor->output];
        foreach ($factors as $i => $factor) {
            $product *= $factor->number();
            $working .= ' × {k'.$i.'}';
            $from['k'.$i] = $factor;
        }
        $ledger->work(PlateFigure::UsableOutput)->from(...$from)->as('P · k', $working)->equals($motor->output->number() * $product)
            ->source('product of the deratings')->write();
    }

    private function ambient(Circuit $circuit, Ledger $ledger): ?Figure
    {
        $ambient = $circuit->number('supply.ambient');
        $rated = $circuit->number('plate.ambient')?->number() ?? self::USUAL_AMBIENT;
        if ($ambient === null || $ambient->number() <= $rated) {
            return null;
        }
        $factor = self::written(
            PlateFigure::DeratingAmbient,
            $this->practice->ambient($ambient->number() - $rated + self::USUAL_AMBIENT),
            $ambient,
            Show::number($rated).' °C rated',
            $ledger,
        );
        $finding = $ledger
            ->find($factor === null ? Grade::Stop : Grade::Caution, PlateFinding::AmbientAboveRating)
            ->title('Hotter than the motor is rated for')
            ->because(
                'The ambient is '.
                    $ambient->shown().
                    ', the motor is rated for '.
                    Show::number($rated).
                    ' °C.'.
                    ($factor === null
                        ? ' That is beyond every usual derating.'
                        : ' About '.Show::number(100 * $factor->number(), 3).' % of its output is left.'),
            )
            ->do('Load it less, or find it a cooler place.')
            ->source('IEC 60034-1 (from memory); factors: common practice, no source')
            ->about('plate.ambient', 'supply.ambient');
        if ($factor !== null) {
            $finding->on(PlateFigure::DeratingAmbient);
        }

        return $factor;
    }

    private function altitude(Circuit $circuit, Ledger $ledger): ?Figure
    {
        $altitude = $circuit->number('supply.altitude');
        $limit = $circuit->number('plate.altitude')?->number() ?? self::USUAL_ALTITUDE;
        if ($altitude === null || $altitude->number() <= max(self::USUAL_ALTITUDE, $limit)) {
            return null;
        }
        $entry = $this->practice->altitude($altitude->number() - max(0.0, $limit - self::USUAL_ALTITUDE));
        $factor = self::written(PlateFigure::DeratingAltitude, $entry, $altitude, Show::number($limit).' m rated', $ledger);
        $finding = $ledger
            ->find($factor === null ? Grade::Stop : Grade::Caution, PlateFinding::AltitudeAboveRating)
            ->title('Higher than the motor is rated for')
            ->because(
                'The site lies at '.
                    $altitude->shown().
                    ', the motor is rated for '.
                    Show::number($limit).
                    ' m.'.
                    ($factor === null
                        ? ' That is beyond every usual derating.'
                        : ' About '.
                            Show::number(100 * $factor->number(), 3).
                            ' % of its output is left, unless the air is cooler by 1 % of its rise for each 100 m.'),
            )
            ->do('Load it less: thin air cools less.')
            ->source('IEC 60034-1 (from memory); factors: common practice, no source')
            ->about('plate.altitude', 'supply.altitude');
        if ($factor !== null) {
            $finding->on(PlateFigure::DeratingAltitude);
        }

        return $factor;
    }

    private static function written(PlateFigure $name, ?Entry $entry, Figure $value, string $rated, Ledger $ledger): ?Figure
    {
        return $entry === null ? null : $ledger->work($name)->from(x: $value)->as('table', '{x}, '.$rated)->equals(min(1.0, $entry->value))
            ->by($entry)->assuming('a typical derating')->write();
    }

    private function unbalance(Circuit $circuit, Ledger $ledger): ?Figure
    {
        $unbalance = $circuit->number('supply.unbalance');
        if ($unbalance === null || $unbalance->number() <= 1) {
            return null;
        }
        $shown = Show::number($unbalance->number(), 3);
        $entry = $unbalance->number() > self::LARGEST_UNBALANCE ? null : $this->practice->unbalance($unbalance->number());
        if ($entry === null) {
            $ledger
                ->stop(PlateFinding::UnbalanceTooLarge)
                ->title('The voltages are too unequal')
                ->because(
                    'The unbalance is '.
                        $shown.
                        ' %. Above 5 % a motor is not run: about ten times as much unbalance of its currents heats one winding.',
                )
                ->do('Find the cause first: a blown fuse, a loose joint, single-phase loads.')
                ->source('NEMA MG 1 14.36 (from memory)')
                ->about('supply.unbalance');

            return null;
        }
        $factor = $ledger
            ->work(PlateFigure::DeratingUnbalance)
            ->from(u: $unbalance)
            ->as('table', $shown.' % unbalance')
            ->equals(min(1.0, $entry->value))
            ->by($entry)
            ->assuming('a derating read from a published figure')
            ->write();
        $ledger
            ->caution(PlateFinding::Unbalance)
            ->title('The voltages are unequal by '.$shown.' %')
            ->because(
                'About '.
                    Show::number(100 * $factor->number(), 3).
                    ' % of its output is left; its currents differ by several times as much as the voltages.',
            )
            ->do('Find the cause, and load it less until then.')
            ->source('NEMA MG 1 14.36 (from memory)')
            ->on(PlateFigure::DeratingUnbalance)
            ->about('supply.unbalance');

        return $factor;
    }
}
