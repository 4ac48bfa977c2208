<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Extra;
use BraveAnvil\Studies\Learned\RulesOfThumb;
use PHPUnit\Framework\Attributes\DataProvider;

/** What people know by heart, beside what is calculated. Common practice, no source. */
final class LearnedTest extends CoreTestCase
{
    /**
     * @param  array<string, mixed>  $circuit
     * @return array<string, array{figure: string, gives: string, off: string, near: bool}> by what the rule says
     */
    private static function rows(array $circuit): array
    {
        $rows = [];
        /** @var list<array{figure: string, says: string, gives: string, off: string, near: bool}> $told by the curve's shape */
        $told = Bench::solve($circuit, null, Extra::Learned)->curves['learned']->toArray()['rows'];
        foreach ($told as $row) {
            $rows[$row['says']] = $row;
        }

        return $rows;
    }

    /** @return iterable<string, array{array<string, mixed>, string, string, string}> circuit, what people say, what it gives, how far off */
    public static function rules(): iterable
    {
        $fan = Circuits::changed(Circuits::fanWithItsLoad(), ['load.output_percent' => '50', 'correction.place' => 'at_motor']);
        $star = Circuits::changed($fan, [
            'starter.method' => 'star_delta', 'correction.place' => 'board', 'starter.changeover.value' => '6 s',
        ]);
        $debarker = Circuits::twentyFiveHorsepower();
        // 37 kW: 74 A against 66.9 A; 9550 × 37 ÷ 1482; 12.3 kvar; a third of 462 A; 6.5 × 66 A.
        yield '2 A per kW' => [$fan, '2 A per kW at 400 V', '74 A', '10.6 % more than calculated'];
        yield 'watts over volts' => [$fan, 'Watts ÷ volts is the current', '92.5 A', '38.2 % more than calculated'];
        yield 'torque' => [$fan, 'Torque in N·m is 9550 × kW ÷ rpm', '238 N·m', 'as calculated'];
        yield 'half the load' => [$fan, 'Half the load, half the current', '33 A', '18.5 % less than calculated'];
        yield 'kvar' => [$fan, 'kvar are a third of the kW', '12.3 kvar', ''];
        yield 'start' => [$fan, 'The start takes 6 to 7 times the current', '429 A', '7.1 % less than calculated'];
        yield 'first peak' => [$fan, 'The first peak is ten times and more', '660 A', '43.9 % less than calculated'];
        yield 'star current' => [$star, 'In star a third of the current', '154 A', 'as calculated'];
        yield 'star torque' => [$star, 'In star a third of the torque', '191 N·m', 'as calculated'];
        yield 'changeover' => [$star, 'Change over at 80 % of the speed', '1200 rpm', ''];
        yield 'fuse' => [$fan, 'The fuse is twice the current', '132 A', ''];
        yield 'idle kvar' => [$fan, 'At the motor 90 % of the idle kvar', '', 'as calculated'];
        yield 'fault current' => [$fan, 'Fault current is transformer current ÷ impedance', '24.1 kA', '4.8 % less than calculated'];
        yield 'drop' => [$fan, 'A drop of 3 % is allowed', '3 %', ''];
        yield 'copper' => [$fan, 'Copper: 2.5 mm² to 20 A, 4 to 32, 6 to 40, 10 to 63, 16 to 80 A', '16 mm²', 'as calculated'];
        yield '1.25 A per hp' => [$debarker, '1.25 A per hp at 460 V', '31.3 A', '2.3 % less than calculated'];
        yield '0.75 kW' => [$debarker, '1 hp is 0.75 kW', '18.8 kW', '0.54 % more than calculated'];
        yield '125 %' => [$debarker, '125 % of the motor current', '40 A', '5.9 % less than calculated'];
        yield 'insulation' => [Circuits::changed($fan, ['readings' => [[
            'kind' => 'insulation_resistance', 'at' => '2026-04-20T09:00:00Z', 'load_percent' => null, 'simulated' => false,
            'values' => [
                'disconnected' => ['capacitor', 'arrester', 'sensors'], 'test_volts' => '500', 'megohms' => '60', 'temperature' => '25',
            ],
        ]]]), '1 MΩ per kV and 1 MΩ more', '1.4 MΩ', '72 % less than calculated'];
    }

    /** @param  array<string, mixed>  $circuit */
    #[DataProvider('rules')]
    public function test_a_rule_of_thumb_tells_what_it_gives_here(array $circuit, string $says, string $gives, string $off): void
    {
        $row = self::rows($circuit)[$says] ?? self::fail("$says is not told");
        if ($gives !== '') {
            self::assertSame($gives, str_replace("\u{00A0}", ' ', $row['gives']));
        }
        if ($off !== '') {
            self::assertSame($off, str_replace("\u{00A0}", ' ', $row['off']));
        }
    }

    public function test_there_are_enough_of_them_and_each_says_where_it_fails(): void
    {
        $rules = RulesOfThumb::all();
        self::assertGreaterThanOrEqual(24, count($rules));
        self::assertCount(count($rules), array_unique(array_map(static fn ($rule): string => $rule->says, $rules)));
        foreach ($rules as $rule) {
            self::assertStringEndsWith('.', $rule->holds);
            self::assertStringEndsWith('.', $rule->fails);
        }
    }

    /** A rule of thumb never enters a result: the figures are the same with them and without. */
    public function test_no_figure_moves(): void
    {
        foreach ([Circuits::fanWithItsLoad(), Circuits::twentyFiveHorsepower('cec')] as $circuit) {
            $shown = static fn (Extra ...$with): array => array_map(
                static fn ($figure): string => $figure->key().' '.json_encode($figure->value),
                Bench::solve($circuit, null, ...$with)->figures,
            );
            self::assertSame($shown(), $shown(Extra::Learned));
        }
    }

    /** A limit is no estimate of the figure; on one phase no rule of three phases is told; without a plate none at all. */
    public function test_a_rule_is_told_only_where_it_says_something(): void
    {
        self::assertSame('', self::rows(Circuits::fanWithItsLoad())['A drop of 3 % is allowed']['off']);
        $one = self::rows(['rule_book' => 'iec', 'supply' => ['voltage' => '230', 'phases' => 1],
            'plate' => ['power' => '1.5 kW', 'voltage' => '230', 'phases' => '1', 'current' => '9.6', 'speed' => '1420']]);
        self::assertArrayNotHasKey('√3 is 1.73', $one);
        self::assertArrayNotHasKey('2.5 A per hp at 230 V', $one);
        self::assertArrayHasKey('Watts ÷ volts is the current', $one);
        self::assertSame([], self::rows(['rule_book' => 'iec', 'supply' => ['voltage' => '400']]));
    }
}
