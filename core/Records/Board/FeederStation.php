<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Bench\Solution;
use BraveAnvil\Bench\Spoken;
use BraveAnvil\Circuit\BoardFeed;
use BraveAnvil\Circuit\Choice\RuleBookName;
use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Rules\RuleBook;
use BraveAnvil\Stations\Cable\CableFigure;
use BraveAnvil\Stations\Fault\EarthSupply;
use BraveAnvil\Stations\Guard\AdjustableBreaker;
use BraveAnvil\Stations\Guard\Clearing;
use BraveAnvil\Stations\Start\Motion\Impedance;
use BraveAnvil\Tables\Tables;

/**
 * A board and the feeder that supplies it: demand, device, conductors, earth fault, fault level with the motors' share, dips,
 * transformer, restart, bank, control supply. Boards below it join with all that is on them, behind their feeders.
 */
final class FeederStation
{
    private const TOTAL_DROP_LIMIT = 5.0;

    /** Times that circuits are solved behind their board, until what it gives them no longer moves. */
    private const MOST_PASSES = 3;

    /** Circuits whose assumed values are named; of more the number is told. */
    private const NAMED = 4;

    /** Loads that are named as what takes most. */
    private const NAMED_SHARES = 8;

    private readonly FeederDocument $document;

    private readonly Ledger $ledger;

    private BoardDemand $demand;

    private readonly Figure $needed;

    private readonly BoardSource $source;

    private BoardEarthFault $earthFault;

    private readonly ?Figure $rating;

    private Impedance $feeder;

    private ?Figure $drop = null;

    private ?Impedance $loop = null;

    /** @var list<FeederRung> */
    private array $ladder = [];

    /** @var list<self> */
    private readonly array $below;

    private function __construct(private readonly Board $board, private readonly Tables $tables, private readonly RuleBook $book)
    {
        $this->document = $board->document;
        $this->ledger = new Ledger();
        $this->feeder = Impedance::none();
        $this->source = new BoardSource($this->document, $board->volts, $tables);
        $this->below = array_map(static fn (Board $one): self => new self($one, $tables, $book), $board->boards);
        $motors = $board->motors;
        $others = $board->others;
        foreach ($this->below as $one) {
            foreach ($one->demand->all() as $motor) {
                $motors[] = $motor->behind(Impedance::none(), $one->demand->shareHere($motor));
            }
            $others = [...$others, ...$one->demand->others];
        }
        $this->demand = $this->demandOf($motors, $others);
        $this->needed = $this->demands();
        $this->rating = (new FeederRating($this->document, $book, $this->demand, $tables, $this->ledger))->choose(array_map(
            static fn (self $one): ?float => $one->document->isAdjustable() ? null : $one->rating?->number(), $this->below,
        ));
        (new FeederGroundFault($this->document, $this->ledger))->solve($board->motors, $this->rating, $board->volts);
    }

    /**
     * Conductors of this feeder, and of those below it.
     *
     * @param  EarthSupply|null  $above  at the board that feeds this one
     */
    private function lay(?EarthSupply $above): void
    {
        $conductors = new FeederConductors($this->document, $this->book, $this->demand, $this->board->volts, $this->ledger);
        $this->earthFault = new BoardEarthFault(
            $this->document, $this->book, $this->board->volts, $this->clearing(), $this->ledger, $above,
        );
        $required = $conductors->required($this->needed, $this->rating?->number());
        $chosen = $conductors->choose($required, $this->earthFault->judge());
        if ($chosen !== null) {
            $this->feeder = $conductors->impedance($chosen[0]);
            $this->ladder = $conductors->ladder($chosen[0], $required, $this->earthFault->judge());
            $this->drop = $conductors->drops($this->feeder);
            $this->loop = $this->earthFault->solve($chosen[0], $chosen[1], $this->rating);
        }
        $motors = $this->board->motors;
        $others = $this->board->others;
        foreach ($this->below as $one) {
            $one->lay($this->earthFault->below($this->loop));
            foreach ($one->demand->all() as $motor) {
                $motors[] = $motor->behind($one->feeder, $one->demand->shareHere($motor));
            }
            $others = [...$others, ...$one->demand->others];
        }
        $this->demand = $this->demandOf($motors, $others);
    }

    /**
     * @param  list<BoardMotor>  $motors
     * @param  list<OtherLoad>  $others
     */
    private function demandOf(array $motors, array $others): BoardDemand
    {
        return new BoardDemand($motors, $others, $this->board->groups, $this->board->simultaneity, $this->document->reserve(),
            $this->document->isAmerican());
    }

