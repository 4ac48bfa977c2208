<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Extra;
use BraveAnvil\Stations\Prove\ReadingKind;
use PHPUnit\Framework\Attributes\DataProvider;

/** Ohms at the motor terminals of a star-delta starter: links right, leads exchanged, a contactor that stays, a winding open or shorted. */
final class PanelOhmsTest extends CoreTestCase
{
    /**
     * @param  array<string, string>  $values
     * @return array<string, mixed>
     */
    private static function judged(array $values): array
    {
        $solution = Circuits::solve(Circuits::kilnFan(), [
            'starter.method' => 'star_delta',
            'readings' => [['kind' => ReadingKind::PanelOhms->value, 'at' => '2026-04-20T09:00:00Z', 'values' => $values]],
        ]);
        self::assertSame([], Circuits::errors($solution));

        return $solution->comparisons[0]->toArray();
    }

    /**
     * Every case worked out by hand for windings of 1.2 Ω: in delta two terminals see 1.2 beside 2.4 Ω, which is 0.8 Ω; in star two
     * windings
     * in series, 2.4 Ω.
     *
     * @return iterable<string, array{array<string, string>, string, string|null, string}>
     */
    public static function panels(): iterable
    {
        $windings = ['ohms_u1_u2' => '1.2', 'ohms_v1_v2' => '1.2', 'ohms_w1_w2' => '1.2'];
        yield 'dead, all right' => [['contactors' => 'none', ...$windings, 'ohms_u1_v1' => 'OL'], 'agrees', null, 'As it should be.'];
        yield 'star, all right' => [
            ['contactors' => 'star', 'ohms_u1_v1' => '2.4', 'ohms_v1_w1' => '2.41', 'ohms_u1_w1' => '2.38', 'ohms_u2_v2' => '0.02'],
            'agrees', null, 'As it should be.',
        ];
        yield 'delta, all right' => [
            ['contactors' => 'delta', 'ohms_u1_v1' => '0.8', 'ohms_v1_w1' => '0.8', 'ohms_u1_w1' => '0.8', 'ohms_u1_v2' => '0.01',
                'ohms_v1_w2' => '0.01', 'ohms_w1_u2' => '0.01'],
            'agrees', null, 'As it should be.',
        ];
        // U1 to U2 is open, and U1 reaches its winding by V2: the leads U2 and V2 lie at each other's terminal.
        yield 'two ends exchanged' => [
            ['contactors' => 'none', 'ohms_u1_u2' => 'OL', 'ohms_v1_v2' => 'OL', 'ohms_w1_w2' => '1.2', 'ohms_u1_v2' => '1.2',
                'ohms_v1_u2' => '1.2'],
            'differs', 'stop', 'The leads U2 and V2 are exchanged.',
        ];
        // Two starts in place of two ends would read the same between these pairs; which it is, the pair of starts cannot tell either.
        yield 'star contactor stuck' => [
            ['contactors' => 'none', ...$windings, 'ohms_u1_v1' => '2.4', 'ohms_u2_v2' => '0.02', 'ohms_v2_w2' => '0.02'],
            'differs', 'stop', 'The star contactor is closed',
        ];
        yield 'delta contactor stuck' => [
            ['contactors' => 'none', 'ohms_u1_u2' => '0.8', 'ohms_v1_v2' => '0.8', 'ohms_w1_w2' => '0.8', 'ohms_u1_v2' => '0.01'],
            'differs', 'stop', 'The delta contactor is closed',
        ];
        // The other delta turns the same way, with a harder changeover: a caution, it runs.
        yield 'delta the harsh way' => [
            ['contactors' => 'delta', 'ohms_u1_v1' => '0.8', 'ohms_v1_w1' => '0.8', 'ohms_u1_w1' => '0.8', 'ohms_u1_w2' => '0.01',
                'ohms_v1_u2' => '0.01', 'ohms_w1_v2' => '0.01'],
            'differs', 'caution', 'it runs, but',
        ];
        yield 'star contactor does not close' => [
            ['contactors' => 'star', 'ohms_u1_v1' => 'OL', 'ohms_v1_w1' => 'OL', 'ohms_u1_w1' => 'OL', 'ohms_u1_u2' => '1.2'],
            'differs', 'stop', 'The contactor is not closed.',
        ];
        // Without its pole V2 hangs free: U and W still meet.
        yield 'one pole of the star contactor' => [
            ['contactors' => 'star', 'ohms_u1_v1' => 'OL', 'ohms_v1_w1' => 'OL', 'ohms_u1_w1' => '2.4', 'ohms_v1_v2' => '1.2',
                'ohms_u2_w2' => '0.02'],
            'differs', 'stop', 'The pole of V2 does not close.',
        ];
        yield 'an open winding' => [
            ['contactors' => 'none', 'ohms_u1_u2' => '1.2', 'ohms_v1_v2' => 'OL', 'ohms_w1_w2' => '1.2', 'ohms_v1_u2' => 'OL',
                'ohms_u1_v2' => 'OL'],
            'differs', 'stop', 'Winding V, or one of its leads, is open.',
        ];
        yield 'a winding with shorted turns' => [
            ['contactors' => 'none', 'ohms_u1_u2' => '1.2', 'ohms_v1_v2' => '0.78', 'ohms_w1_w2' => '1.2'],
            'differs', 'stop', 'Winding V is low: shorted turns.',
        ];
        // Each winding across itself, U1–U2, V1–V2, W1–W2: a delta contactor wired so joins both ends of every winding.
        yield 'delta that shorts its windings' => [
            ['contactors' => 'delta', 'ohms_u1_v1' => 'OL', 'ohms_v1_w1' => 'OL', 'ohms_u1_w1' => 'OL', 'ohms_u1_u2' => '0.02'],
            'differs', 'stop', 'Delta joins',
        ];
        yield 'nonsense' => [
            ['contactors' => 'none', 'ohms_u1_u2' => '1.2', 'ohms_v1_v2' => '7', 'ohms_w1_w2' => '0.1', 'ohms_u1_v1' => '3'],
            'differs', 'stop', 'No single fault reads so.',
        ];
    }

