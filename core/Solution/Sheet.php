<?php

declare(strict_types=1);

namespace BraveAnvil\Solution;

use BraveAnvil\Circuit\Fields;
use LogicException;

/**
 * Where the stations write while they solve, and where later stations read. Figures are the only thing that passes
 * between stations, so whatever is used is also shown.
 */
final class Sheet
{
    /** @var array<string, Figure> */
    private array $figures = [];

    /** @var list<Finding> */
    private array $findings = [];

    /** @var array<string, FieldError> */
    private array $errors = [];

    /** @var array<string, mixed> */
    private array $curves = [];

    /** @var array<string, string> */
    private array $sentences = [];

    /** @var array<string, array{text: string, figures: list<string>}> */
    private array $meanings = [];

    /** @var array<string, string> */
    private array $names = [];

    /** @var array<string, FieldError> */
    private array $aside = [];

    /** @var array<string, string> reason by station */
    private array $blocked = [];

    public function put(Figure $figure): Figure
    {
        if (isset($this->figures[$figure->key])) {
            throw new LogicException("$figure->key is computed twice");
        }

        return $this->figures[$figure->key] = $figure;
    }

    /**
     * Computes a figure from others: its working is the template with their values put in, and it is assumed as soon
     * as one of them is.
     *
     * @param  array<string, Figure>  $from  placeholder => figure, as `{I}` in the template
     */
    public function work(string $key, string $label, int|float|string $value, string $unit, string $formula, string $working, array $from,
        string $source = 'definition', ?string $assumption = null, ?string $uncertain = null): Figure
    {
        return $this->put(self::worked($key, $label, $value, $unit, $formula, $working, $from, $source, $assumption, $uncertain));
    }

    /**
     * The same without writing it down, for values that only explain other values.
     *
     * @param  array<string, Figure>  $from
     */
    public static function worked(string $key, string $label, int|float|string $value, string $unit, string $formula, string $working, array $from,
        string $source = 'definition', ?string $assumption = null, ?string $uncertain = null): Figure
    {
        $assumptions = [];
        $shown = [];
        foreach ($from as $name => $figure) {
            $shown['{'.$name.'}'] = $figure->shown(6);
            foreach ($figure->assumptions as $one) {
                $assumptions[$one] = true;
            }
            $uncertain ??= $figure->uncertain;
        }
        if ($assumption !== null) {
            $assumptions[$assumption] = true;
        }

        return new Figure($key, $label, $value, $unit, $formula, strtr($working, $shown), $source, array_keys($assumptions), $uncertain);
    }

    public function get(string $key): ?Figure
    {
        return $this->figures[$key] ?? null;
    }

    /** @throws LogicException when an earlier station did not compute it */
    public function need(string $key): Figure
    {
        return $this->figures[$key] ?? throw new LogicException("$key is not there yet");
    }

    public function has(string ...$keys): bool
    {
        foreach ($keys as $key) {
            if (! isset($this->figures[$key])) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<string>  $figures
     * @param  list<string>  $fields  paths of the fields that it is about
     */
    public function find(Grade $grade, Station $station, string $code, string $title, string $text, string $action = '', string $source = '', array $figures = [], array $fields = []): void
    {
        $this->findings[] = new Finding($grade, $station, $code, $title, $text, $action, $source, $figures, array_map(fn (string $path): string => $this->names[$path] ?? $path, $fields));
    }

    /**
     * Where a field really stands, when another row of the plate is solved under the names of the first.
     *
     * @param  array<string, string>  $names
     */
    public function rename(array $names): void
    {
        $this->names = $names;
    }

    /** @param  array<string, FieldError>  $errors of fields that nothing rests on; they are shown, and block nothing */
    public function aside(array $errors): void
    {
        $this->aside = $errors;
    }

    public function error(string $path, string $text, string $accepted, string $kind = FieldError::IMPOSSIBLE): void
    {
        $this->errors[$path] ??= new FieldError($this->names[$path] ?? $path, $text, $accepted, $kind);
    }

    /** A field that is wanted and empty. */
    public function missing(string $path, string $text): void
    {
        $this->error($path, $text, Fields::all()[$path]->accepted, FieldError::MISSING);
    }

    /** @param  array<string, FieldError>  $errors what reading the circuit found */
    public function errors(array $errors): void
    {
        $this->errors = [...$errors, ...$this->errors];
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

    /** A copy to try something on, without these figures. */
    public function without(string ...$keys): self
    {
        $copy = clone $this;
        $copy->figures = array_diff_key($this->figures, array_flip($keys));

        return $copy;
    }

    public function block(Station $station, string $reason): void
    {
        $this->blocked[$station->value] ??= $reason;
    }

    public function blocked(Station $station): bool
    {
        return isset($this->blocked[$station->value]);
    }

    public function curve(string $name, mixed $data): void
    {
        $this->curves[$name] = $data;
    }

    /** @param  array<string, array{text: string, figures: list<string>}>  $meanings what the stamps of the plate say and what follows from them, by path */
    public function explain(array $meanings): void
    {
        foreach ($meanings as $path => $meaning) {
            $this->meanings[$this->names[$path] ?? $path] = $meaning;
        }
    }

    public function say(Station $station, string $sentence): void
    {
        $this->sentences[$station->value] = $sentence;
    }

    /**
     * @param  array<string, string>  $read  what typed text was read as, by path
     * @param  array<string, string>  $words  the rule book's terms
     */
    public function solution(string $core, string $tag, string $ruleBook, string $edition, array $read, array $words): Solution
    {
        $order = ['stop' => 0, 'caution' => 1, 'note' => 2];
        $findings = $this->findings;
        usort($findings, static fn (Finding $a, Finding $b): int => $order[$a->grade->value] <=> $order[$b->grade->value]);
        foreach (Station::cases() as $station) {
            if (isset($this->blocked[$station->value])) {
                $this->sentences[$station->value] = $this->blocked[$station->value];
            }
        }

        return new Solution($core, $tag, $ruleBook, $edition, array_values($this->figures), $findings, array_values([...$this->errors, ...array_values($this->aside)]),
            $this->curves, $this->sentences, array_keys($this->blocked), $read, $words, $this->meanings);
    }
}
