<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Register;

/** The unit that the head of a column names: `HP`, `Volts`, `Length (ft)`. A bare number below it is in that unit. */
final class HeadUnit
{
    /** Words that are a unit wherever they stand in a head. */
    private const WORDS = [
        'hp' => 'hp', 'bhp' => 'hp', 'horsepower' => 'hp', 'kw' => 'kW', 'watts' => 'W', 'volts' => 'V', 'volt' => 'V', 'vac' => 'V', 'kv' => 'kV',
        'amps' => 'A', 'amperes' => 'A', 'amp' => 'A', 'fla' => 'A', 'flc' => 'A', 'rpm' => 'rpm', 'r/min' => 'rpm', 'hz' => 'Hz',
        'hertz' => 'Hz', 'metres' => 'm', 'meters' => 'm', 'ft' => 'ft', 'feet' => 'ft', 'km' => 'km', 'kva' => 'kVA', 'mva' => 'MVA',
        'kvar' => 'kvar', '°c' => '°C', 'degc' => '°C', '°f' => '°F', 'kg' => 'kg', 'lb' => 'lb', 'lbs' => 'lb', 'seconds' => 's', 'sec' => 's',
        'minutes' => 'min', '%' => '%', 'percent' => '%', 'ka' => 'kA', 'mohm' => 'mohm', 'grams' => 'g',
    ];

    /** Letters that are a unit only where they stand apart: in brackets, or behind a comma at the end. */
    private const APART = [
        'v' => 'V', 'a' => 'A', 'w' => 'W', 'm' => 'm', 's' => 's', 'min' => 'min', 'h' => 'h', 'g' => 'g', 'oz' => 'oz', 'ω' => 'ohm',
        'c' => '°C', 'f' => '°F', 'k' => 'K', 'kgm²' => 'kgm2', 'kg·m²' => 'kgm2', 'lb ft²' => 'lb ft2',
    ];

    /** @return string|null as it may stand behind a number */
    public static function of(string $head): ?string
    {
        $plain = strtolower(trim($head));
        if (preg_match('~[\[(]\s*([^\])]+?)\s*[\])]\s*$|,\s*(\S[^,]*?)\s*$~u', $plain, $m) === 1) {
            $apart = $m[1] !== '' ? $m[1] : $m[2];
            $unit = self::WORDS[$apart] ?? self::APART[$apart] ?? null;
            if ($unit !== null) {
                return $unit;
            }
        }
        $words = preg_split('~[\s_()\[\],:.]+~u', $plain, -1, PREG_SPLIT_NO_EMPTY);
        foreach (array_reverse($words === false ? [] : $words) as $word) {
            if (isset(self::WORDS[$word])) {
                return self::WORDS[$word];
            }
        }

        return null;
    }

    /** A cell with the unit of its head, where it has none of its own. */
    public static function with(string $cell, ?string $unit): string
    {
        return $unit !== null && preg_match('~^[+-]?\d[\d\s.,/-]*$~', trim($cell)) === 1 ? trim($cell).' '.$unit : $cell;
    }
}
