<?php

declare(strict_types=1);

use App\Circuits\DemoData;
use App\Circuits\Recompute;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

Artisan::command('demo:load', function (DemoData $demo): void {
    echo $demo->load() ? 'The demo data is loaded.' : 'The demo data is there already.', "\n";
})->purpose('Load the demo sites, people and circuits once');

Artisan::command('circuits:recompute', function (Recompute $recompute): void {
    $count = $recompute->ofOtherCores();
    echo $count === 0 ? '' : "$count circuits are solved anew by this core.\n";
})->purpose('Solve circuits again that another core version solved');

Artisan::command('jobs:release', function (): void {
    // Only while no worker runs: whatever was begun was begun by one that is dead.
    $count = DB::table('jobs')->whereNotNull('reserved_at')->update(['reserved_at' => null]);
    echo $count === 0 ? '' : "$count pieces of work that a killed worker left are taken up again.\n";
})->purpose('Give back what killed workers had begun');
