<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

use BraveAnvil\Ground\Defect;
use BraveAnvil\Ground\Doubt;
use BraveAnvil\Ground\EntryCorrection;
use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Source;
use BraveAnvil\Ground\TableEntry;
use BraveAnvil\Ground\Unit;

/**
 * Works out one figure by naming what goes in: working, lineage, "assumed", doubt and corrections come by themselves.
 *
 *     $ledger->work(PowerFigure::Input)->from(P: $output, eta: $efficiency)
 *         ->as('P_out / η', '{P} ÷ {eta}')->equals($output->number() / $efficiency->number())->write();
 *
 * @phpstan-import-type FieldPath from Fields
 */
final class FigureBuilder
{
    private string $label;

    private Unit $unit;

    private int|float|string $value = '';

    private string $said = '';

    private string $formula = '';

    private string $working = '';

    private ?string $source = null;

    /** @var array<string, Figure|TableEntry> what went in, by its placeholder */
    private array $inputs = [];

    /** @var array<string, string> */
    private array $lineage = [];

    /** @var array<string, true> */
    private array $assumptions = [];

    private ?Doubt $doubt = null;

    private ?Doubt $inherited = null;

    /** @var list<EntryCorrection> */
    private array $corrections = [];

    public function __construct(private readonly ?FigureName $name, private readonly ?Ledger $ledger = null)
    {
        $this->label = $name?->label() ?? '';
        $this->unit = $name?->unit() ?? Unit::None;
    }

    /** A closer label than that of its name. */
    public function labelled(string $label): self
    {
        $this->label = $label;

        return $this;
    }

    /** Another unit than that of its name. */
    public function in(Unit $unit): self
    {
        $this->unit = $unit;

        return $this;
    }

    /**
     * What goes in, by the placeholder of the working. What these assume is assumed here too; a doubt is taken over from
     * the first figure that has one; a table entry of a site's own is told.
     */
    public function from(Figure|TableEntry ...$from): self
    {
        foreach ($from as $placeholder => $one) {
            $placeholder = (string) $placeholder;
            $this->inputs['{'.$placeholder.'}'] = $one;
            if ($one instanceof TableEntry) {
                $this->corrected($one->correction);

                continue;
            }
            $origin = $one->origin();
            if ($origin !== '') {
                $this->lineage[$placeholder] = $origin;
            } else {
                foreach ($one->from as $inner => $of) {
                    $this->lineage[$placeholder.'.'.$inner] = $of;
                }
            }
            foreach ($one->assumptions as $assumption) {
                $this->assumptions[$assumption] = true;
            }
            $this->inherited ??= $one->doubt;
            foreach ($one->corrections as $correction) {
                $this->corrected($correction);
            }
        }
        $this->source ??= 'definition';

        return $this;
    }

    /**
     * Taken from what is typed in these fields, where that is more than one number (`66/38`, `50 hp`).
     *
     * @param  FieldPath  ...$paths
     */
    public function typedIn(string ...$paths): self
    {
        foreach ($paths as $path) {
            $this->lineage[$path] = 'field:'.$path;
        }

        return $this;
    }

    /**
     * @param  string  $formula  in letters, `P_out / η`
     * @param  string  $working  the same with `{placeholder}` for each number put in, or words
     */
    public function as(string $formula, string $working = ''): self
    {
        $this->formula = $formula;
        $this->working = $working;

        return $this;
    }

    public function saying(string $working): self
    {
        $this->working = $working;

        return $this;
    }

    /** Its value, unrounded, in its unit. */
    public function equals(int|float|string $value): self
    {
        $this->value = $value;

        return $this;
    }

    /** A value that is a word of the format, as people say it. */
    public function said(string $words): self
    {
        $this->said = $words;

        return $this;
    }

    /** A published source, how it is known, or where it comes from in words. */
    public function source(Source|HowKnown|string $source): self
    {
        $this->source = $source instanceof HowKnown ? $source->value : (string) $source;

        return $this;
    }

    /** Taken from this entry of a table: its source, its doubt, its correction. */
    public function by(TableEntry $entry): self
    {
        $this->source = (string) $entry->source;
        $this->doubt ??= $entry->doubt;
        $this->corrected($entry->correction);

        return $this;
    }

    public function corrected(?EntryCorrection ...$corrections): self
    {
        foreach ($corrections as $correction) {
            if ($correction !== null && ! in_array($correction, $this->corrections, true)) {
                $this->corrections[] = $correction;
            }
        }

        return $this;
    }

    /** What it rests on that nobody stamped or measured; null adds nothing. */
    public function assuming(?string ...$assumptions): self
    {
        foreach ($assumptions as $assumption) {
            if ($assumption !== null) {
                $this->assumptions[$assumption] = true;
            }
        }

        return $this;
    }

    /** Why the table entry that it rests on is not sure; null takes over that of what goes in. */
    public function doubted(?Doubt $doubt): self
    {
        $this->doubt = $doubt;

        return $this;
    }

    /** @throws Defect when the value is not finite, or the working names something that was not put in */
    public function make(): Figure
    {
        $working = str_contains($this->working, '{') ? $this->filled() : $this->working;

        if ($this->ledger?->renames() === true) {
            $this->lineage = array_map($this->ledger->originOf(...), $this->lineage);
        }

        return new Figure($this->name, null, $this->label, $this->value, $this->unit, $this->formula, $working, $this->source ?? '',
            $this->lineage, array_keys($this->assumptions), $this->doubt ?? $this->inherited, $this->corrections,
            $this->said);
    }

    /** @throws Defect when the working names something that was not put in */
    private function filled(): string
    {
        // Only what the working names is put into words: that costs more than all the rest.
        $shown = [];
        foreach ($this->inputs as $placeholder => $one) {
            if (str_contains($this->working, $placeholder)) {
                $shown[$placeholder] = $one->shown();
            }
        }
        $working = strtr($this->working, $shown);
        if (str_contains($working, '{') && preg_match('/\{\w+\}/', $working) === 1) {
            throw Defect::placeholder($this->label, $working);
        }

        return $working;
    }

    /** @throws Defect when it was not begun by a ledger, or the ledger has it already */
    public function write(): Figure
    {
        $figure = $this->make();
        if ($this->ledger === null) {
            throw Defect::noLedger($figure->key());
        }

        return $this->ledger->put($figure);
    }
}
