<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

use BraveAnvil\Ground\Defect;
use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\FindingCode;
use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Source;

/**
 * Says who, what, where and what next, in the order of reading. A ledger that begins one keeps it: there is nothing to
 * write at the end.
 *
 *     $ledger->stop(StartFinding::StarDeltaRefused)->title('…')->because('…')->do('…')->on(PlateFigure::Connection);
 *
 * @phpstan-import-type FieldPath from Fields
 */
final class FindingBuilder
{
    private string $title = '';

    private string $text = '';

    private string $action = '';

    private string $source = '';

    /** @var list<string> */
    private array $figures = [];

    /** @var list<FieldPath> */
    private array $fields = [];

    public function __construct(public readonly Grade $grade, public readonly FindingCode $code)
    {
    }

    /** The same as a caution, with why it is no stop. */
    public function softened(string $why): self
    {
        $caution = new self(Grade::Caution, $this->code);
        [$caution->title, $caution->text, $caution->action, $caution->source] = [
            $this->title,
            $this->text.' '.$why,
            $this->action,
            $this->source,
        ];
        [$caution->figures, $caution->fields] = [$this->figures, $this->fields];

        return $caution;
    }

    /** What is the matter, in a few words. */
    public function title(string $title): self
    {
        $this->title = $title;

        return $this;
    }

    public function because(string $text): self
    {
        $this->text = $text;

        return $this;
    }

    /** What the person should do. */
    public function do(string $action): self
    {
        $this->action = $action;

        return $this;
    }

    /** A published source, how it is known, or where it comes from in words. */
    public function source(Source|HowKnown|string $source): self
    {
        $this->source = $source instanceof HowKnown ? $source->value : (string) $source;

        return $this;
    }

    /** The figures it rests on. */
    public function on(FigureName ...$figures): self
    {
        foreach ($figures as $figure) {
            $this->figures[] = $figure->key();
        }

        return $this;
    }

    /**
     * The fields that it is about.
     *
     * @param  FieldPath  ...$paths
     */
    public function about(string ...$paths): self
    {
        foreach ($paths as $path) {
            $this->fields[] = $path;
        }

        return $this;
    }

    /**
     * @param  array<string, string>  $names  where a field really stands, when a plate has two rows
     *
     * @throws Defect when it has no title
     */
    public function made(array $names = []): Finding
    {
        if ($this->title === '') {
            throw Defect::noTitle($this->code->code());
        }

        return new Finding(
            $this->grade,
            $this->code,
            $this->title,
            $this->text,
            $this->action,
            $this->source,
            $this->figures,
            array_map(static fn (string $path): string => $names[$path] ?? $path, $this->fields),
        );
    }
}
