<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

use BraveAnvil\Circuit\Choice\ChangeoverBy;
use BraveAnvil\Circuit\Choice\RuleBookName;
use BraveAnvil\Circuit\Parse\Speed;
use BraveAnvil\Circuit\Parse\Typed;
use BraveAnvil\Ground\Defect;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\FieldError;

/** Reads a decoded circuit document into a Circuit. Whatever it is given, it answers with a circuit and its errors. */
final class CircuitReader
{
    public const FORMAT = 'brave-anvil.circuit/1';

    /** @var array<string, TypedValue> */
    private array $entries = [];

    /** @var array<string, FieldError> */
    private array $errors = [];

    /** @var list<string> */
    private array $unknown = [];

    private FieldReader $fields;

    private function __construct()
    {
    }

    /** @param  array<array-key, mixed>  $document */
    public static function read(array $document): Circuit
    {
        return (new self)->circuit($document);
    }

    /** @param  array<array-key, mixed>  $document */
    private function circuit(array $document): Circuit
    {
        $format = $document['format'] ?? self::FORMAT;
        if ($format !== self::FORMAT) {
            $this->fail('format', 'This file format cannot be read.', 'Choose a circuit file of this program, '.self::FORMAT.'.');
        }
        $book = $document['rule_book'] ?? null;
        $this->fields = new FieldReader(
            RuleBookName::isAmerican($book), self::changesOverBySpeed($document), self::onePhase($document),
            self::synchronousSpeed($document),
        );
        foreach ($document as $key => $value) {
            $key = (string) $key;
            if ($key === 'format') {
                continue;
            }
            if (Section::tryFrom($key) !== null) {
                $this->section($key, $value);
            } else {
                $this->field($key, $value);
            }
        }
        [$this->entries, $errors] = PlateRows::parted($this->entries, $this->errors);
        foreach ($errors as $path => $text) {
            $this->fail($path, $text, (Fields::find($path) ?? throw Defect::unknownField($path))->accepted());
        }
        $this->inOrder();
        if (! isset($this->entries['rule_book']) && ! isset($this->errors['rule_book'])) {
            $this->fail('rule_book', 'Enter the rule book.', 'IEC 60364, NEC or CE Code.');
        }
        $tag = ($this->entries['tag'] ?? null)?->value;
        $read = ($this->entries['rule_book'] ?? null)?->value;

        return new Circuit(is_string($tag) ? $tag : '', is_string($read) ? $read : '', $this->entries, $this->errors, $this->unknown);
    }

    /**
     * Known before the other fields are read: it says what unit a changeover is in.
     *
     * @param  array<array-key, mixed>  $document
     */
    private static function changesOverBySpeed(array $document): bool
    {
        $starter = $document['starter'] ?? null;
        $changeover = is_array($starter) ? $starter['changeover'] ?? null : null;
        $by = is_array($changeover) ? $changeover['by'] ?? null : null;
        $field = Fields::find('starter.changeover.by');
        $read = $field === null ? null : (new FieldReader(false))->read($field, $by);

        return $read instanceof TypedValue && $read->value === ChangeoverBy::Speed->value;
    }

    /**
     * Known before the other fields are read: half of the voltage is a neutral's there, and a high leg's with three phases.
     *
     * @param  array<array-key, mixed>  $document
     */
    private static function onePhase(array $document): bool
    {
        $supply = $document['supply'] ?? null;
        $field = Fields::find('supply.phases');
        $read = $field === null || ! is_array($supply) ? null : (new FieldReader(false))->read($field, $supply['phases'] ?? null);

        return $read instanceof TypedValue && $read->value === 1.0;
    }

    /**
     * Known before the other fields are read: a changeover in rpm is counted against it.
     *
     * @param  array<array-key, mixed>  $document
     */
    private static function synchronousSpeed(array $document): ?float
    {
        $reader = new FieldReader(false);
        $read = static function (string $section, string $name) use ($document, $reader): mixed {
            $value = is_array($document[$section] ?? null) ? $document[$section][$name] ?? null : null;
            $typed = $value === null || $value === '' ? null : $reader->read(Fields::at($section.'.'.$name), $value);

            return $typed instanceof TypedValue ? $typed->value : null;
        };
        $speed = $read('plate', 'speed');
        $hertz = $read('supply', 'frequency') ?? $read('plate', 'frequency');
        $poles = $speed instanceof Speed && is_float($hertz) ? 2 * floor(60 * $hertz / $speed->rpm * (1 + 1e-9)) : 0.0;

        return $poles < 2 || ! is_float($hertz) ? null : 120 * $hertz / $poles;
    }

    /** In the order of the format: in which order a file names its fields changes nothing, not even a list of them. */
    private function inOrder(): void
    {
        $order = array_flip(Fields::paths());
        $place = static fn (string $a, string $b): int => [$order[$a] ?? INF, $a] <=> [$order[$b] ?? INF, $b];
        uksort($this->entries, $place);
        uksort($this->errors, $place);
        sort($this->unknown);
    }

    private function section(string $name, mixed $value): void
    {
        if ($value === null) {
            return;
        }
        if (! is_array($value)) {
            $this->fail($name, 'This section is not a group of fields.', 'An object with named fields.');

            return;
        }
        $this->group($name, $value);
    }

    /** @param  array<array-key, mixed>  $group */
    private function group(string $name, array $group): void
    {
        foreach ($group as $key => $inner) {
            $path = $name.'.'.$key;
            if (Fields::isGroup($path) && is_array($inner)) {
                $this->group($path, $inner);
            } elseif (! Fields::isGroup($path) || $inner !== null) {
                $this->field($path, $inner);
            }
        }
    }

    private function field(string $path, mixed $value): void
    {
        $field = Fields::find($path);
        if ($field === null) {
            // Only the start of a hostile key is worth repeating.
            $this->unknown[] = trim(Typed::quoted($path), '“”');

            return;
        }
        if ($value === null || $value === '') {
            return;
        }
        $read = $this->fields->read($field, $value);
        if ($read instanceof Refusal) {
            $this->fail($path, $read->text, $field->accepted(), $read->refused ? ErrorKind::Refused : ErrorKind::Unreadable);
        } elseif ($read !== null) {
            $this->entries[$path] = $read;
            foreach ($read->also as $other => $entry) {
                $this->entries[$other] ??= $entry;
            }
        }
    }

    private function fail(string $path, string $text, string $accepted, ErrorKind $kind = ErrorKind::Unreadable): void
    {
        $this->errors[$path] ??= new FieldError($path, $text, $accepted, $kind);
    }
}
