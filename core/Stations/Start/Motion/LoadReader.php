<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

use BraveAnvil\Circuit\Choice\DrivenMachine;
use BraveAnvil\Circuit\Choice\LoadKind;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Plate\Motor;

/** The driven machine as it is typed: its torque over speed. */
final readonly class LoadReader
{
    /** Torque at rated speed that is taken where nobody types one, % of the rated one. */
    public const USUAL_PERCENT = 100.0;

    /**
     * @param  Figure  $torque  at rated speed, N·m, with what it rests on
     * @param  DrivenMachine|null  $machine  null where nobody says what is driven
     */
    private function __construct(
        public DrivenLoad $load,
        public Figure $torque,
        public LoadKind $kind,
        public ?DrivenMachine $machine,
    ) {
    }

    /** @return self|null null while the load or the motor's rated point is not known */
    public static function read(Circuit $circuit, Motor $motor): ?self
    {
        $kind = $circuit->chosen('load.kind', LoadKind::class);
        $rated = $motor->ratedTorque;
        $speed = $motor->speed;
        if ($kind === null || $rated === null || $speed === null
            || $circuit->bad('load.kind', 'load.torque_percent', 'load.breakaway_percent', 'load.points')) {
            return null;
        }
        $points = $kind === LoadKind::Points ? $circuit->pairs('load.points') : [];
        if ($points === null) {
            return null;
        }
        $percent = $kind === LoadKind::Points ? Figure::step('Load', $points === [] ? 0.0 : $points[count($points) - 1][1], Unit::Percent)
            : $circuit->number('load.torque_percent') ?? Figure::step('Load', self::USUAL_PERCENT, Unit::Percent)
                ->withAssumption('a load of rated torque');
        $torque = Figure::step(
            'Load at rated speed', $percent->number() / 100 * $rated->number(), Unit::NewtonMetre, k: $percent, T: $rated,
        );
        $breakaway = $circuit->number('load.breakaway_percent');
        $amounts = [];
        foreach ($points as [$at, $asks]) {
            $amounts[] = [$at / 100 * $speed->number(), $asks / 100 * $rated->number()];
        }

        return new self(
            new DrivenLoad(
                $kind, $torque->number(), $speed->number(), $breakaway === null ? 0.0 : $breakaway->number() / 100 * $rated->number(),
                $amounts,
            ),
            $torque, $kind, $circuit->chosen('load.machine', DrivenMachine::class),
        );
    }
}
