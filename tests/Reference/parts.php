<?php

// For the page's tests: circuits of the demo, each whole and in parts, whole and for every station. One line of JSON each.

declare(strict_types=1);

use BraveAnvil\Away\SolutionParts;
use BraveAnvil\Away\Wanted;
use BraveAnvil\Bench\Bench;
use BraveAnvil\Ground\Station;
use Tests\Core\Circuits;

require dirname(__DIR__, 2).'/vendor/autoload.php';

/** @var array<string, list<string>> $drawn names of pictures by station */
$drawn = json_decode($argv[1] ?? '{}', true, 4, JSON_THROW_ON_ERROR);
foreach (Circuits::demo() as $document) {
    $solution = Bench::solve($document);
    $stations = '';
    foreach (Station::cases() as $station) {
        $parts = SolutionParts::json($solution, new Wanted($station, $drawn[$station->value] ?? []));
        $stations .= ($stations === '' ? '' : ',')."\"$station->value\":$parts";
    }
    echo '{"solution":', $solution->toJson(), ',"whole":', SolutionParts::json($solution, new Wanted()), ',"stations":{', $stations, "}}\n";
}
