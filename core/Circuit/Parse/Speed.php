<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Parse;

use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Ground\Show;

/** Rated speed as stamped: `1482`, `1 482`, `1.482 min⁻¹`; `1450/1750` are the speeds of a plate for 50 and 60 Hz. */
final readonly class Speed
{
    public function __construct(public float $rpm)
    {
    }

    /** @return list<self>|Refusal one, or two of a plate for two frequencies */
    public static function rows(string $text): array|Refusal
    {
        $bare = trim((string) preg_replace('~\s*(r\.?p\.?m\.?|r/min|rev/min|1/min|min-1|min\^-1|/min|u/min)\s*$~i', '', $text));
        $parts = preg_split('~\s*/\s*~', $bare);
        if ($bare === '' || $parts === false || count($parts) > 2) {
            return new Refusal(Typed::quoted($text).' cannot be read as a speed.');
        }
        $speeds = [];
        foreach ($parts as $part) {
            $number = Typed::number($part, true);
            if ($number instanceof Refusal) {
                return $number;
            }
            if ($number < 60 || $number > 30000) {
                return new Refusal(Show::number($number).' rpm is outside the range 60 to 30 000 rpm.');
            }
            $speeds[] = $number;
        }
        if (count($speeds) === 2) {
            $ratio = max($speeds) / min($speeds);
            if ($ratio < 1.15 || $ratio > 1.25) {
                return new Refusal(
                    'Two speeds: a two-speed motor has two windings or changes its pole number, each with its own currents, and is not '.
                    'calculated. Enter the speed of the one winding that you work on.',
                    true,
                );
            }
        }

        // One decimal at most: no plate says more, and three could be taken for a thousand when read again.
        return array_map(static fn (float $rpm): self => new self(round($rpm, 1)), $speeds);
    }

    public function echo(): string
    {
        return Show::number($this->rpm, 6).' rpm';
    }
}
