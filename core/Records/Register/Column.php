<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Register;

/** One column of a file that is read. */
final readonly class Column
{
    /**
     * @param  int  $place  from 0
     * @param  string  $head  as it stands in the file
     * @param  string|null  $path  of the field that it fills; null where nothing is made of it
     * @param  bool  $decided  whether its head says what it fills, or a person said so; one with cells that nobody decided stops the writing
     * @param  string|null  $unit  that its head names, where that is another than the field's own
     */
    public function __construct(
        public int $place,
        public string $head,
        public ?string $path,
        public bool $decided = true,
        public ?string $unit = null,
    ) {
    }

    /** Its letter, as spreadsheets name columns. */
    public function letter(): string
    {
        $letter = '';
        for ($number = $this->place + 1; $number > 0; $number = intdiv($number - 1, 26)) {
            $letter = chr(65 + ($number - 1) % 26).$letter;
        }

        return $letter;
    }
}
