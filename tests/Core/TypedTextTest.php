<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Circuit\CircuitReader;
use PHPUnit\Framework\Attributes\DataProvider;

/** What people type, how it is read back, and what is refused. Null means refused. */
final class TypedTextTest extends CoreTestCase
{
    /** @return list<array{string, string, string|null}> field, typed, read back */
    public static function typed(): array
    {
        return [
            ['plate.power', '37 kW', '37 kW'],
            ['plate.power', '37kW', '37 kW'],
            ['plate.power', '37', '37 kW'],
            ['plate.power', '37,5 kW', '37.5 kW'],
            ['plate.power', '0.75', '750 W'],
            ['plate.power', '750 W', '750 W'],
            ['plate.power', '1.1 kw', '1.1 kW'],
            ['plate.power', '50 hp', '37.3 kW (746 W/hp)'],
            ['plate.power', '50HP', '37.3 kW (746 W/hp)'],
            ['plate.power', '37/50', '37 kW'],
            ['plate.power', '50/37', '37 kW'],
            ['plate.power', '37 kW/50 hp', '37 kW'],
            ['plate.power', '37 kW (50 hp)', '37 kW'],
            ['plate.power', '50 PS', '36.775 kW'],
            ['plate.power', '1/2 hp', null],
            ['plate.power', '37 kW / 44 kW', '37 kW; 44 kW'],
            ['plate.power', '37/44', '37 kW; 44 kW'],
            ['plate.power', '15 kW / 30 kW', null],
            ['plate.power', '37/45/55', null],
            ['plate.power', '-5 kW', null],
            ['plate.power', '0 kW', null],
            ['plate.power', '1,500 kW', null],
            ['plate.power', '37 horses', null],
            ['plate.power', 'about 37', null],
            ['plate.power', '20 MW', null],

            ['plate.voltage', '400', '400 V'],
            ['plate.voltage', '400 V', '400 V'],
            ['plate.voltage', '400V', '400 V'],
            ['plate.voltage', '230/400', '230 V delta, 400 V star'],
            ['plate.voltage', '400/690 V', '400 V delta, 690 V star'],
            ['plate.voltage', '690/400', '400 V delta, 690 V star'],
            ['plate.voltage', '220 - 240 / 380 - 420', '220–240 V delta, 380–420 V star'],
            ['plate.voltage', 'Δ/Y 380-420/660-725', '380–420 V delta, 660–725 V star'],
            ['plate.voltage', 'D 400', '400 V delta'],
            ['plate.voltage', '400 D', '400 V delta'],
            ['plate.voltage', '400VΔ', '400 V delta'],
            ['plate.voltage', '415 delta', '415 V delta'],
            ['plate.voltage', '400 star', '400 V star'],
            ['plate.voltage', '460 wye', '460 V star'],
            ['plate.voltage', '230/460', '230 V parallel, 460 V series'],
            ['plate.voltage', '208-230/460', '208–230 V parallel, 460 V series'],
            ['plate.voltage', '230D/400Y', '230 V delta, 400 V star'],
            ['plate.voltage', '230Y/400D', null],
            ['plate.voltage', '400/500', null],
            ['plate.voltage', '208/230', null],
            ['plate.voltage', '400/460', '400 V; 460 V'],
            ['plate.voltage', '400/690; 460', '400 V delta, 690 V star; 460 V'],
            ['plate.voltage', '230/400/690', null],
            ['plate.voltage', 'three phase 400', null],
            ['plate.voltage', '1,500', null],
            ['plate.voltage', '0', null],
            ['plate.voltage', '-400', null],
            ['plate.voltage', '4e2', null],
            ['plate.voltage', '10 kV', null],
            ['plate.voltage', '/', null],

            ['plate.current', '50²', null],
            ['plate.current', '5 A²', null],
            ['plate.current', '0 250', null],
            ['plate.current', '66', '66 A'],
            ['plate.current', '66 A', '66 A'],
            ['plate.current', '66/38', '66 / 38 A'],
            ['plate.current', '66A/38A', '66 / 38 A'],
            ['plate.current', '10,8/6,2', '10.8 / 6.2 A'],
            ['plate.current', '4.2-4.0/2.0', '4.2–4 / 2 A'],
            ['plate.current', 'D 66 / Y 38', '66 / 38 A'],
            ['plate.current', '66/38/22', null],
            ['plate.current', '0', null],
            ['plate.current', '66 V', null],
            ['plate.current', '1,234', null],

            ['plate.speed', '1482', '1482 rpm'],
            ['plate.speed', '1482 rpm', '1482 rpm'],
            ['plate.speed', '1482 r/min', '1482 rpm'],
            ['plate.speed', '1482 min⁻¹', '1482 rpm'],
            ['plate.speed', '1 482', '1482 rpm'],
            ['plate.speed', '1,482', '1482 rpm'],
            ['plate.speed', '1.482', '1482 rpm'],
            ['plate.speed', '1450/1750', '1450 rpm; 1750 rpm'],
            ['plate.speed', '1450/2900', null],
            ['plate.speed', '30', null],
            ['plate.speed', 'fast', null],

            ['plate.frequency', '50', '50 Hz'],
            ['plate.frequency', '50 Hz', '50 Hz'],
            ['plate.frequency', '50/60', '50 / 60 Hz'],
            ['plate.frequency', '16.7', null],
            ['plate.frequency', '50/60/70', null],

            ['plate.power_factor', '0.85', '0.85'],
            ['plate.power_factor', '0,85', '0.85'],
            ['plate.power_factor', '85', '0.85'],
            ['plate.power_factor', '85 %', '0.85'],
            ['plate.power_factor', 'cos φ 0,85', '0.85'],
            ['plate.power_factor', 'cos φ = 0.85', '0.85'],
            ['plate.power_factor', '1', '1'],
            ['plate.power_factor', '1.2', null],
            ['plate.power_factor', '101', null],
            ['plate.power_factor', '0', null],
            ['plate.power_factor', '0.85 lagging', '0.85'],

            ['plate.efficiency', '93.9', '93.9 %'],
            ['plate.efficiency', '93,9 %', '93.9 %'],
            ['plate.efficiency', '0.939', '93.9 %'],
            ['plate.efficiency', 'η 93.9', '93.9 %'],
            ['plate.efficiency', 'IE3', 'the class IE3 alone'],
            ['plate.efficiency', '100', null],
            ['plate.efficiency', '101', null],
            ['plate.efficiency', '2', null],
            ['plate.efficiency_class', 'ie 4', 'IE4'],
            ['plate.efficiency_class', 'IE5', null],

            ['plate.duty', 'S1', 'S1, continuous'],
            ['plate.duty', 'cont.', 'S1, continuous'],
            ['plate.duty', 'S3 40 %', 'S3, 40 % of each cycle'],
            ['plate.duty', 'S2 30min', 'S2, 30 min, then rest until cold'],
            ['plate.duty', 'S1 40 %', null],
            ['plate.duty', 'S3 30 min', null],
            ['plate.duty', 'S2 0 min', null],
            ['plate.duty', 'S11', null],
            ['plate.start_current_ratio', '7.0', '7'],
            ['plate.start_current_ratio', '700 %', '7'],
            ['plate.start_current_ratio', '70', null],
            ['plate.start_torque_ratio', '240%', '2.4'],
            ['plate.inertia', '0,36', '0.36 kg·m²'],
            ['plate.inertia', '0.36 kgm²', '0.36 kg·m²'],
            ['plate.leads', '6', '6'],
            ['plate.leads', '7', null],

            ['supply.voltage', '400', '400 V between lines'],
            ['supply.voltage', '480Y/277', '480 V between lines'],
            ['supply.voltage', '480Y/277V', '480 V between lines'],
            ['supply.voltage', '400/230', '400 V between lines'],
            ['supply.voltage', '230/400', '400 V between lines'],
            ['supply.voltage', '0.4 kV', '400 V between lines'],
            ['supply.voltage', '0,4 kV', '400 V between lines'],
            ['supply.voltage', '0.4/0.23 kV', '400 V between lines'],
            ['supply.voltage', '11 kV', null],
            ['plate.voltage', '0.4 kV', '400 V'],
            ['plate.voltage', '0.4/0.69 kV', '400 V delta, 690 V star'],
            ['plate.voltage', '0.69kV', '690 V'],
            ['plate.voltage', '400 V / 0.69 kV', '400 V delta, 690 V star'],
            ['supply.voltage', '400/300', null],
            ['supply.voltage', '12', null],
            ['supply.voltage', '11000', null],
            ['supply.phases', '2', null],
            ['supply.fault_level_kva', '25 MVA', "25\u{00A0}MVA"],
            ['supply.ambient', '86 F', '30 °C'],
            ['supply.ambient', '-10', '−10 °C'],
            ['supply.ambient', '120', null],

            ['cable.length', '60', '60 m'],
            ['cable.length', '60 m', '60 m'],
            ['cable.length', '200 ft', '60.96 m'],
            ['cable.length', '0.1 km', '100 m'],
            ['cable.length', '60 kg', null],
            ['cable.length', '5 km', null],
            ['cable.grouped_circuits', '2.5', null],
            ['cable.size', '16', ''],
            ['cable.size', '16 mm²', ''],
            ['cable.size', '3 x 2.5', ''],
            ['cable.size', '6 AWG', null],
            ['cable.insulation', 'EPR', ''],
            ['cable.insulation', 'THHN', null],
            ['cable.method', 'e', ''],
            ['cable.method', 'raceway', null],
            ['cable.terminal_temperature', '75', null],
            ['starter.method', 'Star Delta', ''],
            ['starter.method', 'soft', null],
            ['starter.run_up_time', '2 min', '120 s'],
            ['starter.run_up_time', '500 ms', '0.5 s'],
            ['guard.overload_class', '10a', ''],
            ['guard.overload_class', '15', null],
            ['correction.target_power_factor', '0.3', null],
            ['correction.rated_kvar', '12.5', '12.5 kvar'],
            ['settings.direct_start_limit', '50 hp', '37.3 kW'],
        ];
    }

