<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Judge;

use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Prove\Choice\ContactorsIn;
use BraveAnvil\Stations\Prove\Judge;
use BraveAnvil\Stations\Prove\JudgedQuantity;
use BraveAnvil\Stations\Prove\Judgement;
use BraveAnvil\Stations\Prove\KnownCircuit;
use BraveAnvil\Stations\Prove\Reading;

/** Ohms between the motor terminals of a star-delta starter: which one fault, if any, reads so. */
final class PanelOhmsJudge implements Judge
{
    /** Share by which a pair may miss what it should read. */
    private const BAND = 0.1;

    /** Share of one winding below which two terminals are as good as joined. */
    private const JOINED = 0.2;

    private const ENOUGH = 3;

    private const MOST_NAMED = 3;

    public function judge(Reading $reading, KnownCircuit $known): Judgement
    {
        $in = $reading->chosen('contactors', ContactorsIn::class);
        $typed = self::typed($reading);
        if ($in === null || count($typed) < self::ENOUGH) {
            return Judgement::waiting(
                ...$in === null ? ['contactors'] : array_slice($reading->missing(...self::usual($in)), 0, self::ENOUGH),
            );
        }
        $right = PanelState::right($in);
        $fits = static fn (PanelState $state): bool => self::scale($state, $typed) !== null;
        $faults = array_values(array_filter(PanelState::faults($in), $fits));
        $judgement = new Judgement;
        $scale = self::scale($right, $typed);
        if ($scale !== null) {
            return self::agrees($right, $faults, $typed, $scale, $judgement);
        }
        $likely = $faults !== [] ? $faults : array_values(array_filter(PanelState::shorted($in), $fits));
        $says = array_values(array_unique(array_map(static fn (PanelState $state): string => $state->says, $likely)));
        $runs = $likely !== [] && array_filter($likely, static fn (PanelState $state): bool => ! $state->runs) === [];
        $judgement->differ($runs ? Grade::Caution : Grade::Stop);
        $wrong = self::wrong($right, $typed);
        match (count($says)) {
            0 => $judgement->say('No single fault reads so.')->say($wrong),
            1 => $judgement->say($says[0])->say($wrong),
            default => $judgement->say('One of these: '.implode(' ', array_slice($says, 0, self::MOST_NAMED)).
                (count($says) > self::MOST_NAMED ? ' Or '.(count($says) - self::MOST_NAMED).' more.' : ''))
                ->say(self::tellApart($likely, $typed)),
        };

        return $judgement->advise(
            $runs ? 'Exchange the leads of the delta contactor, dead, and read again.'
                : 'Keep it locked off. Trace the leads between starter and motor, and read again.', ...$says === []
                ? ['more than one fault', 'a lead with two numbers', 'a parallel path: capacitor or voltmeter left connected'] : $says,
        );
    }

    /**
     * @param  list<PanelState>  $faults  that would read the same
     * @param  array<string, array{int, int, float}>  $typed
     */
    private static function agrees(PanelState $right, array $faults, array $typed, float $scale, Judgement $judgement): Judgement
    {
        if ($scale > 0) {
            $judgement->tell(new JudgedQuantity('winding', $scale, how: 'mean of the pairs, by how many windings lie between them'));
        }
        $judgement->say('As it should be.');
        if ($faults !== []) {
            $judgement->say('These pairs would read the same with '.(count($faults) === 1 ? 'one other fault: '.$faults[0]->says
                : count($faults).' other faults.'))->say(self::tellApart([$right, ...$faults], $typed));
        }

        return $judgement->say('Start and end of a winding exchanged do not show in ohms: that takes the kick test.');
    }

    /** @return list<string> the pairs that are read first */
    private static function usual(ContactorsIn $in): array
    {
        return $in === ContactorsIn::None ? ['ohms_u1_u2', 'ohms_v1_v2', 'ohms_w1_w2'] : ['ohms_u1_v1', 'ohms_v1_w1', 'ohms_u1_w1'];
    }

