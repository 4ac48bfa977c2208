<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Plate\CodeLetterCurrent;
use BraveAnvil\Stations\Plate\LockedRotorRules;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Plate\OnePhaseStart;
use BraveAnvil\Stations\Plate\PlateFinding;
use BraveAnvil\Stations\Power\Load;
use BraveAnvil\Tables\Practice\Practice;

/** Locked-rotor current direct on line at rated voltage, best source first: measured, Ia/In, code letter, table, typical ratio. */
final readonly class LockedRotor
{
    /** IEC 60034-1 allows 20 % above the stamped ratio. */
    private const RATIO_TOLERANCE = 1.2;

    public function __construct(private LockedRotorRules $rules, private Practice $practice)
    {
    }

    public function solve(Circuit $circuit, Motor $motor, Load $load, Ledger $ledger): LockedRotorRange
    {
        if ($circuit->bad(
            'plate.start_current_ratio', 'plate.code_letter', 'measure.locked_rotor_amps', 'measure.locked_rotor_kva',
            'measure.locked_rotor_volts',
        )) {
            return new LockedRotorRange(null);
        }
        $measured = MeasuredLockedRotor::solve($circuit, $motor, $ledger);
        if ($measured !== null) {
            return $measured;
        }
        $ratio = $circuit->number('plate.start_current_ratio');
        $rated = $load->ratedCurrent();
        if ($ratio !== null) {
            return $rated === null ? new LockedRotorRange(null) : $this->byRatio($circuit, $motor, $ratio, $rated, $ledger);
        }
        $letter = $this->byLetter($circuit, $motor, $rated, $ledger);
        if ($letter->current !== null) {
            return $letter;
        }
        $table = $this->rules->lockedRotor($circuit, $motor);
        if ($table === null && $motor->onePhase) {
            return $rated === null ? new LockedRotorRange(null) : $this->onePhaseTypical($circuit, $rated, $ledger);
        }
        $otherwise = $table ?? $this->typical($motor, $rated, $ledger);

        return $letter->with($otherwise === null ? null : $ledger->put($letter->bounded($otherwise)));
    }

    private function byRatio(Circuit $circuit, Motor $motor, Figure $ratio, Figure $rated, Ledger $ledger): LockedRotorRange
    {
        $amperes = $ratio->number() * $rated->number();
        $stamped = static fn (StartFigure $name): Figure => $ledger
            ->work($name)
            ->from(k: $ratio, I: $rated)
            ->as('Ia/In · I_n', '{k} × {I}')
            ->equals($amperes)
            ->source(HowKnown::Nameplate)
            ->write();
        $current = $stamped(StartFigure::LockedRotorCurrent);
        // The plate promises no less: the tolerance goes upwards only. Of a stamped range the smaller value is the low end.
        $least = $circuit->number('plate.start_current_ratio_low');
        $low = $least === null || $least->number() > $ratio->number() ? $stamped(StartFigure::LockedRotorCurrentLow)
            : $ledger->work(StartFigure::LockedRotorCurrentLow)->from(k: $least, I: $rated)->as('Ia/In · I_n', '{k} × {I}')
                ->equals($least->number() * $rated->number())->source(HowKnown::Nameplate)->write();
        $high = $ledger
            ->work(StartFigure::LockedRotorCurrentHigh)
            ->from(k: $ratio, I: $rated)
            ->as('1.2 · Ia/In · I_n', '1.2 × {k} × {I}')
            ->equals(self::RATIO_TOLERANCE * $amperes)
            ->source(Standard::Iec60034_1->at('tolerance +20 %'))
            ->write();
        $this->compareLetter($circuit, $motor, $current, $ledger);

        return new LockedRotorRange($current, $low, $high);
    }

    private function typical(Motor $motor, ?Figure $rated, Ledger $ledger): ?Figure
    {
        if ($rated === null) {
            return null;
        }
        $usual = $this->practice->typicalMotor();
        $typical = $motor->output === null ? null : $usual->startCurrent($motor->output->number(), $motor->poleCount());
        if ($typical === null) {
            $ledger->missing('plate.start_current_ratio', 'Enter Ia/In or the code letter: there is no typical value for this output.');

            return null;
        }

        return Figure::work(StartFigure::LockedRotorCurrent)
            ->from(I: $rated)
            ->as('typical ratio · I_n', Show::number($typical, 3).' × {I}')
            ->equals($typical * $rated->number())
            ->source($usual->cited())
            ->assuming('a typical Ia/In of '.Show::number($typical, 3))
            ->make();
    }

    /** By how the motor starts; a wide range, since designs differ. */
    private function onePhaseTypical(Circuit $circuit, Figure $rated, Ledger $ledger): LockedRotorRange
    {
        $usual = $this->practice->typicalSinglePhase();
        $type = OnePhaseStart::type($circuit);
        $times = $usual->startCurrent(OnePhaseStart::row($type));
        $spread = $usual->startSpread();
        $says = 'a typical Ia/In of '.$times->shown().' ± '.Show::number(100 * $spread).' %, '.
            ($type === null ? 'how it starts not known' : Show::inside($type->label(Words::iec())));
        $write = static fn (StartFigure $name, float $factor): Figure => $ledger->work($name)->from(k: $times, I: $rated)
            ->as('typical ratio · I_n', (abs($factor - 1) < 1e-9 ? '' : Show::number($factor).' × ').'{k} × {I}')
            ->equals($factor * $times->value * $rated->number())->source($usual->cited())->assuming($says)->write();

        return new LockedRotorRange(
            $write(StartFigure::LockedRotorCurrent, 1.0), $write(StartFigure::LockedRotorCurrentLow, 1 - $spread),
            $write(StartFigure::LockedRotorCurrentHigh, 1 + $spread),
        );
    }

    private function byLetter(Circuit $circuit, Motor $motor, ?Figure $rated, Ledger $ledger): LockedRotorRange
    {
        $letter = CodeLetterCurrent::of($circuit, $motor->output, $motor->supplied, $rated?->number(), $this->practice);
        $volts = $motor->ratedVoltage();
        if ($letter === null || $motor->output === null || $volts === null) {
            return new LockedRotorRange(null);
        }
        if ($letter->ofStar) {
            $ledger
                ->caution(StartFinding::CodeLetterIsStar)
                ->title('Code letter probably marked for star')
                ->because(
                    'Letter '.$letter->letter.' gives '.($letter->middle === null ? 'at most ' : '').Show::number($letter->ratio, 3).
                    ' times rated current. A motor for star-delta starting is marked for star: the delta value is three times that, and '.
                    'is not divided by three again.',
                )
                ->do('Enter Ia/In from the data sheet.')
                ->source(Standard::Nec->at('430.7(B)')->dated())
                ->on(StartFigure::LockedRotorCurrent);
        }
        $hp = Figure::step('Horsepower', $motor->output->number() / Power::HORSEPOWER, Unit::Horsepower, P: $motor->output);
        $source = $this->practice->codeLetters()->cited();
        $onePhase = $circuit->phases() === 1;
        $write = static function (StartFigure $name, ?float $kva, string $source) use ($hp, $volts, $letter, $onePhase, $ledger): ?Figure {
            if ($kva === null) {
                return null;
            }
            $scaled = abs($volts->number() / $letter->top - 1) > 1e-9 ? ' × {V} ÷ '.Show::number($letter->top).' V' : '';

            return $ledger
                ->work($name)
                ->from(hp: $hp, V: $volts)
                ->as(
                    $onePhase ? 'kVA/hp · hp · 1000 / V' : 'kVA/hp · hp · 1000 / (√3 V)',
                    Show::number($kva).
                        ' kVA/hp × {hp} × 1000 ÷ '.
                        ($onePhase ? '' : '(√3 × ').
                        Show::number($letter->top).
                        ($onePhase ? ' V' : ' V)').
                        $scaled.
                        ($letter->ofStar ? ' × '.Show::number($letter->times()) : ''),
                )
                ->equals($letter->amperes($kva))
                ->source($source)
                ->assuming($letter->ofStar ? 'the code letter applies to the star connection' : null)
                ->write();
        };

        return new LockedRotorRange(
            $write(StartFigure::LockedRotorCurrent, $letter->middle, $source.', middle of letter '.$letter->letter),
            $write(StartFigure::LockedRotorCurrentLow, $letter->low, $source),
            $write(StartFigure::LockedRotorCurrentHigh, $letter->high, $source),
        );
    }

    /** With both a ratio and a letter on the plate: do they agree? */
    private function compareLetter(Circuit $circuit, Motor $motor, Figure $current, Ledger $ledger): void
    {
        $volts = $motor->ratedVoltage();
        if ($volts === null || $motor->output === null) {
            return;
        }
        $perHp = ($circuit->phaseFactor() * $volts->number() * $current->number()) / 1000 / ($motor->output->number() / Power::HORSEPOWER);
        $ledger
            ->work(StartFigure::KvaPerHp)
            ->from(V: $volts, I: $current, P: $motor->output)
            ->as(
                $circuit->phases() === 1 ? 'V I_LR / hp' : '√3 V I_LR / hp',
                $circuit->phaseFactorText().'{V} × {I} ÷ 1000 ÷ ({P} ÷ 746 W)',
            )
            ->equals($perHp)
            ->write();
        $letters = $this->practice->codeLetters();
        $found = $letters->like($perHp);
        if ($found === null) {
            return;
        }
        $ledger
            ->work(StartFigure::CodeLetter)
            ->equals($found)
            ->saying(Show::number($perHp).' kVA/hp')
            ->source($letters->cited())
            ->write();
        $stamped = $circuit->word('plate.code_letter');
        if ($stamped === null || $stamped === $found) {
            return;
        }
        $apart = abs((int) array_search($stamped, $letters->letters(), true) - (int) array_search($found, $letters->letters(), true));
        $ledger
            ->find($apart > 1 ? Grade::Caution : Grade::Note, PlateFinding::CodeLetterDisagrees)
            ->title('Ia/In and code letter do not match')
            ->because(
                'Ia/In means '.Show::number($perHp, 3).' kVA/hp, equivalent to code letter '.$found.'; the nameplate says '.$stamped.
                '. Ia/In is used.',
            )
            ->do('Read both again on the nameplate.')
            ->source($letters->cited())
            ->on(StartFigure::KvaPerHp);
    }
}
