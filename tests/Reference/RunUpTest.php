<?php

declare(strict_types=1);

namespace Tests\Reference;

use BraveAnvil\Circuit\Choice\LoadKind;
use BraveAnvil\Physics\Machine\Fit;
use BraveAnvil\Physics\Machine\Machine;
use BraveAnvil\Physics\Machine\Plate;
use BraveAnvil\Stations\Start\Motion\DrivenLoad;
use BraveAnvil\Stations\Start\Motion\Feed;
use BraveAnvil\Stations\Start\Motion\Impedance;
use BraveAnvil\Stations\Start\Motion\Plan;
use BraveAnvil\Stations\Start\Motion\RampPlan;
use BraveAnvil\Stations\Start\Motion\Stage;
use BraveAnvil\Stations\Start\Motion\StagedPlan;
use BraveAnvil\Stations\Start\Motion\Train;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fuzz;

/** Starts by another road: SciPy steps the same motor, feed and load through time, with complex numbers and its own root finding. */
final class RunUpTest extends TestCase
{
    private static function random(float $low, float $high): float
    {
        return $low + ($high - $low) * mt_rand() / mt_getrandmax();
    }

    /** @return array{Plan, Train, array<string, mixed>} a random motor with a load that it carries, and the same in numbers */
    private static function circuit(string $method, string $kw): array
    {
        /** @var array{pf: float, eff: float, Ist_In: float, Tst_Tn: float, Tmax_Tn: float, rpm: float} $row */
        $row = Tables::shipped()->named(TableName::from('practice/typical_motor'))->list('rows', $kw);
        $plate = new Plate(1000 * (float) $kw, 400.0, $row['eff'] / 100, $row['pf'], 1500.0, 1 - $row['rpm'] / 1500, $row['Ist_In'],
            $row['Tst_Tn'], $row['Tmax_Tn']);
        $machine = Fit::to($plate)->machine;
        self::assertInstanceOf(Machine::class, $machine);
        $impedance = $machine->point(1.0)->impedance();
        $part = static fn (float $most): Impedance => new Impedance(
            self::random(0.0, $most) * $impedance, self::random(0.0, $most) * $impedance,
        );
        [$source, $line, $lead] = [$part(0.03), $part(0.02), $part(0.02)];
        $feed = new Feed(self::random(390.0, 410.0), $source, $line, $lead, $method === 'star_delta');
        $kind = LoadKind::cases()[mt_rand(0, 2)];
        $percent = $kind === LoadKind::Constant ? self::random(0.1, 0.35) : self::random(0.2, 0.8);
        $load = $percent * $plate->torque();
        $breakaway = mt_rand(0, 1) === 0 ? 0.0 : self::random(0.1, 0.4) * $plate->torque();
        $inertia = self::random(0.002, 0.05) * (float) $kw;
        $tap = self::random(0.6, 0.8);
        $full = Stage::full($feed, 400.0);
        $series = match ($method) {
            'resistor' => new Impedance(0.4 * $impedance, 0.0), 'reactor' => new Impedance(0.0, 0.3 * $impedance),
            default => Impedance::none(),
        };
        $limit = 3.8 * $plate->current();
        $plan = match ($method) {
            'star_delta' => new StagedPlan($full, Stage::star($feed, 400.0), 0.05),
            'autotransformer' => new StagedPlan($full, Stage::throughTap($feed, 400.0, $tap)),
            'resistor', 'reactor' => new StagedPlan($full, Stage::throughSeries($feed, 400.0, $series)),
            'soft_starter' => new RampPlan($full, $limit, 0.4, 8.0),
            default => new StagedPlan($full),
        };
        $pair = static fn (Impedance $z): array => [$z->resistance, $z->reactance];

        return [
            $plan, new Train($machine, new DrivenLoad($kind, $load, $row['rpm'], $breakaway), $inertia),
            [
                'machine' => get_object_vars($machine), 'method' => $method, 'volts' => $feed->volts, 'source' => $pair($source),
                'line' => $pair($line), 'lead' => $pair($lead), 'series' => $pair($series), 'tap' => $tap, 'kind' => $kind->value,
                'load' => $load, 'breakaway' => $breakaway, 'inertia' => $inertia, 'gap' => $method === 'star_delta' ? 0.05 : 0.0,
                'two' => ! in_array($method, ['direct', 'soft_starter'], true), 'limit' => $limit, 'initial' => 0.4, 'ramp' => 8.0,
                'step' => $method === 'soft_starter' ? 0.05 : 5.0,
            ],
        ];
    }