    /** @param  array<string, string>  $values */
    #[DataProvider('panels')]
    public function test_ohms_at_the_panel_name_the_fault(array $values, string $verdict, ?string $grade, string $says): void
    {
        $said = self::judged($values);
        self::assertSame($verdict, $said['verdict'], json_encode($said, JSON_THROW_ON_ERROR));
        self::assertSame($grade, $said['grade']);
        self::assertStringContainsString($says, json_encode($said, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
    }

    /** Two pairs are too few to say anything, and without the contactor nobody knows what they should read. */
    public function test_too_little_is_waited_for(): void
    {
        self::assertSame('cannot_be_compared', self::judged(['contactors' => 'none', 'ohms_u1_u2' => '1.2',
            'ohms_v1_v2' => '1.2'])['verdict']);
        self::assertSame('cannot_be_compared', self::judged(['ohms_u1_u2' => '1.2', 'ohms_v1_v2' => '1.2',
            'ohms_w1_w2' => '1.2'])['verdict']);
    }

    /** Three equal windings leave open what a fourth pair tells: the pair is named. */
    public function test_the_pair_that_tells_more_is_named(): void
    {
        $said = json_encode(
            self::judged(['contactors' => 'none', 'ohms_u1_u2' => '1.2', 'ohms_v1_v2' => '1.2', 'ohms_w1_w2' => '1.2']),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
        );
        self::assertStringContainsString('As it should be.', $said);
        self::assertMatchesRegularExpression('/Read [UVW][12]–[UVW][12] as well/u', $said);
    }

    /** What the page draws under Wiring: apart a winding or nothing; in star 2 R between starts; in delta ⅔ R, and nothing where joined. */
    public function test_the_table_shows_what_each_pair_reads(): void
    {
        $solution = Bench::solve([...Circuits::kilnFan(), 'starter' => ['method' => 'star_delta']], null, Extra::Wiring);
        $reads = [];
        $rows = Circuits::curve($solution, 'wiring')['ohms'];
        self::assertIsArray($rows);
        foreach ($rows as $row) {
            self::assertIsArray($row);
            self::assertIsArray($row['pairs']);
            foreach ($row['pairs'] as $pair) {
                self::assertIsString($pair);
                $reads[$pair] = [$row['none'], $row['star'], $row['delta']];
            }
        }
        self::assertCount(15, $reads);
        self::assertSame(['R', 'R', '⅔ R'], $reads['U1–U2']);
        self::assertSame(['OL', '2 R', '⅔ R'], $reads['U1–V1']);
        self::assertSame(['OL', 'near 0', '⅔ R'], $reads['U2–V2']);
        self::assertSame(['OL', 'R', 'near 0'], $reads['V1–W2']);
    }
}
