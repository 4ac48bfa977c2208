<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Wiring;

use BraveAnvil\Circuit\Choice\SinglePhaseType;
use BraveAnvil\Circuit\Parse\CapacitorStamp;
use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Stations\Plate\TerminalMarks;
use BraveAnvil\Stations\Plate\TwoWires;

/** How a single-phase motor is wired: two supply wires, main winding, start winding with what stands before it, and how it turns round. */
final readonly class OnePhaseWiringCurve implements Curve
{
    /** @param  SinglePhaseType|null  $type  how it starts; null while nobody tells */
    public function __construct(
        private ?SinglePhaseType $type,
        private ?CapacitorStamp $start,
        private ?CapacitorStamp $run,
        private TwoWires $wires,
        private TerminalMarks $marks,
        private PhaseMarks $phases,
        private Symbols $symbols,
    ) {
    }

    public function name(): string
    {
        return 'one_phase_wiring';
    }

    public function toArray(): array
    {
        [$u1, $u2, $z1, $z2] = $this->marks->onePhase();
        $wire = static fn (string $name, WireColour $colour): array => ['name' => $name, 'colour' => $colour->value];

        return [
            'symbols' => $this->symbols->value,
            'wires' => [
                $wire($this->phases->names[0], $this->phases->colours[0]),
                $this->wires->hasNeutral ? $wire('N', $this->phases->neutral)
                    : $wire($this->phases->names[1], $this->phases->colours[1]),
            ],
            'has_neutral' => $this->wires->hasNeutral,
            'main' => [$u1, $u2], 'start' => [$z1, $z2],
            'type' => $this->type?->value,
            'has_switch' => $this->type?->hasStartSwitch() ?? false,
            'has_start_capacitor' => $this->type?->hasStartCapacitor() ?? false,
            'has_run_capacitor' => $this->type?->hasRunCapacitor() ?? false,
            'start_capacitor' => $this->start?->echo() ?? '', 'run_capacitor' => $this->run?->echo() ?? '',
            'sequence' => $this->sequence(),
            'reversing' => 'To reverse it, swap '.$z1.' and '.$z2.', the ends of the start winding. Swapping the two supply wires '.
                'changes nothing. Let it stop first: the start winding acts at standstill only.',
        ];
    }

    /** @return list<string> what happens from switching on */
    private function sequence(): array
    {
        return match ($this->type) {
            SinglePhaseType::SplitPhase => [
                'Both windings are on the supply. The start winding is thin, so that its current leads that of the main winding.',
                'At about three quarters of full speed the start switch opens. The main winding runs alone.',
            ],
            SinglePhaseType::CapacitorStart => [
                'The start capacitor shifts the current of the start winding by nearly 90°: much torque.',
                'At about three quarters of full speed the start switch takes capacitor and start winding off.',
            ],
            SinglePhaseType::PermanentCapacitor => [
                'The capacitor stays in series with the second winding at standstill and in run: little starting torque, no switch.',
            ],
            SinglePhaseType::CapacitorStartRun => [
                'Start and run capacitor are in parallel at standstill: much torque.',
                'At about three quarters of full speed the start switch takes the start capacitor off. The run capacitor stays.',
            ],
            null => ['Choose under Plate how the motor starts; then its start winding is drawn.'],
        };
    }

    public static function schema(): array
    {
        $two = ['type' => 'array', 'items' => Shape::text(), 'minItems' => 2, 'maxItems' => 2];

        return Shape::object([
            'symbols' => Shape::oneOf(array_column(Symbols::cases(), 'value')),
            'wires' => Shape::list(Shape::object([
                'name' => Shape::text(), 'colour' => Shape::oneOf(array_column(WireColour::cases(), 'value')),
            ], 'PhaseMark')),
            'has_neutral' => Shape::flag(), 'main' => $two, 'start' => $two,
            'type' => Shape::orNull(Shape::oneOf(array_column(SinglePhaseType::cases(), 'value'))),
            'has_switch' => Shape::flag(), 'has_start_capacitor' => Shape::flag(), 'has_run_capacitor' => Shape::flag(),
            'start_capacitor' => Shape::text(), 'run_capacitor' => Shape::text(), 'sequence' => Shape::list(Shape::text()),
            'reversing' => Shape::text(),
        ], 'OnePhaseWiringCurve', 'How a single-phase motor is wired.');
    }
}
