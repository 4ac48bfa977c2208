<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;

/** One field of the open format: how it is read, within which bounds, and what the page says beside it. */
final readonly class Field
{
    /**
     * @param  string  $accepted  what may be typed, with an example; empty where the choices say it
     * @param  Unit  $unit  of the value that is read
     * @param  class-string<Choice>|null  $choices  for a field that takes one of a few values
     * @param  string  $letters  those that a letter field takes
     * @param  string  $hint  one line below the field
     * @param  string  $empty  what an empty field means, where no default says it
     */
    public function __construct(
        public string $path,
        public FieldKind $kind,
        public string $label,
        private string $accepted,
        public Unit $unit = Unit::None,
        public float $low = 0.0,
        public float $high = 0.0,
        public ?string $choices = null,
        public string $letters = '',
        public string $hint = '',
        public string $empty = '',
    ) {
    }

    /**
     * As a list of fields describes it.
     *
     * @param  array{kind: FieldKind, label: string, accepted?: string, unit?: Unit, low?: int|float, high?: int|float, choices?: class-string<Choice>, letters?: string, hint?: string, empty?: string}  $as
     */
    public static function of(string $path, array $as): self
    {
        return new self(
            $path, $as['kind'], $as['label'],
            $as['accepted'] ?? '',
            $as['unit'] ?? Unit::None,
            (float) ($as['low'] ?? 0),
            (float) ($as['high'] ?? 0),
            $as['choices'] ?? null,
            $as['letters'] ?? '',
            $as['hint'] ?? '',
            $as['empty'] ?? '',
        );
    }

    /** What may be entered, with an example or the choices as people read them, in the words of IEC 60364. */
    public function accepted(): string
    {
        return $this->accepted !== '' ? $this->accepted : 'Choose one of: '.implode(', ', $this->labels()).'.';
    }

    /** The same with the values of the open format. */
    public function acceptedInFile(): string
    {
        $values = array_map(static fn (Choice $choice): string => (string) $choice->value, $this->cases());

        return $this->accepted !== '' ? $this->accepted : 'One of '.implode(', ', $values).'.';
    }

    /** @return list<string> of the choices, in their order */
    private function labels(): array
    {
        $words = Words::iec();

        return array_map(static fn (Choice $choice): string => $choice->label($words), $this->cases());
    }

    /** @return list<Choice> */
    public function cases(): array
    {
        return $this->choices === null ? [] : $this->choices::cases();
    }

    /** The unit that a bare typed number is in. */
    public function typedUnit(): string
    {
        return $this->kind->bareUnit() ?? $this->unit->value;
    }
}
