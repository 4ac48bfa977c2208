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
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Physics\Machine\Phasor;
use BraveAnvil\Rules\RuleBook;
use BraveAnvil\Stations\Cable\CableFigure;
use BraveAnvil\Stations\Cable\CableRun;
use BraveAnvil\Stations\Cable\CableStation;
use BraveAnvil\Stations\Cable\SizeCandidate;
use BraveAnvil\Stations\Cable\SizeList;
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
    /** Of the feeder alone, where the site sets none, %. It leaves three of five to the circuits. */
    private const DROP_LIMIT = 2.0;

    private const TOTAL_DROP_LIMIT = 5.0;

    private const DIP_LIMIT = 15.0;

    /** Current at which a gG fuse melts in its conventional time over what a cable may carry then. IEC 60364-4-43. */
    private const FUSE_TO_CABLE = 1.6 / 1.45;

    /** Share of the fault current below which motors are left out. IEC 60909-0. */
    private const FEW_MOTORS = 0.01;

    /** Times its current that a motor of an unknown starting current feeds back. Common practice. */
    private const UNKNOWN_FEEDBACK = 4.0;

    private const REGENERATIVE_FEEDBACK = 3.0;

    /** First peak of what motors feed back, over √2 times it. IEC 60909-0. */
    private const MOTOR_KAPPA = 1.3;

    /** @var list<float> VA that are made. Common practice; IEC 60076 for the metric ones. */
    private const TRANSFORMERS_METRIC = [
        50e3, 63e3, 100e3, 160e3, 200e3, 250e3, 315e3, 400e3, 500e3, 630e3, 800e3, 1000e3, 1250e3, 1600e3, 2000e3, 2500e3,
    ];

    /** @var list<float> VA */
    private const TRANSFORMERS_AMERICAN = [
        30e3, 45e3, 75e3, 112.5e3, 150e3, 225e3, 300e3, 500e3, 750e3, 1000e3, 1500e3, 2000e3, 2500e3,
    ];

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
        $required = $this->required($demand, $rating);
        $size = $this->conductors($required);
        $feeder = $size === null ? Impedance::none() : $this->impedance($size);
        $drop = $size === null ? null : $this->drops($feeder);
        $network = $this->network($feeder);
        Restart::tellUnsaid($motors, $this->ledger);
        $steps = [];
        if ($network->isKnown()) {
            $this->faults($network);
            $this->dips($network);
            $steps = (new Restart(
                $motors, $this->demand, $network, $this->document, $this->bearing($rating),
                $this->document->limit('dip_limit_board', self::DIP_LIMIT),
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
        $circuits = $network->isKnown() ? $this->faultsBeside($motors, $network) : [];
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

    private function required(Figure $demand, ?float $rating): Figure
    {
        $work = $this->ledger->work(FeederFigure::RequiredAmpacity)->from(I: $demand);
        if ($this->document->isAmerican()) {
            return $work->as('', '{I}')->equals($demand->number())->write();
        }
        if ($this->document->isAdjustable()) {
            return $work->equals($this->document->setting('long_time') ?? $demand->number())
                ->saying('setting of the long-time release')->write();
        }
        $byFuse = $rating === null ? 0.0 : self::FUSE_TO_CABLE * $rating;

        return $work->equals(max($demand->number(), $byFuse))
            ->saying($byFuse > $demand->number() ? '1.6 ÷ 1.45 × '.Show::number($rating ?? 0.0).' A' : 'the demand current')
            ->source(Standard::Iec60364_4_43->at())->write();
    }

    /** The smallest conductors that carry the demand and keep the drops. */
    private function conductors(Figure $required): ?SizeCandidate
    {
        $rules = $this->book->sizing()->conductors;
        $list = SizeList::of($this->document->feeder, $rules, CableRun::motor($this->document->feeder, 3), $required);
        if ($list instanceof FieldError) {
            $this->ledger->refuse($list);

            return null;
        }
        $typed = $this->document->feeder->word('cable.size');
        for ($place = 0; $list !== null && ($candidate = $list->at($place)) !== null; $place++) {
            $fits = $candidate->ampacity() >= $required->number() * (1 - 1e-6) && $this->keepsDrops($candidate);
            if ($typed === null ? ! $fits : $candidate->conductor->name !== $typed) {
                continue;
            }
            if (! $fits) {
                $this->ledger->stop(FeederFinding::Size)->title('Feeder conductors too small')
                    ->because($candidate->conductor->text.' carries '.Show::quantity($candidate->ampacity(), Unit::Ampere).', required '.
                        $required->shown(4).'; or it drops too much voltage.')
                    ->do('Use a larger size.')->on(FeederFigure::Size)->about('cable.size');
            }
            $conductor = $candidate->conductor;
            $this->ledger->work(FeederFigure::Size)->in($conductor->unit())->equals($conductor->value)
                ->saying('required '.$required->shown(4).', carries '.Show::quantity($candidate->ampacity(), Unit::Ampere))
                ->source($candidate->source)->doubted($candidate->doubt())->write();
            $this->ledger->work(FeederFigure::Sets)->equals($conductor->sets)->write();
            $this->ledger->work(FeederFigure::Ampacity)->equals($candidate->ampacity())->saying($candidate->working())
                ->source($candidate->source)->doubted($candidate->doubt())->write();

            return $candidate;
        }
        $this->ledger->stop(FeederFinding::Size)->title('No size carries this feeder')->because('Required '.$required->shown(4).'.')
            ->do('Divide the board, or use more sets.')->on(FeederFigure::RequiredAmpacity);

        return null;
    }

    private function impedance(SizeCandidate $size): Impedance
    {
        $km = ($this->document->feeder->number('cable.length')?->number() ?? 0.0) / 1000;

        return new Impedance($size->ohmPerKm * $km, $size->reactancePerKm * $km);
    }

    private function keepsDrops(SizeCandidate $size): bool
    {
        $feeder = $this->impedance($size);

        return $this->running($feeder) <= $this->document->limit('drop_limit_feeder', self::DROP_LIMIT) * (1 + 1e-6)
            && $this->starting($feeder) <= $this->startingLimit() * (1 + 1e-6);
    }

    private function startingLimit(): float
    {
        return $this->document->feeder->number('settings.drop_limit_starting')?->number() ?? CableStation::STARTING_DROP_LIMIT;
    }

    /** % */
    private function running(Impedance $feeder): float
    {
        return self::dropOf($feeder, $this->demand->phasors()) * 100 * sqrt(3) / $this->volts;
    }

    /** With the largest start in it, %. */
    private function starting(Impedance $feeder): float
    {
        $worst = 0.0;
        foreach ($this->demand->counted as $motor) {
            if ($motor->startCurrent !== null) {
                $flows = $this->demand->phasors($motor)->plus(Phasor::lagging($motor->startCurrent, $motor->startPowerFactor));
                $worst = max($worst, self::dropOf($feeder, $flows) * 100 * sqrt(3) / $this->volts);
            }
        }

        return $worst;
    }

    /** R I cos φ + X I sin φ, V of one phase. */
    private static function dropOf(Impedance $feeder, Phasor $current): float
    {
        return $feeder->resistance * $current->real - $feeder->reactance * $current->imaginary;
    }

    private function drops(Impedance $feeder): ?Figure
    {
        if ($this->document->feeder->number('cable.length') === null) {
            return null;
        }
        $worst = $this->starting($feeder);
        if ($worst > 0) {
            $this->ledger->work(FeederFigure::StartingDrop)->equals($worst)->as('√3 Σ (R I cos φ + X I sin φ) / V')->write();
        }

        return $this->ledger->work(FeederFigure::VoltageDrop)->equals($this->running($feeder))->as('(R P + X Q) / V²')->write();
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

    private function faults(BoardNetwork $network): void
    {
        $supply = $this->ledger->work(FeederFigure::SupplyFaultCurrent)->equals($network->supplyFault())->as('c V / (√3 |Z|)')
            ->source(Standard::Iec60909_0->at())->write();
        $prospective = $this->ledger->work(FeederFigure::ProspectiveCurrent)->equals($network->prospective())
            ->as('c V / (√3 |Z|)')->saying('with the feeder, its conductors at 20 °C')->source(Standard::Iec60909_0->at())->write();
        $this->ledger->work(FeederFigure::TwoPhaseFaultCurrent)->equals($network->twoPhase())->as('c V / (2 |Z|)')
            ->saying('conductors at operating temperature')->write();
        $motors = $this->contribution($prospective->number(), true);
        $share = $this->ledger->work(FeederFigure::MotorContribution)->equals($motors)
            ->saying('what running motors feed back in the first cycles')->source(Standard::Iec60909_0->at())->write();
        $this->ledger->work(FeederFigure::FaultCurrent)->from(a: $prospective, b: $share)->as('supply + motors', '{a} + {b}')
            ->equals($prospective->number() + $motors)->write();
        $this->ledger->work(FeederFigure::PeakFaultCurrent)->from(a: $prospective, b: $share)
            ->as('√2 (κ I + 1.3 I_M)', '√2 × ('.Show::number($network->kappa(), 4).' × {a} + 1.3 × {b})')
            ->equals(sqrt(2) * ($network->kappa() * $prospective->number() + self::MOTOR_KAPPA * $motors))
            ->source(Standard::Iec60909_0->at())
            ->write();
        $capacity = $this->document->feeder->number('guard.breaking_capacity_ka')?->number();
        if ($capacity !== null && $capacity < $supply->number() * (1 - 1e-6)) {
            $this->ledger->stop(FeederFinding::BreakingCapacity)->title('Breaking capacity of the feeder device too low')
                ->because('It breaks '.Show::quantity($capacity,
                    Unit::Ampere).'; the fault current before the feeder is '.$supply->shown(3).'.')
                ->do('Use a device with a higher breaking capacity.')->on(FeederFigure::SupplyFaultCurrent)
                ->about('guard.breaking_capacity_ka');
        }
    }

    /**
     * What each circuit's device breaks: all but what its own motor feeds back.
     *
     * @param  list<BoardMotor>  $motors
     * @return array<string, list<Figure>> by tag
     */
    private function faultsBeside(array $motors, BoardNetwork $network): array
    {
        $all = $network->prospective() + $this->contribution($network->prospective());
        $beside = [];
        foreach ($motors as $motor) {
            $own = in_array($motor, $this->demand->counted, true) && $this->contribution($network->prospective()) > 0
                ? $this->feedback($motor) : 0.0;
            $fault = Figure::work(FeederFigure::CircuitFaultCurrent)->equals($all - $own)
                ->saying('without the share of its own motor')->make();
            $beside[$motor->tag] = [$fault];
            $capacity = $motor->breakingCapacity;
            if ($capacity !== null && $capacity < $fault->number() * (1 - 1e-6)) {
                $this->ledger->stop(FeederFinding::BranchBreakingCapacity)->title('Breaking capacity of '.
                    $motor->tag.' too low at this board')
                    ->because('It breaks '.Show::quantity($capacity, Unit::Ampere).', the fault current is '.$fault->shown(3).'.')
                    ->do('Use a device with a higher breaking capacity.')->on(FeederFigure::FaultCurrent);
            }
        }

        return $beside;
    }

    /** Of one motor, A. */
    private function feedback(BoardMotor $motor): float
    {
        return match (true) {
            $motor->isDrive => $motor->isRegenerative ? self::REGENERATIVE_FEEDBACK * $motor->current : 0.0,
            $motor->lockedRotor === null || ($this->document->isAmerican()
                && ! $motor->lockedRotorKnown) => self::UNKNOWN_FEEDBACK * $motor->current,
            default => 1.05 * $motor->lockedRotor * $this->volts / max(1.0, $motor->plateVolts),
        };
    }

    /** A. */
    private function contribution(float $prospective, bool $tell = false): float
    {
        $sum = 0.0;
        $currents = 0.0;
        foreach ($this->demand->counted as $motor) {
            $sum += $this->feedback($motor);
            $currents += $motor->isDrive ? 0.0 : $motor->current;
        }
        if (! $this->document->isAmerican() && $currents <= self::FEW_MOTORS * $prospective) {
            if ($currents > 0 && $tell) {
                $this->ledger->note(FeederFinding::MotorsBelowOnePercent)->title('Share of the motors left out')
                    ->because('Their rated currents together are at most 1 % of the fault current.')
                    ->source(Standard::Iec60909_0->at())->on(FeederFigure::MotorContribution);
            }

            return 0.0;
        }

        return $sum;
    }

    private function dips(BoardNetwork $network): void
    {
        $running = $network->voltages($this->power(null), $this->admittance([]));
        if ($running === null) {
            $this->ledger->stop(FeederFinding::Collapse)->title('The supply cannot carry this board')
                ->because('The voltage at the board collapses under the running load.')->do('Use a larger transformer or feeder.');

            return;
        }
        $this->ledger->work(FeederFigure::BoardVoltage)->equals($running[0])->saying('with everything running')->write();
        $before = 100 * (1 - $running[0] / $this->volts);
        [$deepest, $at] = $this->deepest($network);
        if ($deepest === null || $at === null) {
            return;
        }
        $this->ledger->work(FeederFigure::StartingMotor)->equals($deepest->tag)->write();
        $dip = $this->ledger->work(FeederFigure::StartDip)->equals(100 * (1 - $at[0] / $this->volts))
            ->saying('from nominal: '.Show::quantity($this->volts - $at[0], Unit::Volt, 3).' of '.Show::quantity($this->volts,
                Unit::Volt))->write();
        $this->ledger->work(FeederFigure::StartStep)->equals($dip->number() - $before)->saying('beyond what the running load drops')
            ->write();
        $this->ledger->work(FeederFigure::TransformerDip)->equals(100 * (1 - $at[1] / $this->volts))->write();
        $this->two($network);
        $limit = $this->document->limit('dip_limit_board', self::DIP_LIMIT);
        if ($dip->number() > $limit * (1 + 1e-6)) {
            $this->ledger->caution(FeederFinding::StartDip)->title('Start of '.$deepest->tag.' dips the board too far')
                ->because('The voltage falls '.$dip->shown(3).' below nominal; the limit is '.Show::number($limit).' %.')
                ->do('Use a softer start, a larger feeder or a larger transformer.')->on(FeederFigure::StartDip);
        }
        $this->transformer($network->feeder, $limit);
    }

    private function two(BoardNetwork $network): void
    {
        $starters = array_values(array_filter($this->demand->counted,
            static fn (BoardMotor $motor): bool => $motor->startCurrent !== null));
        usort($starters, static fn (BoardMotor $a, BoardMotor $b): int => $b->startCurrent <=> $a->startCurrent);
        if (count($starters) < 2) {
            return;
        }
        $pair = array_slice($starters, 0, 2);
        $left = $this->demand->phasors(null, true);
        foreach ($pair as $motor) {
            $left = $left->minus($this->demand->phasors(null, true)->minus($this->demand->phasors($motor, true)));
        }
        $at = $network->voltages($left->conjugate()->scaled(sqrt(3) * $this->volts), $this->admittance($pair));
        if ($at !== null) {
            $this->ledger->work(FeederFigure::TwoStartDip)->equals(100 * (1 - $at[0] / $this->volts))
                ->saying($pair[0]->tag.' and '.$pair[1]->tag)->write();
        }
    }

    /**
     * @param  bool  $tell  whether a collapse is said
     * @return array{BoardMotor|null, array{float, float}|null} the deepest, and its voltages
     */
    private function deepest(BoardNetwork $network, bool $tell = true): array
    {
        $deepest = null;
        $lowest = null;
        foreach ($this->demand->counted as $motor) {
            if ($motor->startCurrent === null) {
                continue;
            }
            $at = $network->voltages($this->power($motor), $this->admittance([$motor]));
            if ($at === null) {
                if (! $tell) {
                    return [null, null];
                }
                $this->ledger->stop(FeederFinding::Collapse)->title('The supply cannot start '.$motor->tag)
                    ->because('The voltage at the board collapses at its start.')->do('Use a larger transformer, or a softer start.');

                return [null, null];
            }
            if ($lowest === null || $at[0] < $lowest[0]) {
                [$deepest, $lowest] = [$motor, $at];
            }
        }

        return [$deepest, $lowest];
    }

    /** P + jQ that all else keeps while one of them stands still, VA. */
    private function power(?BoardMotor $without): Phasor
    {
        return $this->demand->phasors($without, true)->conjugate()->scaled(sqrt(3) * $this->volts);
    }

    /**
     * Of heaters, lighting and motors at standstill, S of one phase.
     *
     * @param  list<BoardMotor>  $starting
     */
    private function admittance(array $starting): Phasor
    {
        $sum = $this->demand->admittances()->scaled(sqrt(3) / $this->volts);
        foreach ($starting as $motor) {
            $sum = $sum->plus(Phasor::lagging(sqrt(3) * ($motor->startCurrent ?? 0.0) / max(1.0, $motor->plateVolts),
                $motor->startPowerFactor));
        }

        return $sum;
    }

    private function transformer(Impedance $feeder, float $limit): void
    {
        $circuit = $this->document->feeder;
        $size = $circuit->number('supply.transformer_kva');
        $percent = $circuit->number('supply.transformer_impedance_percent');
        if ($size === null || $percent === null) {
            return;
        }
        $apparent = sqrt(3) * $this->volts * $this->demand->phasors()->size();
        $this->ledger->work(FeederFigure::TransformerCurrent)->from(S: $size)->as('S / (√3 V)',
            '{S} ÷ (√3 × '.Show::quantity($this->volts, Unit::Volt).')')
            ->equals($size->number() / (sqrt(3) * $this->volts))->write();
        $loading = $this->ledger->work(FeederFigure::TransformerLoading)->equals(100 * $apparent / $size->number())->as('S / S_T')
            ->write();
        if ($loading->number() > 100 * (1 + 1e-6)) {
            $this->ledger->caution(FeederFinding::TransformerOverloaded)->title('Transformer overloaded by this board')
                ->because('The board takes '.Show::quantity($apparent, Unit::VoltAmpere, 3).' of '.$size->shown(3).'.')
                ->do('Use a larger transformer.')->on(FeederFigure::TransformerLoading);
        }
        $transformer = $this->network(Impedance::none())->transformer ?? Impedance::none();
        $parts = $percent->number() / max(1e-12, $transformer->magnitude());
        [$ur, $ux] = [$parts * $transformer->resistance, $parts * $transformer->reactance];
        $phasors = $this->demand->phasors();
        [$cos, $sin] = $phasors->size() > 0 ? [$phasors->real / $phasors->size(), -$phasors->imaginary / $phasors->size()] : [1.0, 0.0];
        $beta = $apparent / $size->number();
        $this->ledger->work(FeederFigure::Regulation)->as('β (u_r cos φ + u_x sin φ) + β² (u_x cos φ − u_r sin φ)² / 200')
            ->equals($beta * ($ur * $cos + $ux * $sin) + $beta ** 2 * ($ux * $cos - $ur * $sin) ** 2 / 200)->write();
        foreach ($this->document->isAmerican() ? self::TRANSFORMERS_AMERICAN : self::TRANSFORMERS_METRIC as $rating) {
            if ($rating < $apparent * (1 + $this->document->reserve()) * (1 - 1e-6)) {
                continue;
            }
            $network = $this->network($feeder, $rating);
            [, $at] = $this->deepest($network, false);
            if ($at !== null && 100 * (1 - $at[0] / $this->volts) <= $limit * (1 + 1e-6)) {
                $this->ledger->work(FeederFigure::TransformerLeast)->equals($rating)
                    ->saying('carries the board, and keeps the deepest dip within '.Show::number($limit).' %')
                    ->source(HowKnown::CommonPractice)
                    ->write();

                return;
            }
        }
    }
}
