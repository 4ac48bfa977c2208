<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove;

use BraveAnvil\Circuit\Choice\CapacitorPlace;
use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\MotorStandard;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Correct\Correction;
use BraveAnvil\Stations\Fault\LoopCheck;
use BraveAnvil\Stations\Guard\Protection;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Power\Load;
use BraveAnvil\Stations\Power\LoadPoint;
use BraveAnvil\Stations\Start\Starting;
use BraveAnvil\Tables\Practice\Practice;

/** The circuit as it is solved, for those who hold a reading against it. */
final class KnownCircuit
{
    /** IEC 60034-1 and NEMA MG 1 (both from memory): °C at which the resistance of a metal would be nothing, below zero. */
    private const COPPER_IEC = 235.0;

    private const COPPER_NEMA = 234.5;

    private const ALUMINIUM = 225.0;

    /** Share of rated output to which a load is looked for. */
    private const HIGHEST = 2.0;

    /** @var array<array-key, LoadPoint|null> by share of rated output: the same load is asked for again and again */
    private array $points = [];

    /** @var list<LoadPoint>|null */
    private ?array $line = null;

    public function __construct(
        public readonly Circuit $circuit,
        public readonly Words $words,
        public readonly MotorStandard $standard,
        public readonly Practice $practice,
        public readonly Motor $motor,
        public readonly Load $load,
        public readonly Starting $starting,
        public readonly ?Correction $correction,
        public readonly ?Protection $protection,
        public readonly ?LoopCheck $loop,
        public readonly Readings $readings,
    ) {
    }

    /** Load at a reading, percent of rated output: its own, else that of the circuit; null where nobody says. */
    public function loadAt(Reading $reading): ?Figure
    {
        return $reading->load ?? ($this->circuit->missing('load.output_percent') ? null : $this->circuit->number('load.output_percent'));
    }

    /**
     * What the motor draws at a share of its rated output; null where nothing tells, or above what it can give.
     *
     * @param  float  $share  per unit
     */
    public function drawnAt(float $share): ?LoadPoint
    {
        return $this->points[(string) $share] ??= $this->load->partLoad?->at($share);
    }

    /**
     * The share of its rated output at which the motor draws this much; null where nothing tells, or where it is no more than idling.
     *
     * @param  float  $real  W
     */
    public function loadThatDraws(float $real): ?float
    {
        $this->line ??= $this->load->partLoad?->line(self::HIGHEST) ?? [];
        $before = null;
        foreach ($this->line as $point) {
            if ($point->input >= $real && $before !== null && $point->input > $before->input) {
                return $before->share + ($point->share - $before->share) * ($real - $before->input) / ($point->input - $before->input);
            }
            if ($point->input > $real) {
                return null;
            }
            $before = $point;
        }

        return $before?->share;
    }

    /** Volts at a reading, else those of the supply. */
    public function volts(?Figure $read): ?Figure
    {
        return $read ?? $this->supplyVolts();
    }

    public function supplyVolts(): ?Figure
    {
        return $this->motor->supplyVoltage ?? $this->circuit->number('supply.voltage');
    }

    /** Rated, between lines, V: of the motor, else of the supply. */
    public function ratedVolts(): ?Figure
    {
        return $this->motor->ratedVoltage() ?? $this->supplyVolts();
    }

    /** Whether a capacitor of this circuit shares a line with the motor, so that where a current is read matters. */
    public function hasCapacitor(): bool
    {
        return $this->correction !== null && $this->correction->place !== CapacitorPlace::None;
    }

    /** Temperature to which winding resistances are brought, °C. */
    public function referenceTemperature(): float
    {
        return $this->standard === MotorStandard::Iec60034 ? 20.0 : 25.0;
    }

    /** K below nothing at which a winding of this metal would have no resistance. */
    public function resistanceConstant(?Metal $metal): float
    {
        return match (true) {
            $metal === Metal::Aluminium => self::ALUMINIUM,
            $this->standard === MotorStandard::Iec60034 => self::COPPER_IEC,
            default => self::COPPER_NEMA,
        };
    }
}
