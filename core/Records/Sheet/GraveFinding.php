<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Sheet;

/** A stop or caution of a solution as it was kept. */
final readonly class GraveFinding
{
    private const GRADES = ['stop', 'caution'];

    private function __construct(public string $grade, public string $station, public string $title, public string $text)
    {
    }

    /**
     * @param  array<array-key, mixed>  $solution  as JSON has it
     * @return array<string, self> by grade and code, in the order of the solution: a caution that became a stop is another one
     */
    public static function of(array $solution): array
    {
        $found = [];
        foreach (is_array($solution['findings'] ?? null) ? $solution['findings'] : [] as $one) {
            $text = static fn (string $part): string => is_array($one) && is_string($one[$part] ?? null) ? $one[$part] : '';
            if (in_array($text('grade'), self::GRADES, true)) {
                $found[$text('grade').' '.$text('code')] = new self($text('grade'), $text('station'), $text('title'), $text('text'));
            }
        }

        return $found;
    }
}
