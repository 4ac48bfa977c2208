<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Circuit\Choice\SupplySource;
use BraveAnvil\Circuit\Parse\CapacitorStamp;
use BraveAnvil\Circuit\Parse\DutyStamp;
use BraveAnvil\Circuit\Parse\PlateCurrent;
use BraveAnvil\Circuit\Parse\PlateVoltage;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Circuit\Parse\Speed;
use BraveAnvil\Ground\FieldError;

use function array_filter;
use function array_values;
use function count;
use function is_array;
use function is_bool;
use function is_float;
use function is_string;
use function trim;

/**
 * One motor branch circuit as it was read. A field is in one of three states, never mixed: typed and read, missing, or bad.
 * Numbers come as figures in base units, so that what is assumed stays marked.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final readonly class Circuit
{
    /**
     * @param  array<string, TypedValue>  $entries  by path
     * @param  array<string, FieldError>  $errors  by path
     * @param  list<string>  $unknown  paths that the format does not know
     * @param  bool  $rowChosen  whether it stands on one of two rows of rated values, by the supply
     * @param  Reads  $reads  which values were asked for; shared by all that is made from this circuit
     */
    public function __construct(
        public string $tag,
        public string $ruleBook,
        private array $entries,
        public array $errors,
        public array $unknown,
        public bool $rowChosen = false,
        private Reads $reads = new Reads,
    ) {
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
        foreach (['plate.', 'plate.second.'] as $row) {
            $current = ($this->entries[$row.'current'] ?? null)?->value;
            $voltage = ($this->entries[$row.'voltage'] ?? null)?->value;
            if (isset($read[$row.'current']) && $current instanceof PlateCurrent && $voltage instanceof PlateVoltage
                && count($current->groups) === 2 && count($voltage->pairs) === 2) {
                $read[$row.'current'] = $current->echo($voltage->pairs[0]['connection'], $voltage->pairs[1]['connection']);
            }
        }

        return $read;
    }

    /**
     * Whether one of these fields cannot be used.
     *
     * @param  FieldPath  ...$paths
     */
    public function bad(string ...$paths): bool
    {
        foreach ($paths as $path) {
            if (isset($this->errors[$path])) {
                return true;
            }
        }

        return false;
    }

    /**
     * Neither typed nor bad.
     *
     * @param  FieldPath  $path
     */
    public function missing(string $path): bool
    {
        return ! isset($this->errors[$path]) && (! isset($this->entries[$path]) || $this->entries[$path]->assumption !== null);
    }

    /**
     * Typed and read.
     *
     * @param  FieldPath  $path
     */
    public function isTyped(string $path): bool
    {
        return $this->value($path) !== null && $this->entries[$path]->assumption === null;
    }

    /** @param  array<FieldPath, Assumed>  $defaults */
    public function withDefaults(array $defaults): self
    {
        $entries = $this->entries;
        foreach ($defaults as $path => $default) {
            if (! isset($entries[$path]) && ! isset($this->errors[$path])) {
                $entries[$path] = new TypedValue($default->value, '', $default->why, default: $default);
            }
        }

        return new self($this->tag, $this->ruleBook, $entries, $this->errors, $this->unknown, $this->rowChosen, $this->reads);
    }

    /**
     * The same with other values where nobody typed one.
     *
     * @param  array<FieldPath, Assumed>  $values
     */
    public function assuming(array $values): self
    {
        $entries = $this->entries;
        foreach ($values as $path => $value) {
            if ($this->missing($path)) {
                $entries[$path] = new TypedValue($value->value, '', $value->why, default: $value);
            }
        }

        return new self($this->tag, $this->ruleBook, $entries, $this->errors, $this->unknown, $this->rowChosen, $this->reads);
    }

    /** The same with another value at one path where nobody typed one; the path comes from data, such as a list of fields. */
    public function supposing(string $path, Assumed $value): self
    {
        $entry = $this->entries[$path] ?? null;
        if (isset($this->errors[$path]) || ($entry !== null && $entry->assumption === null)) {
            return $this;
        }
        $entries = [...$this->entries, $path => new TypedValue($value->value, '', $value->why, default: $value)];

        return new self($this->tag, $this->ruleBook, $entries, $this->errors, $this->unknown, $this->rowChosen, $this->reads);
    }

    /**
     * The same with other values, typed or not.
     *
     * @param  array<FieldPath, float|Choice|null>  $values  in base units, or a choice; null empties a field
     */
    public function choosing(array $values): self
    {
        $entries = $this->entries;
        $errors = $this->errors;
        foreach ($values as $path => $value) {
            unset($entries[$path], $errors[$path]);
            if ($value !== null) {
                $entries[$path] = new TypedValue($value instanceof Choice ? $value->value : $value, '');
            }
        }

        return new self($this->tag, $this->ruleBook, $entries, $errors, $this->unknown, $this->rowChosen, $this->reads);
    }

    /**
     * A number in base units, or null when missing or bad.
     *
     * @param  FieldPath  $path
     */
    public function number(string $path): ?Figure
    {
        $this->reads->note($path);
        $entry = $this->entries[$path] ?? null;

        return $entry === null || ! is_float($entry->value) ? null : $this->reads->figure($path, $entry, $entry->value);
    }

    /** What was read into a field, and that somebody asked for it. */
    private function value(string $path): mixed
    {
        $this->reads->note($path);

        return ($this->entries[$path] ?? null)?->value;
    }

    /** @return list<FieldPath> fields that are typed and read, and whose value nobody has asked for */
    public function unread(): array
    {
        $unread = [];
        foreach ($this->entries as $path => $entry) {
            if ($entry->assumption === null && ! $this->reads->has($path)) {
                /** @var FieldPath $path */
                $unread[] = $path;
            }
        }

        return $unread;
    }

    /**
     * Rows of two numbers as they were read, ascending: percent of rated speed with percent of rated torque, percent of rated output
     * with hours a year, percent of rated apparent power with percent.
     *
     * @param  'load.points'|'load.hours'|'supply.inverter_efficiency_points'  $path
     * @return list<array{float, float}>|null null when missing or bad
     */
    public function pairs(string $path): ?array
    {
        /** @var list<array{float, float}>|null $pairs */
        $pairs = is_array($this->value($path)) ? $this->value($path) : null;

        return $pairs;
    }

    /** Phases of the supply: three unless one is typed. */
    public function phases(): int
    {
        return $this->value('supply.phases') === 1.0 ? 1 : 3;
    }

    /** What supplies it: the mains unless something else is typed. */
    public function source(): SupplySource
    {
        return $this->chosen('supply.source', SupplySource::class) ?? SupplySource::Mains;
    }

    /** What volts are multiplied by to give volt-amperes of one ampere: √3 between three lines, 1 between two wires. */
    public function phaseFactor(): float
    {
        return $this->phases() === 1 ? 1.0 : sqrt(3);
    }

    /** The same in a formula, in front of a product. */
    public function phaseFactorText(): string
    {
        return $this->phases() === 1 ? '' : '√3 × ';
    }

    /**
     * One of a field's choices, or null when missing or bad.
     *
     * @template T of Choice
     *
     * @param  FieldPath  $path
     * @param  class-string<T>  $choices
     * @return T|null
     */
    public function chosen(string $path, string $choices): ?Choice
    {
        $value = $this->value($path);

        return is_string($value) ? $choices::tryFrom($value) : null;
    }

    /**
     * Those of a field's choices that hold; none when missing or bad.
     *
     * @template T of Choice
     *
     * @param  FieldPath  $path
     * @param  class-string<T>  $choices
     * @return list<T>
     */
    public function several(string $path, string $choices): array
    {
        $value = $this->value($path);

        $chosen = [];
        foreach (is_array($value) ? $value : [] as $one) {
            $choice = is_string($one) ? $choices::tryFrom($one) : null;
            if ($choice !== null) {
                $chosen[] = $choice;
            }
        }

        return $chosen;
    }

    /**
     * A word that is none of a few choices: an insulation, a size, a letter.
     *
     * @param  FieldPath  $path
     */
    public function word(string $path): ?string
    {
        $value = $this->value($path);

        return is_string($value) ? $value : null;
    }

    /** @param  FieldPath  $path */
    public function flag(string $path): ?bool
    {
        $value = $this->value($path);

        return is_bool($value) ? $value : null;
    }

    /**
     * Why nobody typed this value, or null.
     *
     * @param  FieldPath  $path
     */
    public function assumed(string $path): ?string
    {
        return ($this->entries[$path] ?? null)?->assumption;
    }

    /** What an empty field is taken as, or null where it is typed or nothing is taken. */
    public function defaultOf(string $path): ?Assumed
    {
        return ($this->entries[$path] ?? null)?->default;
    }

    /** @return array<string, true> paths of fields that nobody typed and that are taken as something */
    public function defaults(): array
    {
        $defaults = [];
        foreach ($this->entries as $path => $entry) {
            if ($entry->default !== null) {
                $defaults[$path] = true;
            }
        }

        return $defaults;
    }

    /**
     * Typed and read, or assumed.
     *
     * @param  FieldPath  $path
     */
    public function has(string $path): bool
    {
        return isset($this->entries[$path]);
    }

    /**
     * What a stamp says that is more than a number, or null when missing or bad.
     *
     * @template T of Power|CapacitorStamp|DutyStamp|PlateVoltage|PlateCurrent|Speed
     *
     * @param  FieldPath  $path
     * @param  class-string<T>  $stamp  as its field is read
     * @return T|null
     */
    public function stamp(string $path, string $stamp): ?object
    {
        $value = $this->value($path);

        return $value instanceof $stamp ? $value : null;
    }

    /** Whether the plate has a second row of rated values, for another frequency. */
    public function hasSecondRow(): bool
    {
        return RatedRow::stands($this->entries, $this->errors);
    }

    /**
     * The same with one row of rated values, under the names of the first.
     *
     * @param  bool  $bySupply  whether the supply decided it, with both frequencies known
     */
    public function withRow(bool $second, bool $bySupply): self
    {
        [$entries, $errors] = $second
            ? RatedRow::second($this->entries, $this->errors)
            : [RatedRow::withoutSecond($this->entries), RatedRow::withoutSecond($this->errors)];

        return new self($this->tag, $this->ruleBook, $entries, $errors, $this->unknown, $bySupply, $this->reads);
    }

    /** What the site knows of its motors' stamps, as it was decoded. */
    public function lessons(): mixed
    {
        return $this->value('settings.lessons');
    }

    /** The corrections of tables as they were decoded: only the tables tell whether they can be used. */
    public function corrections(): mixed
    {
        return $this->value('settings.corrections');
    }

    /** The readings as they were decoded: what each kind of them takes is known under Prove. */
    public function readings(): mixed
    {
        return $this->value('readings');
    }

    /**
     * The text of a value that is typed in words; null when it is missing, bad or a number.
     *
     * @param  FieldPath  $path
     */
    public function stamped(string $path): ?string
    {
        $text = $this->word($path);

        return $text === null || trim($text) === '' ? null : $text;
    }

    /**
     * @param  FieldPath  $path
     * @return list<float> several numbers of one field, in base units; empty when missing or bad
     */
    public function numbers(string $path): array
    {
        $value = $this->value($path);

        return is_array($value) ? array_values(array_filter($value, is_float(...))) : [];
    }
}
