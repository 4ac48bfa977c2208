<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Books\Nec\StandardRatings;
use BraveAnvil\Books\RuleBooks;
use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Choice\RelayPlace;
use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\CircuitReader;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\LocalUnits;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Rules\Sizing;
use BraveAnvil\Stations\Cable\CableFigure;
use BraveAnvil\Stations\Cable\Conductor;
use BraveAnvil\Stations\Fault\ProtectiveCase;
use BraveAnvil\Stations\Start\Method\RelaySeat;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;

/** Each part of a rule book alone, against the printed tables written down here a second time (all from memory). */
final class RuleBookPartsTest extends CoreTestCase
{
    private static function sizing(string $book): Sizing
    {
        return (new RuleBooks(Tables::shipped()))->named($book)?->sizing() ?? throw new RuntimeException("no sizing in $book");
    }

    private static function amperes(float $amperes): Figure
    {
        return Figure::typed('plate.current', 'Current', $amperes, Unit::Ampere, null);
    }

    private static function gauge(string $size, float $area): Conductor
    {
        return new Conductor($size, $area, Metal::Copper, 1, "$size AWG", "$size AWG");
    }

    /** A run whose line conductor is as ampacity asks, or larger. */
    private static function of(Conductor $chosen, ?Conductor $needed = null, ?float $rating = null): ProtectiveCase
    {
        $needed ??= $chosen;

        return new ProtectiveCase(
            CableFigure::ProtectiveSize, $chosen, $chosen->metal, $rating === null ? null : self::amperes($rating),
            $chosen->areaMm2 / $needed->areaMm2, $needed, $chosen,
        );
    }

    /**
     * NEC Table 250.122, copper, from memory.
     *
     * @return iterable<array{float|int, string}>
     */
    public static function groundingConductors(): iterable
    {
        yield from [
            [15, '14 AWG'], [20, '12 AWG'], [30, '10 AWG'], [60, '10 AWG'], [100, '8 AWG'], [200, '6 AWG'], [300, '4 AWG'],
            [400, '3 AWG'], [500, '2 AWG'], [600, '1 AWG'], [800, '1/0 AWG'], [1000, '2/0 AWG'], [1200, '3/0 AWG'],
            // A rating between two rows takes the next one.
            [35, '10 AWG'], [70, '8 AWG'], [125, '6 AWG'], [225, '4 AWG'], [350, '3 AWG'],
        ];
    }

    #[DataProvider('groundingConductors')]
    public function test_the_grounding_conductor_goes_by_the_device(float $rating, string $size): void
    {
        $large = self::gauge('500', 253.4);
        $figure = self::sizing('nec')->protective->size(self::of($large, rating: $rating));
        self::assertSame($size, $figure?->value);
    }

    /** NEC 250.122(A) and (B), from memory: never larger than the circuit's own conductors, and grown as these are. */
    public function test_the_grounding_conductor_is_bounded_by_the_circuit_and_grows_with_it(): void
    {
        $rules = self::sizing('nec')->protective;
        $fourteen = self::gauge('14', 2.08);
        self::assertSame('14 AWG', $rules->size(self::of($fourteen, rating: 30))?->value);
        $four = self::gauge('4', 21.15);
        $two = self::gauge('2', 33.62);
        $grown = $rules->size(self::of($two, $four, 100));
        self::assertSame('6 AWG', $grown?->value, '8.37 mm² × 33.62 ÷ 21.15 = 13.3 mm²');
        self::assertStringContainsString('increased with the phase conductors', $grown->working);
        self::assertNull($rules->size(self::of($four)), 'it waits for the device');
    }

    /**
     * IEC 60364-5-54 Table 54.7, from memory: alike to 16 mm², then 16 mm², then half.
     *
     * @return iterable<array{string, float}>
     */
    public static function protectiveConductors(): iterable
    {
        yield from [
            ['1.5', 1.5], ['2.5', 2.5], ['10', 10.0], ['16', 16.0], ['25', 16.0], ['35', 16.0], ['50', 25.0], ['70', 35.0], ['95', 50.0],
            ['120', 70.0], ['150', 95.0], ['185', 95.0], ['240', 120.0], ['300', 150.0],
        ];
    }

