<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Parse;

/** Duty as stamped. IEC 60034-1. */
final readonly class DutyStamp
{
    /**
     * @param  string  $type  S1 to S10
     * @param  float|null  $minutes  of short-time duty
     */
    public function __construct(public string $type, public ?float $minutes = null)
    {
    }

    public function isContinuous(): bool
    {
        return $this->type === 'S1';
    }

    /** Whether it is a duty whose load nobody can tell from the plate: S9, S10. */
    public function isIrregular(): bool
    {
        return $this->type === 'S9' || $this->type === 'S10';
    }

    /** Whether the motor starts or brakes again and again: S3 to S8. */
    public function isRepeated(): bool
    {
        return in_array($this->type, ['S3', 'S4', 'S5', 'S6', 'S7', 'S8'], true);
    }
}
