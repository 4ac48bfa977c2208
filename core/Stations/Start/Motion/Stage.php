<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

use BraveAnvil\Physics\Machine\MotorPoint;

use function hypot;
use function max;
use function sqrt;

/** One stage of a start: how the motor hangs on its feed, so that all follows from what the motor is at a slip. */
final readonly class Stage
{
    /** How many impedances of the star equivalent one winding is. */
    private float $windings;

    /** Conductors behind the starter in series with these. */
    private float $leads;

    private Impedance $source;

    /** Of the source, to the star point, V. */
    private float $phaseVolts;

    /**
     * @param  float  $ratedVolts  of the motor, between lines
     * @param  bool  $star  whether windings that run in delta are joined in star
     * @param  Impedance  $series  between line run and motor, each phase
     * @param  float  $tap  motor volts over line volts, of an autotransformer; 1 without one
     */
    private function __construct(
        public Feed $feed,
        private float $ratedVolts,
        private bool $star,
        private Impedance $series,
        private float $tap,
    ) {
        // In star each winding, three times the impedance of its star equivalent, lies with its two leads in one line.
        $this->windings = $star ? 3.0 : 1.0;
        $this->leads = $star ? 2.0 : ($feed->sixLeads ? 2 / 3 : 1.0);
        $this->source = $feed->source();
        $this->phaseVolts = $feed->volts / M_SQRT3;
    }

    /** The motor joined as it runs, at the full voltage. */
    public static function full(Feed $feed, float $ratedVolts): self
    {
        return new self($feed, $ratedVolts, false, Impedance::none(), 1.0);
    }

    /** Windings that run in delta, joined in star. */
    public static function star(Feed $feed, float $ratedVolts): self
    {
        return new self($feed, $ratedVolts, true, Impedance::none(), 1.0);
    }

    /** @param  Impedance  $element  in each line, before the motor */
    public static function throughSeries(Feed $feed, float $ratedVolts, Impedance $element): self
    {
        return new self($feed, $ratedVolts, false, $element, 1.0);
    }

    /** @param  float  $tap  motor volts over line volts */
    public static function throughTap(Feed $feed, float $ratedVolts, float $tap): self
    {
        return new self($feed, $ratedVolts, false, Impedance::none(), $tap);
    }

    /** The same on another supply. */
    public function on(Feed $feed): self
    {
        $leads = $this->feed->sixLeads ? 6 : 3;

        return new self($feed->leads($leads), $this->ratedVolts, $this->star, $this->series, $this->tap);
    }

    /** Whether a motor hangs on its feed in the same way on both. */
    public function isLike(self $other): bool
    {
        return $this === $other || ($this->ratedVolts === $other->ratedVolts && $this->star === $other->star && $this->tap === $other->tap
            && $this->series->isLike($other->series) && $this->feed->isLike($other->feed));
    }

    public function flow(MotorPoint $at): Flow
    {
        [$lead, $run] = [$this->feed->lead, $this->feed->line];
        $square = $this->tap * $this->tap;
        $r = ($this->windings * $at->resistance + $this->leads * $lead->resistance) / $square + $this->series->resistance
            + $run->resistance;
        $x = ($this->windings * $at->reactance + $this->leads * $lead->reactance) / $square + $this->series->reactance + $run->reactance;
        $line = $this->phaseVolts / sqrt(($r + $this->source->resistance) ** 2 + ($x + $this->source->reactance) ** 2);
        $behind = $line / $this->tap;
        $across = $behind * $this->windings * sqrt($at->resistance * $at->resistance + $at->reactance * $at->reactance);
        $voltage = ($this->star ? $across : M_SQRT3 * $across) / $this->ratedVolts;
        $share = $voltage * $voltage;

        return new Flow(
            $line, $behind, $voltage, M_SQRT3 * $across, M_SQRT3 * $line * sqrt($r * $r + $x * $x), $share * $at->torque,
            $at->statorLoss === null ? null : $share * $at->statorLoss,
        );
    }

    /**
     * Volts between lines of the bus at a smaller current than the motor takes by itself: something lossless holds it back.
     *
     * @param  float  $amperes  in the line
     */
    public function busAt(MotorPoint $at, float $amperes): float
    {
        $feed = $this->feed;
        $source = $feed->source();
        $leads = $feed->sixLeads ? 2 / 3 : 1.0;
        $r = $at->resistance + $leads * $feed->lead->resistance + $feed->line->resistance;
        $x = $at->reactance + $leads * $feed->lead->reactance + $feed->line->reactance;
        $whole = ($feed->volts / sqrt(3) / $amperes) ** 2 - ($r + $source->resistance) ** 2;
        $x = max($x, ($whole > 0 ? sqrt($whole) : 0.0) - $source->reactance);
        $line = $feed->volts / sqrt(3) / hypot($r + $source->resistance, $x + $source->reactance);

        return sqrt(3) * $line * hypot($r, $x);
    }
}
