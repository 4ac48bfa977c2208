<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** What the raceway is made of. */
enum RacewayMaterial: string implements Choice
{
    case Steel = 'steel';
    case Emt = 'emt';
    case Aluminium = 'aluminium';
    case Pvc = 'pvc';

    /** Whether it is of steel, which adds to the impedance of what lies in it. */
    public function isSteel(): bool
    {
        return $this === self::Steel || $this === self::Emt;
    }

    public function label(Words $words): string
    {
        return match ($this) {
            self::Steel => 'Rigid steel conduit',
            self::Emt => 'Steel tubing (EMT)',
            self::Aluminium => 'Aluminium conduit',
            self::Pvc => 'PVC',
        };
    }
}
