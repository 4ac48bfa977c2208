<?php

declare(strict_types=1);

namespace Tests\Core;

/**
 * How much of a random test is run, and from which seed. FUZZ_SCALE multiplies the counts (the whole test run takes 5);
 * FUZZ_SEED gives back the numbers of a run that failed.
 */
final class Fuzz
{
    private static ?int $seed = null;

    public static function count(int $base): int
    {
        $scale = getenv('FUZZ_SCALE');

        return max(1, (int) round($base * (is_numeric($scale) ? (float) $scale : 1.0)));
    }

    /** Starts the random numbers anew, by the same seed for every test of a run, and prints it once. */
    public static function start(): void
    {
        if (self::$seed === null) {
            $given = getenv('FUZZ_SEED');
            self::$seed = is_numeric($given) ? (int) $given : random_int(1, 1_000_000_000);
            fwrite(STDERR, "\nRandom tests start from FUZZ_SEED=".self::$seed."\n");
        }
        mt_srand(self::$seed);
    }
}
