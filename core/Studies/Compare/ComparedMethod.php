<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Compare;

use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Choice\Transition;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Ground\Words;

/**
 * One way to start that is held beside the others.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final readonly class ComparedMethod
{
    /**
     * @param  string  $key  in the names of its figures
     * @param  float|null  $tapPercent  where it has taps
     */
    private function __construct(
        public string $key,
        public MethodName $method,
        public ?float $tapPercent = null,
        public ?Transition $transition = null,
    ) {
    }

    /** @return list<self> in the order in which they are drawn */
    public static function all(): array
    {
        return [
            new self('direct', MethodName::Direct),
            new self('star_delta', MethodName::StarDelta, transition: Transition::Open),
            new self('star_delta_closed', MethodName::StarDelta, transition: Transition::Closed),
            new self('autotransformer_50', MethodName::Autotransformer, 50.0),
            new self('autotransformer_65', MethodName::Autotransformer, 65.0),
            new self('autotransformer_80', MethodName::Autotransformer, 80.0),
            new self('resistor', MethodName::Resistor),
            new self('reactor', MethodName::Reactor),
            new self('soft_starter', MethodName::SoftStarter),
            new self('drive', MethodName::Drive),
        ];
    }

    public function name(Words $words): string
    {
        $name = $this->method->label($words);

        return match (true) {
            $this->tapPercent !== null => $name.' '.$this->tapPercent.' %',
            $this->transition === Transition::Closed => $name.', closed transition',
            default => $name,
        };
    }

    /** Whether the circuit is started so already. */
    public function isOf(Circuit $circuit): bool
    {
        if ($circuit->chosen('starter.method', MethodName::class) !== $this->method) {
            return false;
        }
        $transition = $circuit->chosen('starter.transition', Transition::class) ?? Transition::Open;
        $tap = $circuit->number('starter.tap_percent')?->number();

        return ($this->transition ?? $transition) === $transition
            && ($this->tapPercent === null || $tap === $this->tapPercent);
    }

    /** The circuit with this starter. A timer that was set for another one is not taken over. */
    public function in(Circuit $circuit): Circuit
    {
        if ($this->isOf($circuit)) {
            return $circuit;
        }

        return $circuit->choosing([
            'starter.changeover.by' => null, 'starter.changeover.value' => null, 'starter.tap_percent' => $this->tapPercent,
            'starter.transition' => $this->transition, 'guard.overload_place' => null, 'starter.method' => $this->method,
        ]);
    }
}
