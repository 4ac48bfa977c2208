<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start;

use BraveAnvil\Circuit\Figure;

/**
 * Locked-rotor current with the ends of what the plate allows. The first code letter has no middle and no low end, the last no
 * high one.
 */
final readonly class LockedRotorRange
{
    /**
     * @param  Figure|null  $current  taken for everything, A
     * @param  Figure|null  $low  A
     * @param  Figure|null  $high  A
     */
    public function __construct(public ?Figure $current, public ?Figure $low = null, public ?Figure $high = null)
    {
    }

    /** The same with the current of another source, held between the ends. */
    public function with(?Figure $current): self
    {
        return new self($current, $this->low, $this->high);
    }

    /**
     * What another source says, held between the ends of the letter.
     *
     * @param  Figure  $other  A
     */
    public function bounded(Figure $other): Figure
    {
        $end = match (true) {
            $this->high !== null && $other->number() > $this->high->number() => $this->high,
            $this->low !== null && $other->number() < $this->low->number() => $this->low,
            default => null,
        };

        return $end === null
            ? $other
            : $end
                ->named(StartFigure::LockedRotorCurrent, 'the limit of the code letter range nearer to '.$other->shown(3))
                ->withAssumption('the limit of the code letter range');
    }
}
