<?php

declare(strict_types=1);

namespace BraveAnvil;

use BraveAnvil\Cable\CableStation;
use BraveAnvil\Cable\Cabling;
use BraveAnvil\Circuit\Assumed;
use BraveAnvil\Circuit\Choice\PhaseNaming;
use BraveAnvil\Circuit\Choice\Subject;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\CircuitReader;
use BraveAnvil\Circuit\DefaultReason;
use BraveAnvil\Compare\ComparisonStation;
use BraveAnvil\Correct\Correction;
use BraveAnvil\Correct\CorrectStation;
use BraveAnvil\Fault\FaultStation;
use BraveAnvil\Guard\GuardStation;
use BraveAnvil\Guard\Prospective;
use BraveAnvil\Measure\Measurement;
use BraveAnvil\Plate\Motor;
use BraveAnvil\Plate\PlateFinding;
use BraveAnvil\Plate\PlateRow;
use BraveAnvil\Plate\PlateStation;
use BraveAnvil\Plate\WindingConnection;
use BraveAnvil\Power\BenchLoad;
use BraveAnvil\Power\Load;
use BraveAnvil\Power\Phasors;
use BraveAnvil\Power\PowerStation;
use BraveAnvil\Power\Windings;
use BraveAnvil\RuleBook\Practice\Practice;
use BraveAnvil\RuleBook\RuleBook;
use BraveAnvil\RuleBook\RuleBooks;
use BraveAnvil\RuleBook\Sizing;
use BraveAnvil\RuleBook\Tables;
use BraveAnvil\RunUp\RunUpStation;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Ledger;
use BraveAnvil\Solution\Solution;
use BraveAnvil\Solution\Station;
use BraveAnvil\Start\Method\StartDefaults;
use BraveAnvil\Start\Starting;
use BraveAnvil\Start\StartStation;
use BraveAnvil\Start\Wiring\WiringCurve;

/**
 * The whole job on one page: a circuit goes in, a solution comes out. Each station takes what the stations before it returned.
 *
 * The order of computing differs from that on screen: a capacitor moves the overload, and only the chosen device says how
 * large a protective conductor must be.
 */