    /**
     * @param  array<array-key, mixed>  $document  as `brave-anvil.feeder/1`
     * @param  Tables|null  $tables  with a site's own entries; null: as they ship
     * @param  array<string, array{supply: array<array-key, mixed>, board: array<string, float|string>}>  $feeds  what each circuit was
     *     given last, by tag: where that still holds, nothing is solved twice
     */
    public static function solve(array $document, ?Tables $tables = null, array $feeds = []): FeederSolution
    {
        $tables ??= Tables::shipped();
        for ($pass = 0; ; $pass++) {
            $board = Board::of($document, $tables, $feeds);
            $book = $board->document->book;
            if ($book === null || $board->errors() !== [] || $board->isEmpty()) {
                return new FeederSolution(new Solution(
                    $board->document->tag(), $board->document->ruleBook(), errors: $board->errors(),
                ));
            }
            $station = new self($board, $tables, $book);
            $station->lay(null);
            $solution = $station->finish(null, null);
            $next = $solution->allFeeds();
            if ($next === $feeds || $pass >= self::MOST_PASSES) {
                return $solution;
            }
            $feeds = $next;
        }
    }

    /**
     * All that depends on what lies before.
     *
     * @param  BoardNetwork|null  $above  of the board that feeds this one
     * @param  float|null  $noLoad  between lines there with all else running, V
     * @param  float  $fromAbove  what motors of that board feed back here, A
     * @param  list<RestartStep>  $ofAll  steps of the board at the top
     * @param  list<self>  $feeding  boards that feed this one, the nearest first
     */
    private function finish(?BoardNetwork $above, ?float $noLoad, float $fromAbove = 0.0, array $ofAll = [],
        array $feeding = []): FeederSolution
    {
        $network = $this->source->network($this->feeder, $above, $noLoad);
        if ($above === null) {
            Restart::tellUnsaid($this->demand->all(), $this->ledger);
        }
        $faults = new BoardFaults($this->document, $this->demand, $this->board->volts, $this->ledger, $fromAbove);
        $steps = [];
        $dips = null;
        if ($network->isKnown()) {
            $faults->solve($network);
            $dips = new BoardDips(
                $this->document, $this->demand, $this->board->volts, $this->ledger,
                fn (?float $rating): BoardNetwork => $this->source->network($this->feeder, $above, $noLoad, $rating), $above === null,
            );
            $dips->solve($network);
            // A blackout is one for all: the board at the top has the timetable.
            $steps = $above !== null ? [] : (new Restart(
                $this->demand->all(), $this->demand, $network, $this->document, $this->bearing(), BoardDips::limitOf($this->document),
            ))->solve($this->ledger);
        }
        (new BoardBank(
            $this->document, $this->demand, $network, $this->document->feeder->number('supply.transformer_kva')?->number(), $this->ledger,
        ))->solve();
        $circuits = $network->isKnown() ? $faults->beside($this->board->motors, $network) : [];
        foreach ($dips?->beside($network, $this->board->motors) ?? [] as $tag => $dip) {
            $circuits[$tag][] = $dip;
        }
        $ofAll = $above === null ? $steps : $ofAll;
        $circuits = $this->beside($ofAll, $network, $circuits);
        $coils = (new ControlSupply($this->document, $this->ledger, $this->tables))->solve();
        $boards = [];
        foreach ($this->below as $i => $one) {
            $boards[] = $one->finish($network, $this->without($i, $network), $faults->through($one->demand->all(), $one->feeder),
                $ofAll, [$this, ...$feeding]);
        }

        $spoken = Spoken::by($this->book->words());

        return new FeederSolution(new Solution(
            $this->document->tag(), $this->document->ruleBook(), $this->book->edition(),
            $spoken->figures($this->marked($this->ledger->figures())), $spoken->findings($this->ledger->findings()),
            $spoken->errors([...$above === null ? $this->board->errors() : [], ...$this->ledger->fieldErrors()]),
            $this->ledger->curves(), $spoken->texts($this->ledger->sentences()), words: $this->book->words()->toArray(), spoken: $spoken,
        ), array_map(fn (array $figures): array => $spoken->figures($this->marked($figures)), $circuits), $coils, $steps, $boards,
            $this->feeds($circuits, $network), $this->behind(), $this->board->others,
            array_map(static fn (BoardMotor $motor): string => $motor->tag, $this->demand->counted), $this->ladder,
            $this->shares($faults, $network), $dips?->pairs($network) ?? [], $this->matrix($network, [$this, ...$feeding]));
    }

