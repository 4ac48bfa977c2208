<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;

/** How one device stands to one feeder before it. */
final readonly class SelectivityCell
{
    /**
     * @param  string  $feeder  tag of the board that this feeder supplies
     * @param  float|null  $limit  A, up to which it is selective; null where there is none
     */
    public function __construct(public string $feeder, public SelectivityVerdict $verdict, public ?float $limit)
    {
    }

    public function said(): string
    {
        return $this->limit === null ? $this->verdict->label() : 'Selective up to '.Show::quantity($this->limit, Unit::Ampere, 3);
    }
}
