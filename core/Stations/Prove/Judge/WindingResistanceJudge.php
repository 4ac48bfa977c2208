<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Judge;

use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Prove\Choice\ReadJoin;
use BraveAnvil\Stations\Prove\Judge;
use BraveAnvil\Stations\Prove\JudgedQuantity;
use BraveAnvil\Stations\Prove\Judgement;
use BraveAnvil\Stations\Prove\KnownCircuit;
use BraveAnvil\Stations\Prove\Pattern;
use BraveAnvil\Stations\Prove\Reading;
use BraveAnvil\Stations\Prove\ReadingKind;
use BraveAnvil\Stations\Prove\Spread;

/** Three resistances between terminals, or of three windings with their links out. */
final class WindingResistanceJudge implements Judge
{
    /** Unbalance in percent that a healthy motor keeps, and from which on it weighs more. Common practice. */
    private const AGREES = 2.0;

    private const GRAVE = 5.0;

    /** Percent by which a winding may change from its first reading. Common practice. */
    private const CHANGE = 5.0;

    /** Share by which windings of one motor differ without being a pattern. */
    private const FREE = 0.03;

    /** Share by which the pair across an open winding may miss twice the others. */
    private const OPEN_BAND = 0.1;

    private const OHMS = ['ohms_uv', 'ohms_vw', 'ohms_wu'];

    private const WINDING_OHMS = ['ohms_u', 'ohms_v', 'ohms_w'];

    public function judge(Reading $reading, KnownCircuit $known): Judgement
    {
        if ($known->motor->onePhase) {
            return MainAndStartWinding::judge($reading);
        }
        $join = $reading->chosen('joined', ReadJoin::class);
        $names = $join === ReadJoin::Open ? self::WINDING_OHMS : self::OHMS;
        $wanted = [...$join === null ? ['joined'] : [], ...$reading->missing(...$names)];
        if ($join === null || $wanted !== []) {
            return Judgement::waiting(...$wanted);
        }
        $ohms = $reading->all(...$names);

        return $ohms === null ? $this->open($join, $reading, $names) : $this->closed($join, $ohms, $reading, $known);
    }

    /** @param  list<string>  $names */
    private function open(ReadJoin $join, Reading $reading, array $names): Judgement
    {
        $open = array_values(array_filter($names, $reading->isOpen(...)));
        $judgement = (new Judgement)->differ(Grade::Stop);
        $marks = array_map(static fn (string $name): string => strtoupper(substr($name, 5)), $open);
        // In star a broken winding opens both pairs that it belongs to; with links out, itself alone.
        if ((count($open) === 2 && $join === ReadJoin::Star) || (count($open) === 1 && $join === ReadJoin::Open)) {
            $of = $join === ReadJoin::Open ? $marks[0] : self::shared($marks[0], $marks[1]);

            return $judgement->shape(Pattern::OpenWinding)->say('No continuity through winding '.$of.'.')
                ->advise(
                    'Check its lead and link in the terminal box, then the winding itself.', 'a lead or link not connected',
                    'an open winding',
                );
        }

        return $judgement->say('No continuity between '.implode(', ', $marks).'.')
            ->advise(
                'Connect the windings as they should be and read again.', 'links removed', 'a test lead not connected', 'open windings',
            );
    }

    /** The letter that two pairs share. */
    private static function shared(string $one, string $other): string
    {
        return str_contains($other, $one[0]) ? $one[0] : $one[1];
    }

    /** @param  list<float>  $ohms */
    private function closed(ReadJoin $join, array $ohms, Reading $reading, KnownCircuit $known): Judgement
    {
        $mean = array_sum($ohms) / 3;
        $unbalance = Spread::percent($ohms);
        $judgement = (new Judgement)->tell(new JudgedQuantity('mean', $mean))->hold(
            new JudgedQuantity(
                'unbalance', $unbalance, high: self::AGREES,
                how: 'largest |x − mean| / mean, '.Show::number(self::AGREES).' % or less',
            ),
            $unbalance > self::GRAVE ? Grade::Caution : Grade::Note,
        );
        $this->reference($join, $mean, $reading, $known, $judgement);
        $openPair = $join === ReadJoin::Delta ? self::openPair($ohms) : null;
        $marks = $join === ReadJoin::Delta ? ['UV', 'VW', 'WU'] : ['U', 'V', 'W'];
        if ($openPair !== null) {
            $judgement->differ(Grade::Stop)->shape(Pattern::OpenWinding)
                ->say('The pair '.$marks[$openPair].' reads twice the others: the winding between these terminals is open.');
        } else {
            $windings = self::windings($join, $ohms);
            foreach ($windings as $i => $winding) {
                $judgement->tell(new JudgedQuantity('winding_'.($i + 1), $winding, how: $marks[$i]));
            }
            self::odd($join, $windings, $marks, $judgement);
        }

        return match ($judgement->pattern) {
            Pattern::LowWinding => $judgement->advise(
                'Measure again connection by connection, then compare insulation and no-load currents.', 'shorted turns in that winding',
                ...$join === ReadJoin::Delta ? ['a bad connection in the opposite lead, if the mean has risen'] : [],
            ),
            Pattern::HighWinding => $judgement->advise(
                'Open, clean and tighten the connections of that lead and read again.', 'a loose or burnt connection in that lead',
                'broken strands', 'another wire size after a rewind',
            ),
            Pattern::OpenWinding => $judgement->advise(
                'Check its leads and links in the terminal box, then the winding itself.', 'a lead or link not connected',
                'an open winding',
            ),
            Pattern::LostPhase, Pattern::BlownFuse, Pattern::OneElementDead, Pattern::TwoElementsDead, Pattern::WrongSize,
            Pattern::NotConnected, null => $judgement->advise(
                'Read again with the leads of the meter swapped.', 'contact resistance of the test leads',
                'windings at different temperatures',
            ),
        };
    }