    /** @return array<string, list<BoardShare>> what takes most of demand and fault current, by their keys */
    private function shares(BoardFaults $faults, BoardNetwork $network): array
    {
        return array_filter([
            FeederFigure::Demand->key() => BoardShare::of($this->demand->parts(), self::NAMED_SHARES),
            FeederFigure::FaultCurrent->key() => $network->isKnown() ? BoardShare::of($faults->parts($network), self::NAMED_SHARES) : [],
        ]);
    }

    /**
     * The same figures with what they rest on that nobody typed.
     *
     * @param  list<Figure>  $figures
     * @return list<Figure>
     */
    private function marked(array $figures): array
    {
        $ofCurrents = $this->named(static fn (BoardMotor $motor): array => $motor->assumptions);
        $ofStarts = $this->named(static fn (BoardMotor $motor): array => $motor->startAssumptions);
        $ofSource = $this->source->assumptions();

        return array_map(static function (Figure $figure) use ($ofCurrents, $ofStarts, $ofSource): Figure {
            $name = $figure->name;
            if (! $name instanceof FeederFigure || $figure->source === HowKnown::Entered->value) {
                return $figure;
            }
            foreach ([
                ...$name->restsOnCurrents() ? $ofCurrents : [], ...$name->restsOnStarts() ? $ofStarts : [],
                ...$name->restsOnSource() ? $ofSource : [],
            ] as $assumption) {
                $figure = $figure->withAssumption($assumption);
            }

            return $figure;
        }, $figures);
    }

    /**
     * @param  callable(BoardMotor): list<string>  $of
     * @return list<string> what is assumed of the circuits, by their tags
     */
    private function named(callable $of): array
    {
        $named = [];
        foreach ($this->demand->counted as $motor) {
            if ($of($motor) !== []) {
                $named[] = $motor->tag.': '.implode(', ', $of($motor));
            }
        }
        $more = count($named) - self::NAMED;

        return [...array_slice($named, 0, self::NAMED), ...$more > 0 ? ["and $more more circuits"] : []];
    }

    /** Voltage between lines here with all but one of the boards below running, V. */
    private function without(int $place, BoardNetwork $network): float
    {
        $motors = $this->board->motors;
        $others = $this->board->others;
        foreach ($this->below as $i => $one) {
            if ($i !== $place) {
                $motors = [...$motors, ...$one->demand->all()];
                $others = [...$others, ...$one->demand->others];
            }
        }
        $rest = $this->demandOf($motors, $others);
        $at = $network->isKnown() ? $network->voltages(
            $rest->phasors(null, true)->conjugate()->scaled(sqrt(3) * $this->board->volts),
            $rest->admittances()->scaled(sqrt(3) / $this->board->volts),
        ) : null;

        return $at[0] ?? $this->board->volts;
    }

    /** @return array<string, Solution> of each circuit behind this board, by tag */
    private function behind(): array
    {
        $behind = [];
        foreach ($this->board->motors as $motor) {
            $behind[$motor->tag] = $motor->solution;
        }

        return $behind;
    }

    /**
     * What each circuit is given, as `BoardFeed` reads it.
     *
     * @param  array<string, list<Figure>>  $circuits  figures beside each circuit, by tag
     * @return array<string, array{supply: array<array-key, mixed>, board: array<string, float|string>}> by tag
     */
    private function feeds(array $circuits, BoardNetwork $network): array
    {
        $supply = $this->document->supply();
        $warm = $network->isKnown() ? $network->warm() : null;
        $source = $this->earthFault->source();
        $loop = $this->loop === null || $source === null ? null : $source->plus($this->loop);
        $size = $this->earthFault->sourceOhm();
        if ($loop === null && $this->loop !== null && $size !== null) {
            // Added arithmetically, as everywhere where the angle is not known.
            $supply['earth_loop_ohm'] = $size + $this->loop->magnitude();
        }
        $assumed = implode('; ', $this->source->assumptions());
        $feeds = [];
        foreach ($this->board->motors as $motor) {
            $fault = null;
            foreach ($circuits[$motor->tag] ?? [] as $figure) {
                $fault = $figure->name === FeederFigure::CircuitFaultCurrent ? $figure->number() : $fault;
            }
            $feeds[$motor->tag] = BoardFeed::of($supply, [
                'tag' => $this->document->tag(),
                ...$warm === null ? [] : ['resistance_ohm' => $warm->resistance, 'reactance_ohm' => $warm->reactance],
                ...$fault === null ? [] : ['fault_ampere' => $fault],
                ...$loop === null ? [] : ['loop_resistance_ohm' => $loop->resistance, 'loop_reactance_ohm' => $loop->reactance],
                ...$this->drop === null ? [] : [
                    'drop_percent' => $this->drop->number(),
                    'drop_limit_percent' => $this->document->limit('drop_limit_total', self::TOTAL_DROP_LIMIT),
                ],
                ...$this->deviceFeed(), ...$assumed === '' ? [] : ['assumed' => $assumed],
            ]);
        }

        return $feeds;
    }

