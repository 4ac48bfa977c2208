<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Extra;
use BraveAnvil\Books\Iec\IecRuleBook;
use BraveAnvil\Books\Nec\NecRuleBook;
use BraveAnvil\Stations\Start\Wiring\CrossedLeads;
use BraveAnvil\Stations\Start\Wiring\CrossedOutcome;
use BraveAnvil\Stations\Start\Wiring\TerminalBox;
use BraveAnvil\Stations\Start\Wiring\UnmarkedLeads;
use BraveAnvil\Tables\Tables;
use PHPUnit\Framework\Attributes\DataProvider;

/** How a motor is joined to its lines, what wrong joints do, and how unmarked leads get their names. */
final class WiringTest extends CoreTestCase
{
    private const STARTS = ['U1', 'V1', 'W1'];

    private const ENDS = ['U2', 'V2', 'W2'];

    /** @return array<string, TerminalBox> by key */
    private static function boxes(bool $american): array
    {
        $book = $american ? new NecRuleBook(Tables::shipped()) : new IecRuleBook(Tables::shipped());
        $boxes = [];
        foreach (TerminalBox::all($book->terminals()) as $box) {
            $boxes[$box->key] = $box;
        }

        return $boxes;
    }

    /** @return list<string> each joint as its terminals, with the line that comes to it */
    private static function joints(TerminalBox $box): array
    {
        $joints = [];
        foreach ($box->joins as $join) {
            $joints[] = implode('-', $join->terminals).($join->line === null ? '' : ' L'.($join->line + 1));
        }

        return $joints;
    }

    /** Links of six leads. IEC 60034-8 (from memory). */
    public function test_six_leads_by_the_international_marks(): void
    {
        $boxes = self::boxes(false);
        self::assertSame(['U1-W2 L1', 'V1-U2 L2', 'W1-V2 L3'], self::joints($boxes['delta_6']));
        self::assertSame(['U2-V2-W2', 'U1 L1', 'V1 L2', 'W1 L3'], self::joints($boxes['star_6']));
    }

    /** Nine and twelve leads. NEMA MG 1 (from memory). */
    public function test_nine_and_twelve_leads_by_number(): void
    {
        $boxes = self::boxes(true);
        self::assertSame(['T4-T7', 'T5-T8', 'T6-T9', 'T1 L1', 'T2 L2', 'T3 L3'], self::joints($boxes['star_9_high']));
        self::assertSame(['T4-T5-T6', 'T1-T7 L1', 'T2-T8 L2', 'T3-T9 L3'], self::joints($boxes['star_9_low']));
        self::assertSame(['T1-T6-T7 L1', 'T2-T4-T8 L2', 'T3-T5-T9 L3'], self::joints($boxes['delta_9_low']));
        self::assertSame(['T1-T6-T7-T12 L1', 'T2-T4-T8-T10 L2', 'T3-T5-T9-T11 L3'], self::joints($boxes['delta_12_low']));
        self::assertSame(
            ['T4-T7', 'T5-T8', 'T6-T9', 'T10-T11-T12', 'T1 L1', 'T2 L2', 'T3 L3'], self::joints($boxes['star_12_high']),
        );
    }

    /** Every terminal is in one joint at most, and each line comes in once. */
    public function test_no_terminal_is_joined_twice(): void
    {
        foreach ([false, true] as $american) {
            foreach (self::boxes($american) as $key => $box) {
                $used = array_merge(...array_map(static fn ($join): array => $join->terminals, $box->joins));
                self::assertSame(count($used), count(array_unique($used)), $key);
                self::assertSame($box->leads, count(array_merge(...$box->rows)), $key);
                $lines = array_values(array_filter(array_map(static fn ($join): ?int => $join->line, $box->joins), is_int(...)));
                sort($lines);
                self::assertSame([0, 1, 2], $lines, $key);
            }
        }
        self::assertSame('U6', (new IecRuleBook(Tables::shipped()))->terminals()->terminal(10));
    }

