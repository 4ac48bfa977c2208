<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

/** How something that the core rests on is known. */
enum HowKnown: string
{
    /** Out of a published standard that nobody has held it against. */
    case FromMemory = 'from memory';
    /** What the trade does, without a published source. */
    case CommonPractice = 'common practice';
    /** It is so by what the words mean. */
    case Definition = 'definition';
    /** It follows from other figures of this circuit. */
    case Calculated = 'calculated here';
    case Nameplate = 'nameplate';
    case Entered = 'entered';
    case Measured = 'measured';

    /** Behind what is known so: `NEC 110.9 (from memory)`. */
    public function behind(string $what, string $edition = ''): string
    {
        return $what.' ('.($edition === '' ? '' : $edition.', ').$this->value.')';
    }
}
