<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Circuit\Choice\LoadKind;
use BraveAnvil\Physics\Machine\Fit;
use BraveAnvil\Physics\Machine\Machine;
use BraveAnvil\Physics\Machine\Plate;
use BraveAnvil\Physics\Machine\StampedCurve;
use BraveAnvil\Stations\Start\Motion\ChangeoverRule;
use BraveAnvil\Stations\Start\Motion\DrivenLoad;
use BraveAnvil\Stations\Start\Motion\Feed;
use BraveAnvil\Stations\Start\Motion\Impedance;
use BraveAnvil\Stations\Start\Motion\RampPlan;
use BraveAnvil\Stations\Start\Motion\Stage;
use BraveAnvil\Stations\Start\Motion\StagedPlan;
use BraveAnvil\Stations\Start\Motion\Train;
use PHPUnit\Framework\TestCase;

/** What must hold between two starts, whatever the motor and the load: the checks that need no table. */
final class StartRelationsTest extends TestCase
{
    private static function random(float $low, float $high): float
    {
        return $low + ($high - $low) * mt_rand() / mt_getrandmax();
    }

    /** A random motor that a circuit fits, of 2, 4 or 6 poles. */
    private static function plate(): Plate
    {
        $synchronous = [3000.0, 1500.0, 1000.0][mt_rand(0, 2)];

        return new Plate(
            1000 * 10 ** self::random(0.2, 2.4), 400.0, self::random(0.85, 0.96), self::random(0.78, 0.9), $synchronous,
            self::random(0.007, 0.03), self::random(5.5, 7.8), self::random(1.6, 2.6), self::random(2.4, 3.2),
        );
    }

    /** @return array{Plate, Machine} */
    private static function motor(): array
    {
        do {
            $plate = self::plate();
            $fit = Fit::to($plate);
        } while ($fit->machine === null || $fit->flags !== []);

        return [$plate, $fit->machine];
    }

    private static function feed(float $volts = 400.0, float $ohm = 0.0): Feed
    {
        return new Feed($volts, Impedance::ofRatio($ohm, 4.0), Impedance::none(), Impedance::none(), true);
    }

    private static function load(Plate $plate, float $share, LoadKind $kind): DrivenLoad
    {
        return new DrivenLoad($kind, $share * $plate->torque(), $plate->synchronousSpeed * (1 - $plate->slip));
    }

    public function test_more_inertia_or_load_and_less_voltage_never_shorten_a_direct_start(): void
    {
        Fuzz::start();
        for ($i = 0; $i < Fuzz::count(60); $i++) {
            [$plate, $machine] = self::motor();
            $kind = LoadKind::cases()[mt_rand(0, 2)];
            $share = self::random(0.1, 0.9);
            $inertia = self::random(0.01, 0.2) * $plate->output / 1000;
            $time = static fn (Feed $feed, float $share, float $inertia): float => (new StagedPlan(Stage::full($feed, 400.0)))
                ->run(new Train($machine, self::load($plate, $share, $kind), $inertia))->runUpTime ?? INF;
            $once = $time(self::feed(), $share, $inertia);
            self::assertEqualsWithDelta(3 * $once, $time(self::feed(), $share, 3 * $inertia), 1e-9 * $once, 'proportional to inertia');
            self::assertGreaterThanOrEqual($once, $time(self::feed(), 1.15 * $share, $inertia), 'more load');
            self::assertGreaterThanOrEqual($once, $time(self::feed(380.0), $share, $inertia), 'less voltage');
            $ohm = 0.05 * 400 / sqrt(3) / ($plate->startCurrent * $plate->current());
            self::assertGreaterThanOrEqual($once, $time(self::feed(400.0, $ohm), $share, $inertia), 'a weaker supply');
            self::assertGreaterThan(
                $time(self::feed(400.0, $ohm), $share, $inertia), $time(self::feed(400.0, 2 * $ohm), $share, $inertia), 'weaker still',
            );
        }
    }

