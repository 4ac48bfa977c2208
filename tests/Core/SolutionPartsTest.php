<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Away\SolutionParts;
use BraveAnvil\Away\Wanted;
use BraveAnvil\Bench\Bench;
use BraveAnvil\Ground\Station;
use PHPUnit\Framework\TestCase;

/** What of a solution travels to a page. That the parts are the solution again is tested where they are put together, with the page. */
final class SolutionPartsTest extends TestCase
{
    public function test_what_is_held_does_not_travel_again(): void
    {
        $fan = Circuits::fanWithItsLoad();
        $all = self::parts($fan, new Wanted());
        self::assertSame([], self::carried(self::parts($fan, new Wanted(held: self::held($all)))));

        // A metre of cable moves the drop, what starts at its end, and the ladder of sizes; no stamp, no stop, no picture of the start.
        $longer = Circuits::changed($fan, ['cable.length' => '61 m']);
        $wanted = new Wanted(Station::Cable, ['run', 'ladder'], self::held($all));
        $carried = self::carried(self::parts($longer, $wanted));
        self::assertContains('workings.cable', $carried);
        self::assertContains('curve.ladder', $carried);
        foreach (['words', 'names', 'meanings', 'figures.plate', 'figures.power', 'fields.plate', 'fields.cable'] as $same) {
            self::assertNotContains($same, $carried);
        }
        self::assertLessThan(strlen(Bench::solve($longer)->toJson()) / 6, strlen(SolutionParts::json(Bench::solve($longer), $wanted)));
    }

    public function test_a_station_gets_its_own_workings_and_the_pictures_that_it_asks_for(): void
    {
        $parts = self::parts(Circuits::fanWithItsLoad(), new Wanted(Station::Guard, ['ratings', 'nothing_of_the_kind']));
        $names = array_keys($parts);
        self::assertSame(['workings.guard', 'curve.ratings'], array_values((array) preg_grep('/^(workings|curve)\./', $names)));
        // The value of every station stands in the line of the circuit.
        self::assertContains('figures.plate', $names);
        self::assertContains('figures.correct', $names);
    }

    public function test_an_assumption_travels_with_the_value_that_rests_on_it(): void
    {
        $parts = self::parts(Circuits::changed(Circuits::fanWithItsLoad(), ['supply.x_over_r' => null]), new Wanted(Station::Plate));
        $values = $parts['figures.guard']['body'] ?? null;
        $assumed = array_filter((array) $values, static fn (mixed $one): bool => is_array($one) && isset($one['assumptions']));
        self::assertNotSame([], $assumed);
        foreach ($assumed as $one) {
            self::assertTrue($one['assumed']);
        }
    }

    public function test_a_circuit_that_cannot_be_read_has_its_errors_as_a_part(): void
    {
        $parts = self::parts(['rule_book' => 'none'], new Wanted(Station::Plate));
        self::assertNotSame([], $parts['errors']['body'] ?? []);
        self::assertSame([], $parts['names']['body'] ?? null);
    }

    public function test_what_cannot_be_read_of_a_wish_is_as_if_it_were_not_said(): void
    {
        $held = ['names' => 'ab', 'read' => 12, 'words' => ['x']];
        $wanted = Wanted::read(['station' => 'cellar', 'curves' => ['run', 7, null], 'held' => $held]);
        self::assertNull($wanted->station);
        self::assertSame(['run'], $wanted->curves);
        self::assertSame(['names' => 'ab'], $wanted->held);
        self::assertEquals(new Wanted(), Wanted::read(['station' => 3, 'curves' => 'run', 'held' => 'all']));
    }

    /**
     * @param  array<string, mixed>  $circuit
     * @return array<string, array{is: string, body?: mixed}>
     */
    private static function parts(array $circuit, Wanted $wanted): array
    {
        /** @var array{parts: array<string, array{is: string, body?: mixed}>} $answer */
        $answer = json_decode(SolutionParts::json(Bench::solve($circuit), $wanted), true, 64, JSON_THROW_ON_ERROR);

        return $answer['parts'];
    }

    /**
     * @param  array<string, array{is: string, body?: mixed}>  $parts
     * @return array<string, string>
     */
    private static function held(array $parts): array
    {
        return array_map(static fn (array $part): string => $part['is'], $parts);
    }

    /**
     * @param  array<string, array{is: string, body?: mixed}>  $parts
     * @return list<string> those that came with their body
     */
    private static function carried(array $parts): array
    {
        return array_keys(array_filter($parts, static fn (array $part): bool => array_key_exists('body', $part)));
    }
}
