<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Extra;
use PHPUnit\Framework\TestCase;

/**
 * A circuit has one solution, whatever a process solved before it: a workshop's server solves for everybody, and a sheet that was signed
 * is computed anew years later. What is kept between two solutions must not be seen in them.
 */
final class SolvedAgainTest extends TestCase
{
    /** @return array<string, array<array-key, mixed>> */
    private static function circuits(): array
    {
        $fan = Circuits::fanWithItsLoad();
        $correction = [
            'path' => 'practice.guard.class_margin', 'value' => 0.5, 'by' => 'Electrical engineer', 'on' => '2026-11-20',
            'why' => 'printed table', 'page' => '77',
        ];

        return [
            'nothing' => [],
            'IEC' => Circuits::kilnFan(),
            'NEC' => Circuits::fiftyHorsepower(),
            'CE Code' => Circuits::twentyFiveHorsepower('cec'),
            'a conveyor' => Circuits::conveyor(),
            'star-delta' => Circuits::changed($fan, [
                'starter.method' => 'star_delta', 'cable.length' => '60 m', 'cable.line_length' => '12 m',
            ]),
            'a soft starter' => Circuits::changed($fan, ['starter.method' => 'soft_starter', 'cable.length' => '20 m']),
            'a drive' => Circuits::changed($fan, ['starter.method' => 'drive', 'load.torque_percent' => 80]),
            'a stall' => Circuits::changed($fan, [
                'starter.method' => 'star_delta', 'load.kind' => 'constant', 'load.torque_percent' => 95,
            ]),
            'a capacitor' => Circuits::changed($fan, ['correction.place' => 'at_motor', 'correction.target_power_factor' => 0.95]),
            'words' => Circuits::changed(Circuits::kilnFan(), ['rule_book' => 'nec', 'supply.earthing' => 'resistance']),
            'what cannot be read' => Circuits::changed(Circuits::kilnFan(), ['plate.power' => 'much', 'cable.length' => '-3 m']),
            'a site of its own' => Circuits::changed(Circuits::kilnFan(), [
                'settings.corrections' => [$correction], 'supply.ambient' => 45, 'cable.length' => '30 m', 'settings.phase_names' => 'ryb',
            ]),
        ];
    }

    public function test_every_circuit_is_solved_alike_in_any_order(): void
    {
        $circuits = self::circuits();
        $first = array_map(static fn (array $circuit): string => Bench::solve($circuit)->toJson(), $circuits);
        self::assertStringNotContainsString('settings.corrections', $first['a site of its own']);
        Fuzz::start();
        for ($i = 0; $i < Fuzz::count(3); $i++) {
            $names = array_keys($circuits);
            shuffle($names);
            foreach ($names as $name) {
                self::assertSame($first[$name], Bench::solve($circuits[$name])->toJson(), $name.', after '.implode(', ', $names));
            }
        }
    }

    /** What is asked for besides stands beside the figures: it changes none, and leaves nothing for the next. */
    public function test_what_is_asked_for_besides_changes_no_figure(): void
    {
        foreach (self::circuits() as $name => $circuit) {
            $plain = Bench::solve($circuit);
            $more = Bench::solve($circuit, null, ...Extra::cases());
            foreach ($plain->figures as $figure) {
                self::assertEquals($figure, $more->figure($figure->key()), "$name: {$figure->key()}");
            }
            self::assertEquals($plain->findings, $more->findings, $name);
            self::assertEquals($plain->errors, $more->errors, $name);
            self::assertSame($plain->toJson(), Bench::solve($circuit)->toJson(), "$name, afterwards");
        }
    }

    /** Each of the starters compared is worked out on the side: the circuit's own start is what it is without them. */
    public function test_comparing_starters_leaves_the_own_one_alone(): void
    {
        foreach (['direct', 'star_delta', 'soft_starter', 'autotransformer'] as $method) {
            $circuit = Circuits::changed(Circuits::fanWithItsLoad(), ['starter.method' => $method, 'cable.length' => '20 m']);
            $plain = Bench::solve($circuit);
            $compared = Bench::solve($circuit, null, Extra::Methods);
            foreach (['torque_speed', 'course', 'ladder', 'run'] as $curve) {
                self::assertEquals(
                    ($plain->curves[$curve] ?? null)?->toArray(), ($compared->curves[$curve] ?? null)?->toArray(), "$method: $curve",
                );
            }
        }
    }
}
