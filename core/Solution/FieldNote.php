<?php

declare(strict_types=1);

namespace BraveAnvil\Solution;

/** What the page shows beside one field. */
final readonly class FieldNote
{
    /**
     * @param  string  $unit  of a bare typed number
     * @param  string  $hint  one line below the field
     * @param  string  $empty  what an empty field means, with who says so in brackets
     * @param  string  $why  the words by which that is marked down to the sheet
     * @param  list<array{value: string, label: string, computed: bool}>  $choices  empty where anything may be typed
     * @param  bool  $used  whether this rule book and starting method have a use for it
     */
    public function __construct(
        public string $label,
        public string $unit,
        public string $hint,
        public string $empty,
        public string $why,
        public array $choices,
        public bool $used,
    ) {
    }

    /** @return array<string, mixed> what says nothing is left out: there are many fields, and a solution travels at every keystroke */
    public function toArray(): array
    {
        $note = [
            'label' => $this->label, 'unit' => $this->unit, 'hint' => $this->hint, 'empty' => $this->empty, 'why' => $this->why,
            'choices' => $this->choices, 'unused' => ! $this->used,
        ];

        return array_filter($note, static fn (mixed $part): bool => $part !== '' && $part !== [] && $part !== false);
    }

    /** @return array<string, mixed> */
    public static function schema(): array
    {
        $choice = Shape::object(['value' => Shape::text(), 'label' => Shape::text(), 'computed' => Shape::flag()], 'FieldChoice');

        return [
            ...Shape::object(
                [
                    'label' => Shape::text(), 'unit' => Shape::text(), 'hint' => Shape::text(), 'empty' => Shape::text(),
                    'why' => Shape::text(), 'choices' => Shape::list($choice), 'unused' => Shape::flag(),
                ],
                'FieldNote', 'What the page shows beside one field. What says nothing is absent.',
            ),
            'required' => ['label'],
        ];
    }
}
