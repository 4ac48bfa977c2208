<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;

/** One length of a motor circuit: from the supply to the starter, or from the starter to the motor. */
final readonly class CableRun
{
    /** @param  int  $conductors  that carry current: 2 of one phase, 3, or 6 where two lie in series with each winding */
    private function __construct(public bool $line, public int $conductors)
    {
    }

    public static function line(Circuit $circuit): self
    {
        return new self(true, $circuit->phases() === 1 ? 2 : 3);
    }

    /** @param  int  $leads  of three phases, from starter to motor */
    public static function motor(Circuit $circuit, int $leads): self
    {
        return new self(false, $circuit->phases() === 1 ? 2 : $leads);
    }

    /** Out on one wire and back on the other. */
    public function isOnePhase(): bool
    {
        return $this->conductors === 2;
    }

    public function sixLeads(): bool
    {
        return $this->conductors === 6;
    }

    public function name(): string
    {
        return $this->line ? 'supply to starter' : 'starter to motor';
    }

    /** @return 'cable.line_size'|'cable.size' the field of a size that is there already */
    public function sizeField(): string
    {
        return $this->line ? 'cable.line_size' : 'cable.size';
    }

    /** @return 'cable.line_length'|'cable.length' */
    public function lengthField(): string
    {
        return $this->line ? 'cable.line_length' : 'cable.length';
    }

    /** How many circuits lie together on the way, this one counted; null while that waits. */
    public function grouped(Circuit $circuit): ?Figure
    {
        return ($this->line ? $circuit->number('cable.line_grouped_circuits') : null) ?? $circuit->number('cable.grouped_circuits');
    }

    public function sets(): CableFigure
    {
        return $this->line ? CableFigure::LineSets : CableFigure::Sets;
    }

    public function conductorAmpacity(): CableFigure
    {
        return $this->line ? CableFigure::LineConductorAmpacity : CableFigure::ConductorAmpacity;
    }

    public function required(): CableFigure
    {
        return $this->line ? CableFigure::LineRequiredAmpacity : CableFigure::RequiredAmpacity;
    }

    public function size(): CableFigure
    {
        return $this->line ? CableFigure::LineSize : CableFigure::Size;
    }

    public function ampacity(): CableFigure
    {
        return $this->line ? CableFigure::LineAmpacity : CableFigure::Ampacity;
    }

    public function deratedAmpacity(): CableFigure
    {
        return $this->line ? CableFigure::LineDeratedAmpacity : CableFigure::DeratedAmpacity;
    }

    public function sizeByAmpacity(): CableFigure
    {
        return $this->line ? CableFigure::LineSizeByAmpacity : CableFigure::SizeByAmpacity;
    }

    public function drop(): CableFigure
    {
        return $this->line ? CableFigure::LineDrop : CableFigure::VoltageDrop;
    }

    public function startingDrop(): CableFigure
    {
        return $this->line ? CableFigure::LineStartingDrop : CableFigure::StartingDrop;
    }
}
