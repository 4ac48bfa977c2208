<?php

declare(strict_types=1);

namespace App\Session;

/** What somebody signs in from, in words that a person knows again: "Firefox on Android". */
final class Device
{
    /** In this order: what is further down calls itself by names further up as well. */
    private const PROGRAMS = ['Firefox' => 'Firefox', 'Edg' => 'Edge', 'Chrom' => 'Chrome', 'Safari' => 'Safari', 'curl' => 'curl'];

    private const MACHINES = [
        'iPhone' => 'an iPhone', 'iPad' => 'an iPad', 'Android' => 'Android', 'Windows' => 'Windows', 'Macintosh' => 'a Mac', 'Linux' => 'Linux',
    ];

    public static function words(string $agent): string
    {
        $program = self::first(self::PROGRAMS, $agent) ?? 'A program';
        $machine = self::first(self::MACHINES, $agent);

        return $machine === null ? $program : "$program on $machine";
    }

    /** @param  array<string, string>  $words */
    private static function first(array $words, string $agent): ?string
    {
        foreach ($words as $sign => $word) {
            if (str_contains($agent, $sign)) {
                return $word;
            }
        }

        return null;
    }
}
