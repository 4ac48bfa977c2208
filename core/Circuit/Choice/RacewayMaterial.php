<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\RuleBook\Words;

/** What the raceway is made of. */
enum RacewayMaterial: string implements Choice
{
    case Steel = 'steel';
    case Aluminium = 'aluminium';
    case Pvc = 'pvc';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Steel => 'Steel',
            self::Aluminium => 'Aluminium',
            self::Pvc => 'PVC',
        };
    }
}
