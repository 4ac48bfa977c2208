<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Instruments;

/** How far a drill has come: what was read, and once the fault is named, what it was and what told it apart. */
final readonly class DrillState
{
    /**
     * @param  list<array{kind: string, values: array<string, mixed>}>  $taken  readings, oldest first
     * @param  string|null  $named  the fault that was named; null while it is hidden
     */
    public function __construct(
        private SimulatedCircuit $circuit,
        private HiddenFault $fault,
        private array $taken,
        private ?string $named,
    ) {
    }

    /** @return array{taken: list<array<string, mixed>>, fault: array<string, string>|null, right: bool|null, assessment: array<string, mixed>|null} */
    public function toArray(): array
    {
        $compared = $this->circuit->compared($this->taken);
        $taken = [];
        foreach ($this->taken as $index => $one) {
            $comparison = $compared[$index] ?? null;
            $taken[] = ['kind' => $one['kind'], 'values' => (object) $one['values'], 'comparison' => $comparison?->toArray()];
        }
        $kind = $this->fault->kind;

        return ['taken' => $taken, ...$this->named === null ? ['fault' => null, 'right' => null, 'assessment' => null] : [
            'fault' => ['kind' => $kind->value, 'label' => $kind->label()],
            'right' => $this->named === $kind->value,
            'assessment' => $this->circuit->assess($this->fault, array_column($this->taken, 'kind')),
        ]];
    }
}
