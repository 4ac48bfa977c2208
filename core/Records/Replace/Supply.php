<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Replace;

use BraveAnvil\Bench\Solution;
use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\Show;
use BraveAnvil\Stations\Plate\PlateFigure;
use BraveAnvil\Stations\Plate\PlateFinding;
use BraveAnvil\Stations\Start\StartFigure;
use BraveAnvil\Stations\Start\StartFinding;

/** Whether the motor that is offered can be connected and started on the supply that is there. */
final readonly class Supply
{
    public function __construct(private Motors $motors)
    {
    }

    public function connection(): Point
    {
        [$was, $is] = $this->motors->figures(PlateFigure::Connection);
        $volts = static fn (Solution $solution): string => $solution->read['plate.voltage'] ?? '';
        if ($is === null) {
            return new Point('Voltage and connection', $volts($this->motors->present), $volts($this->motors->offered), FitVerdict::Unknown);
        }
        $stop = $is->value === 'none';
        $fit = $this->motors->offered->figure(PlateFigure::Fit)?->number() ?? 0.0;
        $flux = Motors::finding($this->motors->offered, PlateFinding::FluxTooHigh, PlateFinding::FluxLow, PlateFinding::FrequencyDiffers);

        return new Point(
            'Voltage and connection', $volts($this->motors->present), $volts($this->motors->offered),
            match (true) {
                $stop || $flux?->grade === Grade::Stop => FitVerdict::Stop,
                $flux !== null || abs($fit) > 5 => FitVerdict::Caution,
                $was !== null && $was->value !== $is->value => FitVerdict::Caution,
                default => FitVerdict::Equal,
            },
            match (true) {
                $stop => 'It has no connection for this supply.',
                $flux !== null => $flux->text,
                abs($fit) > 5 => 'Supply '.Show::number($fit, 3).' % off its rated voltage.',
                $was !== null && $was->value !== $is->value => 'Connect in '.$is->shown().' instead of '.$was->shown().
                    ': change the links.',
                default => 'Connect in '.$is->shown().', as now.',
            },
        );
    }

    public function startingCurrent(): Point
    {
        [$was, $is] = $this->motors->figures(StartFigure::LockedRotorCurrent);
        if ($was === null || $is === null) {
            return new Point('Starting current', $was?->shown(3) ?? '', $is?->shown(3) ?? '', FitVerdict::Unknown);
        }
        $ratio = $is->number() / $was->number();
        $guess = $was->assumed() || $is->assumed() ? ' One of the two is assumed.' : '';

        return new Point(
            'Starting current', $was->shown(3), $is->shown(3),
            match (true) {
                $ratio > 1.1 => FitVerdict::Caution,
                $ratio < 0.9 => FitVerdict::Better,
                default => FitVerdict::Equal,
            },
            match (true) {
                $ratio > 1.1 => Show::number(100 * ($ratio - 1), 2).' % more: the device may open on the start, and the voltage dip is '.
                    'larger. High-efficiency motors often take more.'.$guess,
                $ratio < 0.9 => 'Less than now.'.$guess,
                default => trim($guess),
            },
        );
    }

    /** Null where the method of starting suits any motor. */
    public function starter(): ?Point
    {
        $starter = is_array($this->motors->circuit['starter'] ?? null) ? $this->motors->circuit['starter'] : [];
        $name = is_string($starter['method'] ?? null) ? MethodName::tryFrom($starter['method']) : null;
        if ($name === null || ! $name->refusesMotors() || $this->motors->book === null) {
            return null;
        }
        $label = Show::inside($name->label($this->motors->book->words()));
        foreach ($this->motors->offered->findings as $finding) {
            if ($finding->code === StartFinding::StarDeltaRefused) {
                return new Point('Starter', $label, $label, FitVerdict::Stop, $finding->text);
            }
        }

        return new Point('Starter', $label, $label, FitVerdict::Equal, 'It can be started this way on this supply.');
    }

    /** Null where it is of the same kind. */
    public function kind(): ?Point
    {
        [$was, $is] = array_map(
            static fn (?Figure $kind): string => str_replace('_', ' ', $kind?->shown() ?? ''), $this->motors->figures(PlateFigure::Kind),
        );

        return $is === '' || $was === $is ? null
            : new Point('Type of motor', $was, $is, FitVerdict::Stop, 'Another type of motor needs another starter.');
    }
}
