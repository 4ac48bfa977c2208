<?php

declare(strict_types=1);

use App\Boards\BoardStore;
use App\Circuits\DemoData;
use App\Circuits\Recompute;
use App\Models\Person;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Schema;

Artisan::command('demo:load', function (DemoData $demo): void {
    echo $demo->load() ? 'The demo data is loaded.' : 'The demo data is there already.', "\n";
})->purpose('Load the demo sites, people and circuits once');

Artisan::command('circuits:recompute', function (Recompute $recompute, BoardStore $boards): void {
    $boards->ofOtherCores();
    $count = $recompute->ofOtherCores();
    echo $count === 0 ? '' : "$count circuits are solved anew by this core.\n";
})->purpose('Solve circuits again that another core version solved');

Artisan::command('jobs:release {job?}', function (?string $job = null): void {
    // Without a number only while no worker runs: whatever was begun was begun by one that is dead.
    $begun = DB::table('jobs')->whereNotNull('reserved_at');
    $count = ($job !== null ? $begun->where('id', (int) $job) : $begun)->update(['reserved_at' => null]);
    echo $count === 0 ? '' : "$count pieces of work that a killed worker left are taken up again.\n";
})->purpose('Give back what killed workers had begun');

Artisan::command('house:is-behind', function (): int {
    // Status 0 where people are in the house and its database has yet to be brought up to date.
    if (! Schema::hasTable('people') || DB::table('people')->doesntExist()) {
        return 1;
    }
    $ran = DB::table('migrations')->pluck('migration')->all();
    $all = array_map(static fn (string $file): string => basename($file, '.php'), glob(database_path('migrations/*.php')) ?: []);

    return array_diff($all, $ran) === [] ? 1 : 0;
})->purpose('Whether a backup is wanted before the database is migrated');

Artisan::command('people:sign-ins', function (): void {
    // Who is in the house, and whether the password of the demo still opens it.
    $lines = ['demo' => [], 'own' => []];
    foreach (Person::query()->where('active', true)->orderBy('id')->limit(20)->get()->all() as $person) {
        $isDemo = in_array($person->login, DemoData::LOGINS, true) && Hash::check(DemoData::PASSWORD, $person->password);
        $lines[$isDemo ? 'demo' : 'own'][] = sprintf('    %-16s %s, %s', $person->login, $person->name, $person->role);
    }
    $heads = ['demo' => 'Demo sign-ins, all with the password  '.DemoData::PASSWORD, 'own' => 'Sign-ins with passwords of their own'];
    foreach ($heads as $of => $head) {
        echo $lines[$of] === [] ? '' : '  '.$head.PHP_EOL.implode(PHP_EOL, $lines[$of]).PHP_EOL;
    }
})->purpose('Who signs in here');
