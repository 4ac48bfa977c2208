<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

use BraveAnvil\Ground\Defect;
use BraveAnvil\Ground\Doubt;
use BraveAnvil\Ground\EntryCorrection;
use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use Closure;

use function array_map;
use function is_finite;
use function is_float;
use function is_string;
use function str_starts_with;
use function substr;

/**
 * One value with all that explains it: unit, formula, the numbers put in and where they came from, source, and what is
 * merely assumed. Values are unrounded and in the unit stated.
 *
 * It stands under a name, or under the path of the field that was typed, or under none: a step inside another's working.
 */
final readonly class Figure
{
    /**
     * @param  string|null  $field  path of the field that it was read from
     * @param  array<string, string>  $from  lineage: placeholder of the working => key of a figure, or `field:` and a path
     * @param  list<string>  $assumptions  what it rests on that nobody stamped or measured
     * @param  Doubt|null  $doubt  why the table entry that it rests on is not sure
     * @param  list<EntryCorrection>  $corrections  entries of a site's own that it rests on
     * @param  string  $said  a value that is a word of the format, as people say it; empty where the value is read as it is
     *
     * @throws Defect when the value is not finite
     */
    public function __construct(
        public ?FigureName $name,
        public ?string $field,
        public string $label,
        public int|float|string $value,
        public Unit $unit = Unit::None,
        public string $formula = '',
        public string $working = '',
        public string $source = '',
        public array $from = [],
        public array $assumptions = [],
        public ?Doubt $doubt = null,
        public array $corrections = [],
        public string $said = '',
    ) {
        if (is_float($value) && ! is_finite($value)) {
            throw Defect::notFinite($this->key());
        }
    }

    /** Begins a figure that is returned, not written: `Figure::work(GuardFigure::ScpdLimit)->…->make()`. */
    public static function work(FigureName $name): FigureBuilder
    {
        return new FigureBuilder($name);
    }

    /** A step that stands only inside another's working. What it comes from becomes the lineage of whoever uses it. */
    public static function step(string $label, float $value, Unit $unit = Unit::None, Figure ...$from): self
    {
        $builder = new FigureBuilder(null);

        return $builder->labelled($label)->in($unit)->from(...$from)->equals($value)->make();
    }

    /**
     * What a person typed into a field, in base units.
     *
     * @param  string|null  $assumption  set when nobody typed it
     */
    public static function typed(string $path, string $label, float $value, Unit $unit, ?string $assumption): self
    {
        return new self(
            null, $path, $label, $value, $unit,
            source: $assumption === null ? 'entered' : 'assumed',
            assumptions: $assumption === null ? [] : [$assumption],
        );
    }

    public function key(): string
    {
        return $this->name?->key() ?? $this->field ?? '';
    }

    /** How lineage names it; empty for a step. */
    public function origin(): string
    {
        return $this->name?->key() ?? ($this->field === null ? '' : 'field:'.$this->field);
    }

    public function assumed(): bool
    {
        return $this->assumptions !== [];
    }

    /** @throws Defect when the value is text */
    public function number(): float
    {
        if (is_string($this->value)) {
            throw Defect::isText($this->key());
        }

        return (float) $this->value;
    }

    /** The value as a person reads it, with its unit. */
    public function shown(int $digits = 4): string
    {
        return is_string($this->value) ? ($this->said === '' ? $this->value : $this->said)
            : Show::quantity($this->value, $this->unit, $digits);
    }

    public function withAssumption(string $assumption): self
    {
        return new self($this->name, $this->field, $this->label, $this->value, $this->unit, $this->formula, $this->working, $this->source,
            $this->from, [...$this->assumptions, $assumption], $this->doubt, $this->corrections, $this->said);
    }

    /** The same value under another name, its source being this figure. */
    public function named(FigureName $name, string $source, ?string $label = null): self
    {
        $label ??= $name->label();
        $origin = $this->origin();

        return new self($name, null, $label, $this->value, $this->unit, '', $this->label.' '.$this->shown(), $source,
            $origin === '' ? $this->from : ['' => $origin], $this->assumptions, $this->doubt, $this->corrections, $this->said);
    }

    /**
     * The same in other words.
     *
     * @param  Closure(string): string  $say
     */
    public function spoken(Closure $say): self
    {
        return new self($this->name, $this->field, $say($this->label), $this->value, $this->unit, $this->formula, $say($this->working),
            $say($this->source), $this->from, array_map($say, $this->assumptions), $this->doubt, $this->corrections,
            $this->said === '' ? '' : $say($this->said));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $from = [];
        foreach ($this->from as $placeholder => $origin) {
            $from[] = str_starts_with($origin, 'field:')
                ? ['placeholder' => $placeholder, 'field' => substr($origin, 6)] : ['placeholder' => $placeholder, 'figure' => $origin];
        }
        $source = $this->source;
        foreach ($this->corrections as $correction) {
            $source .= ($source === '' ? '' : '; ').$correction->text();
        }

        return [
            'key' => $this->key(),
            'station' => $this->name?->station()->value ?? '',
            'label' => $this->label, 'value' => $this->value, 'unit' => $this->unit->value,
            'shown' => $this->shown(3),
            'formula' => $this->formula, 'working' => $this->working, 'from' => $from, 'source' => $source, 'assumed' => $this->assumed(),
            'assumptions' => $this->assumptions, 'uncertain' => $this->doubt?->reason,
            'uncertain_entry' => $this->doubt === null || $this->doubt->path === '' ? null : $this->doubt->path,
            'corrected' => $this->corrections !== [],
        ];
    }
}
