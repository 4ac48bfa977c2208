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
     * @param  array<FieldPath, string|float>  $sets  what is set on the starter, in base units
     */
    private function __construct(public string $key, public MethodName $method, public array $sets)
    {
    }

    /** @return list<self> in the order in which they are drawn */
    public static function all(): array
    {
        $closed = ['starter.transition' => Transition::Closed->value];
        $open = ['starter.transition' => Transition::Open->value];
        $tap = static fn (float $percent): array => ['starter.tap_percent' => $percent];

        return [
            new self('direct', MethodName::Direct, []),
            new self('star_delta', MethodName::StarDelta, $open),
            new self('star_delta_closed', MethodName::StarDelta, $closed),
            new self('autotransformer_50', MethodName::Autotransformer, $tap(50.0)),
            new self('autotransformer_65', MethodName::Autotransformer, $tap(65.0)),
            new self('autotransformer_80', MethodName::Autotransformer, $tap(80.0)),
            new self('resistor', MethodName::Resistor, []),
            new self('reactor', MethodName::Reactor, []),
            new self('soft_starter', MethodName::SoftStarter, []),
            new self('drive', MethodName::Drive, []),
        ];
    }

    public function name(Words $words): string
    {
        $name = $this->method->label($words);

        return match (true) {
            isset($this->sets['starter.tap_percent']) => $name.' '.$this->sets['starter.tap_percent'].' %',
            ($this->sets['starter.transition'] ?? '') === Transition::Closed->value => $name.', closed transition',
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

        return (! isset($this->sets['starter.transition']) || $this->sets['starter.transition'] === $transition->value)
            && (! isset($this->sets['starter.tap_percent']) || $tap === $this->sets['starter.tap_percent']);
    }

    /** The circuit with this starter. A timer that was set for another one is not taken over. */
    public function in(Circuit $circuit): Circuit
    {
        if ($this->isOf($circuit)) {
            return $circuit;
        }

        return $circuit->choosing([
            'starter.changeover.by' => null, 'starter.changeover.value' => null, 'starter.tap_percent' => null,
            'starter.transition' => null, 'guard.overload_place' => null, 'starter.method' => $this->method->value, ...$this->sets,
        ]);
    }
}
