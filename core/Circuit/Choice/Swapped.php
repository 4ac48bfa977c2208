<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** The wattmeter whose leads were swapped so that it reads forwards. */
enum Swapped: string implements Choice
{
    use Labelled;

    case None = 'none';
    case One = '1';
    case Two = '2';
    case Three = '3';

    private const LABELS = [
        'none' => 'on neither', '1' => 'on the wattmeter in L1', '2' => 'on the wattmeter in L2', '3' => 'on the wattmeter in L3',
    ];
}