    #[DataProvider('typed')]
    public function test_typed_text(string $path, string $typed, ?string $read): void
    {
        [$section, $field] = explode('.', $path);
        $circuit = CircuitReader::read(['rule_book' => 'iec', $section => [$field => $typed]]);
        if ($read === null) {
            self::assertTrue(isset($circuit->errors[$path]), "$path: $typed is taken as ".($circuit->read()[$path] ?? ''));
            self::assertNotSame('', $circuit->errors[$path]->accepted);
        } else {
            self::assertFalse(isset($circuit->errors[$path]), "$path: $typed is refused: ".($circuit->errors[$path]->text ?? ''));
            self::assertSame(
                $read,
                str_replace("\u{00A0}", str_contains($read, "\u{00A0}") ? "\u{00A0}" : ' ', $circuit->read()[$path] ?? ''),
            );
        }
    }

    /** @return list<array{string, string, bool}> */
    public static function americanSizes(): array
    {
        return [
            ['6 AWG', '6', true], ['#6', '6', true], ['1/0', '1/0', true], ['1/0 AWG', '1/0', true], ['0', '1/0', true],
            ['0000', '4/0', true], ['250 kcmil', '250', true], ['250 MCM', '250', true], ['5/0', '', false], ['16 mm2', '', false],
            ['big', '', false],
        ];
    }

