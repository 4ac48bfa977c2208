<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Books\Iec\IecRuleBook;
use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Choice\RelayPlace;
use BraveAnvil\Circuit\CircuitReader;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Physics\Machine\Fit;
use BraveAnvil\Physics\Machine\Machine;
use BraveAnvil\Physics\Machine\Plate;
use BraveAnvil\Stations\Start\Method\ContactorRole;
use BraveAnvil\Stations\Start\Method\Direct;
use BraveAnvil\Stations\Start\Method\Methods;
use BraveAnvil\Stations\Start\Method\RelaySeat;
use BraveAnvil\Stations\Start\Method\SeriesElement;
use BraveAnvil\Stations\Start\Method\StarDelta;
use BraveAnvil\Stations\Start\Method\StarterSettings;
use BraveAnvil\Stations\Start\Motion\Feed;
use BraveAnvil\Stations\Start\Motion\Impedance;
use BraveAnvil\Stations\Start\Motion\Stage;
use BraveAnvil\Tables\Practice\Practice;
use BraveAnvil\Tables\Tables;
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

    /** Volts on the lines, and no impedance before the motor. */
    private static function stiff(float $volts = 400.0): Feed
    {
        return new Feed($volts, null, Impedance::none(), Impedance::none(), true);
    }

    private static function settings(): StarterSettings
    {
        $read = CircuitReader::read(Circuits::kilnFan());

        return StarterSettings::of($read, (new Practice(Tables::shipped()))->runUp());
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
        $point = self::machine()->point($slip);
        $direct = Stage::full(self::stiff(), 400.0)->flow($point);
        $star = Stage::star(self::stiff(), 400.0)->flow($point);
        self::assertEqualsWithDelta($direct->line / 3, $star->line, 1e-9 * $direct->line);
        self::assertEqualsWithDelta($direct->torque / 3, $star->torque, 1e-9 * $direct->torque);
        self::assertEqualsWithDelta(1 / sqrt(3), $star->voltage, 1e-9, 'a winding that runs in delta sees 1/√3 of its voltage');
        self::assertEqualsWithDelta(400.0, $star->terminals, 1e-6, 'between the terminals stands the line voltage');
    }

    /** Current and torque of an autotransformer go with the square of its tap on the line side. Common practice. */
    #[DataProvider('slips')]
    public function test_a_tap_takes_its_square(float $slip): void
    {
        $point = self::machine()->point($slip);
        $direct = Stage::full(self::stiff(), 400.0)->flow($point);
        $tapped = Stage::throughTap(self::stiff(), 400.0, 0.65)->flow($point);
        self::assertEqualsWithDelta(0.4225 * $direct->line, $tapped->line, 1e-9 * $direct->line);
        self::assertEqualsWithDelta(0.65 * $direct->line, $tapped->lead, 1e-9 * $direct->line);
        self::assertEqualsWithDelta(0.4225 * $direct->torque, $tapped->torque, 1e-9 * $direct->torque);
    }

    /** A resistor and a reactor for 65 % of the direct current: both vectors add, so neither is (1/k − 1) times the impedance. */
    public function test_an_element_in_series_gives_the_wanted_current(): void
    {
        $point = self::machine()->point(1.0);
        $direct = Stage::full(self::stiff(), 400.0)->flow($point);
        foreach ([SeriesElement::resistor(self::settings()), SeriesElement::reactor(self::settings())] as $method) {
            $element = $method->element($point);
            $flow = Stage::throughSeries(self::stiff(), 400.0, $element)->flow($point);
            self::assertEqualsWithDelta(0.65 * $direct->line, $flow->line, 1e-9 * $direct->line, $method->name()->value);
            self::assertEqualsWithDelta(0.4225 * $direct->torque, $flow->torque, 1e-9 * $direct->torque);
            self::assertGreaterThan((1 / 0.65 - 1) * $point->impedance(), $element->magnitude());
        }
    }

    public function test_current_rises_with_the_voltage_and_torque_with_its_square(): void
    {
        $point = self::machine()->point(1.0);
        $full = Stage::full(self::stiff(), 400.0)->flow($point);
        $low = Stage::full(self::stiff(320.0), 400.0)->flow($point);
        self::assertEqualsWithDelta(0.8, $low->line / $full->line, 1e-9);
        self::assertEqualsWithDelta(0.64, $low->torque / $full->torque, 1e-9);
    }

    public function test_a_point_is_what_the_circuit_is(): void
    {
        foreach ([1.0, 0.3, 0.012] as $slip) {
            $at = self::machine()->at($slip);
            $flow = Stage::full(self::stiff(), 400.0)->flow(self::machine()->point($slip));
            self::assertEqualsWithDelta($at['current'], $flow->line, 1e-9 * $at['current']);
            $friction = self::machine()->frictionAt(1500 * (1 - $slip));
            self::assertEqualsWithDelta($at['torque'], $flow->torque - $friction, 1e-9 * $at['torque']);
        }
    }

    /** Contactors of a star-delta starter: main and delta I/√3, star I/3. IEC 60947-4-1 (from memory). */
    public function test_contactors_of_a_star_delta_starter(): void
    {
        $shares = [];
        foreach ((new StarDelta(self::settings()))->contactors() as $contactor) {
            $shares[$contactor->role->name] = $contactor->share;
        }
        self::assertEqualsWithDelta(1 / sqrt(3), $shares[ContactorRole::Main->name] ?? 0.0, 1e-12);
        self::assertEqualsWithDelta(1 / 3, $shares[ContactorRole::Star->name] ?? 0.0, 1e-12);
    }

    /** Common practice: in the motor leads the relay carries I/√3, in the line the whole. */
    public function test_a_relay_in_the_delta_carries_the_winding_current(): void
    {
        $seats = [];
        foreach ((new StarDelta(self::settings()))->relaySeats() as $seat) {
            $seats[$seat->place->value] = $seat->share;
        }
        self::assertSame([RelayPlace::Delta->value, RelayPlace::Line->value], array_keys($seats), 'the usual seat stands first');
        self::assertEqualsWithDelta(1 / sqrt(3), $seats['delta'] ?? 0.0, 1e-12);
        self::assertSame(1.0, $seats['line'] ?? 0.0);
        self::assertSame([1.0], array_map(static fn (RelaySeat $seat): float => $seat->share, (new Direct)->relaySeats()));
    }

    /** Common practice: only a motor that is switched direct keeps a capacitor at its terminals. */
    public function test_only_a_direct_start_bears_a_capacitor_behind_it(): void
    {
        foreach (MethodName::cases() as $name) {
            $method = Methods::named($name, self::settings());
            self::assertSame($name, $method->name());
            self::assertSame($name === MethodName::Direct, $method->capacitor()->behindStarter, $name->value);
            self::assertSame($name === MethodName::Direct, $method->capacitor()->whyNot === '', $name->value);
            self::assertNotSame([], $method->parts((new IecRuleBook(Tables::shipped()))->words()));
        }
    }

    /** Every method is sized through: leads, contactors, relay and device follow. A drive wants its own input current. */
    public function test_every_method_is_sized_through(): void
    {
        foreach (MethodName::cases() as $name) {
            $solution = Circuits::solve(Circuits::fanWithItsLoad(), ['starter.method' => $name->value, 'cable.length' => '10 m']);
            if ($name === MethodName::Drive) {
                self::assertErrorAt('starter.drive_input_current', $solution, ErrorKind::Missing);
                self::assertNull($solution->figure('cable.size'));
                $solution = Circuits::solve(Circuits::fanWithItsLoad(), [
                    'starter.method' => 'drive', 'starter.drive_input_current' => '72 A', 'cable.length' => '10 m',
                ]);
            }
            self::assertSame([], Circuits::errors($solution), $name->value);
            foreach (['cable.size', 'guard.scpd_rating', 'guard.overload_dial', 'start.run_up_time', 'start.run_up_time_worst'] as $key) {
                self::assertNotNull($solution->figure($key), $name->value.' '.$key);
            }
            self::assertNotSame('', $solution->sentences['start'] ?? '');
        }
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
        self::assertSame('six_leads', $drawn['drawing']);
        self::assertEqualsWithDelta(462 / 3, $drawn['starting']['line']['value'], 1e-4);
        self::assertEqualsWithDelta(400 / sqrt(3), $drawn['starting']['winding']['value'], 1e-4);
        self::assertEqualsWithDelta(66 / sqrt(3), $drawn['running']['before']['lead']['value'], 1e-4);
        self::assertSame("231\u{00A0}V", $drawn['starting']['winding']['shown']);
    }
}
