<?php

declare(strict_types=1);

namespace BraveAnvil\Rules;

use BraveAnvil\Circuit\Assumed;
use BraveAnvil\Circuit\Choice\PhaseNaming;
use BraveAnvil\Circuit\Choice\RuleBookName;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\LocalUnits;
use BraveAnvil\Ground\MotorStandard;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Plate\TerminalMarks;
use BraveAnvil\Stations\Plate\WireRules;
use BraveAnvil\Stations\Power\CurrentRules;
use BraveAnvil\Stations\Start\Wiring\PhaseMarks;
use BraveAnvil\Stations\Start\Wiring\Symbols;

/**
 * One set of installation rules: what it decides differently. Stations ask; none of them tests which book it has.
 *
 * @phpstan-import-type FieldPath from Fields
 */
interface RuleBook
{
    public function id(): RuleBookName;

    public function edition(): string;

    public function words(): Words;

    /** @return array<FieldPath, Assumed> what it takes where a field is empty */
    public function defaults(): array;

    /** @return array<FieldPath, Assumed> the most favourable of what may be taken there: a stop must stand even then */
    public function favourable(): array;

    /**
     * The choices it offers where they differ from book to book, by path: value => label.
     *
     * @return array<FieldPath, array<array-key, string>>
     */
    public function choices(): array;

    /** @return list<FieldPath> fields that it has no use for, with the other choices of this circuit */
    public function unused(Circuit $circuit): array;

    /** By which standard its motors are built and tested. */
    public function motorStandard(): MotorStandard;

    /** Whether a bare frame number, such as 56, is the shaft height in mm, and plates are laid out as IEC does. */
    public function metricFrames(): bool;

    public function localUnits(): LocalUnits;

    /** Between which wires its single-phase circuits lie. */
    public function wires(): WireRules;

    /** How it marks the terminals of a motor with six leads. */
    public function terminals(): TerminalMarks;

    /**
     * How the three lines are named and coloured on a supply.
     *
     * @param  float  $volts  between lines
     */
    public function phases(PhaseNaming $naming, float $volts): PhaseMarks;

    /** In which hand circuits are drawn. */
    public function symbols(): Symbols;

    /** Largest running voltage drop where the site sets none, percent of supply. */
    public function dropLimitRunning(): float;

    public function currents(): CurrentRules;

    /** Its procedures for cable, guard and capacitor. */
    public function sizing(): Sizing;
}
