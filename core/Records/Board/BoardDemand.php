<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Physics\Machine\Phasor;

/**
 * What the circuits of a board take together. NEC 430.24 and CE Code 28-108: 125 % of the largest motor and the sum of the others; IEC
 * practice: the sum with simultaneity.
 */
final readonly class BoardDemand
{
    /** Continuous loads, and the largest motor. NEC 430.24 and 215.2, CE Code 28-108 and 8-104. */
    private const CONTINUOUS = 1.25;

    /** Where nothing with a known angle runs. Common practice. */
    private const USUAL_POWER_FACTOR = 0.85;

    /** Of a long sum as many are written out. */
    private const TERMS = 24;

    /** @var list<BoardMotor> those that count: of one interlock the largest */
    public array $counted;

    /** @var array<string, float> share with which each motor runs, by tag */
    private array $shares;

    /**
     * @param  list<BoardMotor>  $motors
     * @param  list<OtherLoad>  $others
     * @param  array<string, float>  $groups  simultaneity by name
     * @param  float  $simultaneity  of all that is in no group
     * @param  float  $reserve  in parts of one
     */
    public function __construct(
        private array $motors,
        public array $others,
        private array $groups,
        private float $simultaneity,
        private float $reserve,
        private bool $american,
    ) {
        $this->counted = self::counted($motors);
        $this->shares = $this->shares();
    }

    /** Share with which a motor runs, in parts of one. */
    public function share(BoardMotor $motor): float
    {
        return $motor->share * ($this->shares[$motor->tag] ?? 1.0);
    }

    /** The same of this board alone, without those below. */
    public function shareHere(BoardMotor $motor): float
    {
        return $this->shares[$motor->tag] ?? 1.0;
    }

    /** @return list<BoardMotor> those that never count beside a larger one too */
    public function all(): array
    {
        return $this->motors;
    }

    public function largest(): ?BoardMotor
    {
        return self::largestOf($this->counted);
    }

    /** Arithmetic sum of what runs, A. */
    public function running(): float
    {
        $sum = 0.0;
        foreach ($this->counted as $motor) {
            $sum += $this->share($motor) * $motor->current;
        }
        foreach ($this->others as $load) {
            $sum += $load->demand * $load->current;
        }

        return $sum;
    }

    /** The sum of what runs, term by term. */
    public function terms(): string
    {
        $terms = [];
        foreach ($this->counted as $motor) {
            $terms[] = self::term($this->share($motor), $motor->current, $motor->tag);
        }
        foreach ($this->others as $load) {
            $terms[] = self::term($load->demand, $load->current, $load->tag);
        }
        $more = count($terms) - self::TERMS;

        return implode(' + ', array_slice($terms, 0, self::TERMS)).($more > 0 ? " and $more more" : '');
    }

    /**
     * What each of them adds to the demand, without the reserve.
     *
     * @return array<array-key, float> A, by tag
     */
    public function parts(): array
    {
        $largest = $this->american ? $this->largest() : null;
        $parts = [];
        foreach ($this->counted as $motor) {
            $parts[$motor->tag] = ($this->american ? 1.0 : $this->share($motor)) * $motor->current
                + ($motor === $largest ? (self::CONTINUOUS - 1) * $motor->current : 0.0);
        }
        foreach ($this->others as $load) {
            $parts[$load->tag] = $this->american ? self::factored($load) : $load->demand * $load->current;
        }

        return $parts;
    }

    private static function term(float $share, float $amperes, string $tag): string
    {
        return (abs($share - 1) < 1e-9 ? '' : Show::number($share, 3).' × ').Show::quantity($amperes, Unit::Ampere, 4)." ($tag)";
    }

    /** What conductors are sized by, A, with the reserve. */
    public function demand(): float
    {
        if (! $this->american) {
            return $this->running() * (1 + $this->reserve);
        }
        $largest = $this->largest();
        $sum = $largest === null ? 0.0 : (self::CONTINUOUS - 1) * $largest->current;
        foreach ($this->counted as $motor) {
            $sum += $motor->current;
        }
        $sum += $this->othersFactored();
        $shared = $this->simultaneity < 1 && $largest !== null
            ? max($this->simultaneity * $sum, self::CONTINUOUS * $largest->current) : $sum;

        return $shared * (1 + $this->reserve);
    }

    /** Other loads with the factors of their kind, A. */
    public function othersFactored(): float
    {
        return array_sum(array_map(self::factored(...), $this->others));
    }

    /** @return float A */
    public static function factored(OtherLoad $load): float
    {
        return $load->current * ($load->kind !== 'equipment' && $load->continuous ? self::CONTINUOUS : 1.0);
    }

    /**
     * Sum of phasors of what runs, A: loads of unknown angle join in the direction of the rest.
     *
     * @param  BoardMotor|null  $without  one that stands still
     * @param  bool  $constantPower  without heaters and lighting, which follow the voltage
     */
    public function phasors(?BoardMotor $without = null, bool $constantPower = false): Phasor
    {
        $flows = [];
        foreach ($this->counted as $motor) {
            if ($motor !== $without) {
                $flows[] = [$this->share($motor) * $motor->current, $motor->powerFactor];
            }
        }

        return $this->sum([...$flows, ...self::flowsOf($this->others, $constantPower)]);
    }

    /**
     * What is up after a blackout, A at rated voltage: motors in full, and other loads that come back by themselves.
     *
     * @param  list<BoardMotor>  $up
     * @param  bool  $constantPower  without heaters and lighting, which follow the voltage
     */
    public function after(array $up, bool $constantPower): Phasor
    {
        $flows = array_map(static fn (BoardMotor $motor): array => [$motor->current, $motor->powerFactor], $up);

        return $this->sum([...$flows, ...self::flowsOf($this->restarting(), $constantPower)]);
    }

    /** Of heaters and lighting at rated voltage, A. */
    public function admittances(): Phasor
    {
        return $this->sum(self::flowsOf($this->others, false, true));
    }

    /** Of heaters and lighting that come back by themselves, at rated voltage, A. */
    public function admittancesAfter(): Phasor
    {
        return $this->sum(self::flowsOf($this->restarting(), false, true));
    }

    /** @return list<OtherLoad> */
    private function restarting(): array
    {
        return array_values(array_filter($this->others, static fn (OtherLoad $load): bool => $load->restarts));
    }

    /**
     * @param  list<OtherLoad>  $loads
     * @param  bool  $constantPower  without heaters and lighting
     * @param  bool  $admittances  heaters and lighting alone
     * @return list<array{float, float|null}> A with the power factor, null where nobody knows it
     */
    private static function flowsOf(array $loads, bool $constantPower, bool $admittances = false): array
    {
        $flows = [];
        foreach ($loads as $load) {
            if ($load->isAdmittance() ? ! $constantPower : ! $admittances) {
                $flows[] = [$load->demand * $load->current, $load->powerFactor];
            }
        }

        return $flows;
    }

    /** @param  list<array{float, float|null}>  $flows  A with the power factor, null where nobody knows it */
    private function sum(array $flows): Phasor
    {
        $known = Phasor::zero();
        $unknown = 0.0;
        foreach ($flows as [$amperes, $factor]) {
            if ($factor === null) {
                $unknown += $amperes;
            } else {
                $known = $known->plus(Phasor::lagging($amperes, $factor));
            }
        }

        return $unknown <= 0 ? $known : $known->plus($this->direction()->scaled($unknown));
    }

    /** Of size one, in the direction of all that has a known angle. */
    private function direction(): Phasor
    {
        $known = Phasor::zero();
        foreach ($this->counted as $motor) {
            if ($motor->powerFactor !== null) {
                $known = $known->plus(Phasor::lagging($this->share($motor) * $motor->current, $motor->powerFactor));
            }
        }
        foreach (self::flowsOf($this->others, false) as [$amperes, $factor]) {
            $known = $factor === null ? $known : $known->plus(Phasor::lagging($amperes, $factor));
        }

        return $known->size() > 0 ? $known->scaled(1 / $known->size()) : Phasor::lagging(1.0, self::USUAL_POWER_FACTOR);
    }

    /**
     * @param  list<BoardMotor>  $motors
     * @return list<BoardMotor>
     */
    private static function counted(array $motors): array
    {
        return array_values(array_filter($motors, static function (BoardMotor $motor) use ($motors): bool {
            if ($motor->interlock === '') {
                return true;
            }
            $together = array_values(array_filter($motors, static fn (BoardMotor $one): bool => $one->interlock === $motor->interlock));

            return self::largestOf($together) === $motor;
        }));
    }

    /**
     * The first of equals.
     *
     * @param  list<BoardMotor>  $motors
     */
    private static function largestOf(array $motors): ?BoardMotor
    {
        $largest = null;
        foreach ($motors as $motor) {
            if ($largest === null || $motor->current > $largest->current * (1 + 1e-9)) {
                $largest = $motor;
            }
        }

        return $largest;
    }

    /** @return array<string, float> */
    private function shares(): array
    {
        $shares = [];
        foreach ($this->counted as $motor) {
            if ($this->american) {
                $shares[$motor->tag] = $this->simultaneity;

                continue;
            }
            $group = array_values(array_filter($this->counted, static fn (BoardMotor $one): bool => $one->group === $motor->group));
            $sum = array_sum(array_map(static fn (BoardMotor $one): float => $one->current, $group));
            $largest = self::largestOf($group);
            // No fewer run than the largest alone.
            $shares[$motor->tag] = max($this->groups[$motor->group] ?? $this->simultaneity,
                $largest === null ? 1.0 : $largest->current / $sum);
        }

        return $shares;
    }
}
