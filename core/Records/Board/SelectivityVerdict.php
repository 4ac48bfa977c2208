<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Ground\Labelled;

/** Whether only the circuit with the fault goes off. */
enum SelectivityVerdict: string
{
    use Labelled;

    case Selective = 'selective';
    case SelectiveUpTo = 'selective_up_to';
    case NotSelective = 'not_selective';
    case NotChecked = 'not_checked';

    private const LABELS = [
        'selective' => 'Selective', 'selective_up_to' => 'Selective up to a limit', 'not_selective' => 'Not selective',
        'not_checked' => 'Not checked',
    ];
}
