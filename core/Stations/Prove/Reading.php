<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\TypedValue;

/** One reading of a circuit as it was typed. It is never changed; withdrawn it counts no more. */
final readonly class Reading
{
    /**
     * @param  int  $index  its place in the circuit's list
     * @param  int|null  $at  when it was taken, seconds since 1970; null where that cannot be read
     * @param  Figure|null  $load  at the time, percent of rated output; null where nobody says
     * @param  bool  $simulated  whether a stand-in gave it, not an instrument
     * @param  array<string, TypedValue>  $values  what could be read, by name
     * @param  list<string>  $bad  names of values that could not
     */
    public function __construct(
        public int $index,
        public ReadingKind $kind,
        public ?int $at,
        public ?Figure $load,
        public bool $simulated,
        public bool $withdrawn,
        private array $values,
        public array $bad = [],
    ) {
    }

    /** A number in base units; null where it is missing or an ohmmeter showed nothing flowing. */
    public function number(string $name): ?Figure
    {
        $entry = $this->values[$name] ?? null;
        if ($entry === null || ! is_float($entry->value)) {
            return null;
        }
        $field = ReadingFields::of($this->kind)[$name];

        return Figure::step($field->label, $entry->value, $field->unit);
    }

    /** @return non-empty-list<float>|null all of them, or null where one is missing */
    public function all(string ...$names): ?array
    {
        $read = [];
        foreach ($names as $name) {
            $value = ($this->values[$name] ?? null)?->value;
            if (! is_float($value)) {
                return null;
            }
            $read[] = $value;
        }

        return $read === [] ? null : $read;
    }

    /** @return list<string> those of them that are not there */
    public function missing(string ...$names): array
    {
        return array_values(array_filter($names, fn (string $name): bool => ! isset($this->values[$name])));
    }

    /** Whether an ohmmeter showed that nothing flows. */
    public function isOpen(string $name): bool
    {
        return ($this->values[$name] ?? null)?->value === ReadingFields::OPEN;
    }

    /**
     * @template T of Choice
     *
     * @param  class-string<T>  $choices
     * @return T|null
     */
    public function chosen(string $name, string $choices): ?Choice
    {
        $value = ($this->values[$name] ?? null)?->value;

        return is_string($value) ? $choices::tryFrom($value) : null;
    }

    /** @return list<string> */
    public function several(string $name): array
    {
        $value = ($this->values[$name] ?? null)?->value;

        return is_array($value) ? array_values(array_filter($value, is_string(...))) : [];
    }

    /** @return array<string, TypedValue> by name */
    public function values(): array
    {
        return $this->values;
    }
}
