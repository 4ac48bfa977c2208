<?php

declare(strict_types=1);

namespace BraveAnvil\Bench;

use BraveAnvil\Books\RuleBooks;
use BraveAnvil\Circuit\Assumed;
use BraveAnvil\Circuit\Choice\CapacitorPlace;
use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Choice\PhaseNaming;
use BraveAnvil\Circuit\Choice\Subject;
use BraveAnvil\Circuit\Choice\SupplySource;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\CircuitReader;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Circuit\Parse\CapacitorStamp;
use BraveAnvil\Ground\Station;
use BraveAnvil\Rules\RuleBook;
use BraveAnvil\Rules\Sizing;
use BraveAnvil\Stations\Cable\CableStation;
use BraveAnvil\Stations\Cable\Cabling;
use BraveAnvil\Stations\CapacitorLeads\CapacitorLeadsStation;
use BraveAnvil\Stations\Correct\Basis;
use BraveAnvil\Stations\Correct\Correction;
use BraveAnvil\Stations\Correct\CorrectStation;
use BraveAnvil\Stations\Fault\FaultStation;
use BraveAnvil\Stations\Guard\GuardStation;
use BraveAnvil\Stations\Guard\Prospective;
use BraveAnvil\Stations\Guard\Protection;
use BraveAnvil\Stations\Measure\Measurement;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Plate\OnePhaseStart;
use BraveAnvil\Stations\Plate\PlateFinding;
use BraveAnvil\Stations\Plate\PlateRow;
use BraveAnvil\Stations\Plate\PlateStation;
use BraveAnvil\Stations\Plate\SiteLessons;
use BraveAnvil\Stations\Plate\WindingConnection;
use BraveAnvil\Stations\Power\BenchLoad;
use BraveAnvil\Stations\Power\BookCurrents;
use BraveAnvil\Stations\Power\Load;
use BraveAnvil\Stations\Power\Phasors;
use BraveAnvil\Stations\Power\PowerStation;
use BraveAnvil\Stations\Power\SourceCapacity;
use BraveAnvil\Stations\Power\Windings;
use BraveAnvil\Stations\Prove\Comparison;
use BraveAnvil\Stations\Prove\KnownCircuit;
use BraveAnvil\Stations\Prove\ProveStation;
use BraveAnvil\Stations\Prove\ReadingReader;
use BraveAnvil\Stations\RunUp\RunUpStation;
use BraveAnvil\Stations\Source\SourceDefaults;
use BraveAnvil\Stations\Start\Method\StartDefaults;
use BraveAnvil\Stations\Start\Starting;
use BraveAnvil\Stations\Start\StartStation;
use BraveAnvil\Stations\Start\Wiring\OnePhaseWiringCurve;
use BraveAnvil\Stations\Start\Wiring\WiringCurve;
use BraveAnvil\Studies\Compare\ComparisonStation;
use BraveAnvil\Studies\Learned\Here;
use BraveAnvil\Studies\Learned\LearnedCurve;
use BraveAnvil\Studies\Margin\MarginStation;
use BraveAnvil\Studies\Money\MoneyStation;
use BraveAnvil\Studies\Readiness\Readiness;
use BraveAnvil\Studies\Readiness\ReadinessCurve;
use BraveAnvil\Studies\Readiness\TablesCurve;
use BraveAnvil\Studies\Sensitivity\Candidates;
use BraveAnvil\Studies\Sensitivity\SensitivityCurve;
use BraveAnvil\Studies\Sensitivity\SensitivitySweep;
use BraveAnvil\Studies\Sensitivity\Swept;
use BraveAnvil\Studies\TimeCurrent\TimeCurrentStation;
use BraveAnvil\Tables\Practice\Practice;
use BraveAnvil\Tables\SiteCorrections;
use BraveAnvil\Tables\Tables;

