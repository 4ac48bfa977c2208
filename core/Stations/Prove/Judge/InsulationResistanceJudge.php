<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Judge;

use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Source;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Prove\Choice\Disconnected;
use BraveAnvil\Stations\Prove\Choice\InsulationSystem;
use BraveAnvil\Stations\Prove\Choice\WindingBuild;
use BraveAnvil\Stations\Prove\Judge;
use BraveAnvil\Stations\Prove\JudgedQuantity;
use BraveAnvil\Stations\Prove\Judgement;
use BraveAnvil\Stations\Prove\KnownCircuit;
use BraveAnvil\Stations\Prove\Reading;

/** What a winding lets through to the frame under test volts, brought to 40 °C. IEEE 43 (from memory). */
final class InsulationResistanceJudge implements Judge
{
    /** Least resistance at 40 °C, Ω: random-wound below 1 kV, form-wound or above. */
    private const LEAST_RANDOM = 5e6;

    private const LEAST_FORM = 100e6;

    private const FORM_FROM_V = 1000.0;

    /** Kelvin by which the general rule halves. */
    private const HALVES = 10.0;

    /** Limits of the rule for thermosetting windings, °C, with its constants. */
    private const COOL = [10.0, 40.0, 1245.0];

    private const WARM = [40.0, 85.0, 4230.0];

    private const LEAST_INDEX = 2.0;

    /** Above it the index says nothing, Ω. */
    private const TOO_GOOD = 5e9;

    /** Test volts below which a winding of usual volts is hardly stressed. */
    private const LEAST_TEST_V = 500.0;

    public function judge(Reading $reading, KnownCircuit $known): Judgement
    {
        $ohms = $reading->number('megohms');
        $temperature = $reading->number('temperature');
        $volts = $known->ratedVolts();
        $wanted = [...$reading->missing('megohms', 'temperature', 'test_volts'), ...$volts === null ? ['supply.voltage'] : []];
        $off = array_diff(array_map(static fn (Disconnected $part): string => $part->value, self::mustBeOff($known)),
            $reading->several('disconnected'));
        if ($off !== []) {
            $wanted[] = 'disconnected';
        }
        if ($ohms === null || $temperature === null || $volts === null || $wanted !== []) {
            $judgement = Judgement::waiting(...$wanted);

            return $off === [] ? $judgement : $judgement->say(
                'Insulation test not valid: confirm that the '.implode(', ',
                    array_map(static fn (string $part): string => Disconnected::from($part)->label(Words::iec()), $off)).
                ' of this circuit was disconnected. The test voltage can destroy it, or it can make the reading too low.',
            );
        }
        $factor = self::factor($temperature->number(), $reading->chosen('system', InsulationSystem::class));
        if ($factor === null) {
            return Judgement::notComparable('The rule for thermosetting windings applies from 10 to 85 °C.');
        }
        $build = $reading->chosen('winding', WindingBuild::class) ?? WindingBuild::Random;
        $least = match (true) {
            $build === WindingBuild::Old => ($volts->number() / 1000 + 1) * 1e6,
            $build === WindingBuild::Form, $volts->number() >= self::FORM_FROM_V => self::LEAST_FORM,
            default => self::LEAST_RANDOM,
        };
        $at40 = $factor * $ohms->number();
        $judgement = (new Judgement)->hold(
            new JudgedQuantity(
                'corrected', $at40, low: $least, from: ['R' => $ohms, 'θ' => $temperature],
                how: 'K_t R, {R} at {θ}, K_t '.Show::number($factor, 4), source: self::source(),
            ),
            Grade::Stop,
        )->tell(new JudgedQuantity('minimum', $least, source: self::source()));
        $this->index($reading, $ohms->number(), $build, $judgement);
        $test = $reading->number('test_volts');
        if ($test !== null && $test->number() < self::LEAST_TEST_V && $volts->number() > 100) {
            $judgement->mark(Grade::Note)->say(
                'Measured with '.$test->shown().'. Usual is '.Show::number(self::LEAST_TEST_V).' V, which shows more.',
            );
        }

        return $judgement->advise(
            'Dry the winding, clean the terminal box and measure again at the same temperature. Do not switch on before.', 'moisture',
            'dirt or carbon dust',
            'cracked lead insulation',
        );
    }

    private function index(Reading $reading, float $ohms, WindingBuild $build, Judgement $judgement): void
    {
        $later = $reading->number('megohms_10');
        if ($later === null || $ohms <= 0) {
            return;
        }
        $judged = $build === WindingBuild::Form && $ohms <= self::TOO_GOOD;
        $index = new JudgedQuantity(
            'polarization_index', $later->number() / $ohms, low: $judged ? self::LEAST_INDEX : null, from: ['R' => $later],
            how: '{R} after 10 minutes ÷ {R} after 1 minute', source: self::source(),
        );
        if ($judged) {
            $judgement->hold($index);
        } else {
            $judgement->tell($index);
        }
    }

    /** @return list<Disconnected> what this circuit has that test volts may not meet */
    public static function mustBeOff(KnownCircuit $known): array
    {
        $method = $known->starting->method;
        $parts = match (true) {
            $method?->isolates() === true => [Disconnected::Drive],
            $method?->raisesSlowly() === true => [Disconnected::SoftStarter],
            default => [],
        };
        if ($known->correction?->place->isBehindStarter() === true) {
            $parts[] = Disconnected::Capacitor;
        }

        return $parts;
    }

    /** What a resistance is multiplied by to have it at 40 °C; null outside the rule. */
    private static function factor(float $celsius, ?InsulationSystem $system): ?float
    {
        if ($system !== InsulationSystem::Thermosetting) {
            return 0.5 ** ((40 - $celsius) / self::HALVES);
        }
        foreach ([self::COOL, self::WARM] as [$from, $to, $constant]) {
            if ($celsius >= $from && $celsius <= $to) {
                return exp(-$constant * (1 / ($celsius + 273) - 1 / 313));
            }
        }

        return null;
    }

    private static function source(): Source
    {
        return Standard::Ieee43->at();
    }
}