    /** @return array<string, float> of the feeder's device, for the time-current picture of a circuit; empty where no curve is known */
    private function deviceFeed(): array
    {
        if ($this->document->isAmerican()) {
            return [];
        }
        if (! $this->document->isAdjustable()) {
            $rating = $this->rating?->number();

            return $rating === null ? [] : ['fuse_ampere' => $rating];
        }
        $breaker = $this->breaker();

        return $breaker === null ? [] : array_filter([
            'long_time_ampere' => $breaker->longTime, 'long_time_seconds' => $breaker->longTimeDelay,
            'short_time_ampere' => $breaker->shortTime, 'short_time_seconds' => $breaker->shortTimeDelay,
            'instantaneous_ampere' => $breaker->instantaneous,
        ], static fn (?float $value): bool => $value !== null && is_finite($value));
    }

    private function clearing(): ?Clearing
    {
        if ($this->document->isAdjustable()) {
            return $this->breaker();
        }
        $rating = $this->rating?->number();

        return $this->document->isAmerican() || $rating === null ? null
            : $this->book->sizing()->devices->device(Scpd::FuseGg, $rating, 0.0);
    }

    private function breaker(): ?AdjustableBreaker
    {
        return $this->document->isAdjustable() ? new AdjustableBreaker(
            $this->document->setting('long_time') ?? $this->demand->demand(), $this->document->setting('long_time_delay'),
            $this->document->setting('short_time'), $this->document->setting('short_time_delay'),
            $this->document->setting('instantaneous'),
        ) : null;
    }

    private function bearing(): RestartBearing
    {
        $rating = $this->rating?->number();
        $scpd = $this->document->isAdjustable() ? null : $this->document->feeder->chosen('guard.scpd', Scpd::class);
        $isFuse = ! $this->document->isAmerican() && ! $this->document->isAdjustable();

        return new RestartBearing(
            $isFuse && $rating !== null ? $this->book->sizing()->devices->device(Scpd::FuseGg, $rating, 0.0) : null, $scpd, $rating,
            $this->breaker(),
        );
    }

    /**
     * @param  list<RestartStep>  $steps
     * @param  array<string, list<Figure>>  $circuits  what each device breaks, by tag
     * @return array<string, list<Figure>> of this board beside each circuit, by tag
     */
    private function beside(array $steps, BoardNetwork $network, array $circuits): array
    {
        $motors = $this->board->motors;
        $drop = $this->drop;
        foreach ($this->matrix($network, [$this]) as $tag => [$cell]) {
            $tag = (string) $tag;
            $circuits[$tag] = [...$circuits[$tag] ?? [], ...$this->selective($tag, $cell)];
        }
        $here = array_map(static fn (BoardMotor $motor): string => $motor->tag, $motors);
        foreach ($steps as $step) {
            foreach (array_intersect($step->tags, $here) as $tag) {
                $circuits[$tag][] = Figure::work(FeederFigure::RestartDelay)->equals($step->at)->make();
            }
        }
        $limit = $this->document->limit('drop_limit_total', self::TOTAL_DROP_LIMIT);
        foreach ($motors as $motor) {
            $own = $motor->solution->figure(CableFigure::TotalDrop->value);
            if ($own === null || $drop === null) {
                continue;
            }
            $total = Figure::work(FeederFigure::TotalDrop)->from(f: $drop, c: $own)->as('feeder + circuit', '{f} + {c}')
                ->equals($drop->number() + $own->number())->make();
            $circuits[$motor->tag][] = $total;
            if ($total->number() > $limit * (1 + 1e-6)) {
                $this->ledger->caution(FeederFinding::TotalDrop)->title('Voltage drop of '.$motor->tag.' too large')
                    ->because('Feeder and circuit together '.$total->shown(3).'; the limit is '.Show::number($limit).' %.')
                    ->do('Use a larger conductor in the feeder or in the circuit.')->on(FeederFigure::VoltageDrop);
            }
        }

        return $circuits;
    }

