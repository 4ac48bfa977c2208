<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Tables\Practice\StampTables;

/** A frame size: shaft height, feet and shaft, all in mm. */
final readonly class Frame
{
    private const MM_PER_INCH = 25.4;

    /** Suffixes that only NEMA frames have; S, M and L are IEC bodies. */
    private const AMERICAN = [
        'T', 'TS', 'U', 'C', 'TC', 'TCZ', 'TSC', 'TD', 'JM', 'JP', 'H', 'HZ', 'Z', 'TZ', 'Y', 'D', 'LP', 'VP', 'HP', 'UZ',
    ];

    /** @param  array{across: float, along: float}|null  $feet  between the holes of the feet */
    private function __construct(
        public bool $metric,
        public float $height,
        public string $suffix,
        public ?array $feet,
        public ?float $shaft,
        public ?float $extension = null,
    ) {
    }

    /**
     * @param  string  $text  in capitals, `225S`, `254T`, `145TC`, `IEC 132M`
     * @param  bool  $metric  how a bare number such as 56 is read
     */
    public static function of(string $text, bool $metric, StampTables $tables): ?self
    {
        if (preg_match('/^(IEC|NEMA)?\s*(\d{2,4})\s*-?([A-Z]{0,3})$/', trim($text), $m) !== 1) {
            return null;
        }
        $american = $m[1] === 'NEMA' || strlen($m[2]) === 4 || in_array($m[3], self::AMERICAN, true)
            || ($m[1] !== 'IEC' && ! $metric && ! in_array($m[3], ['S', 'M', 'L'], true));

        return $american ? self::american($m[2], $m[3], $tables) : self::iec($m[2], $m[3], $tables);
    }

    private static function iec(string $height, string $body, StampTables $tables): ?self
    {
        if ($tables->iecFrame($height, 'H') === null || ! in_array($body, ['', 'S', 'M', 'L'], true)) {
            return null;
        }
        $across = $tables->iecFrame($height, 'A');
        $along = $tables->iecFrame($height, 'B'.$body) ?? $tables->iecFrame($height, 'B');

        return new self(true, (float) $height, $body, $across === null || $along === null ? null : ['across' => $across, 'along' => $along],
            $tables->iecFrame($height, 'D_shaft'), $tables->iecFrame($height, 'E'));
    }

    private static function american(string $number, string $suffix, StampTables $tables): ?self
    {
        $inches = strlen($number) === 2 ? (int) $number / 16 : (int) substr($number, 0, 2) / 4;
        if ($inches < 2 || $inches > 25) {
            return null;
        }
        $row = (string) (int) $number;
        $modern = strlen($number) === 2 || str_contains($suffix, 'T') || in_array($suffix, ['JM', 'JP'], true);
        $across = $tables->nemaFrame($row, 0);
        $along = $tables->nemaFrame($row, 1);
        $shaft = $modern && ! in_array($suffix, ['TS', 'TSC'], true) ? $tables->nemaFrame($row, 2) : null;

        return new self(false, self::MM_PER_INCH * $inches, $suffix,
            $across === null || $along === null ? null : ['across' => self::MM_PER_INCH * $across, 'along' => self::MM_PER_INCH * $along],
            $shaft === null ? null : self::MM_PER_INCH * $shaft);
    }
}