    private function reference(ReadJoin $join, float $mean, Reading $reading, KnownCircuit $known, Judgement $judgement): void
    {
        $temperature = $reading->number('temperature');
        if ($temperature === null) {
            $judgement->say('Without the winding temperature it cannot be compared with other readings.');

            return;
        }
        $here = self::atReference($mean, $reading, $known);
        if ($here === null) {
            return;
        }
        $judgement->tell(new JudgedQuantity(
            'at_reference', $here, from: ['θ' => $temperature],
            how: 'R (k + '.Show::number($known->referenceTemperature()).') / (k + {θ}), k '.
                Show::number($known->resistanceConstant($reading->chosen('metal', Metal::class))),
            source: $known->standard->source(),
        ));
        $first = self::earliest($join, $reading, $known);
        if ($first !== null) {
            $change = 100 * ($here / $first - 1);
            $judgement->hold(
                new JudgedQuantity(
                    'change', $change, 0.0, -self::CHANGE, self::CHANGE,
                    how: 'from '.Show::quantity($first, Unit::Ohm).' at the first reading connected the same way',
                ),
                Grade::Note,
            );
        }
    }

    private static function atReference(float $mean, Reading $reading, KnownCircuit $known): ?float
    {
        $temperature = $reading->number('temperature');
        $constant = $known->resistanceConstant($reading->chosen('metal', Metal::class));

        return $temperature === null || $constant + $temperature->number() <= 0
            ? null : $mean * ($constant + $known->referenceTemperature()) / ($constant + $temperature->number());
    }

    /** Mean at the reference temperature of the first reading of windings joined alike, Ω; null where this is the first. */
    private static function earliest(ReadJoin $join, Reading $reading, KnownCircuit $known): ?float
    {
        $first = null;
        foreach ($known->readings->byTime as $other) {
            if ($other->kind === ReadingKind::WindingResistance && $other->simulated === $reading->simulated
                && $other->chosen('joined', ReadJoin::class) === $join) {
                $first = $other;
                break;
            }
        }
        if ($first === null || $first->at >= ($reading->at ?? 0)) {
            return null;
        }
        $ohms = $first->all(...$join === ReadJoin::Open ? self::WINDING_OHMS : self::OHMS);

        return $ohms === null ? null : self::atReference(array_sum($ohms) / 3, $first, $known);
    }

    /**
     * The pair across an open winding of a delta: it reads the two others behind one another, each other pair one alone.
     *
     * @param  list<float>  $ohms
     */
    private static function openPair(array $ohms): ?int
    {
        foreach ($ohms as $i => $pair) {
            $others = (array_sum($ohms) - $pair) / 2;
            if (abs($pair / $others - 2) <= 2 * self::OPEN_BAND) {
                return $i;
            }
        }

        return null;
    }

    /**
     * The windings behind three terminal readings.
     *
     * @param  list<float>  $ohms  UV, VW, WU, or the windings themselves
     * @return list<float> U, V, W or UV, VW, WU, Ω; empty where no three windings give such readings
     */
    private static function windings(ReadJoin $join, array $ohms): array
    {
        [$uv, $vw, $wu] = $ohms;
        if ($join === ReadJoin::Open) {
            return $ohms;
        }
        if ($join === ReadJoin::Star) {
            $windings = [($uv + $wu - $vw) / 2, ($uv + $vw - $wu) / 2, ($vw + $wu - $uv) / 2];
        } else {
            $p = ($uv + $vw + $wu) / 2;
            if (min($p - $uv, $p - $vw, $p - $wu) <= 1e-9 * $p) {
                return [];
            }
            $windings = [$vw * $wu / ($p - $uv) + $uv - $p, $wu * $uv / ($p - $vw) + $vw - $p, $uv * $vw / ($p - $wu) + $wu - $p];
        }

        return min($windings) > 0 ? $windings : [];
    }

    /**
     * @param  list<float>  $windings
     * @param  list<string>  $marks
     */
    private static function odd(ReadJoin $join, array $windings, array $marks, Judgement $judgement): void
    {
        if ($windings === []) {
            $judgement->differ(Grade::Caution)->say('No three windings give these readings.');

            return;
        }
        $sorted = $windings;
        sort($sorted);
        $odd = 0;
        foreach ($windings as $i => $winding) {
            $odd = abs($winding / $sorted[1] - 1) > abs($windings[$odd] / $sorted[1] - 1) ? $i : $odd;
        }
        $off = $windings[$odd] / $sorted[1] - 1;
        if (abs($off) <= self::FREE) {
            return;
        }
        $judgement->shape($off < 0 ? Pattern::LowWinding : Pattern::HighWinding)->say(
            'Winding '.$marks[$odd].' reads '.Show::number(100 * abs($off), 2).' % '.($off < 0 ? 'less' : 'more').' than the others'.
            ($off < 0 ? ', as if that share of its turns were shorted' : '').'.',
        );
        if ($judgement->verdict->value === 'agrees') {
            $judgement->mark(Grade::Note);
        }
    }
}
