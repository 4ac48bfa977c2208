<?php

declare(strict_types=1);

use App\Circuits\DemoData;
use Illuminate\Foundation\Console\ClosureCommand;
use Illuminate\Support\Facades\Artisan;

Artisan::command('demo:load', function (ClosureCommand $command, DemoData $demo): void {
    $command->info($demo->load() ? 'The demo data is loaded.' : 'The demo data is there already.');
})->purpose('Load the demo sites, people and circuits once');
