<?php

declare(strict_types=1);

namespace BraveAnvil\Bench;

/** What a solution holds only when it is asked for, since it takes longer to work out or to send. */
enum Extra: string
{
    /** Every starting method beside the chosen one. */
    case Methods = 'methods';
    /** How far lengths, temperatures and neighbours may go before another conductor is wanted. */
    case Margins = 'margins';
    /** Device, relay, start and conductors over current and time. */
    case TimeCurrent = 'time_current';
    /** How motor and starter are wired. */
    case Wiring = 'wiring';
    /** What of the assumed and the doubted would change the answer. */
    case Sensitivity = 'sensitivity';
    /** The rules of thumb that people carry, and how far off they are here. */
    case Learned = 'learned';
    /** Which tables were asked. */
    case Tables = 'tables';

    /** @return list<string> names of the curves of which it adds one to a solution */
    public function curves(): array
    {
        return match ($this) {
            self::Methods => ['comparison'],
            self::Wiring => ['wiring', 'one_phase_wiring'],
            self::Margins, self::TimeCurrent, self::Sensitivity, self::Learned, self::Tables => [$this->value],
        };
    }
}