    /** A stall is told exactly where somewhere below breakdown the torque falls short of the load. */
    public function test_a_stall_is_where_torque_falls_short(): void
    {
        Fuzz::start();
        $told = [0, 0];
        for ($i = 0; $i < Fuzz::count(60); $i++) {
            [$plate, $machine] = self::motor();
            $load = self::load($plate, self::random(0.2, 1.2), LoadKind::cases()[mt_rand(0, 2)]);
            $train = new Train($machine, $load, 0.05 * $plate->output / 1000);
            $plan = new StagedPlan(Stage::full(self::feed(), 400.0), Stage::star(self::feed(), 400.0), 0.05);
            $course = $plan->run($train);
            $short = false;
            foreach ($plan->firstStage($train) as $node) {
                $short = $short || ($node->speed <= $train->breakdownSpeed() && $node->surplus <= 0);
            }
            self::assertSame($short, $course->stallSpeed !== null);
            $told[(int) $short]++;
            self::assertSame($short, $course->runUpTime === null, 'without a timer a start that stays behind has no time');
            if ($short) {
                $forced = new StagedPlan(
                    Stage::full(self::feed(), 400.0), Stage::star(self::feed(), 400.0), 0.05, ChangeoverRule::after(6.0),
                );
                $time = $forced->run($train)->runUpTime;
                self::assertTrue($time === null || $time > 6.05, 'a timer forces full voltage');
            }
        }
        self::assertGreaterThan(0, min($told), 'both kinds came up');
    }

    public function test_star_takes_a_third_at_every_speed_of_a_stiff_supply(): void
    {
        Fuzz::start();
        for ($i = 0; $i < Fuzz::count(20); $i++) {
            [$plate, $machine] = self::motor();
            $train = new Train($machine, self::load($plate, 0.3, LoadKind::Quadratic), 1.0);
            $plan = new StagedPlan(Stage::full(self::feed(), 400.0), Stage::star(self::feed(), 400.0), 0.05);
            $full = $plan->fullStage($train);
            foreach ($plan->firstStage($train) as $k => $star) {
                self::assertEqualsWithDelta($full[$k]->flow->line / 3, $star->flow->line, 1e-9 * $full[$k]->flow->line);
                self::assertEqualsWithDelta($full[$k]->flow->torque / 3, $star->flow->torque, 1e-9 * abs($full[$k]->flow->torque) + 1e-9);
            }
        }
    }

    /** Heat in the rotor of a start from rest without load and friction is what turns in the end. */
    public function test_an_idle_start_heats_the_rotor_by_what_turns(): void
    {
        foreach ([1.0, 5.0] as $inertia) {
            $machine = Fit::to(new Plate(37000.0, 400.0, 0.939, 0.85, 1500.0, 0.012, 7.0, 2.4, 2.9))->machine;
            self::assertInstanceOf(Machine::class, $machine);
            $train = new Train($machine, new DrivenLoad(LoadKind::Constant, 0.0, 1482.0), $inertia);
            $course = (new StagedPlan(Stage::full(self::feed(), 400.0)))->run($train);
            $turns = $inertia * (2 * M_PI * 1500 / 60) ** 2 / 2;
            self::assertEqualsWithDelta($turns, $course->rotorHeat(1500.0), 0.02 * $turns);
        }
    }

    /** 3,000 random plates, most of them of no real motor: no exception, and nothing that is not finite. */
    public function test_no_plate_breaks_a_start(): void
    {
        Fuzz::start();
        for ($i = 0; $i < Fuzz::count(150); $i++) {
            $plate = new Plate(
                1000 * 10 ** self::random(-1.5, 3), 400.0, self::random(0.4, 0.99), self::random(0.3, 0.97), 1500.0,
                self::random(0.002, 0.14),
                self::random(2.0, 11.0), self::random(0.2, 4.0), self::random(1.2, 5.0),
            );
            $motor = Fit::to($plate)->machine ?? new StampedCurve($plate, 0.4 * $plate->current(), 0.3);
            $load = self::load($plate, self::random(0.0, 1.3), LoadKind::cases()[mt_rand(0, 2)]);
            $train = new Train($motor, $load, 0.05 * $plate->output / 1000);
            $full = Stage::full(self::feed(), 400.0);
            foreach (
                [
                    new StagedPlan($full), new StagedPlan($full, Stage::star(self::feed(), 400.0), 0.05),
                    new RampPlan($full, 3.5 * $plate->current(), 0.4, 5.0),
                ] as $plan
            ) {
                $course = $plan->run($train);
                self::assertTrue($course->runUpTime === null || ($course->runUpTime > 0 && is_finite($course->runUpTime)));
                self::assertTrue(is_finite($course->lineEnergy()) && is_finite($course->rotorHeat(1500.0)));
                $before = -1.0;
                foreach ($course->moments as $moment) {
                    self::assertGreaterThanOrEqual($before, $moment->time, 'time goes forward');
                    $before = $moment->time;
                }
            }
        }
    }