    /**
     * Solved as a circuit of six equal halves: in star a half has its part of the phase voltage, in delta of the line voltage, and the three
     * lines carry the same. Kirchhoff's laws; which ends meet inside nine leads: NEMA MG 1 (from memory).
     */
    public function test_every_half_of_a_winding_gets_its_voltage(): void
    {
        foreach (self::boxes(true) as $key => $box) {
            $twelve = $box->leads > 6;
            // Both ends of each winding, or of each of its halves.
            $halves = $twelve ? [[1, 4], [2, 5], [3, 6], [7, 10], [8, 11], [9, 12]] : [[1, 4], [2, 5], [3, 6]];
            $joints = array_map(static fn ($join): array => [
                array_map(static fn (string $mark): int => (int) substr($mark, 1), $join->terminals), $join->line,
            ], $box->joins);
            if ($box->leads === 9) {
                $inside = $box->joined === 'star' ? [[10, 11, 12]] : [[12, 1], [10, 2], [11, 3]];
                $joints = [...$joints, ...array_map(static fn (array $ends): array => [$ends, null], $inside)];
            }
            $expected = ($box->joined === 'star' ? 1 / sqrt(3) : 1.0) / ($box->halves === 'series' ? 2 : 1);
            foreach (self::volts($halves, $joints) as $volts) {
                self::assertEqualsWithDelta($expected, $volts, 1e-9, $key);
            }
            self::assertSame($box->leads, count(array_unique(array_merge(...$box->rows))), $key);
        }
    }

    /**
     * Over each of equal windings, share of the line voltage: nodes are joined by links and settled by balance of their currents.
     *
     * @param  list<array{int, int}>  $windings  terminals of both ends
     * @param  list<array{list<int>, int|null}>  $joints  terminals that are one, and the line to them
     * @return list<float>
     */
    private static function volts(array $windings, array $joints): array
    {
        /** @var array<int, int> $node of each terminal */
        $node = array_combine(range(1, 12), range(1, 12));
        $fixed = [];
        foreach ($joints as [$terminals, $line]) {
            $from = array_map(static fn (int $terminal): int => $node[$terminal], $terminals);
            foreach ($node as $terminal => $at) {
                $node[$terminal] = in_array($at, $from, true) ? $from[0] : $at;
            }
            if ($line !== null) {
                $fixed[$terminals[0]] = [cos(-2 * M_PI * $line / 3) / sqrt(3), sin(-2 * M_PI * $line / 3) / sqrt(3)];
            }
        }
        /** @var array<int, array{float, float}> $at volts of each node */
        $at = array_fill_keys(array_values($node), [0.0, 0.0]);
        $lines = [];
        foreach ($fixed as $terminal => $volts) {
            $lines[$node[$terminal]] = $volts;
        }
        for ($i = 0; $i < 400; $i++) {
            foreach (array_keys($at) as $one) {
                $others = [];
                foreach ($windings as [$a, $b]) {
                    [$a, $b] = [$node[$a], $node[$b]];
                    array_push($others, ...$a === $one ? [$at[$b]] : [], ...$b === $one ? [$at[$a]] : []);
                }
                $at[$one] = $lines[$one] ?? ($others === [] ? [0.0, 0.0]
                    : [array_sum(array_column($others, 0)) / count($others), array_sum(array_column($others, 1)) / count($others)]);
            }
        }

        return array_map(static fn (array $ends): float => hypot(
            $at[$node[$ends[0]]][0] - $at[$node[$ends[1]]][0], $at[$node[$ends[0]]][1] - $at[$node[$ends[1]]][1],
        ), $windings);
    }

    /**
     * Lines at the far ends as delta closes, and what the motor does; simulated as a two-axis machine (calculated here).
     *
     * @return iterable<string, array{array{int, int, int}, CrossedOutcome, list<bool>}>
     */
    public static function crossed(): iterable
    {
        yield '3 1 2 follows on' => [[2, 0, 1], CrossedOutcome::Runs, [true, true, true]];
        yield '2 3 1 bites' => [[1, 2, 0], CrossedOutcome::RunsHarshly, [true, true, true]];
        yield '1 2 3 has no voltage' => [[0, 1, 2], CrossedOutcome::Coasts, [false, false, false]];
        yield '1 3 2 loses one winding' => [[0, 2, 1], CrossedOutcome::Growls, [false, true, true]];
        yield '2 1 3 loses another' => [[1, 0, 2], CrossedOutcome::Growls, [true, true, false]];
        yield '3 2 1 loses the middle one' => [[2, 1, 0], CrossedOutcome::Growls, [true, false, true]];
    }

    /**
     * @param  array{int, int, int}  $lines
     * @param  list<bool>  $live
     */
    #[DataProvider('crossed')]
    public function test_crossed_leads(array $lines, CrossedOutcome $does, array $live): void
    {
        $found = array_values(array_filter(CrossedLeads::all(), static fn (CrossedLeads $one): bool => $one->lines === $lines));
        self::assertCount(1, $found);
        self::assertSame($does, $found[0]->does());
        self::assertSame($live, $found[0]->live);
        foreach (CrossedOutcome::cases() as $outcome) {
            self::assertNotSame($outcome->says(), $outcome->shownBy());
        }
    }

