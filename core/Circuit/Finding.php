<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

use BraveAnvil\Ground\FindingCode;
use BraveAnvil\Ground\Grade;
use Closure;

/** A stop, caution or note: what is the matter, why, and what to do. */
final readonly class Finding
{
    /**
     * @param  list<string>  $figures  keys of the figures it rests on
     * @param  list<string>  $fields  paths of the fields that it is about
     */
    public function __construct(
        public Grade $grade,
        public FindingCode $code,
        public string $title,
        public string $text,
        public string $action,
        public string $source,
        public array $figures,
        public array $fields,
    ) {
    }

    public static function stop(FindingCode $code): FindingBuilder
    {
        return new FindingBuilder(Grade::Stop, $code);
    }

    public static function caution(FindingCode $code): FindingBuilder
    {
        return new FindingBuilder(Grade::Caution, $code);
    }

    public static function note(FindingCode $code): FindingBuilder
    {
        return new FindingBuilder(Grade::Note, $code);
    }

    /**
     * The same in other words.
     *
     * @param  Closure(string): string  $say
     */
    public function spoken(Closure $say): self
    {
        return new self($this->grade, $this->code, $say($this->title), $say($this->text), $say($this->action), $this->source,
            $this->figures, $this->fields);
    }

    /**
     * The same with another source.
     *
     * @param  Closure(string): string  $cite
     */
    public function cited(Closure $cite): self
    {
        $source = $cite($this->source);

        return $source === $this->source ? $this : new self(
            $this->grade, $this->code, $this->title, $this->text, $this->action, $source, $this->figures, $this->fields,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'grade' => $this->grade->value, 'station' => $this->code->station()->value, 'code' => $this->code->code(),
            'title' => $this->title, 'text' => $this->text, 'action' => $this->action,
            'figures' => $this->figures, 'fields' => $this->fields, 'source' => $this->source,
        ];
    }
}
