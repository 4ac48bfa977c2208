<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Replace;

use BraveAnvil\Bench\Solution;
use BraveAnvil\Circuit\CircuitReader;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Plate\PlateFigure;
use BraveAnvil\Stations\Power\PowerFigure;
use BraveAnvil\Studies\Money\MoneyFigure;

/** Whether the motor that is offered does the work of the other, and at what cost. */
final readonly class Work
{
    /** Share of a year's energy that counts as the same. */
    private const SAME_YEAR = 0.002;

    /** Share of the torque that was there, below which it is worth a caution. Common practice, no source. */
    private const LEAST_TORQUE = 0.9;

    public function __construct(private Motors $motors)
    {
    }

    public function power(): Point
    {
        [$was, $is] = $this->motors->figures(PowerFigure::Output);
        if ($was === null || $is === null) {
            return new Point('Power', $was?->shown() ?? '', $is?->shown() ?? '', FitVerdict::Unknown);
        }
        $usable = $this->motors->offered->figure(PlateFigure::UsableOutput);
        $ratio = ($usable ?? $is)->number() / $was->number();

        return new Point(
            'Power', $was->shown(), $is->shown(),
            match (true) {
                $ratio < 0.97 => FitVerdict::Stop,
                $ratio > 1.3 => FitVerdict::Caution,
                $ratio > 1.03 => FitVerdict::Better,
                default => FitVerdict::Equal,
            },
            match (true) {
                $ratio < 0.97 => 'Smaller than the installed motor'.($usable !== null && $is->number() >= 0.97 * $was->number()
                    ? ': only '.$usable->shown().' is available here.' : '. If the load is known to be less, compare with that.'),
                $ratio > 1.3 => 'Much larger: poorer power factor at part load, higher starting current, and relay and device must '.
                    'be set again.',
                $ratio > 1.03 => 'More than now: set the relay to its own current.',
                default => '',
            },
        );
    }

    public function speed(): Point
    {
        [$was, $is] = $this->motors->figures(PlateFigure::Speed);
        $poles = $this->motors->present->figure(PlateFigure::Poles);
        $other = $this->motors->offered->figure(PlateFigure::Poles);
        if ($was === null || $is === null || $poles === null || $other === null) {
            return new Point('Speed', $was?->shown() ?? '', $is?->shown() ?? '', FitVerdict::Unknown);
        }
        $off = 100 * ($is->number() / $was->number() - 1);
        $cube = Show::number(abs(100 * (($is->number() / $was->number()) ** 3 - 1)), 2);

        return new Point(
            'Speed', $was->shown(), $is->shown(),
            match (true) {
                abs($poles->number() - $other->number()) > 0.5 => FitVerdict::Stop,
                abs($off) > 1 => FitVerdict::Caution,
                default => FitVerdict::Equal,
            },
            match (true) {
                abs($poles->number() - $other->number()) > 0.5 => $other->shown().' poles instead of '.$poles->shown().
                    ': a very different speed.',
                abs($off) > 0.3 => 'It runs '.Show::number(abs($off), 2).' % '.($off > 0 ? 'faster' : 'slower').': a fan or pump takes '.
                $cube.($off > 0 ? ' % more power.' : ' % less power.'),
                default => '',
            },
        );
    }

    public function startingTorque(): Point
    {
        return $this->torque('Starting torque', 'plate.start_torque_ratio', 'It may not start this load.');
    }

    public function breakdownTorque(): Point
    {
        return $this->torque('Breakdown torque', 'plate.breakdown_torque_ratio', 'It stalls sooner at a peak load.');
    }

    /** @param  'plate.start_torque_ratio'|'plate.breakdown_torque_ratio'  $path */
    private function torque(string $point, string $path, string $text): Point
    {
        $torque = static function (Solution $solution, array $plate) use ($path): ?float {
            $ratio = CircuitReader::read(['rule_book' => $solution->ruleBook, 'plate' => $plate])->number($path);
            $rated = $solution->figure(PlateFigure::RatedTorque);

            return $ratio === null || $rated === null ? null : $ratio->number() * $rated->number();
        };
        $x = $torque($this->motors->present, $this->motors->was);
        $y = $torque($this->motors->offered, $this->motors->is);
        if ($x === null || $y === null || $x <= 0) {
            return new Point($point, ...[...$this->motors->stamped(substr($path, 6)), FitVerdict::Unknown]);
        }
        $ratio = $y / $x;

        return new Point(
            $point, Show::quantity($x, Unit::NewtonMetre, 3), Show::quantity($y, Unit::NewtonMetre, 3),
            $ratio < self::LEAST_TORQUE ? FitVerdict::Caution : ($ratio > 1.1 ? FitVerdict::Better : FitVerdict::Equal),
            $ratio < self::LEAST_TORQUE ? Show::number(100 * (1 - $ratio), 2).' % less. '.$text : '',
        );
    }

    public function efficiency(): Point
    {
        [$was, $is] = $this->motors->figures(PlateFigure::Efficiency);
        if ($was === null || $is === null) {
            return new Point('Efficiency', '', '', FitVerdict::Unknown);
        }
        $shown = static fn (Figure $f): string => Show::number(100 * $f->number(), 4).' %'.($f->assumed() ? ' (assumed)' : '');
        $points = 100 * ($is->number() - $was->number());

        return new Point(
            'Efficiency', $shown($was), $shown($is),
            $points < -0.5 ? FitVerdict::Caution : ($points > 0.3 ? FitVerdict::Better : FitVerdict::Equal),
            $points < -0.5 ? 'Higher losses. For a new motor, check the minimum efficiency class required by law.' : '',
        );
    }

    /** Energy of a year where hours or prices are typed: what a better or a worse class is worth at this load; null where they are not. */
    public function year(): ?Point
    {
        [$was, $is] = $this->motors->figures(MoneyFigure::RunningEnergy);
        if ($was === null || $is === null) {
            return null;
        }
        $costWas = $this->motors->present->figure(MoneyFigure::RunningCost);
        $cost = $this->motors->offered->figure(MoneyFigure::RunningCost);
        $shown = static fn (Figure $energy, ?Figure $price): string => $energy->shown(4).($price === null ? '' : ', '.$price->shown(4));
        $more = $is->number() - $was->number();
        $worth = $costWas === null || $cost === null ? '' : ', '.Show::number(abs($cost->number() - $costWas->number()), 3);

        return new Point(
            'Energy per year', $shown($was, $costWas), $shown($is, $cost),
            abs($more) <= self::SAME_YEAR * $was->number() ? FitVerdict::Equal : ($more > 0 ? FitVerdict::Caution : FitVerdict::Better),
            abs($more) <= self::SAME_YEAR * $was->number() ? '' : 'It takes '.Show::quantity(abs($more), Unit::WattHour, 3).
            ($more > 0 ? ' more' : ' less').' per year'.$worth.'. A fan or pump that runs faster takes more than that.',
        );
    }
}
