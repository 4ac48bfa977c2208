<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\TableEntry;
use BraveAnvil\Tables\Practice\DeratingPractice;

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
            ->source('product of the derating factors')->write();
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
            ->title('Ambient above the motor rating')
            ->because(
                'Ambient '.$ambient->shown().', motor rated for '.Show::number($rated).' °C.'.
                ($factor === null ? ' The derating tables end below this.' : ' The motor can give about '.
                Show::number(100 * $factor->number(), 3).' % of its output.'),
            )
            ->do('Reduce the load, or find a cooler place.')
            ->source(Standard::Iec60034_1->at()->adding('; factors: common practice'))
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
            ->title('Altitude above the motor rating')
            ->because(
                'Site '.$altitude->shown().', motor rated for '.Show::number($limit).' m.'.
                ($factor === null ? ' The derating tables end below this.' : ' The motor can give about '.
                Show::number(100 * $factor->number(), 3).' % of its output, unless the air is cooler by 1 % of the temperature '.
                'rise per 100 m.'),
            )
            ->do('Reduce the load: thin air cools less.')
            ->source(Standard::Iec60034_1->at()->adding('; factors: common practice'))
            ->about('plate.altitude', 'supply.altitude');
        if ($factor !== null) {
            $finding->on(PlateFigure::DeratingAltitude);
        }

        return $factor;
    }

    private static function written(PlateFigure $name, ?TableEntry $entry, Figure $value, string $rated, Ledger $ledger): ?Figure
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
                ->title('Voltage unbalance too large')
                ->because(
                    'Voltage unbalance '.$shown.' %. Above 5 % a motor must not run: the current unbalance is about ten times as large '.
                    'and overheats one winding.',
                )
                ->do('Find the cause first: a blown fuse, a loose connection or single-phase loads.')
                ->source(Standard::NemaMg1->at('14.36'))
                ->about('supply.unbalance');

            return null;
        }
        $factor = $ledger
            ->work(PlateFigure::DeratingUnbalance)
            ->from(u: $unbalance)
            ->as('table', $shown.' % unbalance')
            ->equals(min(1.0, $entry->value))
            ->by($entry)
            ->assuming('derating read from a published curve')
            ->write();
        $ledger
            ->caution(PlateFinding::Unbalance)
            ->title('Voltage unbalance '.$shown.' %')
            ->because(
                'The motor can give about '.Show::number(100 * $factor->number(), 3).
                ' % of its output. Its currents differ by several times as much as the voltages.',
            )
            ->do('Find the cause. Until then, reduce the load.')
            ->source(Standard::NemaMg1->at('14.36'))
            ->on(PlateFigure::DeratingUnbalance)
            ->about('supply.unbalance');

        return $factor;
    }
}