    /** @return array<string, array{int, int, float}> the two terminals and Ω of each pair that is read; INF where it shows no continuity */
    private static function typed(Reading $reading): array
    {
        $typed = [];
        foreach (self::pairs() as $name => [$one, $other]) {
            $ohms = $reading->isOpen($name) ? INF : $reading->number($name)?->number();
            if ($ohms !== null) {
                $typed[$name] = [$one, $other, $ohms];
            }
        }

        return $typed;
    }

    /** @return array<string, array{int, int}> the two terminals of every pair, by the name of its field */
    private static function pairs(): array
    {
        $pairs = [];
        foreach (PanelState::MARKS as $one => $mark) {
            foreach (array_slice(PanelState::MARKS, $one + 1, null, true) as $other => $then) {
                $pairs['ohms_'.strtolower($mark).'_'.strtolower($then)] = [$one, $other];
            }
        }

        return $pairs;
    }

    /**
     * Ω of one winding with which a state reads as typed; 0 where no pair tells it, null where it does not read so.
     *
     * @param  array<string, array{int, int, float}>  $typed
     */
    private static function scale(PanelState $state, array $typed): ?float
    {
        $scales = [];
        foreach ($typed as [$one, $other, $ohms]) {
            $windings = $state->reads($one, $other);
            if (is_infinite($windings) !== is_infinite($ohms)) {
                return null;
            }
            if (is_finite($windings) && $windings > 0) {
                $scales[] = $ohms / $windings;
            }
        }
        $scale = $scales === [] ? 0.0 : array_sum($scales) / count($scales);
        foreach ($typed as [$one, $other, $ohms]) {
            $windings = $state->reads($one, $other);
            $misses = match (true) {
                is_infinite($windings) => false,
                $windings > 0 => abs($ohms / $windings / $scale - 1) > self::BAND,
                // Joined terminals against a winding that no other pair shows cannot be told.
                default => $scale > 0 && $ohms > self::JOINED * $scale,
            };
            if ($misses) {
                return null;
            }
        }

        return $scale;
    }

    /** @param  array<string, array{int, int, float}>  $typed */
    private static function wrong(PanelState $right, array $typed): string
    {
        $finite = [];
        foreach ($typed as [$one, $other, $ohms]) {
            $windings = $right->reads($one, $other);
            if (is_finite($ohms) && $windings > 0 && is_finite($windings)) {
                $finite[] = $ohms / $windings;
            }
        }
        sort($finite);
        $winding = $finite[intdiv(count($finite), 2)] ?? null;
        $says = [];
        foreach ($typed as [$one, $other, $ohms]) {
            $should = $right->reads($one, $other);
            $same = is_infinite($should) ? is_infinite($ohms)
                : is_finite($ohms) && ($winding === null || abs($ohms - $should * $winding) <= self::JOINED * max(1.0, $should) * $winding);
            if (! $same) {
                $says[] = PanelState::MARKS[$one].'–'.PanelState::MARKS[$other].' reads '.self::shown($ohms).', should be '.match (true) {
                    is_infinite($should) => 'OL',
                    $should <= 0 => 'near zero',
                    $winding === null => Show::number($should, 2).' times one winding',
                    default => 'about '.self::shown($should * $winding),
                };
            }
        }

        return $says === [] ? '' : implode('; ', array_slice($says, 0, self::ENOUGH)).'.';
    }

    private static function shown(float $ohms): string
    {
        return is_infinite($ohms) ? 'OL' : Show::quantity($ohms, Unit::Ohm, 3);
    }

    /**
     * The pair that is not read yet and tells most of them apart.
     *
     * @param  list<PanelState>  $states
     * @param  array<string, mixed>  $typed
     */
    private static function tellApart(array $states, array $typed): string
    {
        [$best, $kinds] = [null, 1];
        foreach (array_diff_key(self::pairs(), $typed) as [$one, $other]) {
            $reads = array_unique(array_map(
                static fn (PanelState $state): string => Show::number(min(99.0, $state->reads($one, $other)), 2), $states,
            ));
            if (count($reads) > $kinds) {
                [$best, $kinds] = [PanelState::MARKS[$one].'–'.PanelState::MARKS[$other], count($reads)];
            }
        }

        return $best === null ? 'No other pair tells them apart with these contactors in.' : 'Read '.$best.' as well: it tells them apart.';
    }
}
