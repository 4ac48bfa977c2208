<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Method;

use BraveAnvil\Circuit\Choice\Balance;
use BraveAnvil\Circuit\Choice\Instrument;
use BraveAnvil\Circuit\Choice\MeasuringMethod;
use BraveAnvil\Circuit\Choice\Presence;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Words;

/** Which way of measuring goes with the instruments at hand, the neutral and the balance of the load. Common practice. */
final readonly class Adviser
{
    public const SCOPE = 'scope';

    /** @var list<Instrument> */
    private array $hand;

    private bool $noNeutral;

    private bool $unbalanced;

    public function __construct(private Circuit $circuit, private Words $words)
    {
        $this->hand = $circuit->several('measure.instruments', Instrument::class);
        $this->noNeutral = $circuit->chosen('measure.neutral', Presence::class) === Presence::Absent;
        $this->unbalanced = $circuit->chosen('measure.balanced', Balance::class) === Balance::Unbalanced;
    }

    /** @return list<Rated> the best first; of none before something at hand is named */
    public function ways(): array
    {
        if ($this->hand === []) {
            return [];
        }
        $meters = [Instrument::Voltmeter, Instrument::Clamp];
        $three = $this->circuit->phases() === 3;
        $ways = [
            $this->way(MeasuringMethod::VoltsAmpsWatts, 'Real, reactive and apparent power, power factor.',
                $three ? 'Whether the current leads or lags, unless the meter shows it.' : 'Whether the current leads or lags.',
                $this->lacks([Instrument::PowerAnalyser], $three ? [] : [...$meters, Instrument::Wattmeter])),
            ...$three ? [
                $this->way(MeasuringMethod::ThreeWattmeters, 'Real power of each line and in total, balanced or not, also with a neutral.',
                    'Reactive power of an unbalanced load.', $this->lacks([Instrument::ThreeWattmeters], [], neutral: true)),
                $this->way(MeasuringMethod::TwoWattmeters, 'Real power of a three-wire load, balanced or not; reactive power if balanced.',
                    'Anything if a neutral carries current. One wattmeter alone tells you nothing.',
                    $this->lacks([Instrument::TwoWattmeters])),
                $this->way(
                    MeasuringMethod::OneWattmeter, 'Real power with its coil to neutral, reactive power with its coil between the '.
                    'other two lines.',
                    'Anything about an unbalanced load.',
                    $this->lacks([Instrument::Wattmeter], [], balanced: true)),
            ] : [],
            $this->way(MeasuringMethod::PowerFactorMeter, 'Power factor, leading or lagging; everything else with voltage and current.',
                'An unbalanced load; a current that is not a sine wave.', $this->lacks(
                    [Instrument::PowerFactorMeter, ...$meters], [], balanced: $three,
                )),
            ...$three ? [
                $this->way(MeasuringMethod::LineAngle, 'The angle, minus the 30° between line and phase; from it everything else.',
                    'An unbalanced load; a current that is not a sine wave.', $this->lacks(
                        [Instrument::AngleMeter, ...$meters], [], balanced: true,
                    )),
                $this->way(MeasuringMethod::PhaseAngles, 'Real and reactive power of each line and in total, balanced or not.',
                    'A current that is not a sine wave.', $this->lacks([Instrument::AngleMeter, ...$meters], [], neutral: true)),
            ] : [],
            $this->way(
                MeasuringMethod::ClampCapacitor,
                'Power factor, real and reactive power, with a clamp meter and one known capacitor.',
                'A current that is not a sine wave; a load that swings between the readings.'.($three ? ' An unbalanced load.' : ''),
                $this->lacks([Instrument::Clamp, Instrument::Voltmeter, Instrument::KnownCapacitor], [], balanced: $three),
            ),
            $this->way(MeasuringMethod::ScopeScreen, 'Voltage, current and angle of two sine waves, within a fifth of a division.',
                'Any other shape: for that store the waveform.', $this->lacks([Instrument::Scope], [], balanced: $three)),
            new Rated(self::SCOPE, 'Oscilloscope and waveform file', 'Waveforms, harmonics, true power factor and fundamental '.
            'power factor.',
                'More than its probes can measure: see below.', $this->lacks([Instrument::Scope])),
            $this->way(MeasuringMethod::MeterPulses, 'Average real power over a minute or more.',
                'Reactive power, unless voltage and current are read as well; a load that swings.',
                $this->lacks([Instrument::EnergyMeter])),
            $this->way(MeasuringMethod::Brake, 'Efficiency, from torque and speed compared with the input power.',
                'The load at its place: the motor is on the brake.',
                $this->lacks([Instrument::Brake, $three ? Instrument::PowerAnalyser : Instrument::Wattmeter])),
            $this->way(MeasuringMethod::BeforeAfter, 'How much less the conductors heat up; with one known power factor, the other one.',
                'Power or power factor from two currents alone.', $this->lacks([Instrument::Clamp])),
            $this->way(MeasuringMethod::VoltsAmps, 'Apparent power only.', 'Real power and power factor: current alone gives neither.',
                $this->lacks($meters)),
        ];
        usort($ways, static fn (Rated $a, Rated $b): int => ($a->lacks !== '') <=> ($b->lacks !== ''));

        return $ways;
    }

    private function way(MeasuringMethod $method, string $shows, string $cannot, string $lacks): Rated
    {
        return new Rated($method->value, $method->label($this->words), $shows, $cannot, $lacks);
    }

    /**
     * Why a way does not go, or nothing.
     *
     * @param  list<Instrument>  $needed  all of them
     * @param  list<Instrument>  $or  or all of these
     */
    private function lacks(array $needed, array $or = [], bool $neutral = false, bool $balanced = false): string
    {
        $missing = $this->missing($needed);
        if ($missing !== [] && $or !== []) {
            $missing = $this->missing($or);
        }
        $parts = $missing === [] ? []
            : ['needs '.implode(', ', array_map(fn (Instrument $one): string => Show::inside($one->label($this->words)), $missing))];
        if ($neutral && $this->noNeutral) {
            $parts[] = 'needs the neutral';
        }
        if ($balanced && $this->unbalanced) {
            $parts[] = 'the load is unbalanced';
        }

        return implode('; ', $parts);
    }

    /**
     * @param  list<Instrument>  $needed
     * @return list<Instrument>
     */
    private function missing(array $needed): array
    {
        // Whoever has two meters has one, and an analyser is a voltmeter and a clamp besides.
        $has = $this->hand;
        foreach ([
            [Instrument::ThreeWattmeters, [Instrument::TwoWattmeters, Instrument::Wattmeter]],
            [Instrument::TwoWattmeters, [Instrument::Wattmeter]],
            [Instrument::PowerAnalyser, [Instrument::Voltmeter, Instrument::Clamp, Instrument::Wattmeter, Instrument::PowerFactorMeter]],
        ] as [$one, $also]) {
            $has = in_array($one, $has, true) ? [...$has, ...$also] : $has;
        }

        return array_values(array_filter($needed, static fn (Instrument $one): bool => ! in_array($one, $has, true)));
    }
}
