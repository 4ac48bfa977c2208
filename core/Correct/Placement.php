<?php

declare(strict_types=1);

namespace BraveAnvil\Correct;

use BraveAnvil\Cable\Cabling;
use BraveAnvil\Cable\Run;
use BraveAnvil\Circuit\Choice\CapacitorPlace;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\Sizing;
use BraveAnvil\Solution\FieldError;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Ledger;
use BraveAnvil\Solution\Show;
use BraveAnvil\Start\Starting;

/** Where the capacitor goes changes its leads, fuses and disconnect. The motor's own conductors and device stay as they are. */
final readonly class Placement
{
    private const TOLERANCE = 1e-6;

    public function __construct(private Sizing $sizing)
    {
    }

    /** @param  Figure  $design  motor current that sizes the circuit, A */
    public function solve(
        Circuit $circuit,
        CapacitorPlace $place,
        UnitFigures $unit,
        Figure $design,
        Starting $starting,
        ?Cabling $cabling,
        Ledger $ledger,
    ): void {
        $rules = $this->sizing->capacitors;
        [$name, $fuse, $disconnect, $overload] = match ($place) {
            CapacitorPlace::None, CapacitorPlace::Board => ['at the board', true, true, 'unchanged'],
            CapacitorPlace::BeforeController => ['before the controller', true, true, 'unchanged'],
            CapacitorPlace::AfterController => ['after the controller, before the overload', true, false, 'unchanged'],
            CapacitorPlace::AtMotor => ['at the motor, after the overload', false, false, 'reduced'],
        };
        $current = $unit->current->number() > $unit->ratedCurrent->number() ? $unit->current : $unit->ratedCurrent;
        $this->conductor($circuit, $current, $design, $place !== CapacitorPlace::Board, $starting, $cabling, $ledger);
        if (! $fuse && $rules->longestBareTapMetres !== null) {
            $fuse = self::tapWantsFuse($circuit, $rules->longestBareTapMetres, $ledger);
        }
        if ($fuse) {
            foreach ($rules->fuseRatings as $rating) {
                if ($rating >= $rules->fuseFactor * $current->number() * (1 - self::TOLERANCE)) {
                    $ledger
                        ->work(CorrectFigure::FuseRating)
                        ->from(I: $current)
                        ->as('next rating ≥ factor · I_c', Show::number($rules->fuseFactor).' × {I}, next standard rating')
                        ->equals($rating)
                        ->source($rules->fuseSource)
                        ->write();
                    break;
                }
            }
        }
        if ($disconnect) {
            $factor = $rules->disconnectFactor ?? $rules->conductorFactor;
            $ledger
                ->work(CorrectFigure::DisconnectRating)
                ->from(I: $current)
                ->as('factor · I_c', Show::number($factor).' × {I}')
                ->equals($factor * $current->number())
                ->source($rules->conductorSource)
                ->write();
        }
        $ledger->curve(new PlacementCurve($place, $name, $overload, $fuse, $disconnect));
    }

    private static function tapWantsFuse(Circuit $circuit, float $longest, Ledger $ledger): bool
    {
        $tap = $circuit->number('correction.tap_length');
        if ($tap !== null && $tap->number() > $longest) {
            return true;
        }
        $ledger
            ->note(CorrectFinding::TapProtectionNotChecked)
            ->title('No fuse of its own only on a short tap')
            ->because(
                'Leads of at most '.
                    Show::number($longest).
                    ' m may go without, if the motor’s device protects them in a short circuit. '.
                    ($tap === null ? 'Their length is not typed, and t' : 'T').
                    'hat protection is not checked.',
            )
            ->do('Type the tap length, and have the withstand checked.')
            ->source('common practice, no source')
            ->on(CorrectFigure::ConductorSize);

        return false;
    }

    private function conductor(
        Circuit $circuit,
        Figure $current,
        Figure $design,
        bool $onMotorCircuit,
        Starting $starting,
        ?Cabling $cabling,
        Ledger $ledger,
    ): void {
        $rules = $this->sizing->capacitors;
        $lineRequired = $this->sizing->conductors->required($circuit, $design, Run::line());
        $own = $rules->conductorFactor * $current->number();
        $motor = null;
        if ($rules->thirdOfMotorConductors && $onMotorCircuit) {
            // Each of six leads is thinner than the circuit: then the line run counts, or what it would need.
            $motor =
                $cabling->line->ampacity ??
                ((($starting->method?->leads() ?? 3) > 3 ? null : $cabling->motor->ampacity ?? null) ?? $lineRequired);
        }
        $work = $ledger->work(CorrectFigure::ConductorAmpacity)->source($rules->conductorSource);
        $needed =
            $motor !== null && $motor->number() / 3 > $own
                ? $work
                    ->from(I: $motor)
                    ->as(
                        'a third of the motor conductors',
                        '{I} ÷ 3, more than '.Show::number($rules->conductorFactor).' × '.$current->shown(),
                    )
                    ->equals($motor->number() / 3)
                    ->write()
                : $work
                    ->from(I: $current)
                    ->as('factor · I_c', Show::number($rules->conductorFactor).' × {I}')
                    ->equals($own)
                    ->write();
        // Unmarked terminals are judged by what these leads need, not by the motor's.
        $candidates = $this->sizing->conductors->candidates($circuit, $needed, Run::line());
        if ($candidates instanceof FieldError) {
            $ledger->refuse($candidates);

            return;
        }
        foreach ($candidates as $candidate) {
            if ($candidate->ampacity() >= $needed->number() * (1 - self::TOLERANCE)) {
                $ledger
                    ->work(CorrectFigure::ConductorSize)
                    ->in($candidate->conductor->unit())
                    ->from(I: $needed)
                    ->as('smallest that carries it', $candidate->working().' against {I}')
                    ->equals($candidate->conductor->value)
                    ->source($rules->conductorSource)
                    ->corrected(...$candidate->corrections)
                    ->write();
                break;
            }
        }
    }
}
