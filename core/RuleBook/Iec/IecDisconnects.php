<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\Iec;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Guard\GuardFigure;
use BraveAnvil\Guard\GuardFinding;
use BraveAnvil\Guard\SwitchChoice;
use BraveAnvil\RuleBook\DisconnectRules;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Finding;

/** A switch-disconnector for motors, backed up by the protective device (procedure I6). */
final readonly class IecDisconnects implements DisconnectRules
{
    private const TOLERANCE = 1e-6;

    public function __construct(private Table $switches)
    {
    }

    public function choose(Figure $design, ?Figure $fuse): SwitchChoice
    {
        $required = $design->named(
            GuardFigure::DisconnectRating, 'IEC 60947-3: Ie ≥ Ib, backed up by the protective device', 'Isolator AC-23A, at least',
        );
        foreach ($this->switches->numbers('iec') as $rating) {
            if ($rating >= $required->number() * (1 - self::TOLERANCE)) {
                return new SwitchChoice($required, Figure::work(GuardFigure::DisconnectSize)->labelled('Isolator')->from(I: $required)
                    ->as('next switch rating', 'next switch rating from {I}')->equals($rating)->source($this->switches->cited())->make());
            }
        }

        return new SwitchChoice($required, null);
    }

    public function controller(Circuit $circuit): null
    {
        return null;
    }

    public function notes(): array
    {
        return [
            Finding::note(GuardFinding::IsolatorAtMachine)->title('An isolator at the machine')
                ->because('A machine wants a supply disconnecting device that a person at it reaches and can lock off, also where the '.
                    'starter stands far away.')
                ->do('Look whether the isolator stands in sight of the motor and locks; else fit one there.')
                ->source('IEC 60204-1 5.3, 5.6 (from memory)')->on(GuardFigure::DisconnectRating),
        ];
    }
}
