<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Tables\Practice\CapacitorPractice;

/** For which voltage and frequency a capacitor is made, and whether a reactor stands in front of it. */
final readonly class Nameplate
{
    private const MARGIN = 1.1;

    /**
     * @param  Figure  $supply  V
     * @param  Figure  $volts  rated, V
     * @param  Figure  $frequency  of the supply, Hz
     * @param  float  $frequencyScale  of the supply's over the capacitor's
     * @param  float  $detuning  reactance of the reactor over that of the capacitor, per unit; 0 without
     */
    private function __construct(
        public Figure $supply,
        public Figure $volts,
        public Figure $frequency,
        public float $frequencyScale,
        public float $detuning,
    ) {
    }

    /**
     * @param  Figure  $supply  V
     * @param  Figure  $frequency  Hz
     * @return self|null null where the supply is more than it bears
     */
    public static function of(
        Circuit $circuit,
        Figure $supply,
        Figure $frequency,
        bool $onePhase,
        CapacitorPractice $practice,
        Ledger $ledger,
    ): ?self {
        $percent = $onePhase ? null : $circuit->number('correction.detuning_percent');
        $detuning = ($percent?->number() ?? 0.0) / 100;
        $own = $circuit->number('correction.rated_frequency');
        $onIt = $supply->number() / (1 - $detuning);
        $volts = $circuit->number('correction.rated_voltage') ?? self::usual($supply, $detuning, $onePhase, $practice);
        $typed = $circuit->has('correction.rated_voltage');
        $ledger->put($volts->named(CorrectFigure::RatedVoltage, $typed ? 'entered' : 'next standard rating'));
        if ($percent !== null && $detuning > 0) {
            self::tuned($percent, $supply, $frequency, $detuning, $ledger);
        }
        if ($onIt > $volts->number() * (1 + 1e-9)) {
            $ledger
                ->stop(CorrectFinding::CapacitorVoltage)
                ->title('Voltage above the capacitor rating')
                ->because(
                    'A unit rated '.$volts->shown().' on '.$supply->shown().
                    ($detuning > 0 ? ': with its reactor it carries '.Show::quantity($onIt, Unit::Volt).'.' : '.'),
                )
                ->do('Choose one rated for '.Show::quantity($onIt, Unit::Volt).' or more.')
                ->source(Standard::Iec60831_1->at());

            return null;
        }
        if ($detuning === 0.0 && $volts->number() < self::MARGIN * $supply->number() * (1 - 1e-9)) {
            $ledger->note(CorrectFinding::LittleVoltageMargin)->title('Small voltage margin')
                ->because('A '.$volts->shown().' capacitor on '.$supply->shown().
                    ' has less than 10 % margin. Harmonics and overvoltage shorten its life.')
                ->do('A unit rated '.Show::quantity(self::MARGIN * $supply->number(), Unit::Volt, 3).
                    ' or more lasts longer but supplies less reactive power here.')
                ->source(HowKnown::CommonPractice)->about('correction.rated_voltage');
        }

        return new self($supply, $volts, $frequency, $own === null ? 1.0 : $frequency->number() / $own->number(), $detuning);
    }

    /**
     * What a capacitor is taken to be made for where nobody says, V.
     *
     * @param  Figure  $supply  V
     * @param  float  $detuning  per unit
     */
    public static function usual(Figure $supply, float $detuning, bool $onePhase, CapacitorPractice $practice): Figure
    {
        $wanted = $onePhase ? self::MARGIN * $supply->number() : $supply->number() / (1 - $detuning);
        if ($onePhase || $detuning > 0) {
            foreach ($onePhase ? $practice->onePhaseRatedVolts() : $practice->ratedVolts() as $volts) {
                if ($volts >= $wanted * (1 - 1e-9)) {
                    return Figure::step('Capacitor rated voltage', $volts, Unit::Volt, V: $supply)
                        ->withAssumption('a capacitor rated '.Show::quantity($volts, Unit::Volt));
                }
            }
        }

        return Figure::step('Capacitor rated voltage', $supply->number(), Unit::Volt, V: $supply)
            ->withAssumption('capacitor rated at the supply voltage');
    }

    private static function tuned(Figure $percent, Figure $supply, Figure $frequency, float $detuning, Ledger $ledger): void
    {
        $ledger->work(CorrectFigure::CapacitorVoltage)->from(V: $supply, p: $percent)->as('V / (1 − p)', '{V} ÷ (1 − {p})')
            ->equals($supply->number() / (1 - $detuning))->write();
        $order = $ledger->work(CorrectFigure::TuningOrder)->from(p: $percent)->as('1 / √p', '1 ÷ √{p}')
            ->equals(1 / sqrt($detuning))->write();
        $ledger->work(CorrectFigure::TuningFrequency)->from(f: $frequency, n: $order)->as('f / √p', '{f} × {n}')
            ->equals($frequency->number() / sqrt($detuning))->write();
    }

    /** Reactive power at a voltage, V, over that of the nameplate. */
    public function scale(float $volts): float
    {
        return ($volts / $this->volts->number()) ** 2 * $this->frequencyScale / (1 - $this->detuning);
    }

    /** Frequency that the nameplate is for, Hz. */
    public function ratedHertz(): float
    {
        return $this->frequency->number() / $this->frequencyScale;
    }

    /** What stands behind a working of its reactive power. */
    public function factors(): string
    {
        return ($this->frequencyScale === 1.0 ? '' : ' × '.Show::number($this->frequencyScale, 4).' for the frequency').
            ($this->detuning > 0 ? ' ÷ (1 − '.Show::number($this->detuning, 4).')' : '');
    }
}
