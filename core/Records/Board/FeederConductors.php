<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Physics\Machine\Phasor;
use BraveAnvil\Rules\RuleBook;
use BraveAnvil\Stations\Cable\CableRun;
use BraveAnvil\Stations\Cable\CableStation;
use BraveAnvil\Stations\Cable\Rejection;
use BraveAnvil\Stations\Cable\SizeCandidate;
use BraveAnvil\Stations\Cable\SizeList;
use BraveAnvil\Stations\Fault\LoopJudge;
use BraveAnvil\Stations\Start\Motion\Impedance;

/** Conductors of a feeder: the smallest that carry its demand, and keep running and starting drop. */
final readonly class FeederConductors
{
    /** Of the feeder alone, where the site sets none, %. It leaves three of five to the circuits. */
    private const DROP_LIMIT = 2.0;

    /** Current at which a gG fuse melts in its conventional time over what a cable may carry then. IEC 60364-4-43. */
    private const FUSE_TO_CABLE = 1.6 / 1.45;

    /** Sizes that are shown below the chosen one, and above it. */
    private const BELOW = 3;

    private const ABOVE = 2;

    /** @param  float  $volts  between lines */
    public function __construct(
        private FeederDocument $document,
        private RuleBook $book,
        private BoardDemand $demand,
        private float $volts,
        private Ledger $ledger,
    ) {
    }

    /** R I cos φ + X I sin φ, V of one phase. */
    private static function dropOf(Impedance $feeder, Phasor $current): float
    {
        return $feeder->resistance * $current->real - $feeder->reactance * $current->imaginary;
    }

    /**
     * What the conductors must carry, A.
     *
     * @param  Figure  $demand  A
     * @param  float|null  $rating  of the feeder's device, A
     */
    public function required(Figure $demand, ?float $rating): Figure
    {
        $work = $this->ledger->work(FeederFigure::RequiredAmpacity)->from(I: $demand);
        if ($this->document->isAmerican()) {
            return $work->as('', '{I}')->equals($demand->number())->write();
        }
        if ($this->document->isAdjustable()) {
            return $work->equals($this->document->setting('long_time') ?? $demand->number())
                ->saying('setting of the long-time release')
                ->source($this->document->setting('long_time') === null ? HowKnown::CommonPractice : HowKnown::Entered)->write();
        }
        $byFuse = $rating === null ? 0.0 : self::FUSE_TO_CABLE * $rating;

        return $work->equals(max($demand->number(), $byFuse))
            ->saying($byFuse > $demand->number() ? '1.6 ÷ 1.45 × '.Show::number($rating ?? 0.0).' A' : 'the demand current')
            ->source(Standard::Iec60364_4_43->at())->write();
    }

    /**
     * The smallest conductors that carry the demand, keep the drops and bear an earth fault at the board.
     *
     * @return array{SizeCandidate, SizeCandidate}|null with those that the current alone asks for
     */
    public function choose(Figure $required, ?LoopJudge $judge): ?array
    {
        $kilometres = ($this->document->feeder->number('cable.length')?->number() ?? 0.0) / 1000;
        $rules = $this->book->sizing()->conductors;
        $list = SizeList::of($this->document->feeder, $rules, CableRun::motor($this->document->feeder, 3), $required);
        if ($list instanceof FieldError) {
            $this->ledger->refuse($list);

            return null;
        }
        $typed = $this->document->feeder->word('cable.size');
        $needed = null;
        for ($place = 0; $list !== null && ($candidate = $list->at($place)) !== null; $place++) {
            $carries = $candidate->ampacity() >= $required->number() * (1 - 1e-6);
            $needed ??= $carries ? $candidate : null;
            $fits = $carries && $this->keepsDrops($candidate)
                && ($typed !== null || $judge === null || $judge->pick($candidate, $kilometres, null)->rejection === null);
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

            return [$candidate, $needed ?? $candidate];
        }
        $this->ledger->stop(FeederFinding::Size)->title('No size carries this feeder')->because('Required '.$required->shown(4).'.')
            ->do('Divide the board, or use more sets.')->on(FeederFigure::RequiredAmpacity);

        return null;
    }

    /**
     * Sizes around the chosen one in as many sets, each with what it fails.
     *
     * @return list<FeederRung> from small to large
     */
    public function ladder(SizeCandidate $chosen, Figure $required, ?LoopJudge $judge): array
    {
        $sets = $chosen->conductor->sets;
        $list = SizeList::untyped($this->document->feeder, $this->book->sizing()->conductors, CableRun::motor($this->document->feeder, 3),
            $required);
        $sizes = [];
        $pick = null;
        for ($place = 0; ! $list instanceof FieldError && ($candidate = $list?->within($place, $sets)) !== null; $place++) {
            if ($candidate->conductor->sets === $sets) {
                $sizes[] = $candidate;
                $pick = $candidate->conductor->name === $chosen->conductor->name ? count($sizes) - 1 : $pick;
            }
        }

        return $pick === null ? [] : array_map(fn (SizeCandidate $size): FeederRung => $this->rung(
            $size, $required->number(), $judge, $size->conductor->name === $chosen->conductor->name,
        ), array_slice($sizes, max(0, $pick - self::BELOW), min($pick, self::BELOW) + 1 + self::ABOVE));
    }

    private function rung(SizeCandidate $size, float $required, ?LoopJudge $judge, bool $isChosen): FeederRung
    {
        $metres = $this->document->feeder->number('cable.length')?->number();
        $feeder = $this->impedance($size);
        [$drop, $starting] = $metres === null ? [null, null] : [$this->running($feeder), $this->starting($feeder)];
        $fails = [];
        if ($size->ampacity() < $required * (1 - 1e-6)) {
            $fails[] = $size->terminal < $size->derated ? Rejection::Terminals : Rejection::Ampacity;
        }
        if ($drop !== null && $drop > $this->document->limit('drop_limit_feeder', self::DROP_LIMIT) * (1 + 1e-6)) {
            $fails[] = Rejection::RunningDrop;
        }
        if ($starting !== null && $starting > $this->startingLimit() * (1 + 1e-6)) {
            $fails[] = Rejection::StartingDrop;
        }
        $earth = $judge?->pick($size, ($metres ?? 0.0) / 1000, null)->rejection;

        return new FeederRung(
            $size->conductor->text, $size->conductor->sets, $size->ampacity(), $drop, $starting > 0 ? $starting : null,
            $earth === null ? $fails : [...$fails, $earth], $isChosen,
        );
    }

    /** Of each line, warm, Ω. */
    public function impedance(SizeCandidate $size): Impedance
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

    /** Writes both drops; the running one, %, null where the length is not known. */
    public function drops(Impedance $feeder): ?Figure
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
}
