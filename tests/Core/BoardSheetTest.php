<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Books\RuleBooks;
use BraveAnvil\Records\Board\BoardForm;
use BraveAnvil\Records\Board\BoardReadiness;
use BraveAnvil\Records\Board\BoardShare;
use BraveAnvil\Records\Board\FeederRung;
use BraveAnvil\Records\Board\FeederStation;
use BraveAnvil\Records\Board\StartPair;
use BraveAnvil\Records\Sheet\BoardChanges;
use BraveAnvil\Records\Sheet\Change;
use BraveAnvil\Stations\Cable\Rejection;
use BraveAnvil\Tables\Tables;

/** What a reviewer asks of a board: why this size, who takes most, who may start with whom, what changed, what stands against it. */
final class BoardSheetTest extends CoreTestCase
{
    /**
     * @param  array<string, mixed>  $changes
     * @return array<string, mixed>
     */
    private static function board(string $name, array $changes = []): array
    {
        return Circuits::changed(BoardTest::examples()[$name][0]['document'], $changes);
    }

    private static function form(string $book = 'iec'): BoardForm
    {
        $known = (new RuleBooks(Tables::shipped()))->named($book);
        self::assertNotNull($known);

        return new BoardForm($known);
    }

    /** F-IEC by hand: 95 mm² carries 238 A of 275.86 A, 120 mm² carries it; NEC: 300 kcmil 285 A of 292.08 A. */
    public function test_the_ladder_says_why_smaller_sizes_fall(): void
    {
        foreach (['F-IEC' => ['95 mm²', '120 mm²', 238.0], 'F-NEC' => ['300 kcmil', '350 kcmil', 285.0]] as $name => [$below, $chosen,
            $amperes]) {
            $ladder = FeederStation::solve(self::board($name))->ladder;
            $by = array_combine(array_map(
                static fn (FeederRung $rung): string => str_replace("\u{a0}", ' ', $rung->size), $ladder), $ladder);
            self::assertEqualsWithDelta($amperes, $by[$below]->ampacity, 0.5);
            self::assertNotSame([], array_intersect(array_column($by[$below]->fails, 'name'), ['Ampacity', 'Terminals']));
            self::assertSame([], $by[$chosen]->fails);
            self::assertSame([$chosen], array_keys(array_filter($by, static fn (FeederRung $rung): bool => $rung->isChosen)));
            // A thicker conductor drops less.
            $drops = array_map(static fn (FeederRung $rung): float => (float) $rung->drop, $ladder);
            $sorted = $drops;
            rsort($sorted);
            self::assertSame($sorted, $drops);
        }
        // A long run: sizes that carry it fall by the drop, and without a length no drop is said.
        $long = FeederStation::solve(self::board('F-IEC', ['cable.length' => '240 m']))->ladder;
        self::assertSame([Rejection::RunningDrop], array_values(array_unique(array_merge(...array_map(
            static fn (FeederRung $rung): array => $rung->ampacity < 275.86 ? [] : array_slice($rung->fails, 0, 1), $long,
        )), SORT_REGULAR)));
        self::assertNull(FeederStation::solve(self::board('F-IEC', ['cable.length' => null]))->ladder[0]->drop);
    }

    /** F-NEC: 120 A (125 % of 96) of 292.08 A; 9602 A of 10 716 A come from the supply. */
    public function test_what_takes_most_is_named_with_its_share(): void
    {
        $shares = FeederStation::solve(self::board('F-NEC'))->shares;
        $demand = $shares['feeder.demand'];
        self::assertSame('DB-1', $demand[0]->tag);
        self::assertEqualsWithDelta(120.0, $demand[0]->value, 0.01);
        self::assertEqualsWithDelta(100 * 120 / 292.08, $demand[0]->percent, 0.01);
        $fault = $shares['feeder.fault_current'];
        self::assertSame('supply', $fault[0]->tag);
        self::assertEqualsWithDelta(100 * 9602 / 10716, $fault[0]->percent, 0.02);
        self::assertEqualsWithDelta(584.2, $fault[1]->value, 0.1);
        // All of a few loads are the whole; standby ones take nothing.
        self::assertEqualsWithDelta(100.0, array_sum(array_map(static fn (BoardShare $one): float => $one->percent, $demand)), 1e-6);
        self::assertNotContains('HP-1', array_map(static fn (BoardShare $one): string => $one->tag, $demand));
        // IEC: the group's factor counts, and no motor is taken at 125 %.
        $iec = FeederStation::solve(self::board('F-IEC'))->shares['feeder.demand'];
        self::assertSame('FN-1', $iec[0]->tag);
        self::assertEqualsWithDelta(0.9 * 66, $iec[0]->value, 0.01);
        // Of many the largest are named.
        self::assertCount(2, BoardShare::of(['a' => 1.0, 'b' => 3.0, 'c' => 2.0], 2));
        self::assertSame([], BoardShare::of(['a' => 0.0], 2));
    }

