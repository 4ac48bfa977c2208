<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Method;

use BraveAnvil\Circuit\Assumed;
use BraveAnvil\Circuit\Choice\DrivenMachine;
use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Tables\Practice\RunUpPractice;

/**
 * What is taken for a load and a starter where their fields are empty.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final readonly class StartDefaults
{
    public function __construct(private RunUpPractice $practice)
    {
    }

    /** @return array<FieldPath, Assumed> */
    public function of(Circuit $circuit): array
    {
        $practice = $this->practice;
        $usual = static fn (float $value, string $why): Assumed => Assumed::practice($value, $why);
        $machine = $circuit->chosen('load.machine', DrivenMachine::class);
        $kind = $machine?->loadKind();
        $defaults = [
            'settings.dip_limit_bus' => $usual($practice->dipLimitBus(), 'the usual voltage dip limit at the bus'),
            'settings.dip_limit_motor' => $usual($practice->dipLimitMotor(), 'the usual voltage dip limit at the motor'),
            'settings.changeover_minimum' => $usual($practice->changeoverMinimum(), 'the usual changeover speed'),
            ...$machine === null || $kind === null ? [] : [
                'load.kind' => Assumed::practice($kind, 'the usual load of a '.$machine->value),
            ],
        ];

        return [...$defaults, ...match ($circuit->chosen('starter.method', MethodName::class)) {
            MethodName::StarDelta => ['starter.gap' => $usual($practice->gap(), 'a changeover interval of 50 ms')],
            MethodName::Autotransformer => ['starter.tap_percent' => $usual($practice->tap(), 'a tap of 65 %')],
            MethodName::Resistor, MethodName::Reactor => [
                'starter.tap_percent' => $usual($practice->seriesCurrent(), '65 % of the direct-on-line current at standstill'),
            ],
            MethodName::SoftStarter => [
                'starter.current_limit' => $usual($practice->currentLimit(), 'a current limit of 350 %'),
                'starter.initial_voltage' => $usual($practice->initialVoltage(), 'an initial voltage of 40 %'),
                'starter.ramp_time' => $usual($practice->rampTime(), 'a ramp of 10 s'),
            ],
            MethodName::Drive => ['starter.ramp_time' => $usual($practice->rampTime(), 'a ramp of 10 s')],
            MethodName::Direct, null => [],
        }];
    }
}
