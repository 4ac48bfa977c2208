<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Extra;
use BraveAnvil\Books\American\DeviceLimits;
use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Stations\Guard\Band;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;
use PHPUnit\Framework\TestCase;

/** The time-current picture: what stands in it, what is read off, and what must lie left and right of what. */
final class TimeCurrentTest extends TestCase
{
    private const MOTOR = [
        'rule_book' => 'iec',
        'supply' => [
            'voltage' => 400, 'frequency' => 50, 'transformer_kva' => 630, 'transformer_impedance_percent' => 6, 'x_over_r' => 6,
            'earthing' => 'tn_s', 'ambient' => 35,
        ],
        'plate' => [
            'power' => '30 kW', 'voltage' => '400 D', 'current' => 56, 'power_factor' => 0.85, 'efficiency' => 93.6,
            'start_current_ratio' => 7.0, 'frequency' => 50, 'leads' => 6,
        ],
        'starter' => ['method' => 'direct', 'run_up_time' => 2.5],
        'cable' => ['method' => 'C', 'insulation' => 'xlpe', 'length' => 60, 'grouped_circuits' => 1],
        'guard' => ['scpd' => 'fuse_gg'],
    ];

    private const UNDER_NEC = [
        'rule_book' => 'nec',
        'supply' => ['voltage' => 480, 'frequency' => 60, 'transformer_kva' => 750, 'transformer_impedance_percent' => 5.75],
        'plate' => ['power' => '50 hp', 'voltage' => '460', 'current' => 60, 'power_factor' => 0.86, 'start_current_ratio' => 6.3,
            'frequency' => 60],
        'starter' => ['method' => 'direct', 'run_up_time' => 2.5],
        'cable' => ['insulation' => 'THWN-2', 'raceway_material' => 'steel', 'length' => 60],
        'guard' => ['scpd' => 'breaker_inverse_time'],
    ];

    /**
     * @param  array<string, mixed>  $changes
     * @param  array<string, mixed>  $circuit
     * @return array<string, mixed>
     */
    private static function picture(array $changes = [], array $circuit = self::MOTOR): array
    {
        $curve = Bench::solve(array_replace_recursive($circuit, $changes), null, Extra::TimeCurrent)->curves['time_current'] ?? null;
        self::assertNotNull($curve, 'there is a picture');

        return $curve->toArray();
    }

    /**
     * @param  array<array-key, mixed>  $picture
     * @return array{string, string} verdict and why
     */
    private static function check(array $picture, string $label): array
    {
        foreach ($picture['checks'] as $check) {
            if (str_contains($check['label'], $label)) {
                return [$check['verdict'], $check['why']];
            }
        }
        self::fail("no check $label");
    }

    public function test_a_band_is_straight_on_logarithmic_scales_and_sure_of_nothing_beyond_its_edges(): void
    {
        $band = new Band([[100, 1000], [1000, 0.1]], [[200, 1000], [2000, 0.1]]);
        self::assertEqualsWithDelta(10.0, $band->holds(sqrt(100 * 1000)), 1e-9, 'half way on both scales');
        self::assertSame(1000.0, $band->holds(50), 'left of it at least its first time');
        self::assertSame(0.0, $band->holds(1001), 'right of it nothing is sure');
        self::assertNull($band->acts(199), 'left of its upper edge it need not trip');
        self::assertSame(0.1, $band->acts(50000));
        self::assertEqualsWithDelta(10.0, $band->times(2)->acts(2 * sqrt(200 * 2000)), 1e-9);
        self::assertNull((new Band([], [[200, 60]]))->holds(1000), 'an edge that no standard tells');
    }

