<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Iec;

use BraveAnvil\Circuit\Choice\OverloadSchool;
use BraveAnvil\Circuit\Choice\TripClass;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Guard\GuardFigure;
use BraveAnvil\Stations\Guard\GuardFinding;
use BraveAnvil\Stations\Guard\OverloadRules;
use BraveAnvil\Stations\Guard\OverloadSetting;
use BraveAnvil\Stations\Start\Method\RelaySeat;

/** The relay is set to the motor's current; a site may take its service factor in (procedure I3). */
final readonly class IecOverload implements OverloadRules
{
    /** Setting current of a relay in the line, A: the plate current, or service factor times it where the site does so. */
    public function relayCurrent(Circuit $circuit, Figure $current): Figure
    {
        $factor = self::serviceFactor($circuit);
        if ($factor === null || $circuit->chosen('settings.overload_school', OverloadSchool::class) !== OverloadSchool::ServiceFactor) {
            return $current;
        }

        return Figure::step('Relay current', $factor->number() * $current->number(), Unit::Ampere, SF: $factor, I: $current);
    }

    public function setting(Circuit $circuit, Figure $current, RelaySeat $seat): OverloadSetting
    {
        $relay = $this->relayCurrent($circuit, $current);
        $raised = $relay !== $current;
        $dial = Figure::work(GuardFigure::OverloadDial)
            ->labelled(GuardFigure::OverloadDial->label().$seat->where())
            ->from(I: $relay)
            ->as('Ir'.$seat->divided, '{I}'.$seat->divided)
            ->equals($relay->number() * $seat->share)
            ->source($raised ? 'site practice: service factor times nameplate current' : 'IEC 60947-4-1: the motor current')
            ->make();
        $limit = $dial->named(GuardFigure::OverloadSetting, 'the relay is set to the motor current', 'Overload setting');
        $factor = self::serviceFactor($circuit);

        return new OverloadSetting(
            $dial,
            $limit,
            $raised || $factor === null
                ? []
                : [
                    Finding::note(GuardFinding::OverloadSchoolsDiffer)
                        ->title('Two practices for the setting')
                        ->because(
                            'Some set service factor × nameplate current ('.
                            Show::quantity($factor->number() * $current->number() * $seat->share, Unit::Ampere).
                            '). Here the setting is nameplate current, which suits continuous duty.',
                        )
                        ->do('A site setting changes this practice; the cable is then sized for the larger setting.')
                        ->source(HowKnown::CommonPractice)
                        ->on(GuardFigure::OverloadDial),
                ],
        );
    }

    /** Above 1, or null. */
    private static function serviceFactor(Circuit $circuit): ?Figure
    {
        $factor = $circuit->number('plate.service_factor');

        return $factor !== null && $factor->number() > 1 ? $factor : null;
    }

    public function usualLockedRotorTime(): null
    {
        return null;
    }

    public function classes(): array
    {
        return [TripClass::Class10A, TripClass::Class10, TripClass::Class20, TripClass::Class30];
    }

    /** IEC 60947-4-1 (from memory). */
    public function classTimes(): float
    {
        return 7.2;
    }

    public function notes(Circuit $circuit): array
    {
        return $circuit->phases() === 1 ? [] : [
            Finding::note(GuardFinding::PhaseLossSensitive)
                ->title('Phase-loss sensitive overload relay')
                ->because(
                    'With one phase lost, the other two carry about 1.7 to 2 times their current at full load and less at part load; an '.
                    'ordinary relay may not trip.',
                )
                ->do('Choose a phase-loss sensitive relay.')
                ->source(Standard::Iec60947_4_1->at())
                ->on(GuardFigure::OverloadDial),
        ];
    }
}
