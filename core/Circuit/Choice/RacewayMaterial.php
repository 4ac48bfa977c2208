<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** What the raceway is made of. */
enum RacewayMaterial: string implements Choice
{
    use Labelled;

    case Steel = 'steel';
    case Emt = 'emt';
    case Aluminium = 'aluminium';
    case Pvc = 'pvc';

    private const LABELS = [
        'steel' => 'Rigid steel conduit', 'emt' => 'Steel tubing (EMT)', 'aluminium' => 'Aluminium conduit', 'pvc' => 'PVC',
    ];

    /** Whether it is of steel, which adds to the impedance of what lies in it. */
    public function isSteel(): bool
    {
        return $this === self::Steel || $this === self::Emt;
    }
}
