<?php

declare(strict_types=1);

namespace BraveAnvil\Start;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Plate\Motor;
use BraveAnvil\Plate\PlateFigure;
use BraveAnvil\Plate\PlateFinding;
use BraveAnvil\Plate\WindingConnection;
use BraveAnvil\RuleBook\Practice\StartingPractice;
use BraveAnvil\Solution\Ledger;
use BraveAnvil\Solution\Show;
use BraveAnvil\Start\Method\StartingMethod;

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
                ->title('Before you move a link')
                ->because(
                    'Isolate, lock off and tag. Prove dead on a known source before and after. Any capacitor holds charge: wait, then short it. The motor may restart unexpectedly if it is not locked off.',
                )
                ->do('Live work only by qualified people with rated instruments.')
                ->source('usual practice; local rules and licensed people decide');
        }
    }

    private static function directLimit(Circuit $circuit, Motor $motor, ?StartingMethod $method, Ledger $ledger): void
    {
        $limit = $circuit->number('settings.direct_start_limit');
        $output = $motor->output;
        if ($method?->takesAll() === true && $limit !== null && $output !== null && $output->number() > $limit->number() * (1 + 1e-9)) {
            $ledger->note(StartFinding::DirectAboveLimit)->title('Direct start of a larger motor')
                ->because($output->shown().' is above the site’s limit of '.$limit->shown().' for direct starts.')
                ->do('Ask whoever runs the supply, or choose a gentler start.')->source('site setting')->on(PlateFigure::Output);
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
                ->title('Inertia above the design limit')
                ->because(
                    Show::number($referred, 3).
                        ' kg·m² at the motor shaft is more than the '.
                        $limit->shown(3).
                        ' kg·m² that a design N motor of this size must start.',
                )
                ->do('Ask for the motor’s own limit.')
                ->source($limit->source)
                ->on(StartFigure::InertiaLimit);
        }
    }
}
