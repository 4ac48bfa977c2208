<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Solution;
use PHPUnit\Framework\Attributes\DataProvider;

/** Findings that no other test meets: what raises each, how grave it is, and what takes it away. */
final class FindingTest extends CoreTestCase
{
    private const TWO_WATTMETERS = [
        'measure.method' => 'two_wattmeters', 'measure.watts_1' => '3000', 'measure.watts_3' => '5820', 'measure.swapped' => 'none',
        'measure.sequence' => '123',
    ];

    /** 60 A at 400 V, 20 or 80 degrees: 400 · 60 · cos 50°. */
    private const ONE_WATTMETER = [
        'measure.method' => 'one_wattmeter', 'measure.wattmeter' => 'pair', 'measure.pair' => '12', 'measure.line' => '1',
        'measure.sequence' => '123', 'measure.watts' => '15426.9', 'measure.volts_12' => '400', 'measure.amps_1' => '60',
    ];

    /**
     * Code, grade, changes with it and without; null where it always stands.
     *
     * @return iterable<string, array{string, string, array<string, mixed>, array<string, mixed>|null}>
     */
    public static function cases(): iterable
    {
        yield 'a motor on a mountain cools badly' => [
            'altitude_above_rating', 'caution', ['supply.altitude' => '2000 m'], ['supply.altitude' => '900 m'],
        ];
        yield 'no length, no drop' => ['drop_not_checked', 'note', ['cable.length' => null], []];
        yield 'the starter may stand away from the supply' => [
            'no_line_run', 'note', [], ['cable.line_length' => '12 m'],
        ];
        yield 'without a starting current no starting drop' => [
            'starting_drop_not_checked', 'note', ['plate.start_current_ratio' => 'seven'], [],
        ];
        yield 'a supply of which nobody says how it is earthed' => [
            'fault_not_checked', 'note', [], ['supply.earthing' => 'tn_s', 'supply.earth_loop_ohm' => 0.02],
        ];
        yield 'contactor and relay in a short circuit' => ['coordination_by_maker', 'note', [], null];
        yield 'before a link is moved' => [
            'lock_off_before_links', 'note', [], ['plate.voltage' => '400', 'plate.current' => '66'],
        ];
        yield 'a load of which nobody says how it goes with speed' => [
            'run_up_not_checked', 'note', [], ['load.kind' => 'quadratic'],
        ];
        // 712 A for a minute of start wants more than the largest fuse of the series.
        yield 'no fuse of the series carries it' => [
            'no_device_fits', 'stop',
            ['plate.power' => '400 kW', 'plate.current' => '712/411', 'starter.run_up_time' => '60 s'],
            ['plate.power' => '400 kW', 'plate.current' => '712/411', 'starter.run_up_time' => '1 s'],
        ];
        yield 'a start between the fuse’s gates' => [
            'fuse_between_gates', 'note', ['starter.run_up_time' => '3 s'], ['starter.run_up_time' => '10 s'],
        ];
        yield 'more current than the plate' => [
            'overloaded', 'caution',
            ['measure.method' => 'volts_amps', 'measure.volts_12' => '400', 'measure.amps_1' => '72'],
            ['measure.method' => 'volts_amps', 'measure.volts_12' => '400', 'measure.amps_1' => '68'],
        ];
        yield 'an angle that may be either' => [
            'two_answers', 'note',
            self::ONE_WATTMETER,
            [...self::ONE_WATTMETER, 'measure.sense' => 'lagging'],
        ];
        yield 'the difference of two wattmeters wants balance' => [
            'two_wattmeters_unbalanced', 'note', [...self::TWO_WATTMETERS, 'measure.balanced' => 'unbalanced'],
            [...self::TWO_WATTMETERS, 'measure.balanced' => 'balanced'],
        ];
        yield 'delta takes three times as much' => ['windings_three_times', 'note', ['windings.impedance' => '80'], []];
        // 231 V on elements for 127 V is 3.3 times their power; for 230 V it is theirs.
        yield 'heating elements in star' => [
            'element_burns_in_star', 'stop', ['windings.element_power' => '2 kW', 'windings.element_voltage' => '127'],
            ['windings.element_power' => '2 kW', 'windings.element_voltage' => '230'],
        ];
        yield 'a plate whose torque and current are of two motors' => [
            'model_flags', 'note', ['plate.breakdown_torque_ratio' => '5.9'], [],
        ];
    }

    /**
     * @param  array<string, mixed>  $with
     * @param  array<string, mixed>|null  $without
     */
    #[DataProvider('cases')]
    public function test_a_finding_comes_and_goes(string $code, string $grade, array $with, ?array $without): void
    {
        $found = Circuits::solve(Circuits::kilnFan(), $with);
        self::assertFinds($code, $found, $grade);
        self::assertActs($code, $found);
        if ($without !== null) {
            self::assertDoesNotFind($code, Circuits::solve(Circuits::kilnFan(), $without));
        }
    }

    /** Whatever is found says what to do about it. */
    private static function assertActs(string $code, Solution $solution): void
    {
        foreach ($solution->findings as $finding) {
            if ($finding->code->code() === $code) {
                self::assertNotSame('', $finding->action, $code);
                self::assertNotSame('', $finding->title, $code);
            }
        }
    }
}
