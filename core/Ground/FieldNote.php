<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

/** What the page shows beside one field that depends on the circuit. Its unit never does, its label and hint only where the rule
 * book calls something otherwise: `bin/contract` writes the rest. */
final readonly class FieldNote
{
    /**
     * @param  string  $empty  what an empty field means, with who says so in brackets
     * @param  string  $why  the words by which that is marked down to the sheet
     * @param  list<array{value: string, label: string}>  $choices  empty where anything may be typed
     * @param  bool  $used  whether this rule book and starting method have a use for it
     * @param  string  $label  in the words of this book, where they differ
     * @param  string  $hint  the same
     */
    public function __construct(
        public string $empty,
        public string $why,
        public array $choices,
        public bool $used,
        public string $label = '',
        public string $hint = '',
    ) {
    }

    /** The same with its label and its hint in the words of a book. */
    public function worded(string $label, string $hint): self
    {
        return new self($this->empty, $this->why, $this->choices, $this->used, $label, $hint);
    }

    public function saysNothing(): bool
    {
        return $this->empty === '' && $this->why === '' && $this->choices === [] && $this->used && $this->label.$this->hint === '';
    }

    /** @return array<string, mixed> what says nothing is left out: a solution travels at every keystroke */
    public function toArray(): array
    {
        $note = $this->choices === [] ? [] : ['choices' => $this->choices];
        if ($this->empty !== '') {
            $note['empty'] = $this->empty;
        }
        if ($this->why !== '') {
            $note['why'] = $this->why;
        }
        if ($this->label !== '') {
            $note['label'] = $this->label;
        }
        if ($this->hint !== '') {
            $note['hint'] = $this->hint;
        }
        if (! $this->used) {
            $note['unused'] = true;
        }

        return $note;
    }

    /** @return array<string, mixed> */
    public static function schema(): array
    {
        $choice = Shape::object(['value' => Shape::text(), 'label' => Shape::text()], 'FieldChoice');
        $all = [
            'empty' => Shape::text(), 'why' => Shape::text(), 'choices' => Shape::list($choice), 'unused' => Shape::flag(),
            'label' => Shape::text(), 'hint' => Shape::text(),
        ];

        return [
            ...Shape::object($all, 'FieldNote', 'What the page shows beside one field of this circuit. Empty parts are absent.'),
            'required' => [],
        ];
    }
}
