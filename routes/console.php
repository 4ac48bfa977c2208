<?php

declare(strict_types=1);

use App\Circuits\DemoData;
use Illuminate\Support\Facades\Artisan;

Artisan::command('demo:load', function (DemoData $demo): void {
    echo $demo->load() ? 'The demo data is loaded.' : 'The demo data is there already.', "\n";
})->purpose('Load the demo sites, people and circuits once');
