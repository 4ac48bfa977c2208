<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Instruments;

/** One fault with its size, and the line, lead, winding or end that has it. */
final readonly class HiddenFault
{
    /**
     * @param  float  $size  in the unit of its kind's usual size
     * @param  int  $place  0, 1 or 2
     */
    public function __construct(public FaultKind $kind, public float $size, public int $place = 0)
    {
    }

    public static function usual(FaultKind $kind, int $place = 0): self
    {
        return new self($kind, $kind->usualSize(), $place);
    }

    /** Its size where it is of this kind, else null. */
    public function of(FaultKind $kind): ?float
    {
        return $this->kind === $kind ? $this->size : null;
    }
}
