<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Ground\ErrorKind;
use PHPUnit\Framework\Attributes\DataProvider;

final class BadInputTest extends CoreTestCase
{
    /** @return array<string, array{string, mixed, string}> */
    public static function unreadable(): array
    {
        return [
            'words' => ['supply.voltage', 'three phase 400', 'not a number'],
            'ambiguous comma' => ['supply.voltage', '1,500', 'thousand'], 'zero volts' => ['supply.voltage', '0', 'outside'],
            'negative' => ['plate.power', '-37', 'cannot'], 'exponent as text' => ['plate.voltage', '1e9', 'cannot be read'],
            'huge number' => ['plate.power', 1e9, 'outside'], 'efficiency above one' => ['plate.efficiency', 101, 'not possible'],
            'power factor above one' => ['plate.power_factor', '1.2', 'not possible'],
            'a wrong type' => ['plate.current', ['66'], 'text or a number'],
            'true' => ['plate.speed', true, 'text or a number'], 'a pasted row' => ['plate.current', "66\t38\t50", 'cannot be read'],
            'too long' => ['plate.voltage', str_repeat('4', 300), 'At most 200 characters'],
            'not utf-8' => ['plate.serial', "\xB1\x31", 'cannot be read'],
            'wrong letter' => ['plate.code_letter', 'I', 'not a valid letter'],
            'wrong unit' => ['cable.length', '60 kg', 'not a unit'], 'a choice that is none' => ['starter.method', 'soft', 'choices'],
            'a size of the other world' => ['cable.size', '1/0', 'mm²'],
            'third ratio' => ['plate.voltage', '400/500', 'ratio'],
        ];
    }

    /** 5500 without a unit is 5500 kW: no motor of 11.1 A at 400 V. It is asked where it was typed, and nothing is sized on it. */
    public function test_an_output_that_no_motor_of_this_current_has_is_asked_at_the_output(): void
    {
        $solution = Circuits::solve(
            Circuits::conveyor(), ['plate.power' => '5500', 'starter.method' => 'direct', 'plate.efficiency' => null],
        );
        self::assertErrorAt('plate.power', $solution, ErrorKind::Impossible);
        self::assertStringContainsString('in watts?', Circuits::errors($solution)['plate.power']);
        self::assertArrayNotHasKey('plate.efficiency', Circuits::errors($solution));
        foreach (['cable.size', 'guard.scpd_rating', 'correct.capacitor_rating'] as $key) {
            self::assertNull($solution->figure($key), $key);
        }
        self::assertSame(
            [], Circuits::errors(Circuits::solve(Circuits::conveyor(), ['plate.power' => '5500 W', 'starter.method' => 'direct'])),
        );
    }

    public function test_a_tag_has_at_most_24_characters(): void
    {
        $long = str_repeat('Ä', 24);
        self::assertArrayNotHasKey('tag', Circuits::errors(Circuits::solve(Circuits::kilnFan(), ['tag' => $long])));
        self::assertErrorAt('tag', Circuits::solve(Circuits::kilnFan(), ['tag' => $long.'Ä']), ErrorKind::Unreadable);
    }

    /** In which order a file names its sections and fields changes no byte, not even the list of what is not used. */
    public function test_the_order_of_the_keys_changes_nothing(): void
    {
        $circuit = Circuits::changed(Circuits::kilnFan(), [
            'starter.gap' => '60 ms', 'cable.cores' => 3, 'supply.earth_loop_ohm' => '0.4', 'plate.ip' => 'much', 'plate.colour' => 'grey',
            'plate.efficiency' => 'IE3 93.9', 'settings.four_006_corrections' => false, 'guard.shape' => 'round',
        ]);
        $turned = array_map(
            static fn (mixed $part): mixed => is_array($part) ? array_reverse($part, true) : $part, array_reverse($circuit, true),
        );
        self::assertNotSame(json_encode($circuit), json_encode($turned));
        self::assertSame(Bench::solve($circuit)->toJson(), Bench::solve($turned)->toJson());
    }

