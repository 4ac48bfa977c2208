<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Defect;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\FindingCode;
use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\Station;

/**
 * Where the stations write while they solve: figures, findings, errors, sentences, curves. It is only written; what one
 * station needs of another comes as that station's result.
 *
 * A fork tries something without leaving traces; what it wrote counts once it is adopted.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final class Ledger
{
    /** @var array<string, Figure> */
    private array $figures = [];

    /** @var list<FindingBuilder> */
    private array $findings = [];

    /** @var array<string, FieldError> */
    private array $errors = [];

    /** @var array<string, Curve> */
    private array $curves = [];

    /** @var array<string, string> */
    private array $sentences = [];

    /** @var array<string, string> */
    private array $meanings = [];

    /** @var array<string, string> */
    private array $names = [];

    /** @var array<string, FieldError> */
    private array $aside = [];

    /** @var array<string, string> reason by station */
    private array $blocked = [];

    private ?self $forkedFrom = null;

    public function work(FigureName $name): FigureBuilder
    {
        return new FigureBuilder($name, $this);
    }

    /** @throws Defect when this figure is there already */
    public function put(Figure $figure): Figure
    {
        $key = $figure->key();
        if (isset($this->figures[$key])) {
            throw Defect::writtenTwice($key);
        }

        return $this->figures[$key] = $figure;
    }

    public function stop(FindingCode $code): FindingBuilder
    {
        return $this->find(Grade::Stop, $code);
    }

    public function caution(FindingCode $code): FindingBuilder
    {
        return $this->find(Grade::Caution, $code);
    }

    public function note(FindingCode $code): FindingBuilder
    {
        return $this->find(Grade::Note, $code);
    }

    public function find(Grade $grade, FindingCode $code): FindingBuilder
    {
        return $this->findings[] = new FindingBuilder($grade, $code);
    }

    /**
     * A stop that does not stand with other assumptions is a caution.
     *
     * @param  self  $favourable  the same circuit with the most favourable values where nobody typed one
     * @param  string  $why  said behind what the stop says
     */
    public function softenStops(self $favourable, string $why): void
    {
        $stands = [];
        foreach ($favourable->findings as $finding) {
            if ($finding->grade === Grade::Stop) {
                $stands[$finding->code->code()] = true;
            }
        }
        foreach ($this->findings as $i => $finding) {
            if ($finding->grade === Grade::Stop && ! isset($stands[$finding->code->code()])) {
                $this->findings[$i] = $finding->softened($why);
            }
        }
    }

    public function hasStops(): bool
    {
        foreach ($this->findings as $finding) {
            if ($finding->grade === Grade::Stop) {
                return true;
            }
        }

        return false;
    }

    /** Takes over findings that a rule returned with its answer. */
    public function add(FindingBuilder ...$findings): void
    {
        foreach ($findings as $finding) {
            $this->findings[] = $finding;
        }
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

    /**
     * A field whose value cannot be used. The first error of a field stays.
     *
     * @param  FieldPath  $path
     */
    public function error(string $path, string $text, string $accepted, ErrorKind $kind = ErrorKind::Impossible): void
    {
        $this->errors[$path] ??= new FieldError($this->names[$path] ?? $path, $text, $accepted, $kind);
    }

    public function refuse(FieldError $error): void
    {
        $this->errors[$error->path] ??= $error->at($this->names[$error->path] ?? $error->path);
    }

    /**
     * A field that is wanted and empty.
     *
     * @param  FieldPath  $path
     */
    public function missing(string $path, string $text): void
    {
        $this->error($path, $text, Fields::named($path)->accepted(), ErrorKind::Missing);
    }

    /** @param  array<string, FieldError>  $errors what reading the circuit found */
    public function errors(array $errors): void
    {
        $this->errors = [...$errors, ...$this->errors];
    }

    /** Stations that wait, each with why; the first reason stays. */
    public function block(string $reason, Station ...$stations): void
    {
        foreach ($stations as $station) {
            $this->blocked[$station->value] ??= $reason;
        }
    }

    public function isOpen(Station $station): bool
    {
        return ! isset($this->blocked[$station->value]);
    }

    public function curve(Curve $curve): void
    {
        $this->curves[$curve->name()] = $curve;
    }

    /** @param  array<string, string>  $meanings what the stamps of the plate say, by path */
    public function explain(array $meanings): void
    {
        $this->meanings = $meanings;
    }

    /** The outcome of a station in one sentence. */
    public function say(Station $station, string $sentence): void
    {
        $this->sentences[$station->value] = $sentence;
    }

    /** A copy to try something on. */
    public function fork(): self
    {
        $fork = clone $this;
        $fork->forkedFrom = $this;

        return $fork;
    }

    /**
     * All that a fork wrote counts from now on.
     *
     * @throws Defect when it is not a fork of this ledger
     */
    public function adopt(self $fork): void
    {
        if ($fork->forkedFrom !== $this) {
            throw Defect::notFromHere();
        }
        foreach (['figures', 'findings', 'errors', 'curves', 'sentences', 'meanings', 'names', 'aside', 'blocked'] as $part) {
            $this->{$part} = $fork->{$part};
        }
    }

    /** @return list<Figure> in the order in which they were written */
    public function figures(): array
    {
        return array_values($this->figures);
    }

    /** @return list<Finding> stops first, then cautions, then notes */
    public function findings(): array
    {
        $order = ['stop' => 0, 'caution' => 1, 'note' => 2];
        $findings = array_map(fn (FindingBuilder $finding): Finding => $finding->made($this->names), $this->findings);
        usort($findings, static fn (Finding $a, Finding $b): int => $order[$a->grade->value] <=> $order[$b->grade->value]);

        return $findings;
    }

    /** @return list<FieldError> */
    public function fieldErrors(): array
    {
        return [...array_values($this->errors), ...array_values($this->aside)];
    }

    /** @return array<string, Curve> */
    public function curves(): array
    {
        return $this->curves;
    }

    /** @return array<string, string> by station; a blocked one says why */
    public function sentences(): array
    {
        $sentences = $this->sentences;
        foreach (Station::cases() as $station) {
            if (isset($this->blocked[$station->value])) {
                $sentences[$station->value] = $this->blocked[$station->value];
            }
        }

        return $sentences;
    }

    /** @return list<string> */
    public function blocked(): array
    {
        return array_keys($this->blocked);
    }

    /** @return array<string, string> why, by station */
    public function blockedBecause(): array
    {
        return $this->blocked;
    }

    /** @return array<string, string> what the stamps of the plate say, by the path under which they were solved */
    public function meanings(): array
    {
        return $this->meanings;
    }

    /** Whether some fields are meant by the names of others: a plate for two frequencies has two rows of them. */
    public function renames(): bool
    {
        return $this->names !== [];
    }

    /** An origin of lineage with its field by the name under which it was typed. */
    public function originOf(string $origin): string
    {
        return str_starts_with($origin, 'field:') ? 'field:'.$this->pathOf(substr($origin, 6)) : $origin;
    }

    /** Where a field really stands. */
    public function pathOf(string $path): string
    {
        return $this->names[$path] ?? $path;
    }
}