    public function test_random_starts_of_every_method(): void
    {
        Fuzz::start();
        $sizes = Tables::shipped()->named(TableName::from('practice/typical_motor'))->keys('rows');
        $given = [];
        $courses = [];
        foreach (range(1, 12) as $turn) {
            foreach (['direct', 'star_delta', 'autotransformer', 'resistor', 'reactor', 'soft_starter'] as $method) {
                $made = self::circuit($method, (string) $sizes[mt_rand(0, count($sizes) - 1)]);
                $course = $made[0]->run($made[1]);
                if ($course->runUpTime !== null && $course->stallSpeed === null) {
                    $given[] = $made[2];
                    $courses[] = $course;
                }
            }
        }
        self::assertGreaterThan(40, count($given));
        $runs = NumericalLibrary::compute((string) file_get_contents(__DIR__.'/run_up.py'), $given)['runs'];
        self::assertIsArray($runs);
        foreach ($courses as $i => $course) {
            [$steady, $reduced, $time] = $runs[$i];
            $what = json_encode($given[$i], JSON_THROW_ON_ERROR);
            self::assertEqualsWithDelta($steady * 30 / M_PI, $course->steadySpeed, 1e-5 * $course->steadySpeed, $what);
            if ($reduced !== null) {
                self::assertEqualsWithDelta($reduced * 30 / M_PI, $course->reducedSpeed ?? 0.0, 1e-5 * $course->steadySpeed, $what);
            }
            self::assertEqualsWithDelta($time, $course->runUpTime ?? 0.0, 2e-3 * $time, $what);
        }
    }

    /** Transformer, cables and an ideal autotransformer as a net of sources and impedances, solved by ngspice. */
    public function test_currents_and_dips_behind_a_weak_supply(): void
    {
        $machine = Fit::to(new Plate(37000.0, 400.0, 0.939, 0.85, 1500.0, 0.012, 7.0, 2.4, 2.9))->machine;
        self::assertInstanceOf(Machine::class, $machine);
        $feed = new Feed(400.0, new Impedance(0.008, 0.03), new Impedance(0.02, 0.004), new Impedance(0.06, 0.005), true);
        foreach ([1.0, 0.4, 0.05] as $slip) {
            $point = $machine->point($slip);
            foreach (['delta', 'star', 'tap'] as $how) {
                $stage = match ($how) {
                    'delta' => Stage::full($feed, 400.0), 'star' => Stage::star($feed, 400.0),
                    default => Stage::throughTap($feed->leads(3), 400.0, 0.65),
                };
                [$line, $bus, $across] = self::net($how, $point->resistance, $point->reactance);
                $flow = $stage->flow($point);
                self::assertEqualsWithDelta($line, $flow->line, 2e-4 * $line, "$how at slip $slip");
                self::assertEqualsWithDelta($bus, $flow->bus, 2e-4 * $bus, "$how at slip $slip: bus");
                self::assertEqualsWithDelta($across / 400.0, $flow->voltage, 3e-4, "$how at slip $slip: winding");
            }
        }
    }

    /** @return array{float, float, float} line current, bus volts, volts across a winding that is rated at the line voltage */
    private static function net(string $how, float $r, float $x): array
    {
        $omega = 2 * M_PI * 50;
        $branch = static fn (string $name, string $from, string $to, float $r, float $x): string => "r$name $from m$name $r\nl$name m$name $to ".$x / $omega;
        $net = CircuitSimulator::supply(400.0)."\nrn n 0 1e7\n";
        foreach ([1, 2, 3] as $p) {
            $next = $p % 3 + 1;
            $net .= $branch("s$p", "l$p", "b$p", 0.008, 0.03)."\n".$branch("c$p", "b$p", "t$p", 0.02, 0.004)."\n";
            $net .= match ($how) {
                'delta' => $branch("a$p", "t$p", "u$p", 0.06, 0.005)."\n".$branch("w$p", "u$p", "v$p", 3 * $r, 3 * $x)."\n".
                    $branch("e$p", "v$p", "t$next", 0.06, 0.005)."\n",
                'star' => $branch("a$p", "t$p", "u$p", 0.06, 0.005)."\n".$branch("w$p", "u$p", "v$p", 3 * $r, 3 * $x)."\n".
                    $branch("e$p", "v$p", 'n', 0.06, 0.005)."\n",
                // Motor volts are 0.65 of the line's, the line takes 0.65 of the motor's current.
                default => "ex$p k$p n t$p n 0.65\nvm$p k$p o$p 0\nfx$p t$p n vm$p 0.65\n".$branch("a$p", "o$p", "u$p", 0.06, 0.005)."\n".
                    $branch("w$p", "u$p", 'n', $r, $x)."\n",
            };
        }
        $winding = $how === 'tap' ? 'v(u1,u2)' : 'v(u1,v1)';
        $read = CircuitSimulator::magnitudes($net, 50.0, ['i(vl1)', 'v(b1,b2)', $winding]);

        return [$read[0], $read[1], $read[2]];
    }

