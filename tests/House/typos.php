<?php

// Plants slips of the pen in a copy of the tree, and shows that the static analysis or the compiler of the page finds each of them, without
// a single test:   php tests/House/typos.php
// Needs what bin/test installs. Takes some minutes, and is not part of the tests. Exit status 1 where one was not found.

declare(strict_types=1);

$root = dirname(__DIR__, 2);
$copy = "$root/var/typos";

const CORE = 'vendor/bin/phpstan analyse --no-progress --memory-limit=1500M --error-format=raw';
const APP = CORE.' -c phpstan-app.neon';
const VIEWS = 'mkdir -p var/views var/testing && APP_CONFIG_CACHE="$PWD/var/testing/config.php" VIEW_COMPILED_PATH="$PWD/var/views" '.
    'php artisan view:cache && '.CORE.' -c phpstan-views.neon';
const PAGE = 'npx tsc --noEmit';

/** What is misspelt: by which checker it is found, where, what stands there, what is written instead, and a word of the answer. */
$slips = [
    'a choice' => [CORE, 'core/Books/Iec/IecRuleBook.php', 'Metal::Copper', 'Metal::Coper', 'Coper'],
    'a key of a table' => [CORE, 'core/Tables/Practice/GuardPractice.php', "'relay_trips_at_dial_times'", "'relay_trips_at_dail_times'", 'relay_trips_at_dail_times'],
    'a path in a list of the page’s fields' => [CORE, 'core/Bench/FieldNotes.php', "'guard.scpd' => true", "'guard.scdp' => true", 'guard.scdp'],
    'the path of a field' => [CORE, 'core/Stations/Cable/CableStation.php', "has('cable.line_length')", "has('cable.line_lenght')", 'no field “cable.line_lenght”'],
    'a choice asked as another' => [CORE, 'core/Stations/Start/Method/StartDefaults.php', "chosen('load.machine', DrivenMachine::class)", "chosen('load.machine', MethodName::class)", 'load.machine'],
    'a choice asked as a number' => [CORE, 'core/Stations/Fault/RacewayStation.php', "number('cable.raceways')", "number('cable.raceway_material')", 'is no number'],
    'a figure' => [CORE, 'core/Stations/Cable/CableStation.php', 'CableFigure::Conductors', 'CableFigure::Conducters', 'CableFigure::Conducters'],
    'a finding' => [CORE, 'core/Stations/Cable/AluminiumNote.php', 'CableFinding::', 'CableFinding::No', 'CableFinding::No'],
    'a standard' => [CORE, 'core/Books/Iec/IecOverload.php', 'Standard::Iec60947_4_1', 'Standard::Iec60974_4_1', 'Iec60974_4_1'],
    'how it is known' => [CORE, 'core/Stations/Correct/OnePhaseUnit.php', 'HowKnown::Definition', 'HowKnown::Definiton', 'Definiton'],
    'a table' => [CORE, 'core/Books/Iec/IecConductorTables.php', 'TableName::IecSoilResistivity', 'TableName::IecSoilResistance', 'IecSoilResistance'],
    'the method behind a route' => [APP, 'routes/web.php', "SpareController::class, 'check'", "SpareController::class, 'chek'", 'no method “chek”'],
    'a column of the database' => [APP, 'app/Circuits/Recompute.php', "where('site_id'", "where('site_idd'", 'site_id'],
    'a value of a record' => [APP, 'app/Logbook/DueList.php', '$circuit->drives', '$circuit->drivs', 'drivs'],
    'a class in a view' => [VIEWS, 'resources/views/sheet/door.blade.php', 'App\Sheet\Ink', 'App\Sheet\Inc', 'Inc'],
    'a route, called by the page' => [PAGE, 'web/stations/plate/ReplacementView.tsx', 'service.spare.check(', 'service.spare.chek(', 'chek'],
    'what is sent to it' => [PAGE, 'web/bench/CircuitDialog.tsx', '{ version }', '{ versoin: version }', 'versoin'],
    'a key of an answer' => [PAGE, 'web/bench/useSolution.ts', 'solution.figures.map', 'solution.figurs.map', 'figurs'],
    'a colour of the theme' => [PAGE, 'web/kit/Button.tsx', 'token.accent}', 'token.acent}', 'acent'],
    'a kind of reading' => [PAGE, 'web/stations/prove/AfterTrips.tsx', "'insulation_resistance'", "'insulation_resistence'", 'insulation_resistence'],
];

exec('rm -rf '.escapeshellarg($copy).' && mkdir -p '.escapeshellarg("$copy/var").' && cd '.escapeshellarg($root).
    ' && git ls-files -z -co --exclude-standard | xargs -0 cp --parents -t '.escapeshellarg($copy).
    ' && cp -al vendor node_modules '.escapeshellarg($copy), $said, $status);
if ($status !== 0) {
    fwrite(STDERR, implode("\n", $said)."\n");
    exit(2);
}
chdir($copy);
$missed = 0;
foreach ($slips as $what => [, $file, $from, $to]) {
    $code = (string) file_get_contents($file);
    if (! str_contains($code, $from)) {
        fwrite(STDERR, "$what: $file has no $from any more\n");
        $missed++;
    }
    // The copy shares nothing with the tree that could be written through.
    unlink($file);
    file_put_contents($file, preg_replace('~'.preg_quote($from, '~').'~', addcslashes($to, '\\$'), $code, 1));
}
$answers = [];
foreach ($slips as $what => [$checker, $file, , $to, $word]) {
    $answers[$checker] ??= (string) shell_exec("($checker) 2>&1");
    $lines = array_filter(explode("\n", $answers[$checker]), static fn (string $line): bool => str_contains($line, $word)
        && ($checker === VIEWS || str_contains($line, basename($file))));
    printf("%s  %s\n", $lines === [] ? 'MISSED' : 'found ', $what);
    foreach (array_slice($lines, 0, 1) as $line) {
        echo '        ', mb_strimwidth(str_replace("$copy/", '', $line), 0, 160, '…'), "\n";
    }
    $missed += $lines === [] ? 1 : 0;
}
exec('rm -rf '.escapeshellarg($copy));
exit($missed === 0 ? 0 : 1);
