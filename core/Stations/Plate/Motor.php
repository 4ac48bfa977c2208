<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Choice\MotorKind;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Physics\Machine\FittedMachine;

/** What the plate gives on this supply. Null is what it does not give, or what cannot be told yet. */
final readonly class Motor
{
    /**
     * @param  MotorKind|null  $kind  null while nothing is stamped
     * @param  Figure|null  $frequency  rated, Hz
     * @param  Supplied|null  $supplied  how it is joined to this supply
     * @param  Figure|null  $current  stamped, of the connection in use, A
     * @param  bool  $currentRefused  a current is stamped that does not belong to this connection
     * @param  Figure|null  $poles  a whole number
     * @param  Figure|null  $synchronousSpeed  rpm
     * @param  Figure|null  $speed  rated, rpm
     * @param  Figure|null  $slip  rated, %
     * @param  Figure|null  $output  rated, at the shaft, W
     * @param  Figure|null  $efficiency  per unit
     * @param  Figure|null  $powerFactor  per unit
     * @param  Figure|null  $ratedTorque  N·m
     * @param  FittedMachine|null  $fit  the machine that has this plate; null while poles and slip are not known
     * @param  bool  $onePhase  made for one phase, or on a supply of one: nothing that is written for three phases holds
     * @param  TwoWires|null  $wires  that feed it on a single-phase supply; null on three phases
     */
    public function __construct(
        public ?MotorKind $kind,
        public ?Figure $supplyVoltage,
        public ?Figure $frequency = null,
        public ?Supplied $supplied = null,
        public ?Figure $current = null,
        public bool $currentRefused = false,
        public ?Figure $poles = null,
        public ?Figure $synchronousSpeed = null,
        public ?Figure $speed = null,
        public ?Figure $slip = null,
        public ?Figure $output = null,
        public ?Figure $efficiency = null,
        public ?Figure $powerFactor = null,
        public ?Figure $ratedTorque = null,
        public ?FittedMachine $fit = null,
        public bool $onePhase = false,
        public ?TwoWires $wires = null,
    ) {
    }

    /** The same with the machine that has its plate. */
    public function with(?FittedMachine $fit): self
    {
        return new self(
            $this->kind, $this->supplyVoltage, $this->frequency, $this->supplied, $this->current, $this->currentRefused, $this->poles,
            $this->synchronousSpeed, $this->speed, $this->slip, $this->output, $this->efficiency, $this->powerFactor, $this->ratedTorque,
            $fit, $this->onePhase, $this->wires,
        );
    }

    /** On a bench without a motor there is none of this. */
    public static function none(): self
    {
        return new self(null, null);
    }

    /** A three-phase motor on a single-phase supply: refused, and in no table. */
    public function isOnWrongSupply(): bool
    {
        return $this->onePhase && $this->kind !== MotorKind::SinglePhase;
    }

    public function connection(): ?WindingConnection
    {
        return $this->supplied?->connection;
    }

    /** V of the connection in use. */
    public function ratedVoltage(): ?Figure
    {
        return $this->supplied?->ratedVoltage;
    }

    public function poleCount(): ?int
    {
        return $this->poles === null ? null : (int) $this->poles->number();
    }
}
