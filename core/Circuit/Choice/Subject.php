<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** What stands on the bench. */
enum Subject: string implements Choice
{
    case Motor = 'motor';
    case BenchLoad = 'bench_load';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Motor => 'A motor',
            self::BenchLoad => 'A load on the test bench',
        };
    }
}
