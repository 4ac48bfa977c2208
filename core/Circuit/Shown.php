<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;

use function round;

/** A number for geometry with the text that a person reads. */
final readonly class Shown
{
    private function __construct(public float $value, public string $text)
    {
    }

    /**
     * @param  float  $value  in $unit
     * @param  int  $digits  significant ones of the text
     */
    public static function of(float $value, Unit $unit = Unit::None, int $digits = 3): self
    {
        return new self($value, Show::quantity($value, $unit, $digits));
    }

    /** A number whose text says more than its value, such as on which side of nought it lies. */
    public static function said(float $value, string $text): self
    {
        return new self($value, $text);
    }

    public static function figure(?Figure $figure, int $digits = 3): ?self
    {
        return $figure === null ? null : self::of($figure->number(), $figure->unit, $digits);
    }

    /** @param  float|null  $value  in $unit; null stays null */
    public static function maybe(?float $value, Unit $unit, int $digits = 3): ?self
    {
        return $value === null ? null : self::of($value, $unit, $digits);
    }

    /** The same with words behind its text. */
    public function followedBy(string $words): self
    {
        return new self($this->value, $this->text.$words);
    }

    /**
     * The value to four decimals: it is drawn, and a short number is quicker to write and to read.
     *
     * @return array{value: float, shown: string}
     */
    public function toArray(): array
    {
        return ['value' => round($this->value, 4), 'shown' => $this->text];
    }
}