/**
 * The whole job on one page: a circuit goes in, a solution comes out. Each station takes what the stations before it returned.
 *
 * The order of computing differs from that on screen: a capacitor moves the overload, and only the chosen device says how
 * large a protective conductor must be.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final readonly class Bench
{
    /** Times that conductors are sized, the device chosen, and the conductors held against a fault behind it. */
    private const MOST_PASSES = 5;

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
        $circuit = CircuitReader::read($document);
        $corrections = SiteCorrections::read($circuit->corrections(), $tables ?? Tables::shipped());
        $tables = $corrections->tables;
        $books = new RuleBooks($tables);
        $book = $books->named($circuit->ruleBook);
        $ledger = new Ledger();
        if ($book === null) {
            $ledger->errors($circuit->errors);

            return new Solution($circuit->tag, $circuit->ruleBook, errors: $ledger->fieldErrors(), read: $circuit->read());
        }
        $typed = $circuit;
        $circuit = $circuit->withDefaults([...self::defaults(), ...$book->defaults()]);
        $bench = new self($book, $books, $tables);
        $circuit = $bench->withUsual($circuit);
        $defaulted = $circuit;
        $circuit = PlateRow::choose($circuit, $ledger);
        $ledger->errors([...$circuit->errors, ...$corrections->errors, ...SiteLessons::read($circuit->lessons())->errors]);
        self::outOfLine($corrections, $ledger);
        [$known, $comparisons] = $bench->stations($circuit, $ledger, $extras);
        $bench->soften($circuit, $known->starting, $ledger);
        self::unknown($circuit, $ledger);
        Unused::tell($circuit, $book, $ledger);

        $spoken = Spoken::by($book->words());
        if (in_array(Extra::Sensitivity, $extras, true)) {
            $ledger->curve(new SensitivityCurve($bench->swept($circuit, $tables, $ledger), $spoken->text(...)));
        }
        if (in_array(Extra::Learned, $extras, true)) {
            $ledger->curve(new LearnedCurve(Here::of($circuit, $ledger->figures())));
        }
        if (in_array(Extra::Tables, $extras, true)) {
            $ledger->curve(new TablesCurve($tables));
        }
        $figures = $spoken->figures($ledger->figures());
        $cited = Cited::by($book->words());
        $findings = array_map(
            static fn (Finding $finding): Finding => $finding->cited($cited->source(...)), $spoken->findings($ledger->findings()),
        );
        $errors = $spoken->errors($ledger->fieldErrors());
        $readiness = Readiness::of($figures, $findings, $errors, $spoken->texts($ledger->blockedBecause()));
        $ledger->curve(new ReadinessCurve($readiness));
        $ledger->say(Station::Sheet, $readiness->says());

        return new Solution(
            $typed->tag, $typed->ruleBook, $book->edition(), $figures, $findings, $errors, $ledger->curves(),
            $spoken->texts($ledger->sentences()), $ledger->blocked(),
            $spoken->texts($typed->read()), $book->words()->toArray(), self::meanings($ledger, $spoken),
            FieldNotes::of($defaulted, $book, $bench->practice, $known->motor->efficiency), comparisons: $spoken->comparisons($comparisons),
            spoken: $spoken,
        );
    }

    /**
     * What a circuit draws at its load before any correction: its plate and its power alone are worked out.
     *
     * @param  array<array-key, mixed>  $document  a decoded circuit
     */
    public static function drawn(array $document, Tables $tables): DrawnLoad
    {
        $circuit = CircuitReader::read($document);
        $books = new RuleBooks($tables);
        $book = $books->named($circuit->ruleBook);
        $ledger = new Ledger();
        if ($book === null) {
            return new DrawnLoad($circuit->tag, null, null, array_values($circuit->errors));
        }
        $circuit = PlateRow::choose($circuit->withDefaults([...self::defaults(), ...$book->defaults()]), $ledger);
        $ledger->errors($circuit->errors);
        $onBench = $circuit->chosen('subject', Subject::class) === Subject::BenchLoad;
        $practice = new Practice($tables);
        $motor = $onBench ? Motor::none() : self::plate($book, $practice)->solve($circuit, $ledger);
        $load = $onBench ? BenchLoad::solve($circuit, $ledger) : self::power($book, $books)->solve($circuit, $motor, $ledger);
        $drawn = Basis::load($circuit, $motor, $load, Measurement::solve($circuit, $motor, $load, $ledger), $onBench, $ledger);

        // A bank of three phases does nothing for a load of one.
        if ($drawn?->onePhase === true) {
            $drawn = null;
        }

        return new DrawnLoad($circuit->tag, $drawn?->power->number(), $drawn?->reactive->number(), $ledger->fieldErrors());
    }

    /**
     * All that is known of a circuit before anything was read on it; null where its rule book is not known.
     *
     * @param  array<array-key, mixed>  $document  a decoded circuit
     */
    public static function known(array $document, ?Tables $tables = null): ?KnownCircuit
    {
        $circuit = CircuitReader::read([...$document, 'readings' => null]);
        $corrections = SiteCorrections::read($circuit->corrections(), $tables ?? Tables::shipped());
        $books = new RuleBooks($corrections->tables);
        $book = $books->named($circuit->ruleBook);
        if ($book === null) {
            return null;
        }
        $bench = new self($book, $books, $corrections->tables);
        $circuit = $circuit->withDefaults([...self::defaults(), ...$book->defaults()]);
        $circuit = $bench->withUsual($circuit);
        $ledger = new Ledger();
        [$known] = $bench->stations(PlateRow::choose($circuit, $ledger), $ledger, []);

        return $known;
    }

    /**
     * Figures alone: unspoken, stops as they come, nothing read on it. For those who need many circuits at once.
     *
     * @param  array<array-key, mixed>  $document  a decoded circuit
     */
    public static function figures(array $document, ?Tables $tables = null): Solution
    {
        $circuit = CircuitReader::read([...$document, 'readings' => null]);
        $corrections = SiteCorrections::read($circuit->corrections(), $tables ?? Tables::shipped());
        $books = new RuleBooks($corrections->tables);
        $book = $books->named($circuit->ruleBook);
        $ledger = new Ledger();
        $ledger->errors([...$circuit->errors, ...$corrections->errors]);
        if ($book !== null) {
            $bench = new self($book, $books, $corrections->tables);
            $known = $bench->withUsual($circuit->withDefaults([...self::defaults(), ...$book->defaults()]));
            $bench->stations(PlateRow::choose($known, $ledger), $ledger, []);
        }

        return new Solution($circuit->tag, $circuit->ruleBook, $book?->edition() ?? '', $ledger->figures(), $ledger->findings(),
            $ledger->fieldErrors());
    }

    private static function plate(RuleBook $book, Practice $practice): PlateStation
    {
        return new PlateStation(
            $book->words(), $book->terminals(), $book->wires(), $book->currents(), $book->metricFrames(), $practice,
        );
    }

    private static function power(RuleBook $book, RuleBooks $books): PowerStation
    {
        $schools = array_map(
            static fn (RuleBook $one): BookCurrents => new BookCurrents($one->words()->name, $one->currents()), $books->all(),
        );

        return new PowerStation($book->words(), $book->currents(), $schools);
    }

    /** What is taken for a source, a load and a starter where their fields are empty. */
    private function withUsual(Circuit $circuit): Circuit
    {
        $practice = $this->practice->runUp();

        return $circuit->withDefaults([...(new SourceDefaults($practice))->of($circuit), ...(new StartDefaults($practice))->of($circuit)]);
    }

    /** @return array<FieldPath, Assumed> what every rule book takes where a field is empty */
    private static function defaults(): array
    {
        return [
            'settings.voltage_tolerance' => Assumed::byBook(10.0, 'voltage tolerance 10 %'),
            'settings.direct_start_limit' => Assumed::practice(4000.0, 'direct-on-line starts up to 4 kW'),
            'starter.method' => Assumed::practice(MethodName::Direct, 'direct-on-line'),
            'correction.place' => Assumed::practice(CapacitorPlace::None, 'no capacitor'),
        ];
    }

    /** @return list<Swept> what of the assumed and the doubted would change the answer */
    private function swept(Circuit $circuit, Tables $tables, Ledger $ledger): array
    {
        $solve = function (Circuit $other, Tables $others) use ($tables): Ledger {
            $books = new RuleBooks($others);
            $book = $others === $tables ? null : $books->named($other->ruleBook);
            $bench = $book === null ? $this : new self($book, $books, $others);
            $trial = new Ledger();
            $bench->stations($other, $trial, []);

            return $trial;
        };

        return (new SensitivitySweep($solve))->of(Candidates::of($circuit, $this->book, $tables, $ledger->figures()), $circuit, $tables);
    }

    /**
     * A stop never rests on an assumption that could be otherwise: all is solved again with the most favourable ones. Nor does it on a
     * start that somebody timed to be shorter than it is worked out.
     */
    private function soften(Circuit $circuit, Starting $starting, Ledger $ledger): void
    {
        $favourable = [...Favourable::values($this->practice->starting(), $circuit), ...$this->book->favourable()];
        $why = 'This may be due to assumed values. Enter the real ones.';
        $trials = [[$circuit->assuming($favourable), $why]];
        foreach (Favourable::sources($circuit) as $source) {
            $trials[] = [$circuit->assuming([...$favourable, ...$source]), $why];
        }
        foreach (Favourable::boards($circuit) as $source) {
            $trials[] = [$circuit->choosing($source)->assuming($favourable), $why];
        }
        if ($starting->wasQuicker()) {
            $trials[] = [
                $circuit->choosing(['load.inertia' => null]),
                'The timed start is shorter than the calculated one, and only the calculated one gives this result. Check the load again.',
            ];
        }
        foreach ($trials as [$other, $says]) {
            if (! $ledger->hasStops()) {
                return;
            }
            $trial = new Ledger();
            $this->stations($other, $trial, []);
            $ledger->softenStops($trial, $says);
        }
    }

    /**
     * @param  array<array-key, Extra>  $extras
     * @return array{KnownCircuit, list<Comparison>}
     */
    private function stations(Circuit $circuit, Ledger $ledger, array $extras): array
    {
        NotComputed::refuse($circuit, $ledger);
        self::boardCounts($circuit, $ledger);
        $words = $this->book->words();
        $onBench = $circuit->chosen('subject', Subject::class) === Subject::BenchLoad;
        $motor = $onBench ? Motor::none() : self::plate($this->book, $this->practice)->solve($circuit, $ledger);
        $load = $onBench
            ? BenchLoad::solve($circuit, $ledger)
            : self::power($this->book, $this->books)->solve($circuit, $motor, $ledger);
        $measured = Measurement::solve($circuit, $motor, $load, $ledger);
        SourceCapacity::solve($circuit, $load->input ?? $measured->real, $load->apparent ?? $measured->apparent, $ledger);
        Windings::solve($circuit, $ledger);
        Phasors::draw($circuit, ! $onBench, $load, $measured->angle, $measured->voltage, $measured->current, $ledger);
        $before = in_array(Extra::Methods, $extras, true) ? $ledger->fork() : null;
        $starting = $ledger->isOpen(Station::Start)
            ? (new StartStation($words, $this->book->terminals(), $this->book->currents(), $this->practice))
                ->solve($circuit, $motor, $load, $ledger)
            : Starting::none();
        $prospective = Prospective::solve($circuit, $motor->wires, $this->practice->guard(), $ledger);
        if ($motor->connection() === WindingConnection::None) {
            $ledger->block('No connection of this motor suits the supply.', Station::Cable, Station::Guard, Station::Correct);
        }
        $sized = $this->sized($circuit, new LoadedMotor($motor, $load, $measured, $prospective), $starting, $extras, $ledger);
        $starting = $sized->starting;
        if ($before !== null) {
            (new ComparisonStation($this->book, $this->practice))->solve($circuit, $motor, $load, $starting, $before, $ledger);
        }
        if (in_array(Extra::Wiring, $extras, true)) {
            $this->wiring($circuit, $motor, $starting, $ledger);
        }
        $ledger->curve(
            new RunCurve(
                $motor, $load, $starting, $sized->correction, $this->book->localUnits(), $circuit->number('cable.length'),
                $circuit->phases(),
                $starting->method?->refusal($circuit, $motor, $this->book->words()) !== null,
            ),
        );

        $readings = ReadingReader::read($circuit->readings(), $this->book->metricFrames() === false);
        $known = new KnownCircuit(
            $circuit, $words, $this->book->motorStandard(), $this->practice, $motor, $load, $starting, $sized->correction,
            $sized->protection, $sized->loop, $readings,
        );

        return [$known, (new ProveStation)->solve($known, $ledger)];
    }

    /** What is typed of the supply gives way to the board that feeds the circuit. */
    private static function boardCounts(Circuit $circuit, Ledger $ledger): void
    {
        $typed = $circuit->word('supply.board.instead');
        $waits = $circuit->word('supply.board.waits');
        $board = $circuit->word('supply.board.tag');
        if ($waits !== null) {
            $ledger->caution(PlateFinding::BoardWaits)->title('Board not calculated')
                ->because('Board '.$board.' cannot be calculated at present: '.$waits.'.')
                ->do('Correct the marked fields of the board.')->about('supply.board.tag');
        }
        if ($typed !== null) {
            $ledger->note(PlateFinding::BoardCounts)->title('Supply differs from its board')
                ->because('The values of board '.$board.' count. Typed here, and other there: '.$typed.'.')
                ->do('Correct the supply of this circuit, or of the board.')->about('supply.board.tag');
        }
    }

    private function wiring(Circuit $circuit, Motor $motor, Starting $starting, Ledger $ledger): void
    {
        if ($motor->supplyVoltage === null || $motor->isOnWrongSupply()) {
            return;
        }
        $naming = $circuit->chosen('settings.phase_names', PhaseNaming::class) ?? PhaseNaming::L123;
        $volts = $motor->supplyVoltage->number();
        $phases = $this->book->phases($naming, $volts);
        if ($motor->wires !== null) {
            $ledger->curve(new OnePhaseWiringCurve(
                OnePhaseStart::type($circuit), $circuit->stamp('plate.start_capacitor', CapacitorStamp::class),
                $circuit->stamp('plate.run_capacitor', CapacitorStamp::class), $motor->wires, $this->book->terminals(), $phases,
                $this->book->symbols(),
            ));

            return;
        }
        $leads = $circuit->number('plate.leads')?->number();
        $ledger->curve(new WiringCurve(
            $volts, $motor->connection(), $leads === null ? null : (int) $leads, $this->book->terminals(),
            $phases, $this->book->symbols(), $this->book->words(), $starting,
        ));
    }

    /**
     * Conductors, run-up, capacitor and guard. Only the device that they lead to says what an earth fault asks of the conductors:
     * where that is more, all of it is done again with the larger ones.
     *
     * @param  array<array-key, Extra>  $extras
     */
    private function sized(Circuit $circuit, LoadedMotor $loaded, Starting $starting, array $extras, Ledger $ledger): SizedCircuit
    {
        [$motor, $load, $prospective] = [$loaded->motor, $loaded->load, $loaded->prospective];
        $sizing = $this->book->sizing();
        $cables = new CableStation($sizing->conductors, $this->practice->starting(), $this->book->dropLimitRunning());
        $faults = new FaultStation(
            $sizing->fault, $sizing->conductors, $sizing->protective, $sizing->raceways, $this->book->words(),
        );
        $judge = null;
        $passes = 0;
        $fault = null;
        do {
            $trial = $ledger->fork();
            $cabling = $trial->isOpen(Station::Cable)
                ? $cables->solve($circuit, $motor, $load, $starting, $judge, $trial) : null;
            $running = $trial->isOpen(Station::Start)
                ? (new RunUpStation($this->book->words(), $this->practice))->solve($circuit, $motor, $load, $starting, $cabling, $trial)
                : $starting;
            [$correction, $protection] = $this->guarded($circuit, $sizing, $loaded, $running, $cabling, $trial);
            $judge = $cabling === null ? null : $faults->judge($circuit, $motor, $running, $cabling, $protection);
        } while ($cabling !== null && $judge !== null && ++$passes < self::MOST_PASSES && ! CableStation::bears($cabling, $judge));
        $ledger->adopt($trial);
        if ($cabling !== null) {
            if ($judge !== null) {
                CableStation::draw($cabling, $judge, $ledger);
            }
            $demand = $load->conductorCurrent === null ? null : CableStation::lineDemand($load, $running);
            $fault = $faults->solve(
                $circuit, $motor, $running, $cabling, $protection, $prospective, $demand, $judge, $ledger,
            );
            if (in_array(Extra::Margins, $extras, true)) {
                (new MarginStation($cables, $faults, $this->book->localUnits()))
                    ->solve($circuit, $motor, $load, $starting, $cabling, $protection, $ledger);
            }
        }
        if ($protection !== null && in_array(Extra::TimeCurrent, $extras, true)) {
            (new TimeCurrentStation($this->book, $sizing, $this->practice))->solve(
                $circuit, $load->overloadCurrent, $running, $protection,
                $cabling === null ? [] : $faults->bearings($circuit, $cabling, $judge), $fault?->current, $prospective, $ledger,
            );
        }

        return new SizedCircuit($running, $correction, $protection, $fault);
    }

    /**
     * Capacitor and guard.
     *
     * @return array{Correction|null, Protection|null}
     */
    private function guarded(
        Circuit $circuit,
        Sizing $sizing,
        LoadedMotor $loaded,
        Starting $starting,
        ?Cabling $cabling,
        Ledger $ledger,
    ): array {
        [$motor, $load, $prospective] = [$loaded->motor, $loaded->load, $loaded->prospective];
        $correction = $ledger->isOpen(Station::Correct)
            ? (new CorrectStation($sizing->capacitors, $this->practice, $this->book->words()))->solve(
                $circuit,
                $motor,
                $load,
                $loaded->measured,
                $starting,
                // What an inverter lets flow into a fault is no impedance that a capacitor resonates with.
                $circuit->source() === SupplySource::Inverter ? null : $prospective,
                $ledger,
            )
            : null;
        $protection = $ledger->isOpen(Station::Guard)
            ? (new GuardStation(
                $this->book->words(), $this->book->edition(), $sizing->devices, $sizing->overload, $sizing->disconnects, $this->practice,
            ))->solve(
                $circuit,
                $load,
                $starting,
                $correction?->behindRelay(),
                $prospective,
                $motor->wires,
                $ledger,
            )
            : null;
        if ($correction !== null) {
            SourceCapacity::corrected(
                $circuit, $load->input ?? $correction->load->power, $correction->current, $correction->load->volts, $ledger,
            );
            (new CapacitorLeadsStation($sizing->capacitors, $sizing->conductors, $sizing->fault))->solve(
                $circuit, $correction, $load->designCurrent, $starting, $cabling, $protection, $prospective, $ledger,
            );
        }
        (new MoneyStation($this->practice->efficiencyClasses()))->solve($circuit, $motor, $load, $correction, $cabling, $ledger);

        return [$correction, $protection];
    }

    /** @return array<string, array{text: string, figures: list<string>}> what the stamps say and what follows from them, by the path where they stand */
    private static function meanings(Ledger $ledger, Spoken $spoken): array
    {
        $meanings = [];
        $follows = new Follows($ledger->figures());
        foreach ($ledger->meanings() as $path => $text) {
            $meanings[$ledger->pathOf($path)] = ['text' => $spoken->text($text), 'figures' => $follows->from($ledger->pathOf($path))];
        }

        return $meanings;
    }

    private static function outOfLine(SiteCorrections $corrections, Ledger $ledger): void
    {
        if ($corrections->outOfLine !== []) {
            $ledger
                ->caution(PlateFinding::CorrectionOutOfLine)
                ->title('Corrected table value out of sequence')
                ->because(implode('; ', array_slice($corrections->outOfLine, 0, 3)).'.')
                ->do('Check it against the printed table again.')
                ->source('corrections of this site')
                ->about('settings.corrections');
        }
    }

    private static function unknown(Circuit $circuit, Ledger $ledger): void
    {
        if ($circuit->unknown === []) {
            return;
        }
        $more = count($circuit->unknown) - 8;
        $ledger
            ->note(PlateFinding::UnknownFields)
            ->title('Unknown fields')
            ->because(
                'Not used: '.implode(', ', array_slice($circuit->unknown, 0, 8)).($more > 0 ? ' and '.$more.' more' : '').
                '. They stay in the file.',
            )
            ->do('Check the field names.');
    }
}
