<?php

declare(strict_types=1);

namespace BraveAnvil\Bench;

use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Words;

/**
 * The sources of a finding as far as they are of this rule book. Stations name the rules of all three; an article of another book says
 * nothing to who works by this one. Product standards stay, and so does a table, whose numbers are used wherever they come from.
 */
final readonly class Cited
{
    private const ARTICLES = ['IEC 60364' => 'IEC 60364', 'NEC' => 'NEC (?:\d|Chapter)', 'CE Code' => 'CE Code'];

    private function __construct(private string $others)
    {
    }

    public static function by(Words $words): self
    {
        $others = array_filter(self::ARTICLES, static fn (string $book): bool => $book !== $words->name, ARRAY_FILTER_USE_KEY);

        return new self('~^(?:'.implode('|', $others).')(?!.*\bTable)~');
    }

    public function source(string $source): string
    {
        $bare = (string) preg_replace('~ \('.HowKnown::FromMemory->value.'\).*$~', '', $source);
        $tail = substr($source, strlen($bare));
        $parts = preg_split('~(?:,|;| and) (?=(?:IEC|NEC|CE Code|NEMA|UL|BS|EN|common)\b)~', $bare);
        $own = array_filter($parts === false ? [] : $parts, fn (string $part): bool => preg_match($this->others, $part) !== 1);

        return match (true) {
            $parts === false || count($own) === count($parts) => $source,
            $own === [] => HowKnown::CommonPractice->value,
            default => implode(', ', $own).$tail,
        };
    }
}
