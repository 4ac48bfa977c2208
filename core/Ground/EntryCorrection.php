<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

/** One entry of a table that a site replaced, with who did it, when and why. */
final readonly class EntryCorrection
{
    /**
     * @param  string  $table  folder and file without ending, `nec/ampacity`
     * @param  string  $entry  JSON pointer without its first slash, `copper/8/0`
     * @param  float  $value  in the table's unit
     * @param  string  $on  a date as the person typed it
     * @param  string  $page  of the printed book, where somebody named it
     */
    public function __construct(
        public string $table,
        public string $entry,
        public float $value,
        public string $by,
        public string $on,
        public string $why,
        public string $page = '',
    ) {
    }

    /** As it stands behind the source of a figure that rests on it. */
    public function text(): string
    {
        return 'corrected to '.Show::number($this->value, 6).' by '.$this->by.' on '.$this->on.': '.$this->why.
            ($this->page === '' ? '' : ', page '.$this->page);
    }
}
