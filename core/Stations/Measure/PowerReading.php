<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Measure;

use BraveAnvil\Circuit\Choice\Sense;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;

/**
 * One measurement while it is worked out. Every method ends in the same figures; reactive power is positive when the current
 * lags, and without a sign when no reading tells.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final class PowerReading
{
    /** Real power over apparent power up to which meters only disagree. */
    public const SLACK = 1.01;

    public ?Figure $real = null;

    public ?Figure $angle = null;

    /** var, below nought where the current leads. */
    public ?Figure $reactive = null;

    /** The current that follows from the other readings, A. */
    public ?Figure $followingCurrent = null;

    /** The voltage between lines that follows from the other readings, V. */
    public ?Figure $followingVoltage = null;

    private ?Figure $apparent = null;

    public function __construct(
        public readonly Circuit $circuit,
        public readonly Ledger $ledger,
        public readonly MeterReadings $meters,
        public readonly bool $threePhase,
    ) {
    }

    /** Apparent power of a balanced load from mean volts and amperes; null where one is not read. */
    public function apparent(): ?Figure
    {
        $volts = $this->meters->voltage;
        $amperes = $this->meters->current;
        if ($volts === null || $amperes === null || $this->meters->lostPhase) {
            return null;
        }

        return $this->apparent ??= $this->ledger
            ->work(MeasuredFigure::Apparent)
            ->from(V: $volts, I: $amperes)
            ->as($this->threePhase ? '√3 V I' : 'V I', ($this->threePhase ? '√3 × ' : '').'{V} × {I}')
            ->equals(($this->threePhase ? sqrt(3) : 1.0) * $volts->number() * $amperes->number())
            ->write();
    }

    /** What is read is the real power itself. */
    public function measuredReal(Figure $watts): Figure
    {
        return $this->real = $this->ledger->put($watts->named(MeasuredFigure::Real, 'measured'));
    }

    /**
     * Power factor and reactive power from real and apparent power.
     *
     * @param  FieldPath  $path  field that is wrong if real power exceeds apparent power
     */
    public function split(Figure $real, ?Figure $apparent, string $path): void
    {
        if ($apparent === null) {
            return;
        }
        if (abs($real->number()) > self::SLACK * $apparent->number()) {
            $this->ledger->error(
                $path,
                $real->shown(4).' is more than volts times amperes, '.$apparent->shown(4).'. Real power is never more than apparent power.',
                'Read voltage, current and power again at the same time. Check the range and the ratio of the meter.',
            );

            return;
        }
        $factor = $this->ledger
            ->work(MeasuredFigure::PowerFactor)
            ->from(P: $real, S: $apparent)
            ->as('P / S', '{P} ÷ {S}')
            ->equals(max(-1.0, min(1.0, $real->number() / $apparent->number())))
            ->write();
        $this->angleOf($factor);
        if ($real->number() < 0) {
            $this->backwards($real, $path);
        }
        $size = sqrt(max(0.0, $apparent->number() ** 2 - $real->number() ** 2));
        $this->reactive($size, '√(S² − P²)', '√({S}² − {P}²)', ['S' => $apparent, 'P' => $real]);
    }

    /**
     * Reactive power whose sign only the person can tell.
     *
     * @param  float  $size  var
     * @param  array<string, Figure>  $from
     */
    public function reactive(float $size, string $formula, string $working, array $from): Figure
    {
        $sense = $this->circuit->chosen('measure.sense', Sense::class);
        $sign = $sense === Sense::Leading ? '−' : '';

        return $this->reactive = $this->ledger
            ->work(MeasuredFigure::Reactive)
            ->from(...$from)
            ->as($sign.$formula, $sign.$working)
            ->equals($sense === Sense::Leading ? -$size : $size)
            ->assuming($sense === null && $size > 0 ? 'taken as lagging; the readings do not show it' : null)
            ->write();
    }

    public function angleOf(Figure $factor): void
    {
        $this->angle = $this->ledger
            ->work(MeasuredFigure::Angle)
            ->from(pf: $factor)
            ->as('arccos(cos φ)', 'arccos {pf}')
            ->equals(rad2deg(acos(max(-1.0, min(1.0, $factor->number())))))
            ->write();
    }

    /** @param  FieldPath  $path  of the reading */
    public function backwards(Figure $real, string $path): void
    {
        $this->ledger
            ->caution(MeasuredFinding::PowerBackwards)
            ->title('Power flows backwards')
            ->because(
                'The meter shows '.$real->shown(3).': either the load drives the motor and it feeds the supply, or a current coil or a '.
                'voltage lead is reversed.',
            )
            ->do('Reverse the clamp or coil once and read again. Keep the sign only if the load really drives the motor.')
            ->source(HowKnown::Definition)
            ->on(MeasuredFigure::Real, MeasuredFigure::PowerFactor)
            ->about($path);
    }

    /** The angle of a power factor, leading where reactive power is negative. */
    public function signedAngleOf(Figure $factor, bool $leading): void
    {
        $angle = rad2deg(acos(min(1.0, $factor->number())));
        $sign = $leading ? '−' : '';
        $this->angle = $this->ledger
            ->work(MeasuredFigure::Angle)
            ->from(pf: $factor)
            ->as($sign.'arccos(cos φ)', $sign.'arccos {pf}')
            ->equals($leading ? -$angle : $angle)
            ->write();
    }

    /** Everything from a known angle behind the phase voltage. */
    public function fromAngle(Figure $apparent, Figure $angle): void
    {
        $this->angle = $angle;
        $radians = deg2rad($angle->number());
        $factor = $this->ledger
            ->work(MeasuredFigure::PowerFactor)
            ->from(a: $angle)
            ->as('cos φ', 'cos {a}')
            ->equals(max(0.0, cos($radians)))
            ->write();
        $this->real = $this->ledger
            ->work(MeasuredFigure::Real)
            ->from(S: $apparent, pf: $factor)
            ->as('S cos φ', '{S} × {pf}')
            ->equals($apparent->number() * cos($radians))
            ->write();
        $this->reactive = $this->ledger
            ->work(MeasuredFigure::Reactive)
            ->from(S: $apparent, a: $angle)
            ->as('S sin φ', '{S} × sin {a}')
            ->equals($apparent->number() * sin($radians))
            ->write();
    }

    /**
     * Readings that this method asks for.
     *
     * @param  FieldPath  ...$paths
     */
    public function wanted(string ...$paths): void
    {
        foreach ($paths as $path) {
            if ($this->circuit->missing($path)) {
                $this->ledger->missing(
                    $path,
                    match (true) {
                        str_ends_with($path, 'sense') => 'Enter whether the current leads or lags.',
                        str_ends_with($path, 'sequence') => 'Enter the phase sequence.',
                        default => 'Enter this reading.',
                    },
                );
            }
        }
    }
}
