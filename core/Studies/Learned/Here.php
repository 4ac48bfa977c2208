<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Learned;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Ground\FigureName;
use BraveAnvil\Stations\Plate\PlateFigure;
use BraveAnvil\Stations\Power\PowerFigure;

/**
 * What rules of thumb start from in this circuit.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final readonly class Here
{
    /** @param  array<string, Figure>  $figures  by key */
    private function __construct(public Circuit $circuit, private array $figures)
    {
    }

    /** @param  list<Figure>  $figures */
    public static function of(Circuit $circuit, array $figures): self
    {
        $byKey = [];
        foreach ($figures as $figure) {
            $byKey[$figure->key()] = $figure;
        }

        return new self($circuit, $byKey);
    }

    public function figure(FigureName $name): ?Figure
    {
        return $this->figures[$name->key()] ?? null;
    }

    /** Whether it is there, as a number. */
    public function has(FigureName $name): bool
    {
        return is_finite($this->number($name));
    }

    /** In base units; not a number where it is not known, or is a word. */
    public function number(FigureName $name): float
    {
        $value = $this->figure($name)?->value;

        return is_int($value) || is_float($value) ? (float) $value : NAN;
    }

    /**
     * A field in base units; not a number where it is empty.
     *
     * @param  FieldPath  $path
     */
    public function typed(string $path): float
    {
        return $this->circuit->number($path)?->number() ?? NAN;
    }

    /** Rated output, kW; not a number where it is not known. */
    public function kilowatts(): float
    {
        return $this->number(PlateFigure::Output) / 1000;
    }

    /** Rated output, hp; not a number where it is not known. */
    public function horsepower(): float
    {
        return $this->number(PlateFigure::Output) / Power::HORSEPOWER;
    }

    /** Of the motor at full load, A: stamped, else calculated. */
    public function current(): float
    {
        return $this->number($this->has(PowerFigure::PlateCurrent) ? PowerFigure::PlateCurrent : PowerFigure::ComputedCurrent);
    }

    /** Whether three phases of about so many volts supply it. */
    public function isAbout(float $volts): bool
    {
        $rated = $this->number(PlateFigure::RatedVoltage);

        return $this->circuit->phases() === 3 && abs($rated / $volts - 1) <= 0.05;
    }
}
