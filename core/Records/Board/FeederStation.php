<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Bench\Solution;
use BraveAnvil\Circuit\Choice\RuleBookName;
use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\Choice\VoltageFactor;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Rules\RuleBook;
use BraveAnvil\Stations\Cable\CableFigure;
use BraveAnvil\Stations\Start\Motion\Impedance;
use BraveAnvil\Tables\Practice\RunUpPractice;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;

/**
 * A board and the feeder that supplies it: demand, device, conductors, fault level with the motors' share, dips,
 * transformer, control supply.
 */
final readonly class FeederStation
{
    private const TOTAL_DROP_LIMIT = 5.0;

    private function __construct(
        private FeederDocument $document,
        private RuleBook $book,
        private Tables $tables,
        private BoardDemand $demand,
        private float $volts,
        private Ledger $ledger,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $document  as `brave-anvil.feeder/1`
     * @param  Tables|null  $tables  with a site's own entries; null: as they ship
     */
    public static function solve(array $document, ?Tables $tables = null): FeederSolution
    {
        $tables ??= Tables::shipped();
        $read = new FeederDocument($document, $tables);
        $volts = $read->feeder->number('supply.voltage')?->number();
        if ($volts === null) {
            $read->fail('supply.voltage', 'Enter the supply voltage.', 'Such as 400.', ErrorKind::Missing);
        }
        $motors = [];
        foreach ($read->book === null || $volts === null ? [] : $read->circuits() as $one) {
            $circuit = $one['document'];
            $own = is_array($circuit['supply'] ?? null) ? $circuit['supply'] : [];
            $motor = BoardMotor::read(
                [...$circuit, 'supply' => [...$read->supply(), ...$own]], $one['board'], $one['path'], $read, $tables,
            );
            if ($motor !== null && abs($motor->supplyVolts - (float) $volts) > 0.5) {
                $read->fail($one['path'].'.supply.voltage', 'This circuit has another voltage than its board.',
                    'One voltage for a board.');
            }
            if ($motor !== null) {
                $motors[] = $motor;
            }
        }
        $others = $read->others();
        $groups = $read->groups();
        $simultaneity = $read->simultaneity();
        if ($read->isAmerican() && $groups !== []) {
            $read->fail('groups', 'This rule book knows no groups.', 'Leave the groups out.', ErrorKind::Refused);
        }
        if ($read->isAmerican() && $simultaneity < 1 && ! $read->hasDemandEvidence()) {
            $read->fail('simultaneity', 'A demand factor needs the permission of the authority: say on what it rests.',
                'Enter it under demand_evidence.',
                ErrorKind::Refused);
        }
        foreach ($motors as $motor) {
            if ($motor->group !== '' && ! isset($groups[$motor->group])) {
                $read->fail($motor->path.'.board.group', '“'.$motor->group.'” is not one of the groups.',
                    'The name of a group of this board.');
            }
        }
        if ($read->book === null || $volts === null || $read->errors() !== [] || ($motors === [] && $others === [])) {
            return new FeederSolution(new Solution($read->tag(), $read->ruleBook(), errors: $read->errors()));
        }
        $ledger = new Ledger();
        $demand = new BoardDemand($motors, $others, $groups, $simultaneity, $read->reserve(), $read->isAmerican());
        $station = new self($read, $read->book, $tables, $demand, $volts, $ledger);
        [$circuits, $steps] = $station->run($motors);
        $coils = (new ControlSupply($read, $ledger, $tables))->solve();

        return new FeederSolution(new Solution(
            $read->tag(), $read->ruleBook(), $read->book->edition(), $ledger->figures(), $ledger->findings(),
            [...$read->errors(), ...$ledger->fieldErrors()], $ledger->curves(), $ledger->sentences(),
            words: $read->book->words()->toArray(),
        ), $circuits, $coils, $steps);
    }

    /**
     * @param  list<BoardMotor>  $motors
     * @return array{array<string, list<Figure>>, list<RestartStep>} beside each circuit, by tag, and the timetable
     */
    private function run(array $motors): array
    {
        $demand = $this->demands();
        $rating = $this->device();
        $conductors = new FeederConductors($this->document, $this->book, $this->demand, $this->volts, $this->ledger);
        $faults = new BoardFaults($this->document, $this->demand, $this->volts, $this->ledger);
        $required = $conductors->required($demand, $rating);
        $size = $conductors->choose($required);
        $feeder = $size === null ? Impedance::none() : $conductors->impedance($size);
        $drop = $size === null ? null : $conductors->drops($feeder);
        $network = $this->network($feeder);
        Restart::tellUnsaid($motors, $this->ledger);
        $steps = [];
        if ($network->isKnown()) {
            $faults->solve($network);
            (new BoardDips(
                $this->document, $this->demand, $this->volts, $this->ledger,
                fn (?float $rating): BoardNetwork => $this->network($feeder, $rating),
            ))->solve($network);
            $steps = (new Restart(
                $motors, $this->demand, $network, $this->document, $this->bearing($rating),
                $this->document->limit('dip_limit_board', BoardDips::LIMIT),
            ))->solve($this->ledger);
        }
        (new BoardBank(
            $this->document, $this->demand, $network, $this->document->feeder->number('supply.transformer_kva')?->number(), $this->ledger,
        ))->solve();

        return [$this->beside($motors, $drop, $steps, $network, $rating), $steps];
    }

    private function breaker(): ?AdjustableBreaker
    {
        return $this->document->isAdjustable() ? new AdjustableBreaker(
            $this->document->setting('long_time') ?? $this->demand->demand(), $this->document->setting('long_time_delay'),
            $this->document->setting('short_time'), $this->document->setting('short_time_delay'),
            $this->document->setting('instantaneous'),
        ) : null;
    }

    private function bearing(?float $rating): RestartBearing
    {
        $scpd = $this->document->isAdjustable() ? null : $this->document->feeder->chosen('guard.scpd', Scpd::class);
        $isFuse = ! $this->document->isAmerican() && ! $this->document->isAdjustable();

        return new RestartBearing(
            $isFuse && $rating !== null ? $this->book->sizing()->devices->device(Scpd::FuseGg, $rating, 0.0) : null, $scpd, $rating,
            $this->breaker(),
        );
    }

    /**
     * @param  list<BoardMotor>  $motors
     * @param  Figure|null  $drop  of the feeder, %
     * @param  list<RestartStep>  $steps
     * @param  float|null  $rating  of the feeder's device, A
     * @return array<string, list<Figure>> by tag
     */
    private function beside(array $motors, ?Figure $drop, array $steps, BoardNetwork $network, ?float $rating): array
    {
        $circuits = $network->isKnown() ? (new BoardFaults($this->document, $this->demand, $this->volts, $this->ledger))
            ->beside($motors, $network) : [];
        $selectivity = new Selectivity(
            $this->document->isAdjustable() || $this->document->isAmerican() ? null : $rating,
            $this->document->isAmerican() ? null : $this->breaker(),
            $this->book->sizing()->devices, $this->tables, $network->isKnown() && ! $this->document->isAmerican()
                ? $network->prospective() : null,
        );
        foreach ($motors as $motor) {
            [$verdict, $limit] = $selectivity->of($motor);
            $circuits[$motor->tag][] = Figure::work(FeederFigure::Selectivity)->equals($verdict->value)->said($verdict->label())->make();
            if ($limit !== null) {
                $circuits[$motor->tag][] = Figure::work(FeederFigure::SelectivityLimit)->equals($limit)->make();
            }
            if ($verdict === SelectivityVerdict::NotSelective) {
                $this->ledger->caution(FeederFinding::NotSelective)->title('Feeder and '.$motor->tag.' are not selective')
                    ->because('A fault in this circuit may switch off the whole board.')
                    ->do('Choose a feeder device two steps larger, or a longer delay.')->on(FeederFigure::ScpdRating);
            }
        }
        foreach ($steps as $step) {
            foreach ($step->tags as $tag) {
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

    private function demands(): Figure
    {
        $largest = $this->demand->largest();
        if ($largest !== null) {
            $this->ledger->work(FeederFigure::LargestMotor)->equals($largest->tag)->saying(Show::quantity($largest->current,
                Unit::Ampere))->write();
        }
        $this->ledger->work(FeederFigure::RunningCurrent)->equals($this->demand->running())
            ->saying('arithmetic sum of '.count($this->demand->counted).' circuits and '.count($this->demand->others).' other loads')
            ->write();
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
            $this->ledger->work(FeederFigure::PowerFactor)->equals($phasors->real / $phasors->size())->write();
            $this->ledger->work(FeederFigure::ApparentPower)->equals(sqrt(3) * $this->volts * $phasors->size())->write();
        }

        return $demand;
    }

    /** Rating of the feeder's device, A; null where none follows. */
    private function device(): ?float
    {
        $device = new FeederDevice($this->demand, $this->book->sizing()->devices, $this->tables);
        $typed = $this->document->feeder->number('guard.rating')?->number();
        if ($this->document->isAdjustable()) {
            if ($typed !== null) {
                $this->ledger->work(FeederFigure::ScpdRating)->equals($typed)->source(HowKnown::Entered)->write();
            }

            return $typed;
        }
        if ($this->document->isAmerican()) {
            return $this->american($device, $typed);
        }
        $chosen = null;
        foreach ($device->fuses() as $rating) {
            if ($device->passes($rating)) {
                $chosen = $rating;
                break;
            }
        }
        if ($typed !== null && ! $device->passes($typed)) {
            $this->rating('The '.Show::quantity($typed, Unit::Ampere).
                ' fuse does not carry the board with its largest start, or melts before a fuse of a circuit.', $chosen);
        }
        $rating = $typed ?? $chosen;
        if ($rating !== null) {
            $this->ledger->work(FeederFigure::ScpdRating)->equals($rating)
                ->saying('carries the demand and every start in it, and every fuse of a circuit melts before it')
                ->source($typed === null ? Standard::Iec60269_2->at() : HowKnown::Entered)->write();
        }

        return $rating;
    }

    private function american(FeederDevice $device, ?float $typed): ?float
    {
        $limit = $device->limit();
        if ($limit === null) {
            return $typed;
        }
        $nec = $this->book->id() === RuleBookName::Nec;
        $figure = $this->ledger->work(FeederFigure::ScpdLimit)->equals($limit)
            ->saying('the largest device of a branch, and the currents of all else')
            ->source($nec ? Standard::Nec->at('430.62, 430.63') : Standard::CeCode->at('28-204'))->write();
        $standard = $device->standardBelow($limit, $nec ? TableName::NecStandardRatings : TableName::CecStandardRatings);
        if ($typed !== null && $typed > $limit * (1 + 1e-6)) {
            $this->rating('The '.Show::quantity($typed, Unit::Ampere).' device is above the limit of '.$figure->shown(4).'.', $standard);
        }
        $rating = $typed ?? $standard;
        if ($rating !== null) {
            $this->ledger->work(FeederFigure::ScpdRating)->from(l: $figure)->equals($rating)
                ->saying($typed === null ? 'largest standard rating up to '.$figure->shown(4) : 'entered')->write();
            if ($rating < $this->demand->running() * (1 - 1e-6)) {
                $this->ledger->stop(FeederFinding::RatingLow)->title('Feeder device smaller than the running current')
                    ->because('It is rated '.Show::quantity($rating, Unit::Ampere).', the board takes '.
                        Show::quantity($this->demand->running(), Unit::Ampere, 3).'.')
                    ->do('Use a larger device within the limit.')->on(FeederFigure::ScpdRating);
            }
        }

        return $rating;
    }

    private function rating(string $because, ?float $passes): void
    {
        $this->ledger->stop(FeederFinding::Rating)->title('Feeder device does not fit')->because($because)
            ->do($passes === null ? 'No standard rating fits.' : Show::quantity($passes, Unit::Ampere).' fits.')
            ->on(FeederFigure::ScpdRating)->about('guard.rating');
    }

    private function network(Impedance $feeder, ?float $transformerVa = null): BoardNetwork
    {
        $circuit = $this->document->feeder;
        $practice = new RunUpPractice($this->tables->named(TableName::PracticeRunUp));
        $size = $transformerVa ?? $circuit->number('supply.transformer_kva')?->number();
        $percent = $circuit->number('supply.transformer_impedance_percent')?->number();
        $level = $circuit->number('supply.fault_level_kva')?->number();
        $typed = $circuit->number('supply.x_over_r')?->number();
        $hasTransformer = $size !== null && $percent !== null;

        return new BoardNetwork(
            $this->volts, $this->document->noLoadVoltage() ?? $this->volts,
            $level === null ? null : Impedance::ofRatio(
                $this->volts ** 2 / $level, $hasTransformer ? $practice->upstreamReactance() : $typed ?? $practice->busReactance(),
            ),
            $hasTransformer ? Impedance::ofRatio($this->volts ** 2 * $percent / 100 / $size,
                $typed ?? $practice->transformerReactance()) : null,
            $feeder, $circuit->chosen('supply.voltage_factor', VoltageFactor::class) === VoltageFactor::Wide,
        );
    }
}
