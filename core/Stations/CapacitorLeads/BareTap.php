<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\CapacitorLeads;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Cable\Conductor;
use BraveAnvil\Stations\Correct\CorrectFigure;
use BraveAnvil\Stations\Correct\CorrectFinding;
use BraveAnvil\Stations\Fault\EarthFault;
use BraveAnvil\Stations\Fault\GroundRules;
use BraveAnvil\Stations\Fault\LoopRules;
use BraveAnvil\Stations\Guard\Protection;

/** Short leads of a capacitor that the motor's own device protects in a short circuit: only where they bear it. */
final readonly class BareTap
{
    public function __construct(private LoopRules|GroundRules $rules)
    {
    }

    /**
     * Whether they may go without a fuse of their own. Where that cannot be told, they may not.
     *
     * @param  float  $longest  m
     * @param  Figure|null  $prospective  largest fault current, A
     */
    public function allowed(
        Circuit $circuit,
        ?Conductor $leads,
        float $longest,
        ?Protection $protection,
        ?Figure $prospective,
        Ledger $ledger,
    ): bool {
        $tap = $circuit->number('correction.tap_length');
        if ($tap !== null && $tap->number() > $longest * (1 + 1e-6)) {
            return false;
        }
        $rules = $this->rules;
        $device = $protection?->device;
        $why = match (true) {
            $tap === null => 'The length is not entered.',
            $leads === null || ! $rules instanceof LoopRules => 'The conductor size is not chosen.',
            $device === null => 'The time-current curve of the motor’s device is not known.',
            $prospective === null => 'Neither a fault level nor a transformer is entered.',
            default => null,
        };
        if ($why === null) {
            $through = EarthFault::nearEnergy($device, $prospective->number());
            $bears = ($rules->lineFactor($circuit, $leads)->value * $leads->areaMm2) ** 2;
            if ($through !== null && $through <= $bears * (1 + 1e-6)) {
                return true;
            }
            $why = 'The motor’s device may let '.Show::quantity($through ?? 0.0, Unit::AmpereSquaredSecond, 3).
                ' through; the capacitor conductors withstand '.Show::quantity($bears, Unit::AmpereSquaredSecond, 3).'.';
        }
        $ledger
            ->note(CorrectFinding::TapProtectionNotChecked)
            ->title('Fuse the capacitor conductors')
            ->because(
                'Conductors up to '.Show::number($longest).' m may be unfused only if the motor’s device protects them against short '.
                'circuit, a short circuit is unlikely on their route, and nothing combustible is near. '.$why,
            )
            ->do($tap === null ? 'Enter the length of the capacitor conductors to have this checked.'
                : 'Keep the fuse, or use larger conductors.')
            ->source(HowKnown::CommonPractice)
            ->on(CorrectFigure::ConductorSize)
            ->about('correction.tap_length');

        return false;
    }
}
