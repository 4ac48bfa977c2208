<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Show;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Plate\PlateFigure;
use BraveAnvil\Stations\Plate\PlateFinding;
use BraveAnvil\Stations\Plate\WindingConnection;
use BraveAnvil\Stations\Start\Method\StartingMethod;
use BraveAnvil\Tables\Practice\StartingPractice;

/** What holds for every start: the site's limit, the load's inertia, and the caution of working on links. */
final readonly class StartChecks
{
    public function __construct(private StartingPractice $practice)
    {
    }

    public function solve(Circuit $circuit, Motor $motor, ?StartingMethod $method, Ledger $ledger): void
    {
        self::directLimit($circuit, $motor, $method, $ledger);
        $this->inertia($circuit, $motor, $ledger);
        if (! in_array($motor->connection(), [null, WindingConnection::Single, WindingConnection::None], true)) {
            $ledger
                ->note(PlateFinding::LockOffBeforeLinks)
                ->title('Before you touch a link')
                ->because(
                    'Isolate, lock off and tag. Wait for capacitors to discharge. Check the tester on a known live source, prove dead, '.
                    'check the tester again. Short-circuit capacitors once they are proved dead. Without lock-off the motor can start.',
                )
                ->do('Live work by qualified persons only, with rated instruments and PPE.')
                ->source('usual practice; have a licensed person check it against the local code');
        }
    }

    private static function directLimit(Circuit $circuit, Motor $motor, ?StartingMethod $method, Ledger $ledger): void
    {
        $limit = $circuit->number('settings.direct_start_limit');
        $output = $motor->output;
        if ($method?->takesAll() === true && $limit !== null && $output !== null && $output->number() > $limit->number() * (1 + 1e-9)) {
            $ledger->note(StartFinding::DirectAboveLimit)->title('Direct-on-line start of a large motor')
                ->because($output->shown().'; this site allows direct-on-line starts up to '.$limit->shown().'.')
                ->do('Ask the supply operator, or choose a reduced-voltage start.')->source('site setting')->on(PlateFigure::Output);
        }
    }

    private function inertia(Circuit $circuit, Motor $motor, Ledger $ledger): void
    {
        $inertia = $circuit->number('load.inertia');
        $ratio = $circuit->number('load.speed_ratio');
        if (
            $inertia === null ||
            $motor->poles === null ||
            $motor->output === null ||
            abs(($motor->frequency?->number() ?? 50.0) - 50) > 1
        ) {
            return;
        }
        $pairs = $motor->poles->number() / 2;
        $kilowatts = $motor->output->number() / 1000;
        $limit = $this->practice->inertiaLimit($kilowatts, $pairs);
        $ledger
            ->work(StartFigure::InertiaLimit)
            ->from(P: $motor->output)
            ->as('0.04 P^0.9 (p/2)^2.5', '0.04 × '.Show::number($kilowatts).'^0.9 × '.Show::number($pairs).'^2.5')
            ->equals($limit->value)
            ->by($limit)
            ->write();
        $referred = $inertia->number() * ($ratio?->number() ?? 1.0) ** 2;
        if ($referred > $limit->value) {
            $ledger
                ->caution(StartFinding::InertiaAboveLimit)
                ->title('Load inertia above the design N limit')
                ->because(
                    Show::number($referred, 3).' kg·m² at the motor shaft; a design N motor of this size need only start '.
                    $limit->shown(3).' kg·m².',
                )
                ->do('Ask the manufacturer for the limit of this motor.')
                ->source($limit->source)
                ->on(StartFigure::InertiaLimit);
        }
    }
}
