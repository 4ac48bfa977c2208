<?php

declare(strict_types=1);

namespace Tests\Bench;

use BraveAnvil\Physics\Machine\Fit;
use BraveAnvil\Physics\Machine\Plate;
use RuntimeException;
use Tests\Core\Circuits;
use Tests\Reference\NumericalLibrary;

/** Many starts, worked out by the command line and stepped through time by SciPy. */
final class RunUps
{
    /** Of so many starts SciPy is timed; the rest is counted alike. */
    public const STEPPED = 60;

    /** @return list<array{kilowatts: float, inertia: float, percent: float}> */
    public static function plates(int $count): array
    {
        mt_srand(20_261_126);
        $plates = [];
        for ($i = 0; $i < $count; $i++) {
            $plates[] = ['kilowatts' => 37.0, 'inertia' => 2 + mt_rand(0, 600) / 100, 'percent' => (float) mt_rand(20, 90)];
        }

        return $plates;
    }

    /**
     * @param  list<array{kilowatts: float, inertia: float, percent: float}>  $plates
     * @return int how many came up
     *
     * @throws RuntimeException when the command does not start
     */
    public static function byCommandLine(string $root, array $plates): int
    {
        $lines = '';
        foreach ($plates as $plate) {
            $circuit = Circuits::changed(Circuits::fanWithItsLoad(), [
                'load.inertia' => $plate['inertia'], 'load.torque_percent' => $plate['percent'], 'cable.length' => null,
                'supply.transformer_kva' => null,
            ]);
            $lines .= json_encode($circuit, JSON_THROW_ON_ERROR)."\n";
        }
        $in = tempnam(sys_get_temp_dir(), 'anvil-lines') ?: throw new RuntimeException('no temporary file');
        file_put_contents($in, $lines);
        exec(escapeshellarg("$root/bin/solve").' --lines < '.escapeshellarg($in), $solved, $status);
        unlink($in);
        if ($status !== 0 || count($solved) !== count($plates)) {
            throw new RuntimeException("bin/solve ended with $status");
        }

        return count(array_filter($solved, static fn (string $line): bool => str_contains($line, 'start.run_up_time_worst')));
    }

    /** @param  list<array{kilowatts: float, inertia: float, percent: float}>  $plates */
    public static function bySciPy(array $plates): void
    {
        $plate = new Plate(37000.0, 400.0, 0.939, 0.85, 1500.0, 0.012, 7.0, 2.4, 2.9);
        $machine = Fit::to($plate)->machine ?? throw new RuntimeException('no machine');
        $given = array_map(static fn (array $one): array => [
            'machine' => get_object_vars($machine), 'method' => 'direct', 'volts' => 400.0, 'source' => [0, 0], 'line' => [0, 0],
            'lead' => [0, 0], 'series' => [0, 0], 'tap' => 1.0, 'kind' => 'quadratic', 'load' => $one['percent'] / 100 * $plate->torque(),
            'breakaway' => 0.0, 'inertia' => 0.36 + $one['inertia'], 'gap' => 0.0, 'two' => false, 'limit' => 1e9, 'initial' => 1.0,
            'ramp' => 1.0, 'step' => 5.0,
        ], $plates);
        NumericalLibrary::compute((string) file_get_contents(dirname(__DIR__).'/Reference/run_up.py'), $given);
    }
}