    #[DataProvider('americanSizes')]
    public function test_american_sizes(string $typed, string $name, bool $taken): void
    {
        $circuit = CircuitReader::read(['rule_book' => 'nec', 'cable' => ['size' => $typed]]);
        self::assertSame($taken, ! $circuit->bad('cable.size'));
        self::assertSame($taken ? $name : null, $circuit->word('cable.size'));
    }

    public function test_a_bare_power_is_horsepower_under_the_nec_and_says_so(): void
    {
        $solution = Circuits::solve(Circuits::twentyFiveHorsepower(), ['plate.power' => '25']);
        self::assertFigures(['power.output' => 18650], $solution);
        self::assertFinds('power_unit_assumed', $solution, 'note');
        self::assertDoesNotFind('power_unit_assumed', Circuits::solve(Circuits::twentyFiveHorsepower()));
    }

    public function test_numbers_are_taken_like_text(): void
    {
        $typed = Circuits::solve(Circuits::kilnFan(), [
            'plate.power' => '37', 'plate.speed' => '1482', 'plate.power_factor' => '0.85', 'cable.length' => '60',
        ]);
        $numbers = Circuits::solve(Circuits::kilnFan(), [
            'plate.power' => 37, 'plate.speed' => 1482, 'plate.power_factor' => 0.85, 'cable.length' => 60.0,
        ]);
        self::assertSame($typed->toJson(), $numbers->toJson());
    }

    public function test_null_empty_and_missing_are_one_thing(): void
    {
        $missing = Circuits::kilnFan();
        unset($missing['plate']['efficiency']);
        foreach ([null, '', '  '] as $nothing) {
            self::assertSame(
                Circuits::solve($missing)->toJson(),
                Circuits::solve(Circuits::kilnFan(), ['plate.efficiency' => $nothing])->toJson(),
            );
        }
    }

    /** @return iterable<array{string|null, string, float|null}> by, typed, value; null where it is refused */
    public static function changeovers(): iterable
    {
        yield 'bare, by time' => ['time', '6', 6.0];
        yield 'seconds, by time' => ['time', '6 s', 6.0];
        yield 'time is what is meant where nothing is chosen' => [null, '0,1 min', 6.0];
        yield 'percent, by speed' => ['speed', '80 %', 80.0];
        yield 'bare, by speed' => ['speed', '80', 80.0];
        yield 'percent is no time' => ['time', '80 %', null];
        yield 'seconds are no speed' => ['speed', '6 s', null];
        yield 'an induction motor never reaches synchronous speed' => ['speed', '100', null];
    }

    #[DataProvider('changeovers')]
    public function test_a_changeover_is_in_the_unit_of_what_it_goes_by(?string $by, string $typed, ?float $value): void
    {
        $circuit = CircuitReader::read(['rule_book' => 'iec', 'starter' => ['changeover' => ['by' => $by, 'value' => $typed]]]);
        self::assertSame($value, $circuit->number('starter.changeover.value')?->number());
        self::assertSame($value === null ? ['starter.changeover.value'] : [], array_keys($circuit->errors));
    }
}
