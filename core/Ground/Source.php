<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

/** Where something is published: the standard, the place in it, the edition where it matters, and how it is known here. */
final readonly class Source implements \Stringable
{
    /**
     * @param  string  $place  section or table; empty for the standard as a whole
     * @param  string  $edition  empty where any in force says the same
     * @param  list<self>  $others  that say the same
     * @param  string  $note  behind it
     */
    public function __construct(
        public Standard $standard,
        public string $place,
        public HowKnown $known,
        public string $edition = '',
        private array $others = [],
        private string $note = '',
    ) {
    }

    /** Another standard that says the same. */
    public function and(self $other): self
    {
        return new self($this->standard, $this->place, $this->known, $this->edition, [...$this->others, $other], $this->note);
    }

    /** With the edition in use: where another one says something else. */
    public function dated(): self
    {
        return new self($this->standard, $this->place, $this->known, $this->standard->edition(), $this->others, $this->note);
    }

    public function adding(string $note): self
    {
        return new self($this->standard, $this->place, $this->known, $this->edition, $this->others, $this->note.$note);
    }

    /** `IEC 60364-4-43, NEC 110.9 (from memory)` */
    public function __toString(): string
    {
        $named = array_map(static fn (self $one): string => trim($one->standard->value.' '.$one->place), [$this, ...$this->others]);

        return $this->known->behind(implode(', ', $named), $this->edition).$this->note;
    }
}
