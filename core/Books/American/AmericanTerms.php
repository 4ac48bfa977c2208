<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

/** What the NEC and the CE Code call otherwise than IEC 60364. Phrases come before the words in them. */
final class AmericanTerms
{
    /**
     * @param  string  $drive  a drive of variable frequency
     * @param  string  $protective  the conductor that grounds or bonds
     * @return array<string, string> the book's term, by the one that the stations write
     */
    public static function of(string $drive, string $protective): array
    {
        return [
            'star' => 'wye', 'earth' => 'ground', 'earthed' => 'grounded', 'earthing' => 'grounding', 'unearthed' => 'ungrounded',
            'mains' => 'utility',
            'aluminium' => 'aluminum',
            'breaking capacity' => 'interrupting rating',
            'prospective short-circuit current' => 'available fault current',
            'current-carrying capacity' => 'ampacity',
            'design current' => 'full-load current for sizing',
            'direct-on-line' => 'full-voltage',
            'variable-speed drive' => $drive,
            'protective conductor' => $protective,
            'circuit-breaker' => 'circuit breaker', 'circuit-breakers' => 'circuit breakers',
            'insulation monitoring device' => 'ground detector',
            'earth-fault loop impedance' => 'impedance of the ground-fault current path',
            'rcd' => 'ground-fault protection',
            'prove dead' => 'verify absence of voltage', 'prove it dead' => 'verify absence of voltage',
            'prove them dead' => 'verify absence of voltage', 'prove the capacitor dead' => 'verify absence of voltage on the capacitor',
            'once they are proved dead' => 'once absence of voltage is verified',
            'lock off and tag' => 'lock out and tag out', 'lock off' => 'lock out', 'lock-off' => 'lockout', 'locked off' => 'locked out',
        ];
    }
}