    /**
     * A machine in two axes, joined in star, left alone for a gap and closed in delta on lines that have moved on: every gap, slip and
     * both wirings are tried. The line's largest peak stays below the bound, which is not much larger.
     */
    private const RECLOSING = <<<'PYTHON'
    answer = {"worst": []}
    w = 2*np.pi*50
    for g in given:
        # One winding of the delta: three times its star equivalent. Leakage as at standstill, where the burst happens.
        r1, r2, r2s = 3*g["stator"], 3*g["rotorRunning"], 3*g["rotorStandstill"]
        lm = 3*g["magnetising"]/w; ls = 3*g["leakageStandstill"]/w + lm; lr = ls
        d = ls*lr-lm*lm
        peak = 0.0
        t = np.linspace(0, 0.06, 1200)
        for slip in (0.03, 0.07, 0.12, 0.2):
            wr = (1-slip)*w
            v0 = np.sqrt(2)*g["volts"]/np.sqrt(3)
            # Steady in star: currents of both sides by the circuit, then the rotor's flux.
            z = np.array([[r1+1j*w*ls, 1j*w*lm], [1j*w*lm, r2s/slip+1j*w*lr]])
            i1, i2 = np.linalg.solve(z, np.array([v0, 0]))
            flux = lm*i1+lr*i2
            for gap in np.arange(0.02, 0.1001, 0.0025):
                decayed = flux*np.exp((-r2/lr+1j*wr)*gap)
                start = np.array([lm/lr*decayed, decayed])
                for turn in (np.pi/6, -np.pi/6):
                    a = np.array([[-r1*lr/d, r1*lm/d], [r2s*lm/d, -r2s*ls/d+1j*wr]])
                    v = np.sqrt(2)*g["volts"]*np.exp(1j*(w*gap+turn))
                    forced = np.linalg.solve(1j*w*np.eye(2)-a, np.array([v, 0]))
                    values, vectors = np.linalg.eig(a)
                    free = np.linalg.solve(vectors, start-forced)
                    x = forced[:, None]*np.exp(1j*w*t)+vectors@(free[:, None]*np.exp(values[:, None]*t))
                    i = (lr*x[0]-lm*x[1])/d
                    for k in range(3):
                        # Two windings meet at a line: their difference, by the wiring.
                        phase = lambda n: (i*np.exp(-2j*np.pi*n/3)).real
                        line = phase(k)-phase(k+(2 if turn > 0 else 1))
                        peak = max(peak, float(np.max(np.abs(line))))
        answer["worst"].append(peak)
    PYTHON;

    public function test_the_bound_on_the_peak_at_the_changeover_holds(): void
    {
        $given = [];
        $bounds = [];
        foreach (
            [
                new Plate(7500.0, 400.0, 0.904, 0.83, 1500.0, 1 - 1465 / 1500, 7.7, 2.5, 3.1),
                new Plate(37000.0, 400.0, 0.939, 0.85, 1500.0, 0.012, 7.0, 2.4, 2.9),
                new Plate(250_000.0, 400.0, 0.96, 0.87, 1500.0, 1 - 1490 / 1500, 7.1, 2.1, 2.8),
            ] as $plate
        ) {
            $machine = Fit::to($plate)->machine;
            self::assertInstanceOf(Machine::class, $machine);
            $given[] = get_object_vars($machine);
            $cos = $machine->point(1.0)->powerFactor();
            $kappa = 1.02 + 0.98 * exp(-3 * $cos / sqrt(1 - $cos ** 2));
            $bounds[] = 1.1 * sqrt(2) * $kappa * $machine->at(1.0)['current'] * (1 + 1 / sqrt(3));
        }
        $worst = NumericalLibrary::compute(self::RECLOSING, $given)['worst'];
        self::assertIsArray($worst);
        foreach ($bounds as $i => $bound) {
            self::assertLessThanOrEqual($bound, $worst[$i], "motor $i: the bound holds");
            self::assertLessThan(1.6 * $worst[$i], $bound, "motor $i: and is not far above");
        }
    }
}
