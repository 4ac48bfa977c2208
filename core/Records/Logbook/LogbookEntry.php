<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Logbook;

use BraveAnvil\Circuit\TypedValue as ReadValue;

/** One entry of a logbook: what happened and when. It is withdrawn, never changed. */
final readonly class LogbookEntry
{
    /**
     * @param  int  $at  when it happened, seconds since 1970
     * @param  array<string, ReadValue>  $values  by name
     */
    public function __construct(public int $index, public EntryKind $kind, public int $at, private array $values)
    {
    }

    /** What was typed as a number, in the unit of its field: h, g. */
    public function number(string $name): ?float
    {
        $value = ($this->values[$name] ?? null)?->value;

        return is_float($value) ? $value : null;
    }

    /** @return list<float> one or several numbers, in the unit of their field */
    public function numbers(string $name): array
    {
        $value = ($this->values[$name] ?? null)?->value;

        return is_float($value) ? [$value] : (is_array($value) ? array_values(array_filter($value, is_float(...))) : []);
    }

    public function text(string $name): string
    {
        $value = ($this->values[$name] ?? null)?->value;

        return is_string($value) ? trim($value) : '';
    }

    public function isTicked(string $name): bool
    {
        return ($this->values[$name] ?? null)?->value === true;
    }

    public function greasedEnd(): GreasedEnd
    {
        return GreasedEnd::tryFrom($this->text('end')) ?? GreasedEnd::Both;
    }
}
