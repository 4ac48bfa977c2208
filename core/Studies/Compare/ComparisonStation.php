<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Compare;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Station;
use BraveAnvil\Rules\RuleBook;
use BraveAnvil\Stations\Cable\CableStation;
use BraveAnvil\Stations\Guard\OverloadRules;
use BraveAnvil\Stations\Guard\RelayClass;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Power\Load;
use BraveAnvil\Stations\RunUp\GeneratorStart;
use BraveAnvil\Stations\RunUp\RunUpStation;
use BraveAnvil\Stations\Start\Method\Methods;
use BraveAnvil\Stations\Start\Method\StarterSettings;
use BraveAnvil\Stations\Start\Motion\Dip;
use BraveAnvil\Stations\Start\Motion\RunUp;
use BraveAnvil\Stations\Start\Motion\Train;
use BraveAnvil\Stations\Start\Starting;
use BraveAnvil\Tables\Practice\Practice;
use BraveAnvil\Tables\Practice\RunUpPractice;

/** Every starting method for the same motor, load and supply, each sized through; and which of them is recommended. */
final readonly class ComparisonStation
{
    /** What is recommended first, the simplest starter before the dearer. */
    private const ORDER = [
        'direct', 'star_delta', 'soft_starter', 'autotransformer_65', 'autotransformer_80', 'autotransformer_50', 'drive',
    ];

    private const SOURCE = 'calculated here: the same motor, load and supply with this starter';

    private RunUpPractice $runUp;

    private RunUpStation $runUps;

    private CableStation $cables;

    private OverloadRules $overload;

    public function __construct(private RuleBook $book, private Practice $practice)
    {
        $this->runUp = $practice->runUp();
        $this->runUps = new RunUpStation($book->words(), $practice);
        $sizing = $book->sizing();
        $this->cables = new CableStation($sizing->conductors, $practice->starting(), $book->dropLimitRunning());
        $this->overload = $sizing->overload;
    }

    /**
     * @param  Starting  $starting  as the circuit is started now
     * @param  Ledger  $before  as it was before the start was worked out
     */
    public function solve(Circuit $circuit, Motor $motor, Load $load, Starting $starting, Ledger $before, Ledger $ledger): void
    {
        $train = $starting->runUp !== null
            ? $starting->runUp->train : $this->runUps->train($circuit, $motor, $load);
        if ($train === null) {
            return;
        }
        $limits = Limits::of($circuit, $motor, $this->runUp);
        $rows = [];
        foreach (ComparedMethod::all() as $method) {
            $tried = $this->attempt($method, $method->in($circuit), $motor, $load, $starting, $train, $before->fork());
            [$verdict, $reason] = $limits->judge($tried);
            $rows[] = $row = new MethodRow($method, $tried, $verdict, $reason, $this->values($circuit, $tried, $load));
            self::write($row, $ledger);
        }
        $ledger->curve(new ComparisonCurve($rows, self::recommended($rows), $circuit, $this->book->words()));
    }

    /** The circuit with another starter, its conductors chosen for it, on a ledger that nobody keeps. */
    private function attempt(
        ComparedMethod $compared,
        Circuit $circuit,
        Motor $motor,
        Load $load,
        Starting $own,
        Train $train,
        Ledger $fork,
    ): MethodAttempt {
        $method = Methods::named($compared->method, StarterSettings::of($circuit, $this->runUp));
        $rated = ($load->overloadCurrent ?? $load->ratedCurrent())?->number();
        $refused = $method->refusal($circuit, $motor, $this->book->words());
        if ($refused !== null) {
            return new MethodAttempt($method, $rated, $refused);
        }
        $starting = new Starting($method->name(), $method, $own->figures);
        $cabling = $method->wants($circuit) !== null || ! $fork->isOpen(Station::Cable) ? null
            : $this->cables->solve($circuit, $motor, $load, $starting, null, $fork);
        $runUp = $this->runUps->attempt($circuit, $motor, $load, $method, $cabling, $train);
        $holds = $runUp === null || $load->overloadCurrent === null
            || (new RelayClass($this->practice, $this->book->words(), $this->overload))
                ->slowestHolds($circuit, $load->overloadCurrent, $method, $runUp);

        return new MethodAttempt($method, $rated, null, $cabling, $runUp, $holds);
    }

    /** @param  list<MethodRow>  $rows */
    private static function recommended(array $rows): ?MethodRow
    {
        foreach (self::ORDER as $key) {
            foreach ($rows as $row) {
                if ($row->method->key === $key && $row->verdict === MethodVerdict::RunsUp) {
                    return $row;
                }
            }
        }

        return null;
    }

    private static function write(MethodRow $row, Ledger $ledger): void
    {
        foreach (ComparedQuantity::cases() as $quantity) {
            $value = $quantity === ComparedQuantity::Verdict ? $row->verdict->value : $row->value($quantity);
            if ($value !== null) {
                $ledger->work(new ComparedFigure($row->method, $quantity))->equals($value)->source(self::SOURCE)
                    ->assuming(...$row->attempt->runUp->assumptions ?? [])->write();
            }
        }
    }

    /** @return array<string, float> by quantity */
    private function values(Circuit $circuit, MethodAttempt $attempt, Load $load): array
    {
        $runUp = $attempt->runUp;
        $how = $attempt->method;
        if ($runUp === null) {
            return [];
        }
        $first = $runUp->plan->firstStage($runUp->train)[0];
        $line = $how->isolates() ? $runUp->course->peakLine() : $first->flow->line;

        return array_filter([
            ComparedQuantity::LineCurrent->value => $line,
            ComparedQuantity::Peak->value => $line * sqrt(2) * self::offset($runUp, $how->raisesSlowly()),
            ComparedQuantity::Torque->value => $first->shaft,
            ComparedQuantity::TorqueMargin->value => $runUp->torqueMargin(),
            ComparedQuantity::RunUpTime->value => $runUp->course->runUpTime,
            ComparedQuantity::VoltageDip->value => Dip::atBus($runUp->plan, $runUp->train, $runUp->course),
            ComparedQuantity::DipAtMotor->value => Dip::atMotor($runUp->plan, $runUp->train, $how),
            ComparedQuantity::StartEnergy->value => $runUp->startHeat(),
            ComparedQuantity::TorqueStep->value => $runUp->torqueStep($how, $this->runUp),
            ComparedQuantity::GeneratorKva->value => GeneratorStart::of($circuit, $runUp->feed, $this->runUp)?->least(
                $runUp->plan, $runUp->train, $runUp->course->peakLine(), $runUp->course->changeover?->speedAfterGap, $load,
            ),
        ], static fn (?float $value): bool => $value !== null);
    }

    /** First peak over √2 times the rms of a current that is switched on; 1 where electronics raise it. IEC 60909-0. */
    private static function offset(RunUp $runUp, bool $slowly): float
    {
        $cos = $runUp->train->point(0.0)->powerFactor();

        return $slowly ? 1.0 : 1.02 + 0.98 * exp(-3 * $cos / sqrt(1 - $cos ** 2));
    }
}