    public function test_a_fuse_is_drawn_through_the_gates_of_its_standard(): void
    {
        $picture = self::picture();
        // IEC 60269-1, gG 100 A (from memory): 1.25 and 1.6 times for 2 h, 290 A for 10 s, 580 A in 5 s, 820 and 1450 A in 0.1 s.
        self::assertSame('gG fuse 100 A', str_replace("\u{00A0}", ' ', $picture['device']['name']));
        self::assertEquals([[125, 7200], [290, 10], [820, 0.1]], $picture['device']['lower']);
        self::assertEquals([[160, 7200], [580, 5], [1450, 0.1]], $picture['device']['upper']);
        self::assertSame(['passes', 'checked at the fast limit of its standard'], self::check($picture, 'gG fuse'));
        self::assertSame('passes', self::check($picture, 'damages the conductors')[0]);
    }

    public function test_a_conductor_is_drawn_by_the_adiabatic_equation(): void
    {
        $picture = self::picture();
        $lines = array_values(array_filter($picture['traces'], static fn (array $trace): bool => $trace['kind'] === 'conductor'));
        self::assertCount(1, $lines);
        // IEC 60364-4-43 (from memory): k 143 for copper in XLPE, 16 mm².
        self::assertStringContainsString('16', $lines[0]['name']);
        [$amperes, $seconds] = $lines[0]['points'][0];
        self::assertSame(5.0, $seconds, 'the equation holds for five seconds');
        self::assertEqualsWithDelta((143 * 16) ** 2, $amperes ** 2 * $seconds, 2000);
    }

    public function test_a_relay_in_the_delta_is_drawn_at_the_current_of_the_line(): void
    {
        $picture = self::picture([
            'starter' => ['method' => 'star_delta', 'changeover' => ['by' => 'time', 'value' => 5]],
            'guard' => ['overload_place' => 'delta'],
        ]);
        // IEC 60947-4-1: never below 1.05 times the dial; 56 A in the line are 32.3 A in the delta.
        self::assertEqualsWithDelta(1.05 * 56, $picture['relay']['lower'][0][0], 0.02);
        self::assertEqualsWithDelta(1.2 * 56, $picture['relay']['upper'][0][0], 0.02);
        $kinds = array_column($picture['traces'], 'points', 'kind');
        self::assertEqualsWithDelta(
            sqrt(3), $kinds['start_at_relay'][0][0] / $kinds['start'][0][0], 1e-3, 'in star all of the line’s current flows through it',
        );
    }

    public function test_a_relay_that_lets_a_locked_rotor_stand_too_long_fails_only_where_the_time_is_stamped(): void
    {
        self::assertSame(['not_checked', 'enter the locked-rotor time'], self::check(self::picture(), 'locked rotor'));
        [$verdict] = self::check(self::picture(['plate' => ['locked_rotor_time' => 25]]), 'locked rotor');
        self::assertSame('passes', $verdict);
        [$verdict, $why] = self::check(self::picture(['plate' => ['locked_rotor_time' => 6]]), 'locked rotor');
        self::assertSame('fails', $verdict, 'a class 10A may take ten seconds');
        self::assertStringContainsString('6 s (nameplate)', str_replace("\u{00A0}", ' ', $why));
        $codes = array_map(
            static fn ($finding): string => $finding->code->code(),
            Bench::solve(array_replace_recursive(self::MOTOR, ['plate' => ['locked_rotor_time' => 6]]))->findings,
        );
        self::assertContains('relay_outlasts_rotor', $codes, 'a quick class is held against the stamp as well');
    }

    public function test_the_fuse_takes_over_from_the_relay_at_some_current(): void
    {
        [$verdict, $why] = self::check(self::picture(['guard' => ['rating' => 63, 'overload_class' => '30']]), 'before the relay');
        self::assertSame('told', $verdict);
        self::assertMatchesRegularExpression('~^certain above \d+~', $why);
    }

