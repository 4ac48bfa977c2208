<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** How far the supply may be above nominal: factor c of the largest and the smallest fault current. IEC 60909-0 (from memory). */
enum VoltageFactor: string implements Choice
{
    use Labelled;

    case Narrow = '1.05';
    case Wide = '1.10';

    private const LABELS = ['1.05' => '1.05, supply up to 6 % above nominal', '1.10' => '1.10, supply up to 10 % above nominal'];

    /** Of the largest fault current. */
    public function largest(): float
    {
        return (float) $this->value;
    }

    /** Of the smallest one. */
    public function smallest(): float
    {
        return $this === self::Narrow ? 0.95 : 0.90;
    }
}
