<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Choice\RelayPlace;
use BraveAnvil\Machine\Fit;
use BraveAnvil\Machine\Machine;
use BraveAnvil\Machine\Plate;
use BraveAnvil\Plate\WindingConnection;
use BraveAnvil\Solution\ErrorKind;
use BraveAnvil\Start\Method\ContactorRole;
use BraveAnvil\Start\Method\Direct;
use BraveAnvil\Start\Method\Methods;
use BraveAnvil\Start\Method\RelaySeat;
use BraveAnvil\Start\Method\StarDelta;
use PHPUnit\Framework\Attributes\DataProvider;

/** What each way of starting does to currents, torque, relay and contactors. */
final class StartingMethodTest extends CoreTestCase
{
    private static function machine(): Machine
    {
        $machine = Fit::to(new Plate(37000.0, 400.0, 0.939, 0.85, 1500.0, 0.012, 7.0, 2.4, 2.9))->machine;
        self::assertNotNull($machine);

        return $machine;
    }

    /** @return iterable<string, array{float}> slip */
    public static function slips(): iterable
    {
        foreach ([1.0, 0.5, 0.2, 0.05, 0.012] as $slip) {
            yield "slip $slip" => [$slip];
        }
    }

    /** Three windings in star on the same lines: a third of the line current and of the torque. IEC 60947-4-1 (from memory). */
    #[DataProvider('slips')]
    public function test_star_takes_a_third_at_any_slip(float $slip): void
    {
        $direct = (new Direct)->at(self::machine(), $slip, 400.0, WindingConnection::Delta);
        $star = (new StarDelta)->at(self::machine(), $slip, 400.0, WindingConnection::Delta);
        self::assertEqualsWithDelta($direct->line / 3, $star->line, 1e-9 * $direct->line);
        self::assertEqualsWithDelta($direct->torque / 3, $star->torque, 1e-9 * $direct->torque);
        self::assertEqualsWithDelta($star->line, $star->winding, 1e-9, 'in star the winding carries the line current');
        self::assertEqualsWithDelta($direct->line / sqrt(3), $direct->winding, 1e-6 * $direct->line, 'in delta it carries 1/√3 of it');
    }

    public function test_the_winding_current_of_a_direct_start_follows_the_connection(): void
    {
        $at = static fn (WindingConnection $running) => (new Direct)->at(self::machine(), 1.0, 400.0, $running);
        self::assertSame($at(WindingConnection::Star)->line, $at(WindingConnection::Star)->winding);
        self::assertNull(
            $at(WindingConnection::Single)->winding,
            'a plate that does not say how the windings are joined gives no winding current',
        );
    }

    public function test_current_rises_with_the_voltage_and_torque_with_its_square(): void
    {
        $full = (new Direct)->at(self::machine(), 1.0, 400.0, WindingConnection::Delta);
        $low = (new Direct)->at(self::machine(), 1.0, 320.0, WindingConnection::Delta);
        self::assertEqualsWithDelta(0.8, $low->line / $full->line, 1e-6);
        self::assertEqualsWithDelta(0.64, $low->torque / $full->torque, 1e-6);
    }

    /** Contactors of a star-delta starter: main and delta I/√3, star I/3. IEC 60947-4-1 (from memory). */
    public function test_contactors_of_a_star_delta_starter(): void
    {
        $shares = [];
        foreach ((new StarDelta)->contactors() as $contactor) {
            $shares[$contactor->role->name] = $contactor->share;
        }
        self::assertEqualsWithDelta(1 / sqrt(3), $shares[ContactorRole::Main->name] ?? 0.0, 1e-12);
        self::assertEqualsWithDelta(1 / 3, $shares[ContactorRole::Star->name] ?? 0.0, 1e-12);
    }

    /** Common practice, no source: in the motor leads the relay carries I/√3, in the line the whole. */
    public function test_a_relay_in_the_delta_carries_the_winding_current(): void
    {
        $seats = [];
        foreach ((new StarDelta)->relaySeats() as $seat) {
            $seats[$seat->place->value] = $seat->share;
        }
        self::assertSame([RelayPlace::Delta->value, RelayPlace::Line->value], array_keys($seats), 'the usual seat stands first');
        self::assertEqualsWithDelta(1 / sqrt(3), $seats['delta'] ?? 0.0, 1e-12);
        self::assertSame(1.0, $seats['line'] ?? 0.0);
        self::assertSame([1.0], array_map(static fn (RelaySeat $seat): float => $seat->share, (new Direct)->relaySeats()));
    }

    public function test_no_capacitor_sits_behind_a_starter_that_changes_over(): void
    {
        foreach (Methods::all() as $method) {
            $limits = $method->capacitor();
            self::assertSame(! $method->changesOver(), $limits->behindStarter, $method->name()->value);
            if (! $limits->behindStarter) {
                self::assertNotSame('', $limits->whyNot);
            }
        }
    }

    public function test_a_method_is_found_by_its_name_or_said_to_be_missing(): void
    {
        foreach (Methods::all() as $method) {
            self::assertSame($method::class, (Methods::named($method->name()) ?? self::fail())::class);
        }
        self::assertNull(Methods::named(MethodName::SoftStarter));
        self::assertErrorAt(
            'starter.method',
            Circuits::solve(Circuits::kilnFan(), ['starter.method' => 'soft_starter']),
            ErrorKind::Refused,
        );
    }

    /** @return iterable<string, array{string, string, bool}> plate voltage, supply, whether star-delta may start it */
    public static function plates(): iterable
    {
        yield 'delta on its lower voltage' => ['400/690', '400', true];
        yield 'star on its higher voltage' => ['230/400', '400', false];
        yield 'said to be delta' => ['D 400', '400', true];
        yield 'nothing said' => ['400', '400', false];
    }

    #[DataProvider('plates')]
    public function test_star_delta_wants_windings_for_the_line_voltage(string $plate, string $supply, bool $may): void
    {
        $changes = ['plate.voltage' => $plate, 'plate.current' => '66', 'supply.voltage' => $supply, 'starter.method' => 'star_delta'];
        $solution = Circuits::solve(Circuits::kilnFan(), $changes);
        self::assertSame(! $may, in_array('star_delta_refused', Circuits::codes($solution), true), $plate);
    }

    /** On a plate 400/690 V the run shows what flows in each position, with six leads. */
    public function test_the_run_carries_what_the_method_gives(): void
    {
        $drawn = Circuits::curve(Circuits::solve(Circuits::kilnFan(), ['starter.method' => 'star_delta']), 'run');
        self::assertTrue($drawn['six_leads']);
        self::assertSame('star_delta', $drawn['drawing']);
        self::assertEqualsWithDelta(462 / 3, $drawn['starting']['line']['value'], 1e-4);
        self::assertEqualsWithDelta(400 / sqrt(3), $drawn['starting']['winding']['value'], 1e-4);
        self::assertEqualsWithDelta(66 / sqrt(3), $drawn['running']['before']['lead']['value'], 1e-4);
        self::assertSame("231\u{00A0}V", $drawn['starting']['winding']['shown']);
    }
}