    #[DataProvider('unreadable')]
    public function test_it_is_told_at_its_field(string $path, mixed $value, string $says): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), [$path => $value]);
        self::assertErrorAt($path, $solution, ErrorKind::Unreadable);
        self::assertStringContainsStringIgnoringCase($says, Circuits::errors($solution)[$path]);
    }

    public function test_a_bad_value_is_never_taken_for_a_missing_one(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['plate.efficiency' => '939', 'supply.ambient' => 'warm']);
        self::assertNull($solution->figure('plate.efficiency'));
        self::assertNull($solution->figure('power.input'));
        self::assertNull($solution->figure('cable.size'), 'no default ambient in place of an unreadable one');
        self::assertFigures(['power.plate_current' => 66, 'start.locked_rotor_current' => 462, 'guard.overload_dial' => 66], $solution);
    }

    public function test_other_stations_stay_alive(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['cable.length' => 'far']);
        self::assertContains('cable', $solution->blocked);
        self::assertFigures(['guard.scpd_rating' => 125, 'power.input' => 39404], $solution);
    }

    public function test_unknown_keys_are_a_note(): void
    {
        self::assertFinds('unknown_fields', Circuits::solve(Circuits::kilnFan(), ['plate.colour' => 'grey']), 'note');
    }

    /** @return array<string, array{string, mixed}> */
    public static function notYet(): array
    {
        return [
            'a duty whose load no plate tells' => ['plate.duty', 'S9'],
        ];
    }

    #[DataProvider('notYet')]
    public function test_what_is_not_computed_is_refused_and_not_simplified(string $path, mixed $value): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), [$path => $value, 'correction.place' => 'board']);
        self::assertErrorAt($path, $solution, ErrorKind::Refused);
        foreach (['cable.size', 'guard.scpd_rating', 'correct.reactive_chosen'] as $key) {
            self::assertNull($solution->figure($key), $key);
        }
        self::assertSame(['cable', 'guard', 'correct'], array_values(array_intersect(['cable', 'guard', 'correct'], $solution->blocked)));
        self::assertFigures(['power.input' => 39404, 'plate.poles' => 4], $solution);
    }

    public function test_an_empty_document_names_what_is_wanted(): void
    {
        self::assertErrorAt('rule_book', Bench::solve([]), ErrorKind::Unreadable);
        $solution = Bench::solve(['rule_book' => 'iec']);
        foreach (['supply.voltage', 'plate.voltage', 'plate.power', 'plate.speed'] as $path) {
            self::assertErrorAt($path, $solution, ErrorKind::Missing);
        }
    }

    /**
     * Circuits with a choice that is none of the choices, and with two fields bad at once: what one station cannot read the next
     * ones must not stumble over.
     *
     * @return iterable<string, array<string, mixed>>
     */
    public static function badCircuits(int $pairs): iterable
    {
        $bases = [
            'iec' => Circuits::kilnFan(), 'nec' => Circuits::fiftyHorsepower(),
            'star-delta' => [...Circuits::kilnFan(), 'starter' => ['method' => 'star_delta', 'changeover' => ['value' => 6]]],
        ];
        $fields = Fields::all();
        foreach ($fields as $path => $field) {
            foreach ($field->cases() === [] ? [] : ['hand', '?', 7, true, 'star'] as $rubbish) {
                foreach ($bases as $name => $base) {
                    yield "$path ".json_encode($rubbish)." $name" => Circuits::changed($base, [$path => $rubbish]);
                }
            }
        }
        for ($i = 0; $i < $pairs; $i++) {
            $changes = [(string) array_rand($fields) => ['?', 'NaN', -1, [], 'hand'][mt_rand(0, 4)], (string) array_rand($fields) => '?'];
            yield "pair $i ".json_encode($changes) => Circuits::changed($bases[array_rand($bases)], $changes);
        }
    }

    public function test_rubbish_in_a_choice_and_two_bad_fields_at_once_are_answered(): void
    {
        Fuzz::start();
        $count = 0;
        foreach (self::badCircuits(Fuzz::count(400)) as $name => $circuit) {
            $solution = Bench::solve($circuit);
            self::assertNotSame([], [...$solution->errors, ...$solution->findings], $name);
            $count++;
        }
        self::assertGreaterThan(400, $count);
    }

    public function test_thousands_of_hostile_circuits_are_answered(): void
    {
        Fuzz::start();
        $wanted = Fuzz::count(300);
        set_error_handler(static function (int $level, string $message, string $file, int $line): never {
            throw new \ErrorException($message, 0, $level, $file, $line);
        });
        $hostile = [
            '', ' ', '0', '-1', '1e309', 'NaN', 'INF', '1,5', '1.5', '1,500', '٣٧',
            "\0",
            "\xFF\xFE",
            '9999999999999', '0.0000001', '230/400', '400/690', '208-230/460', '37/50', '50 hp', 'D 400', 'IE3', 'S1', '//', '--', '1/0',
            '250', '16', '2.5', 'true', 'a"b', '{}', '%', '100 %', '1482', '66', '66/38', '0.85', '93.9', '60 m', '3 s', true, false,
            null, 0, -1, 1e308,
            1e-308,
            PHP_INT_MAX,
            0.1 + 0.2,
            [], ['a' => 1],
            [[[1]]],
            '30', 45.5, 1, 2, 20, 'star_delta', 'direct', 'at_motor', 'board', 'nec', 'iec', 'cec',
        ];
        $fields = Fields::all();
        $count = 0;
        try {
            for ($i = 0; $i < $wanted; $i++) {
                $circuit = match ($i % 4) {
                    0 => Circuits::kilnFan(), 1 => Circuits::fiftyHorsepower(), 2 => Circuits::twentyFiveHorsepower(),
                    default => ['rule_book' => 'iec'],
                };
                $changes = [];
                for ($n = mt_rand(1, 9); $n > 0; $n--) {
                    $path = array_rand($fields);
                    $field = $fields[$path];
                    $changes[$path] = match (mt_rand(0, 3)) {
                        0 => $hostile[array_rand($hostile)],
                        1 => $field->cases() === [] ? $hostile[array_rand($hostile)] : $field->cases()[array_rand($field->cases())]->value,
                        2 => $field->low + ($field->high - $field->low) * [0, 1, mt_rand() / mt_getrandmax(), 1e-4, 0.01][mt_rand(0, 4)],
                        default => mt_rand(0, 1) === 1 ? $field->low : $field->high,
                    };
                }
                $solution = Circuits::solve($circuit, $changes);
                self::assertJson($solution->toJson());
                foreach ($solution->figures as $figure) {
                    if (is_float($figure->value)) {
                        self::assertTrue(is_finite($figure->value), $figure->key());
                    }
                }
                $count++;
            }
        } finally {
            restore_error_handler();
        }
        self::assertSame($wanted, $count);
    }

    public function test_the_same_circuit_gives_the_same_bytes(): void
    {
        self::assertSame(Circuits::solve(Circuits::kilnFan())->toJson(), Circuits::solve(Circuits::kilnFan())->toJson());
    }
}
