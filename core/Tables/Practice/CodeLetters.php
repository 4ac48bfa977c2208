<?php

declare(strict_types=1);

namespace BraveAnvil\Tables\Practice;

use BraveAnvil\Tables\Table;

/** Locked-rotor kVA for each horsepower by code letter. NEC Table 430.7(B). */
final readonly class CodeLetters
{
    public function __construct(private Table $table)
    {
    }

    /** @return list<string> in the order of the table */
    public function letters(): array
    {
        return $this->table->keys();
    }

    /** kVA/hp; null at an open end. */
    public function low(string $letter): ?float
    {
        return $this->table->number($letter, '0');
    }

    /** kVA/hp; null at an open end. */
    public function high(string $letter): ?float
    {
        return $this->table->number($letter, '1');
    }

    /** The letter whose range holds a value, or null. */
    public function like(float $kvaPerHorsepower): ?string
    {
        $found = null;
        foreach ($this->letters() as $letter) {
            if ($kvaPerHorsepower >= ($this->low($letter) ?? INF) - 0.005) {
                $found = $letter;
            }
        }

        return $found;
    }

    public function cited(): string
    {
        return $this->table->cited();
    }
}
