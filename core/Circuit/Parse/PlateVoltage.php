<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Parse;

use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Ground\Show;

/**
 * Rated voltages as stamped. A slash separates two ways to connect the windings, a dash is a range that one connection
 * serves. Every voltage is a line value.
 */
final readonly class PlateVoltage
{
    /** How far volts per hertz of two rows may lie apart, as a share, and still be of one connection. */
    private const LIKE = 0.15;

    /** @param  list<array{low: float, high: float, connection: string}>  $pairs one or two, lower voltage first */
    public function __construct(public array $pairs)
    {
    }

    /** @return list<self>|Refusal one, or two of a plate for two frequencies, such as `400/460` */
    public static function rows(string $text): array|Refusal
    {
        $upper = (string) preg_replace(['~(?<=[A-Z]),\s+~', '~\b(PARALLEL|SERIES|LOW|HIGH)\b~'], ['/', ''], strtoupper($text));
        $upper = strtr($upper, ['DELTA' => 'D', 'STAR' => 'Y', 'WYE' => 'Y', 'VOLTS' => '', 'VOLT' => '', 'VAC' => '', 'TRIANGLE' => 'D']);
        // `230V D 400V Y`: a sign between two voltages parts them like a slash.
        $upper = (string) preg_replace('~(\d)\s*V?\s*([DY])\s+(\d)~', '$1 $2/$3', $upper);
        preg_match_all('~[DY]~', $upper, $letters);
        $bare = trim((string) preg_replace('~(?<![A-Z])V(?![A-Z])~', ' ', (string) preg_replace('~[DY]~', ' ', $upper)));
        // A lone slash between two letters (D/Y) belongs to them, not to the voltages.
        $bare = trim((string) preg_replace('~\s+~', ' ', (string) preg_replace('~^\s*/\s*|\s*/\s*$~', '', $bare)));
        $bare = trim((string) preg_replace('~^/\s*|\s*/$~', '', $bare));
        $parts = preg_split('~\s*/\s*~', $bare);
        if ($bare === '' || $parts === false || str_starts_with($bare, '-')) {
            return new Refusal(Typed::quoted($text).' cannot be read as a voltage.');
        }
        if (count($parts) > 2) {
            return new Refusal('More than two voltages: enter the two that belong to the windings, such as 230/400.');
        }
        /** @var list<array{low: float, high: float, connection: string}> $pairs */
        $pairs = [];
        foreach ($parts as $part) {
            $ends = preg_split('~\s*-\s*~', trim($part));
            if ($ends === false || count($ends) > 2) {
                return new Refusal(Typed::quoted($text).' cannot be read as a voltage.');
            }
            $volts = [];
            foreach ($ends as $end) {
                $number = Typed::number($end);
                if ($number instanceof Refusal) {
                    // Letters and signs are gone by now: repeat what was typed, not what is left of it.
                    return str_contains($number->text, 'decimal comma')
                        ? $number
                        : new Refusal(Typed::quoted($text).' cannot be read as a voltage.');
                }
                if ($number < 24 || $number > 2000) {
                    return new Refusal(Show::number($number).' V is outside the range 24 to 2000 V.');
                }
                $volts[] = $number;
            }
            $ratio = max([0.0, ...$volts]) / min([INF, ...$volts]);
            if (count($parts) === 1 && $ratio >= 1.65 && $ratio <= 1.82) {
                // `400-690`: no winding serves such a range, the dash stands for a stroke.
                $pairs = array_map(static fn (float $v): array => ['low' => $v, 'high' => $v, 'connection' => ''], $volts);

                continue;
            }
            $pairs[] = ['low' => min([INF, ...$volts]), 'high' => max([0.0, ...$volts]), 'connection' => ''];
        }
        $letters = array_map(static fn (string $l): string => $l === 'D' ? 'delta' : 'star', $letters[0]);
        if (count($letters) > 2) {
            return new Refusal('Too many D and Y signs.');
        }
        foreach ($letters as $i => $letter) {
            if (isset($pairs[$i])) {
                $pairs[$i]['connection'] = $letter;
            }
        }

        return self::connected($pairs, $letters);
    }

    /**
     * @param  list<array{low: float, high: float, connection: string}>  $pairs
     * @param  list<string>  $letters
     * @return list<self>|Refusal
     */
    private static function connected(array $pairs, array $letters): array|Refusal
    {
        if (count($pairs) === 1) {
            return [self::single($pairs[0], $pairs[0]['connection'])];
        }
        [$first] = $pairs;
        usort($pairs, static fn (array $a, array $b): int => $a['low'] <=> $b['low']);
        [$a, $b] = $pairs;
        $ratios = [];
        foreach ([$a['low'], $a['high']] as $low) {
            foreach ([$b['low'], $b['high']] as $high) {
                $ratios[] = $high / $low;
            }
        }
        $within = static fn (float $from, float $to): bool => array_filter(
            $ratios,
            static fn (float $r): bool => $r >= $from && $r <= $to,
        ) !== [];
        $off = static fn (float $wanted): float => min(array_map(static fn (float $r): float => abs($r / $wanted - 1), $ratios));
        // 115/208-230 is 1 to 2 by its nominal voltages, and only by chance near √3.
        $twice = $within(1.9, 2.15) && $off(2.0) < $off(sqrt(3));
        if ($within(1.65, 1.82) && ! $twice) {
            if ($a['connection'] === 'star' || $b['connection'] === 'delta') {
                return new Refusal('The lower voltage is for delta, the higher for star.');
            }

            return [new self([[...$a, 'connection' => 'delta'], [...$b, 'connection' => 'star']])];
        }
        if ($within(1.9, 2.15)) {
            return [new self([[...$a, 'connection' => 'parallel'], [...$b, 'connection' => 'series']])];
        }
        if ($b['low'] / $a['low'] >= 1.12 && $b['low'] / $a['low'] <= 1.22 && count($letters) < 2) {
            $connection = $letters[0] ?? '';

            return [self::single($first, $connection), self::single($a === $first ? $b : $a, $connection)];
        }

        if ($b['low'] / $a['low'] < 1.12) {
            return new Refusal(
                'Two voltages this close use the same connection: enter them as a range, '.Show::number($a['low']).'-'.
                Show::number($b['high']).'.',
            );
        }

        return new Refusal(
            'These two voltages do not belong to one motor (ratio '.Show::number($b['low'] / $a['low'], 3).
            '; it should be 1.73 or 2). Check the nameplate.',
        );
    }

    /** @param  array{low: float, high: float, connection: string}  $pair */
    private static function single(array $pair, string $connection): self
    {
        return new self([['low' => $pair['low'], 'high' => $pair['high'], 'connection' => $connection === '' ? 'single' : $connection]]);
    }

    /**
     * One bare voltage with the connection that the other row has at like volts per hertz.
     *
     * @param  float  $ratio  of the frequency of this row to that of the other
     */
    public function joinedAs(self $other, float $ratio): self
    {
        if (count($this->pairs) !== 1 || $this->pairs[0]['connection'] !== 'single') {
            return $this;
        }
        $pair = $this->pairs[0];
        foreach ($other->pairs as $first) {
            if (abs($pair['low'] / $ratio / $first['low'] - 1) < self::LIKE && $first['connection'] !== 'single') {
                return new self([[...$pair, 'connection' => $first['connection']]]);
            }
        }

        return $this;
    }

    public function echo(): string
    {
        $parts = [];
        foreach ($this->pairs as $pair) {
            $volts = Show::number($pair['low'], 6).($pair['low'] === $pair['high'] ? '' : '–'.Show::number($pair['high'], 6));
            $parts[] = $volts.' V'.($pair['connection'] === 'single' ? '' : ' '.$pair['connection']);
        }

        return implode(', ', $parts);
    }
}
