<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Judge;

use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Stations\Prove\Judge;
use BraveAnvil\Stations\Prove\JudgedQuantity;
use BraveAnvil\Stations\Prove\Judgement;
use BraveAnvil\Stations\Prove\KnownCircuit;
use BraveAnvil\Stations\Prove\Pattern;
use BraveAnvil\Stations\Prove\Reading;

/** The current in each line of the capacitor. */
final class CapacitorJudge implements Judge
{
    /** Tolerance of a capacitor with what a clamp adds. IEC 60831-1 (from memory), common practice. */
    private const LEAST = 0.85;

    private const MOST = 1.15;

    /** How near the shares of the three lines come to a pattern. */
    private const NEAR = 0.1;

    /** Below it nothing is joined. */
    private const NOTHING = 0.05;

    /** Shares of the healthy current in three lines, smallest first. */
    private const SHAPES = [
        [Pattern::BlownFuse, [0.0, 0.866, 0.866]], [Pattern::OneElementDead, [0.577, 0.577, 1.0]],
        [Pattern::TwoElementsDead, [0.0, 0.577, 0.577]],
    ];

    public function judge(Reading $reading, KnownCircuit $known): Judgement
    {
        $onePhase = $known->circuit->phases() === 1;
        $names = $onePhase ? ['amps_1'] : ['amps_1', 'amps_2', 'amps_3'];
        $amps = $reading->all(...$names);
        $volts = $known->volts($reading->number('volts'));
        if ($amps === null || $volts === null || $known->correction === null) {
            return Judgement::waiting(
                ...$reading->missing(...$names), ...$known->correction === null ? ['correction.place'] : [],
                ...$volts === null ? ['volts'] : [],
            );
        }
        $unit = $known->correction->unit;
        $expected = $unit->givenAt($volts->number()) / (($onePhase ? 1.0 : sqrt(3)) * $volts->number());
        $judgement = new Judgement;
        foreach ($names as $i => $name) {
            $judgement->hold(new JudgedQuantity(
                $name, $amps[$i], $expected, self::LEAST * $expected, self::MOST * $expected, ['V' => $volts, 'Q' => $unit->rating],
                '{Q} at {V}: '.Show::number($expected, 4).' A, −10 … +15 %', Standard::Iec60831_1->at()->adding(', common practice'),
            ));
        }
        if ($judgement->verdict->value === 'agrees') {
            return $judgement;
        }
        $pattern = self::pattern(array_map(static fn (float $a): float => $a / $expected, $amps));
        if ($pattern !== null) {
            $judgement->shape($pattern);
            $low = $pattern === Pattern::OneElementDead ? self::lowLines($amps) : '';
            $judgement->say(ucfirst($pattern->words()).($low === '' ? '' : ', the one between '.$low).'.');
        }

        return $judgement->advise(
            'Switch off, wait, prove dead and short-circuit it. Then check fuses, conductors and each element.', 'a blown fuse',
            'a failed element',
            'a rating other than on its nameplate',
        );
    }

    /** @param  non-empty-list<float>  $shares  of the expected current, by line */
    private static function pattern(array $shares): ?Pattern
    {
        if (max($shares) < self::NOTHING) {
            return Pattern::NotConnected;
        }
        sort($shares);
        foreach (count($shares) === 3 ? self::SHAPES : [] as [$pattern, $shape]) {
            $off = array_map(static fn (float $share, float $at): float => abs($share - $at), $shares, $shape);
            if (max($off) <= self::NEAR) {
                return $pattern;
            }
        }

        return max($shares) - $shares[0] <= self::NEAR * max($shares) ? Pattern::WrongSize : null;
    }

    /** @param  list<float>  $amps */
    private static function lowLines(array $amps): string
    {
        arsort($amps);
        $lines = array_map(static fn (int $i): string => 'L'.($i + 1), array_slice(array_keys($amps), 1));
        sort($lines);

        return implode(' and ', $lines);
    }
}
