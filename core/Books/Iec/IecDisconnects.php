<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Iec;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Stations\Guard\DisconnectRules;
use BraveAnvil\Stations\Guard\GuardFigure;
use BraveAnvil\Stations\Guard\GuardFinding;
use BraveAnvil\Stations\Guard\SwitchChoice;
use BraveAnvil\Tables\Table;

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
            GuardFigure::DisconnectRating, 'IEC 60947-3: Ie ≥ Ib, backed up by the protective device',
            'Switch-disconnector (isolator) AC-23A, minimum',
        );
        foreach ($this->switches->numbers('iec') as $rating) {
            if ($rating >= $required->number() * (1 - self::TOLERANCE)) {
                return new SwitchChoice($required,
                    Figure::work(GuardFigure::DisconnectSize)->labelled('Switch-disconnector (isolator)')->from(I: $required)
                        ->as('next switch rating', 'next switch rating from {I}')
                        ->equals($rating)->source($this->switches->cited())->make());
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
            Finding::note(GuardFinding::IsolatorAtMachine)->title('Lockable isolator at the machine')
                ->because('A machine needs a supply-disconnecting device that a person at the machine can reach and lock off, '.
                    'even if the '.'starter is far away. Check the maximum fuse marked on the switch.')
                ->do('Check that the isolator is within sight of the motor and can be locked; otherwise fit one there.')
                ->source(Standard::Iec60204_1->at('5.3, 5.6'))->on(GuardFigure::DisconnectRating),
        ];
    }
}
