<?php

declare(strict_types=1);

namespace BraveAnvil\Tables\Practice;

use BraveAnvil\Ground\Doubt;
use BraveAnvil\Ground\TableEntry;
use BraveAnvil\Tables\Table;

/** What heat, height and unbalance leave of a motor's output. Null beyond the end of a table. */
final readonly class DeratingPractice
{
    public function __construct(private Table $typical, private Table $unbalance)
    {
    }

    /** @param  float  $celsius  ambient of a motor that is rated for 40 °C */
    public function ambient(float $celsius): ?TableEntry
    {
        return self::between($this->typical, $celsius, $this->typical->doubt('ambient'), 'ambient');
    }

    /** @param  float  $metres  height of a motor that is rated for 1000 m */
    public function altitude(float $metres): ?TableEntry
    {
        return self::between($this->typical, $metres, $this->typical->doubt('altitude'), 'altitude');
    }

    /** @param  float  $percent  voltage unbalance. NEMA MG 1. */
    public function unbalance(float $percent): ?TableEntry
    {
        return self::between($this->unbalance, $percent, $this->unbalance->doubt((string) (int) $percent));
    }

    private static function between(Table $table, float $at, ?Doubt $doubt, string ...$path): ?TableEntry
    {
        $before = null;
        foreach ($table->keys(...$path) as $key) {
            $factor = $table->number(...[...$path, $key]);
            if ($factor === null) {
                continue;
            }
            $correction = $table->correction(...[...$path, $key]);
            if ($at <= (float) $key) {
                return new TableEntry(
                    $before === null ? $factor : $before[1] + (($factor - $before[1]) * ($at - $before[0])) / ((float) $key - $before[0]),
                    $table->cited(), $doubt,
                    $correction ?? ($before[2] ?? null),
                );
            }
            $before = [(float) $key, $factor, $correction];
        }

        return null;
    }
}
