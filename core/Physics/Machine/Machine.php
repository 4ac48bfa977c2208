<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Machine;

use Override;

use function cos;
use function exp;
use function log;
use function max;
use function min;
use function sin;
use function sqrt;

/**
 * Equivalent circuit of a cage motor, per phase in star: stator R1, X; core Rc across the terminals; magnetising Xm; rotor
 * R2, X. R2 follows the law of a deep bar, X the root of slip, between running and standstill values.
 *
 * Ω, V between lines, N·m, W.
 */
final readonly class Machine implements TurningMotor
{
    private float $rootOfRatedSlip;

    private float $barAtRatedSlip;

    /** By how much leakage grows with the root of slip, Ω. */
    private float $leakageGrowth;

    /** Between star point and line, V. */
    private float $phaseVolts;

    /** rad/s */
    private float $synchronousOmega;

    /** N·m at rated speed. */
    private float $ratedFriction;

    /** @param  float  $deepBar  ξ of the deep-bar law at slip 1; 0 where R2 goes in a straight line instead */
    public function __construct(
        public float $volts,
        public float $synchronousSpeed,
        public float $ratedSlip,
        public float $stator,
        public float $core,
        public float $magnetising,
        public float $leakageRunning,
        public float $leakageStandstill,
        public float $rotorRunning,
        public float $rotorStandstill,
        public float $deepBar,
        public float $friction,
    ) {
        $this->rootOfRatedSlip = sqrt($ratedSlip);
        $this->barAtRatedSlip = self::bar($deepBar * $this->rootOfRatedSlip);
        $this->leakageGrowth = ($leakageStandstill - $leakageRunning) / (1 - $this->rootOfRatedSlip);
        $this->phaseVolts = $volts / sqrt(3);
        $this->synchronousOmega = 2 * M_PI * $synchronousSpeed / 60;
        $this->ratedFriction = $friction / (2 * M_PI * $synchronousSpeed * (1 - $ratedSlip) / 60);
    }

    #[Override]
    public function ratedVolts(): float
    {
        return $this->volts;
    }

    #[Override]
    public function synchronousSpeed(): float
    {
        return $this->synchronousSpeed;
    }

    /** Rated slip, in parts of one. */
    #[Override]
    public function ratedSlip(): float
    {
        return $this->ratedSlip;
    }

    #[Override]
    public function frictionAt(float $speed): float
    {
        $ratio = $speed / ($this->synchronousSpeed * (1 - $this->ratedSlip));

        return $this->ratedFriction * $ratio * $ratio;
    }

    #[Override]
    public function breakdownSlip(): float
    {
        // The top is flat: parabolas through ever closer neighbours find its slip.
        [$torque, $slip] = $this->breakdown();
        foreach ([1.08, 1.03] as $step) {
            if ($slip * $step >= 1) {
                return $slip;
            }
            $low = $this->torque($slip / $step);
            $high = $this->torque($slip * $step);
            $curve = $low - 2 * $torque + $high;
            if ($curve < 0) {
                $slip *= $step ** max(-1.0, min(1.0, 0.5 * ($low - $high) / $curve));
                $torque = $this->torque($slip);
            }
        }

        return $slip;
    }

    #[Override]
    public function point(float $slip): MotorPoint
    {
        return $this->meets($slip, $this->leakage($slip), $this->rotor($slip) / $slip);
    }

    /**
     * What a field that runs the other way meets, at 2 − s; the bars are as at standstill there.
     *
     * @param  float  $slip  of the forward field, above 0
     */
    public function backward(float $slip): MotorPoint
    {
        return $this->meets(2 - $slip, $this->leakage(1.0), $this->rotor(1.0) / (2 - $slip));
    }

    /** The same motor with a rotor of more resistance, as with broken bars. */
    public function withRotor(float $times): self
    {
        return new self(
            $this->volts, $this->synchronousSpeed, $this->ratedSlip, $this->stator, $this->core, $this->magnetising, $this->leakageRunning,
            $this->leakageStandstill, $times * $this->rotorRunning, $times * $this->rotorStandstill, $this->deepBar, $this->friction,
        );
    }

    /** The same motor with more friction. */
    public function withFriction(float $times): self
    {
        return new self(
            $this->volts, $this->synchronousSpeed, $this->ratedSlip, $this->stator, $this->core, $this->magnetising, $this->leakageRunning,
            $this->leakageStandstill, $this->rotorRunning, $this->rotorStandstill, $this->deepBar, $times * $this->friction,
        );
    }

    private function meets(float $slip, float $x, float $r2): MotorPoint
    {
        $m = $this->magnetising;
        $own = $x + $m;
        $square = $r2 * $r2;
        $d = $square + $own * $own;
        $re = $this->stator + $m * $m * $r2 / $d;
        $im = $x + $m * ($square + $x * $own) / $d;
        $z = $re * $re + $im * $im;
        $amperes = $this->phaseVolts * $this->phaseVolts / $z;
        // The core's resistance beside it, by admittances.
        $g = $re / $z + 1 / $this->core;
        $b = $im / $z;
        $y = $g * $g + $b * $b;

        return new MotorPoint(
            $slip, $g / $y, $b / $y, 3 * $amperes * $m * $m / $d * $r2 / $this->synchronousOmega,
            3 * $amperes * $this->stator,
        );
    }

    /** Rotor resistance at a slip, Ω; below the rated one it stays. */
    public function rotor(float $slip): float
    {
        if ($this->deepBar <= 0) {
            return $this->rotorRunning +
                (($this->rotorStandstill - $this->rotorRunning) * max(0.0, $slip - $this->ratedSlip)) / (1 - $this->ratedSlip);
        }

        return $slip <= $this->ratedSlip
            ? $this->rotorRunning
            : $this->rotorRunning * self::bar($this->deepBar * sqrt($slip)) / $this->barAtRatedSlip;
    }

    /** Increase of the resistance of a bar by current displacement, ξ (sinh 2ξ + sin 2ξ) / (cosh 2ξ − cos 2ξ). */
    public static function bar(float $xi): float
    {
        if ($xi < 1e-3) {
            return 1.0;
        }

        $e = exp(2 * $xi);

        return $xi * (($e - 1 / $e) / 2 + sin(2 * $xi)) / (($e + 1 / $e) / 2 - cos(2 * $xi));
    }

    /** Leakage reactance of one side at a slip, Ω. */
    public function leakage(float $slip): float
    {
        $beyond = sqrt($slip) - $this->rootOfRatedSlip;

        return $beyond <= 0 ? $this->leakageRunning : $this->leakageRunning + $this->leakageGrowth * $beyond;
    }

    /**
     * What it takes and gives at a slip.
     *
     * @param  float|null  $volts  between lines; null: the rated ones
     * @return array{current: float, real: float, reactive: float, torque: float, output: float} A, W, var, shaft N·m, shaft W
     */
    public function at(float $slip, ?float $volts = null): array
    {
        $point = $this->point($slip);
        $v = ($volts ?? $this->volts) / sqrt(3);
        $share = $volts === null ? 1.0 : ($volts / $this->volts) * ($volts / $this->volts);
        $z = $point->resistance * $point->resistance + $point->reactance * $point->reactance;
        $speed = 2 * M_PI * $this->synchronousSpeed / 60;
        $torque = $share * $point->torque - $this->frictionAt($this->synchronousSpeed * (1 - $slip));

        return [
            'current' => $v / sqrt($z),
            'real' => 3 * $v * $v * $point->resistance / $z,
            'reactive' => 3 * $v * $v * $point->reactance / $z,
            'torque' => $torque,
            'output' => $torque * $speed * (1 - $slip),
        ];
    }

    /** At the shaft at rated volts, N·m. */
    private function torque(float $slip): float
    {
        // As `point`, without what the searches do not want: they ask hundreds of times.
        $x = $this->leakage($slip);
        $r2 = $this->rotor($slip) / $slip;
        $m = $this->magnetising;
        $own = $x + $m;
        $square = $r2 * $r2;
        $d = $square + $own * $own;
        $re = $this->stator + $m * $m * $r2 / $d;
        $im = $x + $m * ($square + $x * $own) / $d;
        $amperes = $this->phaseVolts * $this->phaseVolts / ($re * $re + $im * $im);
        $ratio = $this->synchronousSpeed * (1 - $slip) / ($this->synchronousSpeed * (1 - $this->ratedSlip));

        return 3 * $amperes * $m * $m / $d * $r2 / $this->synchronousOmega - $this->ratedFriction * $ratio * $ratio;
    }

    /** At the shaft at rated volts, W. */
    public function outputAt(float $slip): float
    {
        return $this->torque($slip) * 2 * M_PI * $this->synchronousSpeed / 60 * (1 - $slip);
    }

    /** The slip at which the shaft gives an output, W; null above what the motor can give while running. */
    public function slipFor(float $output): ?float
    {
        return (new RunningSlip($this))->at($output);
    }

    /** @return array{float, float} largest torque, N·m, and its slip */
    public function breakdown(float $largestSlip = 1.0): array
    {
        $best = [-INF, $this->ratedSlip];
        $steps = 14;
        $from = log($this->ratedSlip);
        $span = log($largestSlip) - $from;
        for ($i = 0; $i <= $steps; $i++) {
            $slip = exp($from + $span * $i / $steps);
            $torque = $this->torque($slip);
            if ($torque > $best[0]) {
                $best = [$torque, $slip];
            }
        }
        // A parabola through the best point and its neighbours, over the logarithm of slip.
        $h = $span / $steps;
        $low = $this->torque(exp(log($best[1]) - $h));
        $high = $best[1] >= $largestSlip * (1 - 1e-9) ? $best[0] : $this->torque(min($largestSlip, exp(log($best[1]) + $h)));
        $curve = $low - 2 * $best[0] + $high;
        if ($curve < 0 && $high < $best[0]) {
            $shift = 0.5 * ($low - $high) / $curve;
            $slip = min($largestSlip, exp(log($best[1]) + $shift * $h));
            $torque = $this->torque($slip);
            if ($torque > $best[0]) {
                return [$torque, $slip];
            }
        }

        return $best;
    }

    /** No-load current, A: synchronous but for friction. */
    public function noLoadCurrent(): float
    {
        return $this->at($this->slipFor(0.0) ?? 1e-6)['current'];
    }
}
