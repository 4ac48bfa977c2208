<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Stations\Power\LoadPoint;
use BraveAnvil\Stations\Power\PartLoad;

/** What is to be corrected: real and reactive power as calculated at the load that it runs at, or as measured. */
final readonly class LoadToCorrect
{
    /**
     * @param  Figure  $power  W
     * @param  Figure  $reactive  var
     * @param  Figure  $volts  between lines, at which they hold, V
     * @param  Figure  $current  that follows, A
     * @param  Figure|null  $share  of rated output, %; null where it is no motor, or was measured
     * @param  float  $distortion  volt-amperes that no capacitor takes away
     * @param  Figure|null  $noLoadCurrent  A; null where it is no motor
     * @param  Figure|null  $noLoadReactive  var
     * @param  PartLoad|null  $model  at other loads
     * @param  float|null  $fullReactive  at full load, var
     */
    public function __construct(
        public Figure $power,
        public Figure $reactive,
        public Figure $volts,
        public Figure $current,
        public ?Figure $share,
        public bool $onePhase,
        public bool $measured,
        public float $distortion,
        public ?Figure $noLoadCurrent,
        public ?Figure $noLoadReactive,
        private ?PartLoad $model,
        public ?float $fullReactive,
    ) {
    }

    /** What volts between lines are multiplied by to give volt-amperes of one ampere. */
    public function root(): float
    {
        return $this->onePhase ? 1.0 : sqrt(3);
    }

    /** The same in a formula, in front of V. */
    public function rootText(): string
    {
        return $this->onePhase ? '' : '√3 × ';
    }

    /** Which load it is, as a person says it behind `at`. */
    public function said(): string
    {
        return match (true) {
            $this->measured => 'the measured load',
            $this->noLoadCurrent === null => 'this load',
            $this->share === null || abs($this->share->number() - 100) < 1e-9 => 'full load',
            default => $this->share->shown().' load',
        };
    }

    /** @param  float  $share  of rated output, per unit; null where nothing tells it */
    public function at(float $share): ?LoadPoint
    {
        return $this->model?->at($share);
    }

    /**
     * Reactive power at a load that may be lower, var: what was measured bounds it.
     *
     * @param  float|null  $share  of rated output, per unit; null: as it is
     */
    public function reactiveAt(?float $share): float
    {
        if ($share === null || $this->model === null) {
            return $this->reactive->number();
        }
        $there = abs($share - 1) < 1e-9 ? $this->fullReactive : $this->model->at($share)?->reactive;

        return $this->measured
            ? min($this->reactive->number(), $there ?? INF)
            : $there ?? $this->fullReactive ?? $this->reactive->number();
    }
}
