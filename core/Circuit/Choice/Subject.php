<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** What stands on the bench. */
enum Subject: string implements Choice
{
    use Labelled;

    case Motor = 'motor';
    case BenchLoad = 'bench_load';

    private const LABELS = ['motor' => 'A motor', 'bench_load' => 'A load on the test bench'];
}
