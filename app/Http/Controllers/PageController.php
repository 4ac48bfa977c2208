<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;

/** The one page that carries the interface. */
final class PageController
{
    public function __invoke(): View
    {
        return view('page');
    }
}
