<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Source;
use BraveAnvil\Stations\Guard\DisconnectRules;
use BraveAnvil\Stations\Guard\GuardFigure;
use BraveAnvil\Stations\Guard\GuardFinding;
use BraveAnvil\Stations\Guard\SwitchChoice;

/** The switch carries a percentage of full-load current, and its horsepower rating is at least the motor's. */
final readonly class Disconnects implements DisconnectRules
{
    private const TOLERANCE = 1e-6;

    /**
     * @param  float  $factor  of full-load current
     * @param  list<float>  $ratings  of switches, A
     */
    public function __construct(
        private float $factor,
        private Source|string $source,
        private array $ratings,
        private Source|string $ratingsSource,
        private Source|string $fuseSource,
        private Source|string $sightSource,
        private Source|string $controllerSource,
    ) {
    }

    public function choose(Figure $design, ?Figure $fuse): SwitchChoice
    {
        $shown = Show::number($this->factor);
        $required = Figure::work(GuardFigure::DisconnectRating)
            ->from(I: $design)
            ->as('factor · FLC', $shown.' × {I}')
            ->equals($this->factor * $design->number())
            ->source($this->source)
            ->make();
        // A fused switch must take the fuse: its frame follows where that is the larger.
        $byFuse = $fuse !== null && $fuse->number() > $required->number();
        $least = $byFuse ? $fuse->number() : $required->number();
        foreach ($this->ratings as $rating) {
            if ($rating >= $least * (1 - self::TOLERANCE)) {
                $size = Figure::work(GuardFigure::DisconnectSize)->equals($rating);
                $source = $this->ratingsSource.'; horsepower rating at least that of the motor';

                return new SwitchChoice(
                    $required,
                    $byFuse
                        ? $size
                            ->from(I: $required, fuse: $fuse)
                            ->as('next switch rating that holds the fuse', 'next switch rating above {I}')
                            ->source($source.'; '.$this->fuseSource)
                            ->make()
                        : $size->from(I: $required)->as('next switch rating', 'next switch rating above {I}')->source($source)->make(),
                );
            }
        }

        return new SwitchChoice($required, null);
    }

    public function controller(Circuit $circuit): ?Figure
    {
        $power = $circuit->stamp('plate.power', Power::class);

        return $power === null ? null : Figure::work(GuardFigure::ControllerPower)
            ->typedIn('plate.power')
            ->as('the horsepower of the motor', Show::number($power->watts / Power::HORSEPOWER).' hp')
            ->equals($power->watts)
            ->source($this->controllerSource)
            ->make();
    }

    public function notes(): array
    {
        return [
            Finding::note(GuardFinding::DisconnectInSight)
                ->title('Disconnecting means within sight')
                ->because(
                    'One must be within sight of the controller, and one within sight of the motor and driven machine. A lockable '.
                    'disconnect elsewhere is allowed only under the exceptions of the code.',
                )
                ->do('Decide the location before you run conduit.')
                ->source($this->sightSource)
                ->on(GuardFigure::DisconnectRating),
            Finding::note(GuardFinding::HorsepowerRated)
                ->title('Horsepower rating needed')
                ->because('Disconnect switch and controller must be rated in horsepower, at the motor voltage, at least equal '.
                    'to the motor.')
                ->do('Check the hp rating on both.')
                ->source(HowKnown::FromMemory->behind($this->source.' and the rules for controllers'))
                ->on(GuardFigure::DisconnectSize),
        ];
    }
}
