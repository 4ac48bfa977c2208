<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Stations\Cable\Rejection;

/** One size of the feeder against all that is asked of it. */
final readonly class FeederRung
{
    /**
     * @param  string  $size  as the book writes it
     * @param  float  $ampacity  A, of all sets together
     * @param  float|null  $drop  %; null where the length is not known
     * @param  float|null  $starting  with the worst start, %; null where nothing starts on it, or the length is not known
     * @param  list<Rejection>  $fails
     */
    public function __construct(
        public string $size,
        public int $sets,
        public float $ampacity,
        public ?float $drop,
        public ?float $starting,
        public array $fails,
        public bool $isChosen,
    ) {
    }
}