    /** What is alike is worked out once; what differs in anything that a motor feels is not taken for the same. */
    public function test_stages_that_differ_in_anything_are_kept_apart(): void
    {
        [$plate, $machine] = self::motor();
        $train = new Train($machine, self::load($plate, 0.5, LoadKind::Quadratic), 1.0);
        $feed = self::feed(400.0, 0.01);
        $line = Impedance::ofRatio(0.02, 2.0);
        $full = $train->sweep(Stage::full($feed, 400.0));
        self::assertSame($full, $train->sweep(Stage::full(self::feed(400.0, 0.01), 400.0)));
        $others = [
            Stage::star($feed, 400.0), Stage::throughTap($feed, 400.0, 0.8), Stage::throughTap($feed, 400.0, 0.65),
            Stage::throughSeries($feed, 400.0, $line), Stage::full($feed, 415.0), Stage::full(self::feed(380.0, 0.01), 400.0),
            Stage::full(self::feed(400.0, 0.02), 400.0), Stage::full($feed->leads(3), 400.0),
            Stage::full(new Feed(400.0, null, $line, Impedance::none(), true), 400.0),
            Stage::full(new Feed(400.0, null, Impedance::none(), $line, true), 400.0),
            Stage::full(new Feed(400.0, null, Impedance::none(), Impedance::none(), true), 400.0),
        ];
        foreach ($others as $i => $stage) {
            self::assertNotSame($full, $train->sweep($stage), "stage $i");
            self::assertSame($train->sweep($stage), $train->sweep($stage));
            foreach (array_slice($others, 0, $i) as $k => $before) {
                self::assertNotSame($train->sweep($before), $train->sweep($stage), "stages $k and $i");
            }
        }
    }

    /** The motor's tolerance takes torque from the air gap; friction and load stay. IEC 60034-1, −15 % (from memory). */
    public function test_less_torque_in_the_air_gap_leaves_friction_and_load(): void
    {
        [$plate, $machine] = self::motor();
        $train = new Train($machine, self::load($plate, 0.4, LoadKind::Linear), 1.0);
        $nominal = $train->sweep(Stage::full(self::feed(), 400.0));
        $worst = $nominal->with(0.85);
        self::assertSame($nominal, $nominal->with(1.0));
        self::assertSame($worst, $nominal->with(0.85));
        foreach ($nominal->nodes() as $i => $node) {
            $less = $worst->nodes()[$i];
            $friction = $machine->frictionAt($node->speed);
            self::assertEqualsWithDelta(0.85 * ($node->shaft + $friction), $less->shaft + $friction, 1e-9 * $plate->torque());
            self::assertSame($node->load, $less->load);
            self::assertSame($node->flow, $less->flow);
            self::assertEqualsWithDelta($less->shaft - $less->load, $less->surplus, 1e-12);
        }
        self::assertLessThan($nominal->steadySpeed(), $worst->steadySpeed());
    }

    /** Common practice: a winder asks for the same power at any speed, a conveyor for one torque, a fan for its square. */
    public function test_a_load_asks_for_torque_by_its_kind(): void
    {
        $at = static fn (LoadKind $kind, float $share): float => (new DrivenLoad($kind, 100.0, 1500.0))->torque(1500.0 * $share);
        self::assertEqualsWithDelta(100.0, $at(LoadKind::Constant, 0.5), 1e-9);
        self::assertEqualsWithDelta(50.0, $at(LoadKind::Linear, 0.5), 1e-9);
        self::assertEqualsWithDelta(25.0, $at(LoadKind::Quadratic, 0.5), 1e-9);
        self::assertEqualsWithDelta(200.0, $at(LoadKind::ConstantPower, 0.5), 1e-9);
        self::assertEqualsWithDelta(500.0, $at(LoadKind::ConstantPower, 0.0), 1e-9, 'no more than at a fifth of rated speed');
    }

    /** What breaks away has gone over into the curve at a fifth of rated speed. Common practice, no source. */
    public function test_a_breakaway_torque_is_gone_at_a_fifth_of_the_speed(): void
    {
        $fan = new DrivenLoad(LoadKind::Quadratic, 100.0, 1500.0, 40.0);
        self::assertEqualsWithDelta(40.0, $fan->torque(0.0), 1e-9);
        self::assertEqualsWithDelta(22.0, $fan->torque(150.0), 1e-9, 'half of the way from 40 to 4');
        self::assertEqualsWithDelta(4.0, $fan->torque(300.0), 1e-9);
    }
}
