<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Parse;

use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Ground\Show;

/** Rated frequency as stamped: `50`, `60 Hz`, or `50/60` on a plate with a row of values for each. */
final readonly class Frequencies
{
    /** @param  list<float>  $hertz one, or two that differ */
    public function __construct(public array $hertz)
    {
    }

    public static function parse(string $text): self|Refusal
    {
        $bare = trim((string) preg_replace('~\s*(hz|hertz|c/s|cps|cycles)\b\.?~i', ' ', $text));
        $parts = preg_split('~\s*[/-]\s*~', $bare);
        if ($parts === false || count($parts) > 2) {
            return new Refusal(Typed::quoted($text).' cannot be read as a frequency.');
        }
        $hertz = [];
        foreach ($parts as $part) {
            $number = Typed::number($part);
            if ($number instanceof Refusal) {
                return $number;
            }
            if ($number < 40 || $number > 70) {
                return new Refusal(Show::number($number).' Hz is outside the range 40 to 70 Hz.');
            }
            $hertz[] = $number;
        }

        return new self(count($hertz) === 2 && abs($hertz[0] - $hertz[1]) < 0.01 ? [$hertz[0]] : $hertz);
    }

    public function echo(): string
    {
        return implode(' / ', array_map(static fn (float $f): string => Show::number($f), $this->hertz)).' Hz';
    }
}
