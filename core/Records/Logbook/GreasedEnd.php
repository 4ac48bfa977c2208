<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Logbook;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Ground\Labelled;

/** Which bearing was greased. */
enum GreasedEnd: string implements Choice
{
    use Labelled;

    case Both = 'both';
    case Drive = 'de';
    case Other = 'nde';

    private const LABELS = ['both' => 'both ends', 'de' => 'drive end', 'nde' => 'non-drive end'];
}
