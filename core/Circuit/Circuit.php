<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

use BraveAnvil\Circuit\Parse\PlateCurrent;
use BraveAnvil\Circuit\Parse\PlateVoltage;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Circuit\Parse\Speed;
use BraveAnvil\Solution\FieldError;
use BraveAnvil\Solution\Figure;

/**
 * One motor branch circuit as it was read. A field is in one of three states, never mixed: typed and read, missing, or bad.
 * Numbers come as figures in base units, so that what is assumed stays marked.
 */
final readonly class Circuit
{
    /**
     * @param  array<string, Entry>  $entries  by path
     * @param  array<string, FieldError>  $errors  by path
     * @param  list<string>  $unknown  paths that the format does not know
     */
    public function __construct(public string $tag, public string $ruleBook, private array $entries, public array $errors, public array $unknown)
    {
    }

    /** @return array<string, string> how each typed field was read, by path */
    public function read(): array
    {
        $read = [];
        foreach ($this->entries as $path => $entry) {
            if ($entry->assumption === null && $entry->echo !== '') {
                $read[$path] = $entry->echo;
            }
        }

        return $read;
    }

    public function bad(string ...$paths): bool
    {
        foreach ($paths as $path) {
            if (isset($this->errors[$path])) {
                return true;
            }
        }

        return false;
    }

    /** Neither typed nor bad. */
    public function missing(string $path): bool
    {
        return ! isset($this->errors[$path]) && (! isset($this->entries[$path]) || $this->entries[$path]->assumption !== null);
    }

    /** @param  array<string, array{mixed, string}>  $defaults path => [value in base units, why] */
    public function withDefaults(array $defaults): self
    {
        $entries = $this->entries;
        foreach ($defaults as $path => [$value, $why]) {
            if (! isset($entries[$path]) && ! isset($this->errors[$path])) {
                $entries[$path] = new Entry($value, '', $why);
            }
        }

        return new self($this->tag, $this->ruleBook, $entries, $this->errors, $this->unknown);
    }

    /** A number in base units, or null when missing or bad. */
    public function number(string $path): ?Figure
    {
        $entry = $this->entries[$path] ?? null;
        if ($entry === null || ! is_float($entry->value)) {
            return null;
        }
        $field = Fields::all()[$path];

        return new Figure($path, $field->label, $entry->value, $field->unit, '', '', $entry->assumption === null ? 'typed' : 'assumed',
            $entry->assumption === null ? [] : [$entry->assumption]);
    }

    public function choice(string $path): ?string
    {
        $value = ($this->entries[$path] ?? null)?->value;

        return is_string($value) ? $value : null;
    }

    public function flag(string $path): ?bool
    {
        $value = ($this->entries[$path] ?? null)?->value;

        return is_bool($value) ? $value : null;
    }

    public function assumed(string $path): ?string
    {
        return ($this->entries[$path] ?? null)?->assumption;
    }

    public function has(string $path): bool
    {
        return isset($this->entries[$path]);
    }

    public function power(): ?Power
    {
        $value = ($this->entries['plate.power'] ?? null)?->value;

        return $value instanceof Power ? $value : null;
    }

    public function plateVoltage(): ?PlateVoltage
    {
        $value = ($this->entries['plate.voltage'] ?? null)?->value;

        return $value instanceof PlateVoltage ? $value : null;
    }

    public function plateCurrent(): ?PlateCurrent
    {
        $value = ($this->entries['plate.current'] ?? null)?->value;

        return $value instanceof PlateCurrent ? $value : null;
    }

    public function speed(): ?Speed
    {
        $value = ($this->entries['plate.speed'] ?? null)?->value;

        return $value instanceof Speed ? $value : null;
    }

    /** @return list<float>|null rated frequencies, Hz */
    public function plateFrequencies(): ?array
    {
        $value = ($this->entries['plate.frequency'] ?? null)?->value;
        if (! is_array($value)) {
            return null;
        }

        return array_values(array_filter($value, is_float(...)));
    }
}