    public function test_six_unmarked_leads_get_their_names(): void
    {
        // Lead 1 is U1; 4 V1 and 2 V2; 6 W1 and 3 W2. Plus to plus of two starts the needle kicks back.
        $named = UnmarkedLeads::named([[1, 5], [2, 4], [3, 6]], true, true, self::STARTS, self::ENDS);
        self::assertNull($named->refusal);
        self::assertSame([1 => 'U1', 2 => 'V2', 3 => 'W2', 4 => 'V1', 5 => 'U2', 6 => 'W1'], $named->labels);
        $back = UnmarkedLeads::named([[1, 5], [2, 4], [3, 6]], false, null, self::STARTS, self::ENDS);
        self::assertSame([1 => 'U1', 2 => 'V1', 4 => 'V2', 5 => 'U2'], $back->labels, 'what is not tried yet stays without a name');
    }

    public function test_pairs_that_cannot_be_are_refused(): void
    {
        foreach ([[], [[1, 2], [3, 4]], [[1, 2], [2, 3], [4, 5]]] as $pairs) {
            self::assertNotNull(UnmarkedLeads::named($pairs, null, null, self::STARTS, self::ENDS)->refusal);
        }
    }

    /**
     * @param  array<string, mixed>  $circuit
     * @param  array<string, mixed>  $changes
     * @return array<string, mixed>
     */
    private static function wiring(array $circuit, array $changes = []): array
    {
        return Circuits::curve(Bench::solve(Circuits::changed($circuit, $changes), null, Extra::Wiring), 'wiring');
    }

    public function test_the_drawing_speaks_as_the_site_does(): void
    {
        $iec = self::wiring(Circuits::fanWithItsLoad(), [
            'starter.method' => 'star_delta', 'cable.length' => '10 m', 'load.torque_percent' => 60,
        ]);
        self::assertSame('international', $iec['symbols']);
        self::assertSame(['L1', 'L2', 'L3'], array_column($iec['phases'], 'name'));
        self::assertSame(['brown', 'black', 'grey'], array_column($iec['phases'], 'colour'));
        self::assertSame(['delta_6'], array_column(array_filter($iec['boxes'], static fn (array $box): bool => $box['now']), 'key'));
        self::assertSame(['Main contactor', 'Star contactor', 'Delta contactor'], array_column($iec['sequence'], 'name'));
        $open = $iec['sequence'][2]['from'] - $iec['sequence'][1]['to'];
        self::assertEqualsWithDelta(0.05, $open, 1e-3, 'star is open before delta closes');
        $old = self::wiring(Circuits::fanWithItsLoad(), ['settings.phase_names' => 'r_y_b']);
        self::assertSame(['R', 'Y', 'B'], array_column($old['phases'], 'name'));
        self::assertSame(['red', 'yellow', 'blue'], array_column($old['phases'], 'colour'));
        self::assertSame(['Line contactor'], array_column($old['sequence'], 'name'));
        $nec = self::wiring(Circuits::fiftyHorsepower());
        self::assertSame('american', $nec['symbols']);
        self::assertSame(['brown', 'orange', 'yellow'], array_column($nec['phases'], 'colour'));
        self::assertSame(['T1', 'T2', 'T3'], $nec['starts']);
        $shop = self::wiring(Circuits::fiftyHorsepower(), ['supply.voltage' => '208Y/120', 'plate.voltage' => '200']);
        self::assertSame(['black', 'red', 'blue'], array_column($shop['phases'], 'colour'));
        self::assertArrayNotHasKey('wiring', Circuits::solve(Circuits::kilnFan())->curves, 'only when it is asked for');
    }

    /** 400/690 V on 400 V: delta is right; star starves it. 230/400 V on 400 V: delta burns it. */
    public function test_links_as_they_are_found_are_judged(): void
    {
        $delta = array_column(self::wiring(Circuits::fanWithItsLoad())['found'], null, 'found');
        self::assertTrue($delta['delta']['right']);
        self::assertFalse($delta['star']['right']);
        self::assertSame("231\u{00A0}V", $delta['star']['winding']);
        $star = array_column(self::wiring(Circuits::conveyor())['found'], null, 'found');
        self::assertTrue($star['star']['right']);
        self::assertStringContainsString('burns', $star['delta']['says']);
        self::assertFalse($star['none']['right']);
    }
}
