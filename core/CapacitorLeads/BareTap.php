<?php

declare(strict_types=1);

namespace BraveAnvil\CapacitorLeads;

use BraveAnvil\Cable\Conductor;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Correct\CorrectFigure;
use BraveAnvil\Correct\CorrectFinding;
use BraveAnvil\Fault\LoopRules;
use BraveAnvil\Fault\NearEnd;
use BraveAnvil\Guard\Protection;
use BraveAnvil\RuleBook\Sizing;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Ledger;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Unit;

/** Short leads of a capacitor that the motor's own device protects in a short circuit: only where they bear it. */
final readonly class BareTap
{
    public function __construct(private Sizing $sizing)
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
        $rules = $this->sizing->fault;
        $device = $protection?->device;
        $why = match (true) {
            $tap === null => 'Their length is not typed.',
            $leads === null || ! $rules instanceof LoopRules => 'No size of the leads is chosen.',
            $device === null => 'No curve of the motor’s device is known.',
            $prospective === null => 'Neither a fault level nor a transformer is typed.',
            default => null,
        };
        if ($why === null) {
            $through = NearEnd::energy($device, $prospective->number());
            $bears = ($rules->lineFactor($circuit, $leads)->value * $leads->areaMm2) ** 2;
            if ($through !== null && $through <= $bears * (1 + 1e-6)) {
                return true;
            }
            $why = 'The motor’s device may let '.Show::quantity($through ?? 0.0, Unit::AmpereSquaredSecond, 3).
                ' through, and the leads bear '.Show::quantity($bears, Unit::AmpereSquaredSecond, 3).'.';
        }
        $ledger
            ->note(CorrectFinding::TapProtectionNotChecked)
            ->title('Its leads need a fuse of their own')
            ->because(
                'Leads of at most '.Show::number($longest).' m may go without, if the motor’s device protects them in a short circuit. '.
                    $why,
            )
            ->do($tap === null ? 'Type the length of the leads to have it checked.' : 'Keep the fuse, or take thicker leads.')
            ->source('common practice, no source')
            ->on(CorrectFigure::ConductorSize)
            ->about('correction.tap_length');

        return false;
    }
}