    public function test_devices_of_the_american_world_show_limits_and_ask_their_maker(): void
    {
        $limits = new DeviceLimits(Tables::shipped()->named(TableName::NecDeviceTestLimits));
        // UL 489 (from memory, less sure): 1.35 times within 2 h above 50 A, 2 times within 10 min up to 225 A.
        $breaker = $limits->band(Scpd::BreakerInverseTime, 175);
        self::assertEquals([[1.35 * 175, 7200], [350, 600]], $breaker?->upper);
        self::assertSame([], $breaker?->lower, 'no instantaneous band is made up');
        // UL 248 (from memory): a time-delay fuse holds five times its rating for ten seconds.
        $fuse = $limits->band(Scpd::FuseDualElement, 60);
        self::assertEqualsWithDelta(300.0, $fuse?->lower[0][0], 1e-9);
        self::assertEqualsWithDelta(10.0, $fuse?->lower[0][1], 1e-6);
        self::assertEquals([[81, 3600], [120, 240]], $fuse?->upper);
        self::assertNull($limits->band(Scpd::BreakerInstantaneous, 100));
        self::assertNull($limits->band(Scpd::FuseNonTimeDelay, 5000), 'above the list nothing is told');

        $picture = self::picture([], self::UNDER_NEC);
        self::assertStringContainsString('manufacturer’s curve', $picture['device']['asks']);
        self::assertSame('asks', self::check($picture, 'The inverse-time breaker')[0], 'a rule of thumb never reads as passed');
        self::assertSame('not_checked', self::check($picture, 'damages the conductors')[0]);
        // NEMA MG 1 (from memory): 12 s are usual, and never decide.
        self::assertTrue($picture['rotor']['usual']);
        self::assertNotSame('fails', self::check($picture, 'locked rotor')[0]);
    }

    public function test_what_is_read_off_agrees_with_what_is_drawn(): void
    {
        $picture = self::picture();
        $readings = array_map(static fn (array $reading): array => [
            $reading['amperes']['value'], array_column($reading['says'], 'text', 'name'),
        ], $picture['readings']);
        [$from, $to] = $picture['amperes'];
        self::assertEqualsWithDelta($from, $readings[0][0], 1e-6);
        self::assertEqualsWithDelta($to, $readings[count($readings) - 1][0], 1e-3);
        foreach ($readings as [$amperes, $says]) {
            $fuse = $says[$picture['device']['name']];
            match (true) {
                $amperes < 160 => self::assertStringContainsString('need not trip', $fuse),
                $amperes > 1450 => self::assertSame("trips within 0.1\u{00A0}s", $fuse),
                default => self::assertStringStartsWith('trips ', $fuse),
            };
        }
    }

    public function test_every_starting_method_has_its_picture_without_the_gap_in_it(): void
    {
        foreach (['direct', 'star_delta', 'autotransformer', 'resistor', 'reactor', 'soft_starter', 'drive'] as $method) {
            foreach (['open', 'closed'] as $transition) {
                $solution = Bench::solve(Circuits::changed(Circuits::fanWithItsLoad(), [
                    'starter.method' => $method, 'starter.transition' => $transition, 'cable.length' => '20 m', 'load.torque_percent' => 60,
                    'starter.drive_input_current' => $method === 'drive' ? 60 : null,
                ]), null, Extra::TimeCurrent);
                $curve = ($solution->curves['time_current'] ?? null)?->toArray();
                self::assertIsArray($curve, $method);
                // While an open starter changes over nothing flows, and nothing has no place on a scale of powers.
                preg_match_all('~\[(-?[\d.e+-]+),~', json_encode($curve['traces'], JSON_THROW_ON_ERROR), $amperes);
                self::assertNotSame([], $amperes[1]);
                foreach ($amperes[1] as $one) {
                    self::assertGreaterThan(0.0, (float) $one, "$method, $transition");
                }
            }
        }
    }

    public function test_without_a_start_there_is_no_picture(): void
    {
        $solution = Bench::solve(['rule_book' => 'iec', 'plate' => []], null, Extra::TimeCurrent);
        self::assertArrayNotHasKey('time_current', $solution->curves);
        self::assertArrayNotHasKey('time_current', Bench::solve(self::MOTOR)->curves, 'only where it is asked for');
    }
}