    #[DataProvider('protectiveConductors')]
    public function test_the_protective_conductor_goes_by_its_line(string $line, float $wanted): void
    {
        $conductor = new Conductor($line, (float) $line, Metal::Copper, 1, "$line mm²", (float) $line);
        $figure = self::sizing('iec')->protective->size(self::of($conductor));
        self::assertEqualsWithDelta($wanted, $figure?->number(), 1e-9);
    }

    /**
     * NEC 430.32(A)(1), from memory: 125 % with a service factor of 1.15 or a rise of 40 °C, else 115 %.
     *
     * @return iterable<string, array{array<string, mixed>, float, float}>
     */
    public static function overloads(): iterable
    {
        yield 'service factor' => [['service_factor' => 1.15], 1.25, 1.0];
        yield 'low rise' => [['temperature_rise' => '40 °C'], 1.25, 1.0];
        yield 'neither' => [['service_factor' => 1.0, 'temperature_rise' => '80 °C'], 1.15, 0.95];
        yield 'nothing stamped' => [[], 1.15, 0.95];
        yield 'a larger service factor' => [['service_factor' => 1.25], 1.25, 1.0];
    }

    /** @param  array<string, mixed>  $plate */
    #[DataProvider('overloads')]
    public function test_the_trip_limit_and_the_dial_below_it(array $plate, float $limit, float $dial): void
    {
        $circuit = CircuitReader::read(['rule_book' => 'nec', 'plate' => $plate]);
        $line = new RelaySeat(RelayPlace::Line, 1.0, '', 'in the supply line');
        $setting = self::sizing('nec')->overload->setting($circuit, self::amperes(40), $line);
        self::assertEqualsWithDelta($limit * 40, $setting->limit->number(), 1e-9);
        self::assertEqualsWithDelta($dial * 40, $setting->dial->number(), 1e-9);
        $delta = new RelaySeat(RelayPlace::Delta, 1 / sqrt(3), ' ÷ √3', 'in the motor leads');
        $leads = self::sizing('nec')->overload->setting($circuit, self::amperes(40), $delta);
        self::assertEqualsWithDelta($dial * 40 / sqrt(3), $leads->dial->number(), 1e-9);
        self::assertLessThan($leads->limit->number(), $leads->dial->number() * (1 - 1e-12), 'the dial is never the limit');
    }

    /**
     * NEC 430.110(A) and common sizes of switches: 115 % of full-load current, next frame up.
     *
     * @return iterable<array{float, float|null, float}>
     */
    public static function switches(): iterable
    {
        yield from [
            [26.0, null, 30.0], [27.0, null, 60.0], [52.0, null, 60.0], [53.0, null, 100.0], [170.0, null, 200.0], [500.0, null, 600.0],
            [34.0, 110.0, 200.0], [34.0, 60.0, 60.0], [34.0, 70.0, 100.0],
        ];
    }

    #[DataProvider('switches')]
    public function test_the_switch_carries_the_motor_and_holds_the_fuse(float $motor, ?float $fuse, float $frame): void
    {
        $choice = self::sizing('nec')->disconnects->choose(self::amperes($motor), $fuse === null ? null : self::amperes($fuse));
        self::assertEqualsWithDelta(1.15 * $motor, $choice->required->number(), 1e-9);
        self::assertSame($frame, $choice->size?->value);
    }

    public function test_above_the_largest_switch_there_is_none(): void
    {
        self::assertNull(self::sizing('nec')->disconnects->choose(self::amperes(2000), null)->size);
        self::assertNull(self::sizing('iec')->disconnects->choose(self::amperes(2000), null)->size);
    }

