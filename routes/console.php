<?php

declare(strict_types=1);

use App\Circuits\DemoData;
use App\Circuits\Recompute;
use Illuminate\Support\Facades\Artisan;

Artisan::command('demo:load', function (DemoData $demo): void {
    echo $demo->load() ? 'The demo data is loaded.' : 'The demo data is there already.', "\n";
})->purpose('Load the demo sites, people and circuits once');

Artisan::command('circuits:recompute', function (Recompute $recompute): void {
    $count = $recompute->ofOtherCores();
    echo $count === 0 ? '' : "$count circuits are solved anew by this core.\n";
})->purpose('Solve circuits again that another core version solved');
