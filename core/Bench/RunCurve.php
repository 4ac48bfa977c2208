<?php

declare(strict_types=1);

namespace BraveAnvil\Bench;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\LocalUnits;
use BraveAnvil\Circuit\Shown;
use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Correct\Correction;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Power\Load;
use BraveAnvil\Stations\Start\Method\StarterDrawing;
use BraveAnvil\Stations\Start\Starting;

/** What flows along the circuit in each position of the switches: running and starting, before and after correction. */
final readonly class RunCurve implements Curve
{
    private bool $sixLeads;

    /**
     * @param  Figure|null  $length  from starter to motor, m
     * @param  bool  $refused  whether this motor cannot be started as wished
     */
    public function __construct(
        private Motor $motor,
        private Load $load,
        private Starting $starting,
        private ?Correction $correction,
        private LocalUnits $units,
        private ?Figure $length,
        private int $phases,
        private bool $refused,
    ) {
        $this->sixLeads = $starting->method !== null && $starting->method->leads() > 3 && $starting->lineCurrent() !== null;
    }

    public function name(): string
    {
        return 'run';
    }

    public function toArray(): array
    {
        $current = $this->load->ratedCurrent()?->number();
        $lead = $this->amperes($current === null || ! $this->sixLeads ? $current : $current / sqrt(3));
        $start = Shown::figure($this->starting->lineCurrent() ?? $this->starting->figures->lockedRotorCurrent)?->toArray();
        $winding = $this->motor->supplied?->windingVoltage;
        $share = $this->starting->method?->windingShare($this->starting->figures) ?? 1.0;

        return [
            'six_leads' => $this->sixLeads,
            'drawing' => $this->starting->drawing()->value,
            'phases' => $this->phases, 'refused' => $this->refused,
            'output' => $this->load->output === null ? null : $this->units->output($this->load->output->number()),
            'length' => $this->length === null ? null : $this->units->length($this->length->number()),
            'running' => [
                'before' => [
                    'line' => $this->amperes($current), 'lead' => $lead,
                    'power_factor' => Shown::maybe(
                        $this->load->output === null ? null : $this->motor->powerFactor?->number(),
                        Unit::None,
                    )?->toArray(),
                ],
                // The motor's own current never changes; only what is upstream of the capacitor does.
                'after' => $this->correction === null
                        ? null
                        : [
                            'line' => Shown::figure($this->correction->current)?->toArray(),
                            'lead' => $lead,
                            'power_factor' => Shown::figure($this->correction->powerFactor)
                                ?->followedBy($this->correction->leading ? ' leading' : '')
                                ->toArray(),
                        ],
                'torque' => Shown::figure($this->motor->ratedTorque)?->toArray(),
                'winding' => Shown::figure($winding)?->toArray(),
            ],
            'starting' => [
                'line' => $start, 'lead' => $start, 'direct' => Shown::figure($this->starting->figures->lockedRotorCurrent)?->toArray(),
                'torque' => Shown::figure($this->starting->torque())?->toArray(),
                'winding' => Shown::maybe($winding === null ? null : $winding->number() * $share, Unit::Volt)?->toArray(),
            ],
        ];
    }

    /** @return array{value: float, shown: string}|null */
    private function amperes(?float $value): ?array
    {
        return Shown::maybe($value, Unit::Ampere)?->toArray();
    }

    public static function schema(): array
    {
        $shown = Shape::orNull(Shape::shown());
        $flow = Shape::object(['line' => $shown, 'lead' => $shown, 'power_factor' => $shown], 'RunFlow');

        return Shape::object([
            'six_leads' => Shape::flag(), 'drawing' => Shape::oneOf(array_column(StarterDrawing::cases(), 'value')),
            'phases' => Shape::number(), 'refused' => Shape::flag(), 'output' => Shape::orNull(Shape::text()),
            'length' => Shape::orNull(Shape::text()),
            'running' => Shape::object(['before' => $flow, 'after' => Shape::orNull($flow), 'torque' => $shown, 'winding' => $shown]),
            'starting' => Shape::object(['line' => $shown, 'lead' => $shown, 'direct' => $shown, 'torque' => $shown, 'winding' => $shown]),
        ], 'RunCurve', 'What flows in each position of the switches.');
    }
}
