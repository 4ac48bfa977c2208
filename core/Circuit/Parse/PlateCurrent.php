<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Parse;

use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Ground\Show;

/** Rated currents as stamped, paired with the voltages by position: `66/38`, `4.2-4.0/2.0`. */
final readonly class PlateCurrent
{
    /** @param  list<list<float>>  $groups one group a slash, one or two amperes in each, as typed */
    public function __construct(public array $groups)
    {
    }

    public static function parse(string $text): self|Refusal
    {
        $text = (string) preg_replace('~(?<=[a-z]),\s+~i', '/', $text);
        $bare = trim(
            (string) preg_replace(
                '~\b(amperes|ampere|amps|amp|a)\b|(?<=\d)a\b~i', ' ',
                (string) preg_replace('~\b(delta|star|wye|parallel|series|fla|flc)\b|[DYdy]~i', ' ', $text),
            ),
        );
        $bare = trim((string) preg_replace('~\s*/\s*$~', '', $bare));
        $parts = preg_split('~\s*/\s*~', $bare);
        if ($bare === '' || $parts === false || count($parts) > 2) {
            return new Refusal(Typed::quoted($text).' cannot be read as a current.');
        }
        $groups = [];
        foreach ($parts as $part) {
            $ends = preg_split('~\s*-\s*~', trim($part));
            if ($ends === false || count($ends) > 2) {
                return new Refusal(Typed::quoted($text).' cannot be read as a current.');
            }
            $group = [];
            foreach ($ends as $end) {
                $number = Typed::number($end);
                if ($number instanceof Refusal) {
                    return str_contains($number->text, 'decimal comma')
                        ? $number
                        : new Refusal(Typed::quoted($text).' cannot be read as a current.');
                }
                if ($number <= 0 || $number > 20000) {
                    return new Refusal('The current must be above 0 and at most 20 000 A.');
                }
                $group[] = $number;
            }
            $groups[] = $group;
        }

        return new self($groups);
    }

    /** As read; with connections, the larger current belongs to the first of them: `66 A delta, 38 A star`. */
    public function echo(string $lower = '', string $higher = ''): string
    {
        $shown = array_map(
            static fn (array $group): string => implode('–', array_map(static fn (float $a): string => Show::number($a, 6), $group)),
            $this->groups,
        );
        if ($lower === '' || count($shown) !== 2) {
            return implode(' / ', $shown).' A';
        }
        [$first, $second] = max([0.0, ...$this->groups[0]]) >= max([0.0, ...$this->groups[1]]) ? $shown : array_reverse($shown);

        return $first.' A '.$lower.', '.$second.' A '.$higher;
    }
}