final readonly class Bench
{
    private Practice $practice;

    private function __construct(private RuleBook $book, private RuleBooks $books, Tables $tables)
    {
        $this->practice = new Practice($tables);
    }

    /**
     * @param  array<array-key, mixed>  $document  a decoded circuit
     * @param  Tables|null  $tables  with a site's own entries; null: as they ship
     * @param  Extra  ...$extras  what is wanted beyond the stations
     */
    public static function solve(array $document, ?Tables $tables = null, Extra ...$extras): Solution
    {
        $tables ??= Tables::shipped();
        $books = new RuleBooks($tables);
        $circuit = CircuitReader::read($document);
        $book = $books->named($circuit->ruleBook);
        $ledger = new Ledger();
        if ($book === null) {
            $ledger->errors($circuit->errors);

            return new Solution($circuit->tag, $circuit->ruleBook, errors: $ledger->fieldErrors(), read: $circuit->read());
        }
        $typed = $circuit;
        $circuit = $circuit->withDefaults([...self::defaults(), ...$book->defaults()]);
        $bench = new self($book, $books, $tables);
        $circuit = $circuit->withDefaults((new StartDefaults($bench->practice->runUp()))->of($circuit));
        $defaulted = $circuit;
        $circuit = PlateRow::choose($circuit, $ledger);
        $ledger->errors($circuit->errors);
        $motor = $bench->stations($circuit, $ledger, $extras);
        $bench->soften($circuit, $ledger);
        self::unknown($circuit, $ledger);
        Unused::tell($circuit, $book, $ledger);

        $spoken = Spoken::by($book->words());

        return new Solution(
            $typed->tag, $typed->ruleBook, $book->edition(), $spoken->figures($ledger->figures()), $spoken->findings($ledger->findings()),
            $spoken->errors($ledger->fieldErrors()), $ledger->curves(), $spoken->texts($ledger->sentences()), $ledger->blocked(),
            $spoken->texts($typed->read()), $book->words()->toArray(), self::meanings($ledger, $spoken),
            FieldNotes::of($defaulted, $book, $bench->practice, $motor->efficiency),
        );
    }

    /** @return array<string, Assumed> what every rule book takes where a field is empty */
    private static function defaults(): array
    {
        return [
            'settings.voltage_tolerance' => new Assumed(10.0, 'voltage tolerance 10 %', DefaultReason::RuleBook),
            'settings.direct_start_limit' => new Assumed(4000.0, 'direct starts up to 4 kW', DefaultReason::Practice),
            'starter.method' => new Assumed('direct', 'direct on line', DefaultReason::Practice),
            'correction.place' => new Assumed('none', 'no capacitor', DefaultReason::Practice),
        ];
    }

    /** A stop never rests on an assumption that could be otherwise: all is solved again with the most favourable ones. */
    private function soften(Circuit $circuit, Ledger $ledger): void
    {
        $favourable = $circuit->assuming([...Favourable::values($this->practice->starting(), $circuit), ...$this->book->favourable()]);
        if (! $ledger->hasStops() || $favourable === $circuit) {
            return;
        }
        $trial = new Ledger();
        $this->stations($favourable, $trial, []);
        $ledger->softenStops($trial, 'It rests on assumed values and may not hold with the true ones: type them.');
    }

    /** @param  array<array-key, Extra>  $extras */
    private function stations(Circuit $circuit, Ledger $ledger, array $extras): Motor
    {
        NotYet::refuse($circuit, $ledger);
        $onBench = $circuit->chosen('subject', Subject::class) === Subject::BenchLoad;
        $motor = $onBench ? Motor::none() : (new PlateStation($this->book, $this->practice))->solve($circuit, $ledger);
        $load = $onBench
            ? BenchLoad::solve($circuit, $ledger)
            : (new PowerStation($this->book, $this->books))->solve($circuit, $motor, $ledger);
        $measured = Measurement::solve($circuit, $motor, $load, $ledger);
        Windings::solve($circuit, $ledger);
        Phasors::draw($circuit, ! $onBench, $load, $measured->angle, $measured->voltage, $measured->current, $ledger);
        $before = in_array(Extra::Methods, $extras, true) ? $ledger->fork() : null;
        $starting = $ledger->isOpen(Station::Start)
            ? (new StartStation($this->book, $this->practice))->solve($circuit, $motor, $load, $ledger)
            : Starting::none();
        $prospective = Prospective::solve($circuit, $this->practice->guard(), $ledger);
        if ($motor->connection() === WindingConnection::None) {
            $ledger->block('Not sized: no connection of this motor fits the supply.', Station::Cable, Station::Guard, Station::Correct);
        }
        $sizing = $this->book->sizing();
        $cabling = $sizing === null || ! $ledger->isOpen(Station::Cable)
            ? null : $this->cabled($circuit, $sizing, $motor, $load, $starting, $ledger);
        if ($ledger->isOpen(Station::Start)) {
            $starting = (new RunUpStation($this->book, $this->practice))->solve($circuit, $motor, $load, $starting, $cabling, $ledger);
        }
        $correction = $sizing === null
            ? null : $this->guarded($circuit, $sizing, $motor, $load, $starting, $cabling, $prospective, $ledger);
        if ($before !== null) {
            (new ComparisonStation($this->book, $this->practice))->solve($circuit, $motor, $load, $starting, $before, $ledger);
        }
        if (in_array(Extra::Wiring, $extras, true)) {
            $this->wiring($circuit, $motor, $starting, $ledger);
        }
        $ledger->curve(
            new RunCurve(
                $motor, $load, $starting, $correction, $this->book->localUnits(), $circuit->number('cable.length'), $circuit->phases(),
                $starting->method?->refusal($circuit, $motor, $this->book->words()) !== null,
            ),
        );

        return $motor;
    }

    private function wiring(Circuit $circuit, Motor $motor, Starting $starting, Ledger $ledger): void
    {
        if ($motor->supplyVoltage === null || $circuit->phases() !== 3) {
            return;
        }
        $naming = $circuit->chosen('settings.phase_names', PhaseNaming::class) ?? PhaseNaming::L123;
        $volts = $motor->supplyVoltage->number();
        $leads = $circuit->number('plate.leads')?->number();
        $ledger->curve(new WiringCurve(
            $volts, $motor->connection(), $leads === null ? null : (int) $leads, $this->book->terminals(),
            $this->book->phases($naming, $volts), $this->book->symbols(), $this->book->words(), $starting,
        ));
    }

    private function cabled(Circuit $circuit, Sizing $sizing, Motor $motor, Load $load, Starting $starting, Ledger $ledger): ?Cabling
    {
        return (new CableStation($sizing->conductors, $this->practice->starting(), $this->book->dropLimitRunning()))
            ->solve($circuit, $motor, $load, $starting, $ledger);
    }

    /** Capacitor, guard, and then what only the chosen device decides. */
    private function guarded(
        Circuit $circuit,
        Sizing $sizing,
        Motor $motor,
        Load $load,
        Starting $starting,
        ?Cabling $cabling,
        ?Figure $prospective,
        Ledger $ledger,
    ): ?Correction {
        $correction = $ledger->isOpen(Station::Correct)
            ? (new CorrectStation($sizing, $this->practice->capacitor(), $this->book->words()))->solve(
                $circuit,
                $motor,
                $load,
                $starting,
                $cabling,
                $prospective,
                $ledger,
            )
            : null;
        $protection = $ledger->isOpen(Station::Guard)
            ? (new GuardStation($this->book, $sizing, $this->practice))->solve(
                $circuit,
                $load,
                $starting,
                $correction?->behindRelay(),
                $prospective,
                $ledger,
            )
            : null;
        if ($cabling !== null) {
            (new FaultStation($sizing->protective))->solve($starting, $cabling, $protection, $ledger);
        }

        return $correction;
    }

    /** @return array<string, array{text: string, figures: list<string>}> what the stamps say and what follows from them, by the path where they stand */
    private static function meanings(Ledger $ledger, Spoken $spoken): array
    {
        $meanings = [];
        foreach ($ledger->meanings() as $path => $text) {
            $meanings[$ledger->pathOf($path)] = ['text' => $spoken->text($text), 'figures' => Follows::from($path)];
        }

        return $meanings;
    }

    private static function unknown(Circuit $circuit, Ledger $ledger): void
    {
        if ($circuit->unknown === []) {
            return;
        }
        $more = count($circuit->unknown) - 8;
        $ledger
            ->note(PlateFinding::UnknownFields)
            ->title('Fields that are not known')
            ->because(
                'Kept as they are, but not used: '.
                    implode(', ', array_slice($circuit->unknown, 0, 8)).
                    ($more > 0 ? ' and '.$more.' more' : '').
                    '.',
            )
            ->do('Check the spelling against the format.');
    }
}
