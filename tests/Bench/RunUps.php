<?php

declare(strict_types=1);

namespace Tests\Bench;

use BraveAnvil\Circuit\Choice\LoadKind;
use BraveAnvil\Physics\Machine\Fit;
use BraveAnvil\Physics\Machine\Plate;
use BraveAnvil\Stations\Start\Motion\Course;
use BraveAnvil\Stations\Start\Motion\DrivenLoad;
use BraveAnvil\Stations\Start\Motion\Feed;
use BraveAnvil\Stations\Start\Motion\Impedance;
use BraveAnvil\Stations\Start\Motion\Stage;
use BraveAnvil\Stations\Start\Motion\StagedPlan;
use BraveAnvil\Stations\Start\Motion\Train;
use RuntimeException;
use Tests\Core\Circuits;
use Tests\Reference\NumericalLibrary;

/** Many starts, worked out by the command line and stepped through time by SciPy. */
final class RunUps
{
    /** With which SciPy comes as near as the core does: 5e-5 of the time. */
    private const TOLERANCE = 1e-6;

    private const TIMED = 'import time
circuits = [Circuit(c) for c in given]
began = time.perf_counter()
times = [one.until(0.0, one.c["up"], lambda t, w, one=one: one.surplus(w, False)) for one in circuits]
answer = {"times": times, "ms": 1000*(time.perf_counter() - began)}';

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

    /**
     * The start alone, without words and JSON: the core's, and `solve_ivp` from standstill to the same speed. Each is given the machine.
     *
     * @param  list<array{kilowatts: float, inertia: float, percent: float}>  $plates
     * @return array{float, float, float} ms of ours, ms of SciPy, and by how much the longest times are apart at most, over the time
     */
    public static function alone(array $plates): array
    {
        $plate = new Plate(37000.0, 400.0, 0.939, 0.85, 1500.0, 0.012, 7.0, 2.4, 2.9);
        $machine = Fit::to($plate)->machine ?? throw new RuntimeException('no machine');
        $none = Impedance::none();
        $plan = new StagedPlan(Stage::full(new Feed(400.0, $none, $none, $none, false), 400.0));
        $trains = array_map(static fn (array $one): Train => new Train(
            $machine, new DrivenLoad(LoadKind::Quadratic, $one['percent'] / 100 * $plate->torque(), 1482.0, 0.0), 0.36 + $one['inertia'],
        ), $plates);
        $ours = INF;
        $courses = [];
        for ($round = 0; $round < 5; $round++) {
            $start = hrtime(true);
            $courses = array_map($plan->run(...), $trains);
            $ours = min($ours, (hrtime(true) - $start) / 1e6);
        }
        $given = array_map(static fn (array $one, Course $course): array => [
            'machine' => get_object_vars($machine), 'method' => 'direct', 'volts' => 400.0, 'source' => [0, 0], 'line' => [0, 0],
            'lead' => [0, 0], 'series' => [0, 0], 'tap' => 1.0, 'kind' => 'quadratic', 'load' => $one['percent'] / 100 * $plate->torque(),
            'breakaway' => 0.0, 'inertia' => 0.36 + $one['inertia'], 'gap' => 0.0, 'two' => false, 'limit' => 1e9, 'initial' => 1.0,
            'ramp' => 1.0, 'step' => 1e9, 'rtol' => self::TOLERANCE, 'up' => 0.98 * $course->steadySpeed * M_PI / 30,
        ], $plates, $courses);
        $answer = NumericalLibrary::compute(str_replace(
            'answer = {"runs": [Circuit(c).run() for c in given]}', self::TIMED,
            (string) file_get_contents(dirname(__DIR__).'/Reference/run_up.py'),
        ), $given);
        [$times, $theirs] = [$answer['times'], $answer['ms']];
        $apart = 0.0;
        foreach ($courses as $i => $course) {
            $theirTime = is_array($times) && is_numeric($times[$i] ?? null) ? (float) $times[$i] : throw new RuntimeException('no time');
            $apart = max($apart, abs(($course->runUpTime ?? INF) / $theirTime - 1));
        }

        return [$ours, is_numeric($theirs) ? (float) $theirs : INF, $apart];
    }
}
