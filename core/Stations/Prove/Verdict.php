<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove;

/** What a reading says of the circuit as it is solved now. */
enum Verdict: string
{
    case Agrees = 'agrees';
    case Differs = 'differs';
    case CannotBeCompared = 'cannot_be_compared';

    public function words(): string
    {
        return match ($this) {
            self::Agrees => 'as expected',
            self::Differs => 'not as expected',
            self::CannotBeCompared => 'cannot be compared',
        };
    }
}
