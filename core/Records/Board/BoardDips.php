<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Circuit\Choice\SupplySource;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Physics\Machine\Phasor;
use BraveAnvil\Stations\Start\Motion\Impedance;
use Closure;

/** Voltage at a board, running and at each start, and the transformer before it. */
final readonly class BoardDips
{
    /** @var list<float> VA that are made. Common practice; IEC 60076 for the metric ones. */
    private const TRANSFORMERS_METRIC = [
        50e3, 63e3, 100e3, 160e3, 200e3, 250e3, 315e3, 400e3, 500e3, 630e3, 800e3, 1000e3, 1250e3, 1600e3, 2000e3, 2500e3,
    ];

    /** @var list<float> VA */
    private const TRANSFORMERS_AMERICAN = [
        30e3, 45e3, 75e3, 112.5e3, 150e3, 225e3, 300e3, 500e3, 750e3, 1000e3, 1500e3, 2000e3, 2500e3,
    ];

    /** Motors of which each two are tried together. */
    private const PAIRED = 12;

    /** From nominal, where the site sets none, %. */
    public const LIMIT = 15.0;

    /**
     * @param  float  $volts  between lines
     * @param  bool  $hasTransformer  false on a board that another one feeds
     * @param  Closure(float|null): BoardNetwork  $networkOf  the same network with a transformer of another rating, VA
     */
    public function __construct(
        private FeederDocument $document,
        private BoardDemand $demand,
        private float $volts,
        private Ledger $ledger,
        private Closure $networkOf,
        private bool $hasTransformer = true,
    ) {
    }

    /** Deepest dip, %: of the board, or of the generator set that alone supplies it. */
    public static function limitOf(FeederDocument $document): float
    {
        $ofSet = $document->feeder->source() === SupplySource::Generator
            ? $document->feeder->number('settings.dip_limit_generator')?->number() : null;

        return $ofSet ?? $document->limit('dip_limit_board', self::LIMIT);
    }

    /** Writes them all, with what the transformer is asked. */
    public function solve(BoardNetwork $network): void
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
        if ($this->hasTransformer) {
            $this->ledger->work(FeederFigure::TransformerDip)->equals(100 * (1 - $at[1] / $this->volts))->write();
        }
        $this->two($network);
        $limit = self::limitOf($this->document);
        if ($dip->number() > $limit * (1 + 1e-6)) {
            $this->ledger->caution(FeederFinding::StartDip)->title('Start of '.$deepest->tag.' dips the board too far')
                ->because('The voltage falls '.$dip->shown(3).' below nominal; the limit is '.Show::number($limit).' %.')
                ->do('Use a softer start, a larger feeder or a larger transformer.')->on(FeederFigure::StartDip);
        }
        if ($this->hasTransformer) {
            $this->transformer($limit);
        }
    }

    /**
     * The dip at the board while each of them starts.
     *
     * @param  list<BoardMotor>  $motors
     * @return array<string, Figure> by tag
     */
    public function beside(BoardNetwork $network, array $motors): array
    {
        $dips = [];
        foreach ($motors as $motor) {
            $at = $motor->startCurrent === null ? null : $network->voltages($this->power($motor), $this->admittance([$motor]));
            if ($at !== null) {
                $dips[$motor->tag] = Figure::work(FeederFigure::CircuitStartDip)->equals(100 * (1 - $at[0] / $this->volts))
                    ->saying('from nominal, with all else running')->make();
            }
        }

        return $dips;
    }

    private function two(BoardNetwork $network): void
    {
        $starters = $this->starters();
        if (count($starters) < 2) {
            return;
        }
        $dip = $this->together($network, $starters[0], $starters[1]);
        if ($dip !== null) {
            $this->ledger->work(FeederFigure::TwoStartDip)->equals($dip)->saying($starters[0]->tag.' and '.$starters[1]->tag)->write();
        }
    }

    /**
     * Who may start with whom: each two of the largest starts at the same moment, with all else running.
     *
     * @return list<StartPair>
     */
    public function pairs(BoardNetwork $network): array
    {
        $starters = array_slice($this->starters(), 0, self::PAIRED);
        $limit = self::limitOf($this->document);
        $pairs = [];
        foreach ($starters as $i => $one) {
            foreach (array_slice($starters, $i + 1) as $other) {
                $dip = $this->together($network, $one, $other);
                $pairs[] = new StartPair($one->tag, $other->tag, $dip, $dip !== null && $dip <= $limit * (1 + 1e-6));
            }
        }

        return $pairs;
    }

    /** @return list<BoardMotor> that start on the line, the largest start first */
    private function starters(): array
    {
        $starters = array_values(array_filter($this->demand->counted,
            static fn (BoardMotor $motor): bool => $motor->startCurrent !== null));
        usort($starters, static fn (BoardMotor $a, BoardMotor $b): int => $b->startCurrent <=> $a->startCurrent);

        return $starters;
    }

    /** Dip at the board while two stand still, %; null where the voltage collapses. */
    private function together(BoardNetwork $network, BoardMotor $one, BoardMotor $other): ?float
    {
        $all = $this->demand->phasors(null, true);
        $left = $this->demand->phasors($one, true)->plus($this->demand->phasors($other, true))->minus($all);
        $at = $network->voltages($left->conjugate()->scaled(sqrt(3) * $this->volts), $this->admittance([$one, $other]));

        return $at === null ? null : 100 * (1 - $at[0] / $this->volts);
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
            $sum = $sum->plus($motor->standstill() ?? Phasor::zero());
        }

        return $sum;
    }

    private function transformer(float $limit): void
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
        $transformer = ($this->networkOf)(null)->transformer ?? Impedance::none();
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
            $network = ($this->networkOf)($rating);
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
