<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** What thickens a grease: different ones go soft or hard together, whatever their oil is. Common practice, no source. */
enum Thickener: string implements Choice
{
    use Labelled;

    case Lithium = 'lithium';
    case LithiumComplex = 'lithium_complex';
    case Polyurea = 'polyurea';
    case Calcium = 'calcium';
    case CalciumSulfonate = 'calcium_sulfonate';
    case AluminiumComplex = 'aluminium_complex';
    case Sodium = 'sodium';
    case Clay = 'clay';

    private const LABELS = [
        'lithium' => 'Lithium soap', 'lithium_complex' => 'Lithium complex', 'polyurea' => 'Polyurea', 'calcium' => 'Calcium soap',
        'calcium_sulfonate' => 'Calcium sulfonate', 'aluminium_complex' => 'Aluminium complex', 'sodium' => 'Sodium soap', 'clay' => 'Clay',
    ];
}
