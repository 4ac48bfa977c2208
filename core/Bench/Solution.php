<?php

declare(strict_types=1);

namespace BraveAnvil\Bench;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\FieldNote;
use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\Version;
use BraveAnvil\Stations\Prove\Comparison;

/** All that is computed from a circuit. The same circuit, tables and core version give the same solution, byte for byte. */
final readonly class Solution
{
    public const FORMAT = 'brave-anvil.solution/1';

    /**
     * @param  string  $ruleBook  as it was read
     * @param  string  $edition  of the rule book
     * @param  list<Figure>  $figures
     * @param  list<Finding>  $findings  stops first
     * @param  list<FieldError>  $errors
     * @param  array<string, Curve>  $curves  series for the pictures
     * @param  array<string, string>  $sentences  the outcome of each station in one sentence
     * @param  list<string>  $blocked  stations that wait for something
     * @param  array<string, string>  $read  what typed text was read as, by path
     * @param  array<string, string>  $words  the rule book's terms
     * @param  array<string, array{text: string, figures: list<string>}>  $meanings  what the stamps of the plate say and which figures follow from them, by path
     * @param  array<string, FieldNote>  $fields  what the page shows beside each field
     * @param  list<Comparison>  $comparisons  of the circuit's readings, in their order
     * @param  Spoken|null  $spoken  puts pictures into the words of the rule book as they are read
     */
    public function __construct(
        public string $tag = '',
        public string $ruleBook = '',
        public string $edition = '',
        public array $figures = [],
        public array $findings = [],
        public array $errors = [],
        public array $curves = [],
        public array $sentences = [],
        public array $blocked = [],
        public array $read = [],
        public array $words = [],
        public array $meanings = [],
        public array $fields = [],
        public string $core = Version::CORE,
        public array $comparisons = [],
        private ?Spoken $spoken = null,
    ) {
    }

    /** A solution that only says why nothing could be read. */
    public static function unreadable(string $text, string $accepted, string $path = ''): self
    {
        return new self(errors: [new FieldError($path, $text, $accepted)]);
    }

    /** A figure by its name or its key; null while it waits. */
    public function figure(FigureName|string $name): ?Figure
    {
        $key = is_string($name) ? $name : $name->key();
        foreach ($this->figures as $figure) {
            if ($figure->key() === $key) {
                return $figure;
            }
        }

        return null;
    }

    public function worst(): ?Grade
    {
        return $this->findings === [] ? null : $this->findings[0]->grade;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'format' => self::FORMAT, 'core' => $this->core, 'tag' => $this->tag, 'rule_book' => $this->ruleBook,
            'edition' => $this->edition,
            'figures' => array_map(static fn (Figure $f): array => $f->toArray(), $this->figures),
            'findings' => array_map(static fn (Finding $f): array => $f->toArray(), $this->findings),
            'errors' => array_map(static fn (FieldError $e): array => $e->toArray(), $this->errors),
            'comparisons' => array_map(static fn (Comparison $c): array => $c->toArray(), $this->comparisons),
            'curves' => (object) $this->shownCurves(array_keys($this->curves)),
            'sentences' => (object) $this->sentences,
            'blocked' => $this->blocked,
            'read' => (object) $this->read,
            'words' => (object) $this->words,
            'meanings' => (object) $this->meanings,
            'fields' => (object) $this->shownFields(),
        ];
    }

    /**
     * @param  list<string>  $names
     * @return array<string, array<array-key, mixed>> what those pictures are drawn from, in the words of the rule book
     */
    public function shownCurves(array $names): array
    {
        return array_map($this->spoken(...), array_intersect_key($this->curves, array_flip($names)));
    }

    /** @return array<string, array<array-key, mixed>> what the page shows beside each field, in the words of the rule book */
    public function shownFields(): array
    {
        return array_map($this->spoken(...), $this->fields);
    }

    /** @return array<array-key, mixed> */
    private function spoken(Curve|FieldNote $says): array
    {
        return $this->spoken?->shown($says->toArray()) ?? $says->toArray();
    }

    /** @return list<string> doubted table entries on which its figures rest, by the names under which corrections travel */
    public function doubts(): array
    {
        $paths = [];
        foreach ($this->figures as $figure) {
            if ($figure->doubt !== null && $figure->doubt->path !== '') {
                $paths[$figure->doubt->path] = true;
            }
        }

        return array_keys($paths);
    }

    /** One line of JSON. */
    public function toJson(): string
    {
        return json_encode($this->toArray(), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
}