    /** @return list<Figure> */
    private function selective(string $tag, SelectivityCell $cell): array
    {
        if ($cell->verdict === SelectivityVerdict::NotSelective) {
            $this->ledger->caution(FeederFinding::NotSelective)->title('Feeder and '.$tag.' are not selective')
                ->because('A fault in this circuit may switch off the whole board.')
                ->do('Choose a feeder device two steps larger, or a longer delay.')->on(FeederFigure::ScpdRating);
        }

        return [
            Figure::work(FeederFigure::Selectivity)->equals($cell->verdict->value)->said($cell->said())->make(),
            ...$cell->limit === null ? [] : [Figure::work(FeederFigure::SelectivityLimit)->equals($cell->limit)->make()],
        ];
    }

    /**
     * How the devices here stand to the feeders before them, in a fault at this board.
     *
     * @param  list<self>  $feeders  this one and those that feed it, the nearest first
     * @return array<array-key, list<SelectivityCell>> by tag of the circuit or the board below, in the order of the feeders
     */
    private function matrix(BoardNetwork $network, array $feeders): array
    {
        $matrix = [];
        foreach ($feeders as $feeder) {
            $american = $feeder->document->isAmerican();
            $selectivity = new Selectivity(
                $feeder->document->isAdjustable() || $american ? null : $feeder->rating?->number(), $american ? null : $feeder->breaker(),
                $this->book->sizing()->devices, $this->tables, $network->isKnown() && ! $american ? $network->prospective() : null,
            );
            foreach ($this->below as $one) {
                $matrix[$one->document->tag()][] = new SelectivityCell($feeder->document->tag(), ...$selectivity->ofDevice(
                    $one->document->isAdjustable() ? null : Scpd::FuseGg, $american ? null : $one->rating?->number(),
                ));
            }
            foreach ($this->board->motors as $motor) {
                $matrix[$motor->tag][] = new SelectivityCell($feeder->document->tag(), ...$selectivity->of($motor));
            }
        }

        return $matrix;
    }

    private function demands(): Figure
    {
        $largest = $this->demand->largest();
        if ($largest !== null) {
            $this->ledger->work(FeederFigure::LargestMotor)->equals($largest->tag)->saying(Show::quantity($largest->current,
                Unit::Ampere))->write();
        }
        $this->ledger->work(FeederFigure::RunningCurrent)->equals($this->demand->running())
            ->as('Σ share × I', $this->demand->terms())->write();
        $american = $this->document->isAmerican();
        $demand = $this->ledger->work(FeederFigure::Demand)->equals($this->demand->demand())
            ->saying(($american ? '125 % of the largest motor, the other motors, and the other loads, continuous ones at 125 %'
                : 'the running current').($this->document->reserve() > 0 ? ', with '.Show::number(100 * $this->document->reserve()).
                    ' % reserve' : ''))
            ->source(match (true) {
                ! $american => HowKnown::CommonPractice,
                $this->book->id() === RuleBookName::Nec => Standard::Nec->at('430.24'),
                default => Standard::CeCode->at('28-108'),
            })->write();
        $phasors = $this->demand->phasors();
        $this->ledger->work(FeederFigure::PhasorCurrent)->equals($phasors->size())->saying('sum of the currents as phasors')->write();
        if ($phasors->size() > 0) {
            $this->ledger->work(FeederFigure::PowerFactor)->equals($phasors->real / $phasors->size())
                ->as('Σ I cos φ ÷ |Σ I|', Show::quantity($phasors->real, Unit::Ampere, 4).' ÷ '.
                    Show::quantity($phasors->size(), Unit::Ampere, 4))->write();
            $this->ledger->work(FeederFigure::ApparentPower)->equals(sqrt(3) * $this->board->volts * $phasors->size())
                ->as('√3 V I', '√3 × '.Show::quantity($this->board->volts, Unit::Volt).' × '.
                    Show::quantity($phasors->size(), Unit::Ampere, 4))->write();
        }

        return $demand;
    }
}