    /** NEC 240.6(A), 2023, from memory. */
    public function test_standard_ratings_are_those_of_the_list(): void
    {
        $list = [
            10, 15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125, 150, 175, 200, 225, 250, 300, 350, 400, 450, 500, 600, 700,
            800, 1000, 1200, 1600, 2000, 2500, 3000, 4000, 5000, 6000,
        ];
        $ratings = new StandardRatings(Tables::shipped()->named(TableName::NecStandardRatings));
        self::assertSame(array_map(floatval(...), $list), $ratings->of(Scpd::BreakerInverseTime, true));
        self::assertNotContains(10.0, $ratings->of(Scpd::BreakerInverseTime, false), 'before 2023 it was for fuses only');
        $fuses = $ratings->of(Scpd::FuseDualElement, true);
        foreach ([1.0, 3.0, 6.0, 10.0, 601.0] as $only) {
            self::assertContains($only, $fuses);
        }
        $sorted = $fuses;
        sort($sorted);
        self::assertSame($sorted, $fuses);
    }

    /**
     * NEC Table 430.250, three-phase full-load amperes at 460 V, from memory.
     *
     * @return iterable<array{float, float}>
     */
    public static function fullLoad(): iterable
    {
        yield from [
            [0.5, 1.1], [1.0, 2.1], [2.0, 3.4], [3.0, 4.8], [5.0, 7.6], [7.5, 11.0], [10.0, 14.0], [15.0, 21.0], [20.0, 27.0], [25.0, 34.0],
            [30.0, 40.0], [40.0, 52.0], [50.0, 65.0], [60.0, 77.0], [75.0, 96.0], [100.0, 124.0], [125.0, 156.0], [150.0, 180.0],
            [200.0, 240.0],
        ];
    }

    #[DataProvider('fullLoad')]
    public function test_full_load_current_by_horsepower(float $horsepower, float $amperes): void
    {
        $solution = Circuits::solve(Circuits::twentyFiveHorsepower(), ['plate.power' => "$horsepower hp", 'plate.current' => null]);
        self::assertEqualsWithDelta($amperes, $solution->figure('power.table_current')?->number(), 1e-9);
    }

    /** NEC Table 430.52: percent of full-load current for a squirrel-cage motor, from memory. */
    public function test_the_protective_device_is_a_percentage_of_full_load_current(): void
    {
        foreach (['breaker_inverse_time' => 250, 'fuse_dual_element' => 175, 'fuse_non_time_delay' => 300] as $device => $percent) {
            $solution = Circuits::solve(Circuits::twentyFiveHorsepower(), ['guard.scpd' => $device]);
            self::assertFigures(['guard.scpd_limit' => $percent / 100 * 34], $solution);
        }
    }

    /** One horsepower is 746 W in code practice; one foot is 0.3048 m exactly. */
    public function test_a_book_reads_in_units_of_its_world(): void
    {
        $plain = static fn (string $text): string => str_replace("\u{00A0}", ' ', $text);
        self::assertSame('37 kW', $plain((new LocalUnits(false, false))->output(37000)));
        self::assertSame('50 hp, 37.3 kW', $plain((new LocalUnits(true, false))->output(37300)));
        self::assertSame('0.5 hp, 373 W', $plain((new LocalUnits(true, true))->output(373)));
        self::assertSame('60 m', $plain((new LocalUnits(true, false))->length(60)));
        self::assertSame('180 ft', $plain((new LocalUnits(true, true))->length(180 * 0.3048)));
    }

    /** Each book reads outputs and lengths as its people do. */
    public function test_the_run_reads_in_units_of_the_book(): void
    {
        $run = static fn (array $circuit): array => Circuits::curve(Circuits::solve($circuit, ['cable.length' => '100 ft']), 'run');
        self::assertSame("100\u{00A0}ft", $run(Circuits::fiftyHorsepower())['length']);
        self::assertSame("30.5\u{00A0}m", $run(Circuits::kilnFan())['length']);
        $canadian = [...Circuits::fiftyHorsepower(), 'rule_book' => 'cec'];
        self::assertSame("50\u{00A0}hp, 37.3\u{00A0}kW", $run($canadian)['output']);
    }
}