    public function test_who_may_start_with_whom(): void
    {
        $solution = FeederStation::solve(self::board('F-NEC'));
        $pairs = $solution->pairs;
        // DB-1, HP-2 and BL-1 count: three pairs, each two once.
        self::assertSame(['DB-1 HP-2', 'DB-1 BL-1', 'HP-2 BL-1'], array_map(
            static fn (StartPair $pair): string => "$pair->first $pair->second", $pairs));
        self::assertEqualsWithDelta($solution->feeder->figure('feeder.two_start_dip')?->number(), $pairs[0]->dip, 1e-9);
        self::assertEqualsWithDelta(9.991, $pairs[0]->dip, 0.002);
        self::assertSame([true, true, true], array_column($pairs, 'isAllowed'));
        $strict = FeederStation::solve(self::board('F-NEC', ['settings.dip_limit_board' => '9 %']))->pairs;
        self::assertFalse($strict[0]->isAllowed);
        self::assertTrue($strict[2]->isAllowed, '65 A and 34 A together dip less');
        // A supply that is far too small: what collapses is never allowed.
        foreach (FeederStation::solve(self::board('F-NEC', ['supply.transformer_kva' => '45']))->pairs as $pair) {
            self::assertFalse($pair->isAllowed);
        }
    }

    public function test_what_stands_against_a_sheet_for_use(): void
    {
        $readiness = static fn (array $document): BoardReadiness => BoardReadiness::of(FeederStation::solve($document), self::form());
        self::assertSame([], $readiness(self::board('F-IEC'))->hindrances);
        self::assertSame(['Stop: Feeder device does not fit'], $readiness(self::board('F-IEC', ['guard.rating' => '100 A']))->hindrances);
        // A field by what stands beside it, never by its path.
        self::assertSame(['Length: “far” cannot be read.'], $readiness(self::board('F-IEC', ['cable.length' => 'far']))->hindrances);
        // A stop of a circuit on it stands against the board's sheet too.
        $document = self::board('F-IEC');
        self::assertIsArray($document['circuits']);
        $document['circuits'][0]['guard']['breaking_capacity_ka'] = '1 kA';
        $against = $readiness($document)->hindrances;
        self::assertStringContainsString((string) $document['circuits'][0]['tag'], implode(' ', $against));
        // What is assumed is taken on, with the sizes that rest on it.
        $taken = $readiness(self::board('F-IEC', ['supply.x_over_r' => null]))->acknowledgements;
        self::assertSame('assumed: X/R of 6 of the transformer', $taken[0]->key);
        self::assertContains('Short-circuit current at the board', $taken[0]->sizes);
        self::assertNotContains('Size of the feeder conductors', $taken[0]->sizes);
        self::assertNotSame([], $readiness([...self::board('F-IEC'), 'circuits' => []])->hindrances, 'an empty board');
    }

    public function test_what_changed_is_told_in_words(): void
    {
        $changes = static fn (array $before, array $after): array => array_map(
            static fn (Change $change): array => [$change->label, $change->from, $change->to],
            (new BoardChanges(self::form()))->between($before, $after, [], []),
        );
        $before = self::board('F-IEC', ['other_loads.0.kind' => 'lighting']);
        self::assertSame([], $changes($before, $before));
        self::assertSame([['Length', '70', '80 m']], $changes(self::board('F-IEC', ['cable.length' => '70']),
            self::board('F-IEC', ['cable.length' => '80 m'])));
        self::assertSame([['Other loads 1, kind', 'Lighting', 'Heater']], $changes($before, self::board('F-IEC', [
            'other_loads.0.kind' => 'heater'])));
        $less = $before;
        self::assertIsArray($less['circuits']);
        $gone = array_shift($less['circuits']);
        self::assertSame([['Circuit '.$gone['tag'], 'on the board', '']], $changes($before, $less));
        self::assertSame([['Circuit '.$gone['tag'], '', 'on the board']], $changes($less, $before));
        $moved = $before;
        $moved['circuits'][0]['board'] = [...$moved['circuits'][0]['board'] ?? [], 'priority' => '7'];
        $moved['circuits'][0]['plate']['current'] = '42';
        self::assertSame([['Circuit '.$gone['tag'], 'on the board', 'changed: priority, Rated current']], $changes($before, $moved));
    }

    public function test_what_is_entered_is_said_in_words(): void
    {
        $said = self::form()->said(self::board('F-IEC', ['cable.method' => 'E', 'restart.first_delay' => 4,
            'other_loads.0.kind' => 'lighting',
            'other_loads.0.restart' => true]));
        $by = array_combine(array_column($said, 'title'), array_column($said, 'rows'));
        self::assertContains(['label' => 'Delay of the first step', 'value' => '4 s'], $by['Restart after a blackout']);
        self::assertStringContainsString('kind lighting', $by['Other loads'][0]['value']);
        self::assertStringContainsString('back by itself yes', $by['Other loads'][0]['value']);
        self::assertArrayNotHasKey('Control supply', $by);
    }
}
