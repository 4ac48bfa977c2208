<?php

declare(strict_types=1);

namespace BraveAnvil;

use BraveAnvil\Cable\CableStation;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\CircuitReader;
use BraveAnvil\Correct\CorrectStation;
use BraveAnvil\Fault\FaultStation;
use BraveAnvil\Guard\GuardStation;
use BraveAnvil\Guard\Prospective;
use BraveAnvil\Measure\Measurement;
use BraveAnvil\Plate\PlateRow;
use BraveAnvil\Plate\PlateStation;
use BraveAnvil\Power\Phasors;
use BraveAnvil\Power\PowerStation;
use BraveAnvil\Power\Windings;
use BraveAnvil\RuleBook\RuleBooks;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Solution;
use BraveAnvil\Solution\Station;
use BraveAnvil\Start\StartStation;

/**
 * The whole job on one page: a circuit goes in, a solution comes out.
 *
 * The order of computing differs from that on screen: a capacitor moves the overload, and only the chosen device says how
 * large a protective conductor must be.
 */
final class Bench
{
    /** @var array<string, array{mixed, string}> */
    private const DEFAULTS = [
        'settings.voltage_tolerance' => [10.0, 'voltage tolerance 10 %'],
        'settings.direct_start_limit' => [4000.0, 'direct starts up to 4 kW'],
        'starter.method' => ['direct', 'direct on line'],
        'correction.place' => ['none', 'no capacitor'],
    ];

    /** @param  array<array-key, mixed>  $document a decoded circuit */
    public static function solve(array $document): Solution
    {
        $circuit = CircuitReader::read($document);
        $book = RuleBooks::of($circuit->ruleBook);
        $sheet = new Sheet;
        if ($book === null) {
            $sheet->errors($circuit->errors);

            return $sheet->solution(Version::CORE, $circuit->tag, $circuit->ruleBook, '', $circuit->read(), []);
        }
        $read = $circuit->read();
        $circuit = $circuit->withDefaults([...self::DEFAULTS, ...$book->defaults()]);
        $circuit = PlateRow::choose($circuit, $sheet);
        $sheet->errors($circuit->errors);
        NotYet::refuse($circuit, $sheet);

        if ($circuit->choice('subject') !== 'bench_load') {
            PlateStation::solve($circuit, $book, $sheet);
        }
        PowerStation::solve($circuit, $book, $sheet);
        Measurement::solve($circuit, $sheet);
        Windings::solve($circuit, $sheet);
        Phasors::draw($circuit, $sheet);
        StartStation::solve($circuit, $book, $sheet);
        Prospective::solve($circuit, $sheet);
        if ($sheet->get('plate.connection')?->value === 'none') {
            foreach ([Station::Cable, Station::Guard, Station::Correct] as $station) {
                $sheet->block($station, 'Not sized: no connection of this motor fits the supply.');
            }
        }
        $sizing = $book->sizing();
        if ($sizing !== null) {
            CableStation::solve($circuit, $book, $sizing, $sheet);
            CorrectStation::solve($circuit, $book, $sizing, $sheet);
            GuardStation::solve($circuit, $book, $sizing, $sheet);
            FaultStation::solve($sizing, $sheet);
        }
        RunPicture::draw($sheet);
        self::unknown($circuit, $sheet);

        return $sheet->solution(Version::CORE, $circuit->tag, $circuit->ruleBook, $book->edition(), $read, $book->words());
    }

    private static function unknown(Circuit $circuit, Sheet $sheet): void
    {
        if ($circuit->unknown !== []) {
            $sheet->find(Grade::Note, Station::Plate, 'unknown_fields', 'Fields that are not known', 'Kept as they are, but not used: '.implode(', ', array_slice($circuit->unknown, 0, 8)).(count($circuit->unknown) > 8 ? ' and '.(count($circuit->unknown) - 8).' more' : '').'.', 'Check the spelling against the format.', '', []);
        }
    }
}
