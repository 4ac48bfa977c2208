<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Parse;

use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Solution\Show;

/** Rated speed as stamped, `1482`, `1 482`, `1.482 min⁻¹`; `1450/1750` is the 50 and the 60 Hz speed. */
final readonly class Speed
{
    /** @param  list<float>  $rpm one, or two of a 50/60 Hz plate */
    public function __construct(public array $rpm)
    {
    }

    public static function parse(string $text): self|Refusal
    {
        $bare = trim((string) preg_replace('~\s*(r\.?p\.?m\.?|r/min|rev/min|1/min|min-1|min\^-1|/min|u/min)\s*$~i', '', $text));
        $parts = preg_split('~\s*/\s*~', $bare);
        if ($bare === '' || $parts === false || count($parts) > 2) {
            return new Refusal(Typed::quoted($text).' cannot be read as a speed.');
        }
        $rpm = [];
        foreach ($parts as $part) {
            $number = Typed::number($part, true);
            if ($number instanceof Refusal) {
                return $number;
            }
            if ($number < 60 || $number > 30000) {
                return new Refusal(Show::number($number).' rpm is outside 60 to 30 000 rpm.');
            }
            $rpm[] = $number;
        }
        if (count($rpm) === 2) {
            $ratio = max($rpm) / min($rpm);
            if ($ratio < 1.15 || $ratio > 1.25) {
                return new Refusal('Two speeds: a two-speed motor is not computed. Type the speed of one winding.');
            }
        }

        return new self($rpm);
    }

    public function echo(): string
    {
        return implode(' / ', array_map(static fn (float $n): string => Show::number($n, 5), $this->rpm)).' rpm';
    }
}
