<?php

declare(strict_types=1);

namespace BraveAnvil\Cable;

/** One length of a motor circuit: from the supply to the starter, or from the starter to the motor. */
final readonly class Run
{
    /** @param  bool  $sixLeads the motor leads of a star-delta starter, two conductors in series with each winding */
    private function __construct(public bool $line, public bool $sixLeads)
    {
    }

    public static function line(): self
    {
        return new self(true, false);
    }

    public static function motor(bool $sixLeads): self
    {
        return new self(false, $sixLeads);
    }

    public function conductors(): int
    {
        return $this->sixLeads ? 6 : 3;
    }

    public function name(): string
    {
        return $this->line ? 'supply to starter' : 'starter to motor';
    }
}
